'use client';

import Button from '@mui/material/Button';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { KitRecord } from '@/core/file';
import { FEET, FOOT, type Foot, PLATE, PLATES, type Plate } from '@/core/kit';
import { changeKit, type Dependants, dependantsOfFoot, isFree, useKitRecord } from '@/data';
import { Dependence } from '@/parts/dependence';
import { Tick, withTick } from '@/ui';
import { Blades } from './Blades';
import type { ChangeKit } from './changeKit';
import { PinsOwned } from './PinsOwned';
import { TOOL_TEXT } from './text';
import styles from './Workroom.module.css';

/** What nearly everybody has with a machine. */
const STARTER: { feet: Foot[]; plates: Plate[] } = { feet: ['standard', 'zip', 'buttonhole'], plates: ['standard'] };

/** Feet, plates, pins and blades: what is owned, and what of it is archived. */
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
        <p>{TOOL_TEXT.anyFeet}</p>
        <Button variant="outlined" onClick={() => change(() => STARTER)}>
          {TOOL_TEXT.tickFeet}
        </Button>
      </section>
    );
  }
  return (
    <section>
      <h2>{TOOL_TEXT.feet}</h2>
      <Feet kit={kit} change={change} />
      <h2>{TOOL_TEXT.plates}</h2>
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
      <Tick
        name={TOOL_TEXT.overlocker}
        checked={kit.overlocker}
        onToggle={(overlocker) => change(() => ({ overlocker }))}
      />
      <p>
        <Button onClick={() => change(() => ({ feet: null, plates: null, away: [] }))}>{TOOL_TEXT.untickFeet}</Button>
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
            <small>{away.includes(foot) ? TOOL_TEXT.archived : FOOT[foot].plain}</small>
            {owned.includes(foot) && <KeptIn name={FOOT[foot].name} place={foot} kit={kit} change={change} />}
          </li>
        ))}
      </ul>
      {going && (
        <Dependence
          what={TOOL_TEXT.theFoot(FOOT[going.foot].name.toLowerCase())}
          hangs={going.hangs}
          archiveText={TOOL_TEXT.archive}
          archiveMeans={TOOL_TEXT.archiveMeans}
          removeMeans={TOOL_TEXT.removeMeans}
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
    <TextField
      variant="standard"
      fullWidth
      value={text}
      error={long}
      helperText={long ? TOOL_TEXT.tooLong : undefined}
      onChange={(event) => {
        setText(event.target.value);
        if (event.target.value.length <= 120) change((now) => ({ kept: { ...now.kept, [place]: event.target.value } }));
      }}
      slotProps={{
        input: { startAdornment: <InputAdornment position="start">{TOOL_TEXT.keptIn}</InputAdornment> },
        htmlInput: { 'aria-label': TOOL_TEXT.keptWhere(name) },
      }}
      sx={{ pl: 4, '& .MuiInputBase-root': { minHeight: 44, mt: 0 } }}
    />
  );
}
