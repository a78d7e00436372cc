'use client';

import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import type { PopperProps } from '@mui/material/Popper';
import TextField from '@mui/material/TextField';
import { type ReactNode, useMemo, useState } from 'react';
import { conversion } from '@/core/units';
import { usePreference } from '@/data';
import { focusSomewhere } from '../keys';
import { type Entry, shownEntries } from './entries';
import styles from './Palette.module.css';
import { KIND_TEXT, PALETTE_TEXT as TEXT } from './text';
import { type DialSaid, useDialSaid } from './useDialSaid';
import { useEntries } from './useEntries';
import { useGo } from './useGo';

/** Finds anything by a few letters and goes there; does what is said in words; answers a measure in place. */
export function Palette({ onClose }: { onClose: () => void }) {
  const [typed, setTyped] = useState('');
  const { entries, find } = useEntries();
  const recent = usePreference('recent') ?? NONE;
  const dial = useDialSaid(typed);
  const answer = answerTo(typed, dial);
  const go = useGo();
  const shown = useMemo(() => {
    const letters = typed.trim();
    return shownEntries(entries, letters === '' ? null : find(letters), recent);
  }, [entries, find, typed, recent]);
  const options: Option[] = [
    ...(dial && 'set' in dial ? [{ ...SET, title: dial.title, set: dial.set }] : []),
    ...shown,
  ];
  const pick = (option: Option) => {
    onClose();
    setTimeout(() => {
      if ('set' in option) option.set();
      else go(option);
      focusSomewhere();
    });
  };
  return (
    <Dialog
      open
      onClose={onClose}
      slotProps={{ paper: { className: styles.paper, 'aria-label': TEXT.title } }}
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start' } }}
    >
      <Search typed={typed} onType={setTyped} options={options} answer={answer} onPick={pick} onClose={onClose} />
    </Dialog>
  );
}

interface SearchProps {
  typed: string;
  onType: (typed: string) => void;
  options: Option[];
  answer: ReactNode;
  onPick: (option: Option) => void;
  onClose: () => void;
}

/** The field, its answer, and what was found. */
function Search({ typed, onType, options, answer, onPick, onClose }: SearchProps) {
  return (
    <Autocomplete
      // An answer stands alone where nothing else was found.
      open={options.length > 0 || answer === null}
      onClose={(_, why) => why === 'escape' && onClose()}
      autoHighlight
      options={options}
      filterOptions={(all) => all}
      getOptionLabel={({ title }) => title}
      getOptionKey={({ id }) => id}
      value={null}
      inputValue={typed}
      onInputChange={(_, text, reason) => reason !== 'reset' && onType(text)}
      onChange={(_, option) => option && onPick(option)}
      noOptionsText={TEXT.none}
      forcePopupIcon={false}
      renderInput={(params) => (
        <Box sx={{ p: 2, pt: 2.5, pb: 1 }}>
          <TextField
            {...params}
            autoFocus
            label={TEXT.label}
            helperText={answer ?? TEXT.help}
            slotProps={{ ...params.slotProps, formHelperText: { role: 'status' } }}
          />
        </Box>
      )}
      renderOption={({ key, ...props }, option) => (
        <li key={key} {...props}>
          <Line option={option} />
        </li>
      )}
      slots={{ popper: Below }}
      slotProps={{
        paper: { elevation: 0, sx: { borderRadius: 0 } },
        listbox: { 'aria-label': TEXT.results, sx: { maxHeight: 'min(56vh, 480px)' } },
      }}
    />
  );
}

/** Something said in words that is done on the machine. */
interface Said extends Pick<Entry, 'id' | 'kind' | 'title' | 'note'> {
  set: () => void;
}
type Option = Entry | Said;

const NONE: readonly string[] = [];
const SET = { id: 'put', kind: 'put', note: TEXT.setNote } as const;

/** The list stands in the window under its field, and takes its room. */
function Below({ open, children }: PopperProps) {
  return open && <div>{children as ReactNode}</div>;
}

function Line({ option: { title, kind, note } }: { option: Option }) {
  return (
    <span className={styles.option}>
      <strong>{title}</strong>
      <span>{KIND_TEXT[kind]}</span>
      {note && <small>{note}</small>}
    </span>
  );
}

/** A measure in other units, or why a dial cannot be set so; null where neither was typed. */
function answerTo(typed: string, dial: DialSaid | null): ReactNode {
  if (dial && 'problem' in dial) return <span className={styles.answer}>{dial.problem}</span>;
  const answer = conversion(typed);
  if (!answer) return null;
  return (
    <span className={styles.answer}>
      {TEXT.is(answer.from)} <strong>{answer.to.join(' · ')}</strong>
    </span>
  );
}
