'use client';

import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Controller } from 'react-hook-form';
import type { Answers, Calculation } from '@/core/calculator';
import { AskField } from '@/parts/asks';
import { Results } from './Results';
import { TEXT } from './text';
import { useCalculation } from './useCalculation';

interface Props {
  calculation: Calculation;
  /** Answers that are known already. */
  known: Answers;
  /** What can be done with the numbers, while they hold. */
  actions: (answers: Answers) => React.ReactNode;
}

/** One calculation: its questions on the left, what comes out on the right, at once. */
export function CalculationForm({ calculation, known, actions }: Props) {
  const { form, answers, found, printed, asks } = useCalculation(calculation, known);
  return (
    <Stack spacing={3}>
      <div>
        <Typography variant="h2">{calculation.name}</Typography>
        <Typography color="text.secondary">{calculation.about}</Typography>
      </div>
      <Box sx={{ display: 'grid', gap: 4, gridTemplateColumns: { xs: '1fr', md: 'minmax(17rem, 24rem) 1fr' } }}>
        <Stack component="form" spacing={2} aria-label={TEXT.questions} onSubmit={(event) => event.preventDefault()}>
          {asks.map((ask) => (
            <Controller
              key={ask.key}
              name={`answers.${ask.key}`}
              control={form.control}
              render={({ field }) => (
                <AskField
                  ask={ask}
                  value={field.value}
                  onValue={field.onChange}
                  onEmpty={ask.optional ? () => field.onChange(undefined) : undefined}
                  onInvalid={() => field.onChange(undefined)}
                />
              )}
            />
          ))}
        </Stack>
        <Stack spacing={2} aria-live="polite" component="section" aria-label={TEXT.answers}>
          <Results found={found} rests={calculation.rests} printed={printed} />
          {found.ok && actions(answers)}
        </Stack>
      </Box>
    </Stack>
  );
}
