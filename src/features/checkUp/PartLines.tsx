'use client';

import Typography from '@mui/material/Typography';
import type { Machine } from '@/core/kit';
import { type CheckUpLine, type CheckUpPart, SHOWS } from '@/core/workroom';
import { FormChoice, FormText } from '@/parts/forms';
import { useUnits } from '@/parts/workspace';
import styles from './CheckUp.module.css';
import { settingOf } from './settingOf';
import { CHECK_UP_TEXT as TEXT } from './text';
import { keyOf, type useCheckUp } from './useCheckUp';

interface Props {
  part: CheckUpPart;
  checkUp: ReturnType<typeof useCheckUp>;
  machine: Machine;
}

/** The lines of one part: what it gains, how it is looked at, and where what is seen goes. */
export function PartLines({ part, checkUp, machine }: Props) {
  const { length } = useUnits();
  const { lines, marks } = checkUp;
  const { title, gains, how } = TEXT.part[part];
  return (
    <section aria-labelledby={`part-${part}`} className={styles.part}>
      <Typography variant="h2" id={`part-${part}`}>
        {title}
      </Typography>
      <p>
        {how(length(marks.countedMm), length(marks.stripsMm))} <span className={styles.quiet}>{gains}</span>
      </p>
      <ol className={styles.lines}>
        {lines
          .filter((line) => line.part === part)
          .map((line) => (
            <li key={line.number} value={line.number}>
              <strong>{TEXT.line(line.number)}</strong>
              <span className={styles.setting}>{settingOf(machine, line)}</span>
              <Answers line={line} checkUp={checkUp} />
            </li>
          ))}
      </ol>
    </section>
  );
}

function Answers({ line, checkUp: { form, asks } }: { line: CheckUpLine; checkUp: Props['checkUp'] }) {
  const { control } = form;
  const { number, part } = line;
  if (part === 'length')
    return (
      <FormText control={control} name={keyOf(number, 'stitches')} label={TEXT.stitches(number)} ask={asks.stitches} />
    );
  if (part === 'width')
    return <FormText control={control} name={keyOf(number, 'widthMm')} label={TEXT.width(number)} ask={asks.widthMm} />;
  return (
    <div className={styles.seen}>
      <FormChoice
        control={control}
        name={keyOf(number, 'shows')}
        label={TEXT.saw(number)}
        options={SHOWS.map((id) => ({ id, name: TEXT.shows[part][id] }))}
      />
      {part === 'pressure' && (
        <FormText
          control={control}
          name={keyOf(number, 'shiftMm')}
          label={TEXT.shift(number)}
          ask={asks.shiftMm}
          help={TEXT.shiftHelp}
        />
      )}
    </div>
  );
}
