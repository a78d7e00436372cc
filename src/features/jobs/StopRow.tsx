'use client';

import DragHandle from '@mui/icons-material/DragHandle';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Button from '@mui/material/Button';
import { rowName, type ScheduleChange, setupOfRow, type Stop, type WorkItem } from '@/core/job';
import { sayEstimate } from '@/core/units';
import { type JobNow, useWorkActions } from '@/parts/jobs';
import { ClothSwatch, Pressable } from '@/ui';
import styles from './Jobs.module.css';
import { isDial, sayChange } from './sayChange';
import { WORK_TEXT } from './text';

interface Props {
  now: JobNow;
  stop: Stop;
  number: number;
  /** The first that no longer fits into today. */
  firstAfter: boolean;
}

/** One thing to do: what is changed before it, what it is, and the way into it. */
export function StopRow({ now, stop, number, firstAfter }: Props) {
  const { item, sewMin, toMin } = stop;
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: item.id,
  });
  const cloth = now.cloths.find((c) => c.id === item.now.seam.clothId);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={styles.stop}
      data-lifted={isDragging || undefined}
      data-kind={item.kind}
    >
      {firstAfter && <p className={styles.enough}>{WORK_TEXT.enoughForTodayWhat}</p>}
      <Changes now={now} item={item} changes={stop.changes} />
      <div className={styles.stopRow}>
        <Pressable
          ref={setActivatorNodeRef}
          className={styles.handle}
          {...attributes}
          {...listeners}
          aria-label={WORK_TEXT.move(item.name)}
        >
          <DragHandle />
        </Pressable>
        <span className={styles.number}>{number}</span>
        {cloth ? (
          <ClothSwatch look={{ ...cloth.cloth, colour: cloth.colour }} className={styles.swatch} />
        ) : (
          <span className={styles.noSwatch}>{WORK_TEXT.noCloth}</span>
        )}
        <span className={styles.stopName}>
          <strong>{item.name}</strong>
          <span className={styles.quiet}>{standing(now, stop)}</span>
        </span>
        <span className={styles.stopTime}>{sayEstimate(toMin - sewMin)}</span>
        <Ways now={now} stop={stop} />
      </div>
      {stop.inside.map(({ row, changes }, i) => (
        <Changes key={i} now={now} item={item} changes={changes} row={row} />
      ))}
    </li>
  );
}

function Ways({ now, stop: { item } }: { now: JobNow; stop: Stop }) {
  const { prove, sew, tick } = useWorkActions(now);
  if (item.kind === 'scrap')
    return (
      <span className={styles.ways}>
        <Button variant="outlined" onClick={() => void prove(item.now)}>
          {WORK_TEXT.proveIt}
        </Button>
      </span>
    );
  return (
    <span className={styles.ways}>
      <Button variant="outlined" disabled={!item.now.seam.clothId || !now.machine} onClick={() => void sew(item.now)}>
        {item.now.state === 'begun' ? WORK_TEXT.goOn : WORK_TEXT.sewIt}
      </Button>
      <Button onClick={() => void tick(item.now)}>{WORK_TEXT.done}</Button>
    </span>
  );
}

interface ChangesProps {
  now: JobNow;
  item: WorkItem;
  changes: readonly ScheduleChange[];
  /** The row of the seam they are made for; left out before it begins. */
  row?: string;
}

function Changes({ now: { machine }, item, changes, row }: ChangesProps) {
  if (changes.length === 0) return null;
  const setup = item.kind === 'scrap' ? item.now.setup : setupOfRow(item.now, row);
  const say = (change: ScheduleChange) => sayChange(change, setup, machine?.machine);
  const parts = changes.filter((change) => change.change !== 'iron' && !isDial(change)).map(say);
  const dials = changes.filter(isDial).map(say);
  return (
    <p className={styles.changes}>
      {row !== undefined && <b>{WORK_TEXT.forRow(rowName(item.now, row))}</b>}
      {changes.some(({ change }) => change === 'iron') && <span data-iron>{WORK_TEXT.toTheIronFirst}</span>}
      {parts.map(({ part, becomes }) => (
        <span key={part}>
          {part} <strong>{becomes}</strong>
        </span>
      ))}
      {dials.length > 0 && (
        <span>{WORK_TEXT.dials(dials.map(({ part, becomes }) => `${part} ${becomes}`).join(', '))}</span>
      )}
    </p>
  );
}

/** How it stands, in a few words. */
function standing(now: JobNow, { item }: Stop): string {
  const words: string[] = [];
  if (item.kind === 'scrap') {
    words.push(WORK_TEXT.for(item.forSeams.length, item.forSeams.length === 1 ? 'seam' : 'seams'));
    if (item.now.scrapId) words.push(WORK_TEXT.scrapBegun);
  } else {
    const { seam, work, proof, state } = item.now;
    if (seam.count > 1) words.push(WORK_TEXT.ofThem2(seam.count));
    if (state === 'begun') words.push('started');
    if (work.problem) words.push(work.problem);
    else if (proof === 'proven') words.push(WORK_TEXT.proven);
    else if (proof === 'stitch') words.push(WORK_TEXT.stitchTested);
    else if (proof === 'hand') words.push(WORK_TEXT.byHand);
    const waits = now.progress.blocked.find((b) => b.seamId === seam.id);
    if (waits) words.push(WORK_TEXT.waitsFor(waits.for.join(', ').toLowerCase()));
  }
  return words.join(' · ');
}
