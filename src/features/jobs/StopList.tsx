'use client';

import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { useState } from 'react';
import { weighOrder } from '@/core/job';
import { formatNumber } from '@/core/units';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { useAct } from '@/parts/workspace';
import { BrokenPlate, type Refused } from './BrokenPlate';
import styles from './Jobs.module.css';
import { StopRow } from './StopRow';
import { STOP_LIST_TEXT } from './text';

/** The order of work as a list: dragged by hand or by keys, its cost shown while it is in the air. */
export function StopList({ now }: { now: JobNow }) {
  const { timeline, progress } = now;
  const { sensors, over, refused, setRefused, moved, dropped, place } = useDragging(now);
  const stops = timeline.stops;
  return (
    <>
      <p
        className={styles.air}
        role="status"
        data-lifted={over !== null || undefined}
        data-broken={(over && over.broken > 0) || undefined}
      >
        {over ? sayOver(over) : STOP_LIST_TEXT.dragASeamBy}
      </p>
      {refused && <BrokenPlate now={now} refused={refused} onAway={() => setRefused(null)} onPlace={place} />}
      <DndContext
        id="order-of-work"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragMove={moved}
        onDragEnd={dropped}
        onDragCancel={() => dropped(null)}
      >
        <SortableContext items={stops.map(({ item }) => item.id)} strategy={verticalListSortingStrategy}>
          <ol className={styles.stops}>
            {stops.map((stop, i) => (
              <StopRow
                key={stop.item.id}
                now={now}
                stop={stop}
                number={i + 1}
                firstAfter={i === progress.today.length}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </>
  );
}

/** What the order would be like if it were dropped here. */
interface Over {
  more: number;
  broken: number;
}

function sayOver({ more, broken }: Over): string {
  if (broken > 0) return STOP_LIST_TEXT.hereItWouldCome;
  if (Math.abs(more) < 0.05) return STOP_LIST_TEXT.hereItCostsNothing;
  return more > 0
    ? STOP_LIST_TEXT.hereItCostsMin(formatNumber(more, 1))
    : STOP_LIST_TEXT.hereItSavesMin(formatNumber(-more, 1));
}

function useDragging({ job, question, weighed, items }: JobNow) {
  const [over, setOver] = useState<Over | null>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const act = useAct();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = items.map(({ id }) => id);
  const after = (event: Pick<DragEndEvent, 'active' | 'over'>) => {
    const [from, to] = [ids.indexOf(String(event.active.id)), ids.indexOf(String(event.over?.id ?? event.active.id))];
    return arrayMove(ids, from, Math.max(0, to));
  };
  const moved = (event: Pick<DragEndEvent, 'active' | 'over'>) => {
    const now = weighOrder(question, after(event));
    setOver({ more: now.cost - weighed.cost, broken: now.broken.length });
  };
  const place = (order: string[]) =>
    act(STOP_LIST_TEXT.orderChanged, () => jobs.change(job.id, (j) => j && { ...j, order }));
  const dropped = (event: DragEndEvent | null) => {
    setOver(null);
    setRefused(null);
    if (!event) return;
    const order = after(event);
    if (order.join() === ids.join()) return;
    const { broken } = weighOrder(question, order);
    if (broken.length > 0) setRefused({ order, broken });
    else void place(order);
  };
  return { sensors, over, refused, setRefused, moved, dropped, place };
}
