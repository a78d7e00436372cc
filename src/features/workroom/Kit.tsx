'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { FEET, FOOT, type Foot, PLATE, PLATES, type Plate } from '@/core/kit';
import { changeKit, type Dependants, dependantsOfFoot, isFree, reportTrouble, useKitRecord } from '@/data';
import { Dependence } from '@/parts/dependence';
import { Tick, withTick } from '@/ui';
import styles from './Workroom.module.css';

/** What nearly everybody has with a machine. */
const STARTER: { feet: Foot[]; plates: Plate[] } = { feet: ['standard', 'zip', 'buttonhole'], plates: ['standard'] };

/** Feet and plates: what is owned, and what of it is put away. */
export function Kit() {
  const kit = useKitRecord();
  const [going, setGoing] = useState<{ foot: Foot; hangs: Dependants } | null>(null);
  if (!kit) return null;
  const change = (edit: Parameters<typeof changeKit>[0]) => void changeKit(edit).catch(reportTrouble);
  if (!kit.feet || !kit.plates) {
    return (
      <section className={styles.section}>
        <p>
          Nothing is ticked, so Match chooses from every foot and plate on sale. Tick what you own, and it chooses from
          that and says what one thing more would gain.
        </p>
        <Button variant="outlined" onClick={() => change(() => STARTER)}>
          Tick what I own
        </Button>
      </section>
    );
  }
  const drop = (foot: Foot) =>
    change((now) => ({ feet: withTick(now.feet ?? [], foot, false), away: withTick(now.away, foot, false) }));
  const toggle = async (foot: Foot, on: boolean) => {
    if (on)
      return change((now) => ({ feet: withTick(now.feet ?? [], foot, true), away: withTick(now.away, foot, false) }));
    const hangs = await dependantsOfFoot(foot);
    if (isFree(hangs)) drop(foot);
    else setGoing({ foot, hangs });
  };
  const owned = kit.feet.filter((foot) => !kit.away.includes(foot));
  return (
    <section className={styles.section}>
      <h2>Feet</h2>
      <ul className={styles.things}>
        {FEET.map((foot) => (
          <li key={foot}>
            <Tick
              key={String(owned.includes(foot))}
              name={FOOT[foot].name}
              checked={owned.includes(foot)}
              onToggle={(on) => void toggle(foot, on).catch(reportTrouble)}
            />
            <small>{kit.away.includes(foot) ? 'put away: tick it to use it again' : FOOT[foot].plain}</small>
          </li>
        ))}
      </ul>
      <h2>Needle plates</h2>
      <ul className={styles.things}>
        {PLATES.map((plate) => (
          <li key={plate}>
            <Tick
              name={PLATE[plate].name}
              checked={kit.plates!.includes(plate)}
              onToggle={(on) => change((now) => ({ plates: withTick(now.plates ?? [], plate, on) }))}
            />
            <small>{PLATE[plate].plain}</small>
          </li>
        ))}
      </ul>
      <Tick name="An overlocker" checked={kit.overlocker} onToggle={(overlocker) => change(() => ({ overlocker }))} />
      <p>
        <Button onClick={() => change(() => ({ feet: null, plates: null, away: [] }))}>
          Untick all: choose from everything on sale
        </Button>
      </p>
      {going && (
        <Dependence
          what={`the ${FOOT[going.foot].name.toLowerCase()} foot`}
          hangs={going.hangs}
          archiveText="Put it away"
          archiveMeans="Match does not choose it any more; it stays in the list, and its cards say that it is put away."
          removeMeans="It is not owned any more. Cards stay as they are, but cannot be sewn as they say."
          onArchive={() => {
            change((now) => ({ away: withTick(now.away, going.foot, true) }));
            setGoing(null);
          }}
          onRemove={() => {
            drop(going.foot);
            setGoing(null);
          }}
          onClose={() => setGoing(null)}
        />
      )}
    </section>
  );
}
