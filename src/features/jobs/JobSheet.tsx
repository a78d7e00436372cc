import type { MachineRecord } from '@/core/file';
import { rowName, type ScheduleChange, setupOfRow, type WorkItem } from '@/core/job';
import { threadName } from '@/core/kit';
import type { Setup } from '@/core/setup';
import { sayEstimate } from '@/core/units';
import { type JobNow } from '@/parts/jobs';
import { useUnits } from '@/parts/workspace';
import styles from './Print.module.css';
import { sayChange } from './sayChange';
import { WORK_TEXT } from './text';
import { TimelineDrawing } from './TimelineDrawing';

const said = (change: ScheduleChange, setup: Setup | null, machine: MachineRecord | null) => {
  if (change.change === 'iron') return WORK_TEXT.pressWhatIsSewn;
  const { part, becomes } = sayChange(change, setup, machine?.machine);
  return `${part} ${becomes}`;
};

/** What is changed before a stop, or before one of its rows. */
function Changes({ item, changes, row, machine }: ChangesProps) {
  if (changes.length === 0) return null;
  const setup = item.kind === 'scrap' ? item.now.setup : setupOfRow(item.now, row);
  return (
    <em>
      {row !== undefined && `${WORK_TEXT.forRow(rowName(item.now, row))} `}
      {changes.map((change) => said(change, setup, machine)).join(' · ')}
    </em>
  );
}

interface ChangesProps {
  item: WorkItem;
  changes: readonly ScheduleChange[];
  row?: string;
  machine: MachineRecord | null;
}

/** What a sheet has room for along its timeline. */
const PAPER_MARKS = 7;

/** The job on paper: its timeline, its order to be ticked off, and what it takes. */
export function JobSheet({ now }: { now: JobNow }) {
  const { job, timeline, machine, left, budget } = now;
  const { thread } = useUnits();
  return (
    <section className={styles.sheet}>
      <h1>{job.name}</h1>
      <p>
        {WORK_TEXT.on} {machine?.machine.name ?? WORK_TEXT.aMachineToBe}
        {WORK_TEXT.leftTo(sayEstimate(left.minutes), sayEstimate(left.low), sayEstimate(left.high), job.notes)}
      </p>
      <TimelineDrawing timeline={timeline} mostMarks={PAPER_MARKS} />
      <ol>
        {timeline.stops.map(({ item, changes, inside, fromMin, toMin, sewMin }) => (
          <li key={item.id}>
            <span className={styles.box} />
            <span>
              <Changes item={item} changes={changes} machine={machine} />
              <strong>{item.name}</strong>
              {item.now.seam.count > 1 && item.kind === 'seam' && WORK_TEXT.ofThem(item.now.seam.count)}
              {item.now.seam.notes && item.kind === 'seam' && ` (${item.now.seam.notes})`}
              {inside.map((one, i) => (
                <Changes key={i} item={item} changes={one.changes} row={one.row} machine={machine} />
              ))}
            </span>
            <span>
              {sayEstimate(toMin - sewMin)}
              <small> {WORK_TEXT.from(sayEstimate(fromMin))}</small>
            </span>
          </li>
        ))}
      </ol>
      <p>
        {WORK_TEXT.bobbins(
          budget.threads
            .map((t) => WORK_TEXT.of(thread(t.totalMm), threadName(t.thread), t.colour ? `, ${t.colour}` : ''))
            .join('; '),
          budget.bobbins.map((b) => `${b.bobbins.length} × ${b.thread}`).join('; '),
        )}
      </p>
    </section>
  );
}
