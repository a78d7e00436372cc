import Typography from '@mui/material/Typography';
import { MAIN_ROW, type Numbers, planOfRow, readyFor, sewnByMachine, takesInAll } from '@/core/procedure';
import { BLADE, bladeStanding } from '@/core/kit';
import { sayEstimate } from '@/core/units';
import { useKitRecord } from '@/data';
import { useUnits } from '@/parts/workspace';
import { Origin } from '@/ui';
import styles from './Sew.module.css';
import { TEXT } from './text';
import { usePrinter } from './usePrinter';
import type { RunNow } from './useRunNow';

/** Blades that want to be changed or sharpened before anything is cut. */
function BladesDue() {
  const due = useKitRecord()?.blades.filter((blade) => bladeStanding(blade).due) ?? [];
  return due.map(({ id, kind }) => (
    <li key={id}>
      <strong>{TEXT.bladeDue(BLADE[kind].name, BLADE[kind].then)}</strong>
    </li>
  ));
}

/** What to have at hand, and what it takes of thread and time. */
export function Needed({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const { procedure, steps, given, how, run, rows } = now;
  const { thread } = useUnits();
  const { fill } = usePrinter(now, numbers);
  const main = rows?.answers[MAIN_ROW];
  const takes = takesInAll(steps, numbers, given, how, run.pieces);
  return (
    <section className={styles.needed} aria-label={TEXT.haveReady}>
      <Typography variant="h3">{TEXT.haveReady}</Typography>
      <ul>
        {readyFor(procedure, main && planOfRow(main)).map((thing) => (
          <li key={thing}>{fill(thing)}</li>
        ))}
        {numbers.cutLength > 0 && <BladesDue />}
      </ul>
      <Typography>
        {TEXT.takes({
          thread: thread(takes.threadMm),
          time: sewnByMachine(procedure) ? sayEstimate(takes.minutes) : null,
          steps: steps.length,
          pieces: run.pieces,
        })}{' '}
        <Origin of="model" />
      </Typography>
    </section>
  );
}
