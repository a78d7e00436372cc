'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import type { MachineRecord } from '@/core/file';
import type { Machine } from '@/core/kit';
import { STITCH, type StitchId } from '@/core/stitch';
import { machines } from '@/data';
import { MACHINE_TEXT as TEXT } from './text';
import styles from './Workroom.module.css';

type Labels = Partial<Record<StitchId, string>>;

interface Typed {
  target: { value: string };
}

/** Longest label that is kept. */
const MOST = 12;

/** What is printed on the machine beside each stitch: entered once, then shown beside the stitch everywhere. */
export function StitchLabels({ record }: { record: MachineRecord }) {
  const { stitches, stitchLabels } = record.machine;
  const { register, resetField, formState } = useForm<Labels>({
    mode: 'onChange',
    values: withAll(stitches, stitchLabels),
    // What is being typed is not overwritten by what was stored a letter ago.
    resetOptions: { keepDirtyValues: true },
  });
  const keep = (stitch: StitchId, text: string) => {
    const label = text.trim();
    if (label.length > MOST || label === (stitchLabels?.[stitch] ?? '')) return;
    void machines.change(record.id, (now) => now && { ...now, machine: labelled(now.machine, stitch, label) });
  };
  const leave = (stitch: StitchId, text: string) => {
    keep(stitch, text);
    // From now on it follows what is stored, an undo among it.
    if (text.trim().length <= MOST) resetField(stitch, { defaultValue: text.trim() });
  };
  return (
    <section aria-labelledby="stitch-labels">
      <h3 id="stitch-labels">{TEXT.labels}</h3>
      <p className={styles.quiet}>{TEXT.labelsWhy}</p>
      <Table size="small" sx={{ maxWidth: 520 }}>
        <TableHead>
          <TableRow>
            <TableCell>{TEXT.stitch}</TableCell>
            <TableCell>{TEXT.printed}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {stitches.map((stitch) => {
            const error = formState.errors[stitch];
            return (
              <TableRow key={stitch}>
                <TableCell component="th" scope="row">
                  {STITCH[stitch].name}
                </TableCell>
                <TableCell>
                  <TextField
                    {...register(stitch, {
                      maxLength: { value: MOST, message: TEXT.tooLong },
                      onChange: ({ target: { value } }: Typed) => value === value.trim() && keep(stitch, value),
                      onBlur: ({ target: { value } }: Typed) => leave(stitch, value),
                    })}
                    size="small"
                    error={error !== undefined}
                    helperText={error?.message}
                    slotProps={{ htmlInput: { 'aria-label': TEXT.labelOf(STITCH[stitch].name), autoComplete: 'off' } }}
                    sx={{ width: 120, '& input': { fontVariantNumeric: 'tabular-nums' } }}
                  />
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </section>
  );
}

const withAll = (stitches: readonly StitchId[], labels: Labels | undefined): Labels =>
  Object.fromEntries(stitches.map((stitch) => [stitch, labels?.[stitch] ?? '']));

/** A machine with one label changed; an empty one is removed. */
function labelled<M extends Machine>(machine: M, stitch: StitchId, label: string): M {
  const labels = { ...machine.stitchLabels };
  if (label === '') delete labels[stitch];
  else labels[stitch] = label;
  return { ...machine, stitchLabels: labels };
}
