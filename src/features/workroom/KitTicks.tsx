'use client';

import Button from '@mui/material/Button';
import {
  ALL_NEEDLES,
  ALL_THREADS,
  FEET,
  FIBRE,
  FOOT,
  type Kit,
  type Needle,
  PLATE,
  PLATES,
  POINT,
  POINTS,
  type Thread,
  THREAD_FIBRES,
} from '@/core/kit';
import { formatNeedleSize } from '@/core/units';
import { changeKit, useKit, writeKit } from '@/data';
import { useUndo } from '@/parts/workspace';
import { Ticks, withTick } from '@/ui';
import styles from './Workroom.module.css';

/** What nearly everybody has with a machine. */
const STARTER: Kit = {
  needles: [
    { point: 'universal', nm: 80 },
    { point: 'universal', nm: 90 },
  ],
  threads: [{ fibre: 'polyester', tex: 27 }],
  feet: ['standard', 'zip', 'buttonhole'],
  plates: ['standard'],
  overlocker: false,
};

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const toggled = <T,>(list: readonly T[], item: T) =>
  list.some((other) => same(other, item)) ? list.filter((other) => !same(other, item)) : [...list, item];

/** Feet, plates, needles and threads, ticked. Until something is ticked, everything may be chosen. */
export function KitTicks() {
  const kit = useKit();
  const undo = useUndo();
  if (!kit) return null;
  if (!kit.kit) {
    return (
      <section aria-labelledby="kit">
        <h2 id="kit">Kit</h2>
        <p>
          Nothing is ticked, so Match chooses from everything on sale. Tick what you own, and it chooses from that and
          says what one thing more would gain.
        </p>
        <Button variant="outlined" onClick={() => void writeKit(STARTER)}>
          Tick what I own
        </Button>
      </section>
    );
  }
  const owned = kit.kit;
  const change = (edit: (now: Kit) => Partial<Kit>) => void changeKit((now) => ({ ...now, ...edit(now) }));
  const forget = async () => {
    await writeKit(null);
    undo('Match chooses from everything on sale again.', () => writeKit(owned));
  };
  return (
    <section aria-labelledby="kit" className={styles.kit}>
      <h2 id="kit">Kit</h2>
      <Ticks
        legend="Feet"
        options={FEET.map((id) => ({ id, name: FOOT[id].name }))}
        on={owned.feet}
        onToggle={(id, on) => change((now) => ({ feet: withTick(now.feet, id, on) }))}
      />
      <Ticks
        legend="Plates"
        options={PLATES.map((id) => ({ id, name: PLATE[id].name }))}
        on={owned.plates}
        onToggle={(id, on) => change((now) => ({ plates: withTick(now.plates, id, on) }))}
      />
      <Needles
        owned={owned.needles}
        onToggle={(needle) => change((now) => ({ needles: toggled(now.needles, needle) }))}
      />
      <Threads
        owned={owned.threads}
        onToggle={(thread) => change((now) => ({ threads: toggled(now.threads, thread) }))}
      />
      <Button onClick={() => void forget()}>Untick all: choose from everything on sale</Button>
    </section>
  );
}

function Needles({ owned, onToggle }: { owned: Needle[]; onToggle: (needle: Needle) => void }) {
  return (
    <div role="group" aria-label="Needles" className={styles.sizes}>
      <h3>Needles</h3>
      {POINTS.map((point) => (
        <div key={point}>
          <span>{POINT[point].name}</span>
          <span>
            {ALL_NEEDLES.filter((needle) => needle.point === point).map((needle) => {
              const on = owned.some((other) => same(other, needle));
              const size = `${formatNeedleSize(needle.nm)}${needle.gapMm ? `, ${needle.gapMm} mm` : ''}`;
              return (
                <button
                  key={size}
                  type="button"
                  aria-pressed={on}
                  aria-label={`${POINT[point].name} ${size}`}
                  onClick={() => onToggle(needle)}
                >
                  {on ? '✓ ' : ''}
                  {size}
                </button>
              );
            })}
          </span>
        </div>
      ))}
    </div>
  );
}

function Threads({ owned, onToggle }: { owned: Thread[]; onToggle: (thread: Thread) => void }) {
  return (
    <div role="group" aria-label="Threads" className={styles.sizes}>
      <h3>Threads</h3>
      {THREAD_FIBRES.map((fibre) => (
        <div key={fibre}>
          <span>{FIBRE[fibre].name}</span>
          <span>
            {ALL_THREADS.filter((thread) => thread.fibre === fibre).map((thread) => {
              const on = owned.some((other) => same(other, thread));
              return (
                <button
                  key={thread.tex}
                  type="button"
                  aria-pressed={on}
                  aria-label={`${FIBRE[fibre].name} Tex ${thread.tex}`}
                  onClick={() => onToggle(thread)}
                >
                  {on ? '✓ ' : ''}Tex {thread.tex}
                </button>
              );
            })}
          </span>
        </div>
      ))}
    </div>
  );
}
