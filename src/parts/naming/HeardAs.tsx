'use client';

import FormControl from '@mui/material/FormControl';
import FormControlLabel from '@mui/material/FormControlLabel';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import { useId } from 'react';
import { clothProfile, FAMILY, type HeardName } from '@/core/cloth';
import { useUnits } from '../workspace';
import { NAMING_TEXT, STRUCTURE_WORD } from './text';

interface Props {
  heard: HeardName;
  /** Which answer of its question was picked, from 0; null while none is. */
  picked: number | null;
  onPick: (answer: number) => void;
  /** Why nothing goes on yet. */
  problem?: string;
}

/** What a name was heard as, said at once; or the one question that settles it. */
export function HeardAs({ heard, picked, onPick, problem }: Props) {
  const { mass } = useUnits();
  const asks = useId();
  const { cloth, question } = heard;
  if (cloth) {
    const { family, structure } = cloth;
    const { massGsm } = clothProfile(cloth);
    return (
      <FormHelperText role="status" sx={{ mx: 1.75 }}>
        {NAMING_TEXT.heard(FAMILY[family].name, STRUCTURE_WORD[structure], mass(massGsm.value))}
      </FormHelperText>
    );
  }
  if (!question) return null;
  return (
    <FormControl error={problem !== undefined} sx={{ mt: 1.5 }}>
      <FormLabel id={asks}>{question.asks}</FormLabel>
      <RadioGroup aria-labelledby={asks} value={picked ?? ''} onChange={(_, answer) => onPick(Number(answer))}>
        {question.meanings.map(({ answer }, at) => (
          <FormControlLabel key={answer} value={at} control={<Radio size="small" />} label={answer} />
        ))}
      </RadioGroup>
      {problem && <FormHelperText>{problem}</FormHelperText>}
    </FormControl>
  );
}
