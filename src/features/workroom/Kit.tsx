'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { KitRecord } from '@/core/file';
import { FEET, FOOT, type Foot, PLATE, PLATES, type Plate } from '@/core/kit';
import { changeKit, type Dependants, dependantsOfFoot, isFree, useKitRecord } from '@/data';
import { Dependence } from '@/parts/dependence';
import { Tick, withTick } from '@/ui';
import { Blades } from './Blades';
import type { ChangeKit } from './changeKit';
import { PinsOwned } from './PinsOwned';
import styles from './Workroom.module.css';

/** What nearly everybody has with a machine. */
const STARTER: { feet: Foot[]; plates: Plate[] } = { feet: ['standard', 'zip', 'buttonhole'], plates: ['standard'] };

/** Feet, plates, pins and blades: what is owned, and what of it is put away. */
export function Kit() {
  const kit = useKitRecord();
  if (!kit) return null;
  const change: ChangeKit = (edit) => void changeKit(edit);
  return (
    <div className={styles.section}>
      <FeetAndPlates kit={kit} change={change} />
      <PinsOwned kit={kit} change={change} />
      <Blades kit={kit} change={change} />
    </div>
  );
}

function FeetAndPlates({ kit, change }: { kit: KitRecord; change: ChangeKit }) {
  if (!kit.feet || !kit.plates) {
    return (
      <section>
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
  return (
    <section>
      <h2>Feet</h2>
      <Feet kit={kit} change={change} />
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
            {kit.plates!.includes(plate) && (
              <KeptIn name={PLATE[plate].name} place={`plate-${plate}`} kit={kit} change={change} />
            )}
          </li>
        ))}
      </ul>
      <Tick name="An overlocker" checked={kit.overlocker} onToggle={(overlocker) => change(() => ({ overlocker }))} />
      <p>
        <Button onClick={() => change(() => ({ feet: null, plates: null, away: [] }))}>
          Untick all: choose from everything on sale
        </Button>
      </p>
    </section>
  );
}

function Feet({ kit, change }: { kit: KitRecord; change: ChangeKit }) {
  const { away } = kit;
  const [going, setGoing] = useState<{ foot: Foot; hangs: Dependants } | null>(null);
  const owned = (kit.feet ?? []).filter((foot) => !away.includes(foot));
  const move = (foot: Foot, on: boolean) =>
    change((now) => ({ feet: withTick(now.feet ?? [], foot, on), away: withTick(now.away, foot, false) }));
  const toggle = async (foot: Foot, on: boolean) => {
    const hangs = on ? null : await dependantsOfFoot(foot);
    if (!hangs || isFree(hangs)) move(foot, on);
    else setGoing({ foot, hangs });
  };
  return (
    <>
      <ul className={styles.things}>
        {FEET.map((foot) => (
          <li key={foot}>
            <Tick
              key={`${owned.includes(foot)}${going?.foot === foot}`}
              name={FOOT[foot].name}
              checked={owned.includes(foot)}
              onToggle={(on) => void toggle(foot, on)}
            />
            <small>{away.includes(foot) ? 'put away: tick it to use it again' : FOOT[foot].plain}</small>
            {owned.includes(foot) && <KeptIn name={FOOT[foot].name} place={foot} kit={kit} change={change} />}
          </li>
        ))}
      </ul>
      {going && (
        <Dependence
          what={`the ${FOOT[going.foot].name.toLowerCase()} foot`}
          hangs={going.hangs}
          archiveText="Put it away"
          archiveMeans="Match does not choose it any more; it stays in the list, and a tick brings it back."
          removeMeans="It is not owned any more. Cards stay as they are, but cannot be sewn as they say."
          onArchive={() => {
            change((now) => ({ away: withTick(now.away, going.foot, true) }));
            setGoing(null);
          }}
          onRemove={() => {
            move(going.foot, false);
            setGoing(null);
          }}
          onClose={() => setGoing(null)}
        />
      )}
    </>
  );
}

interface KeptInProps {
  name: string;
  place: keyof KitRecord['kept'];
  kit: KitRecord;
  change: ChangeKit;
}

/** Where one foot or plate is kept, in the person's words. */
function KeptIn({ name, place, kit, change }: KeptInProps) {
  const [text, setText] = useState(kit.kept[place] ?? '');
  const long = text.length > 120;
  return (
    <label className={styles.keptIn}>
      <span>kept in</span>
      <input
        value={text}
        aria-label={`Where ${name} is kept`}
        aria-invalid={long}
        onChange={(event) => {
          setText(event.target.value);
          if (event.target.value.length <= 120)
            change((now) => ({ kept: { ...now.kept, [place]: event.target.value } }));
        }}
      />
      {long && <em role="alert">Expected at most 120 letters.</em>}
    </label>
  );
}
