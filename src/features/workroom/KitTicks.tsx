'use client';

import Button from '@mui/material/Button';
import { ALL_NEEDLES, ALL_THREADS, FEET, FIBRE, FOOT, type Kit, type Needle, PLATE, PLATES, POINT, POINTS, type Thread, THREAD_FIBRES } from '@/core/kit';
import { formatNeedleSize } from '@/core/units';
import { useKit, writeKit } from '@/data';
import { useUndo } from '@/parts/workspace';
import { Ticks } from './MachineForm';
import styles from './Workroom.module.css';

/** What nearly everybody has with a machine. */
const STARTER: Kit = {
  needles: [{ point: 'universal', nm: 80 }, { point: 'universal', nm: 90 }],
  threads: [{ fibre: 'polyester', tex: 27 }],
  feet: ['standard', 'zip', 'buttonhole'],
  plates: ['standard'],
  overlocker: false,
};

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const toggled = <T,>(list: readonly T[], item: T) => (list.some((other) => same(other, item)) ? list.filter((other) => !same(other, item)) : [...list, item]);

/** Feet, plates, needles and threads, ticked. Until something is ticked, everything may be chosen. */
export function KitTicks() {
  const kit = useKit();
  const undo = useUndo();
  if (!kit) return null;
  if (!kit.kit) {
    return (
      <section aria-labelledby="kit">
        <h2 id="kit">Kit</h2>
        <p>Nothing is ticked, so Match chooses from everything on sale. Tick what you own, and it chooses from that and says what one thing more would gain.</p>
        <Button variant="outlined" onClick={() => void writeKit(STARTER)}>
          Tick what I own
        </Button>
      </section>
    );
  }
  const owned = kit.kit;
  const set = (change: Partial<Kit>) => void writeKit({ ...owned, ...change });
  const forget = async () => {
    await writeKit(null);
    undo('Match chooses from everything on sale again.', () => writeKit(owned));
  };
  return (
    <section aria-labelledby="kit" className={styles.kit}>
      <h2 id="kit">Kit</h2>
      <Ticks legend="Feet" options={FEET.map((id) => ({ id, name: FOOT[id].name }))} on={owned.feet} onSet={(feet) => set({ feet })} />
      <Ticks legend="Plates" options={PLATES.map((id) => ({ id, name: PLATE[id].name }))} on={owned.plates} onSet={(plates) => set({ plates })} />
      <Needles owned={owned.needles} onSet={(needles) => set({ needles })} />
      <Threads owned={owned.threads} onSet={(threads) => set({ threads })} />
      <Button onClick={() => void forget()}>Untick all: choose from everything on sale</Button>
    </section>
  );
}

function Needles({ owned, onSet }: { owned: Needle[]; onSet: (needles: Needle[]) => void }) {
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
                <button key={size} type="button" aria-pressed={on} aria-label={`${POINT[point].name} ${size}`} onClick={() => onSet(toggled(owned, needle))}>
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

function Threads({ owned, onSet }: { owned: Thread[]; onSet: (threads: Thread[]) => void }) {
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
                <button key={thread.tex} type="button" aria-pressed={on} aria-label={`${FIBRE[fibre].name} Tex ${thread.tex}`} onClick={() => onSet(toggled(owned, thread))}>
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
