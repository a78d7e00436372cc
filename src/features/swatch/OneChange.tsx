'use client';

import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import { Pressable, useRoving } from '@/ui';
import { changeText } from '@/core/diagnose';
import { checkInterlocks } from '@/core/interlock';
import { DIALS, READING_TEXT, settingReadings, turnDial } from '@/core/setup';
import { stitchFacts } from '@/core/stitch';
import type { TestLine } from '@/core/swatch';
import styles from './Swatch.module.css';
import type { SaveLine, Scrap } from './useScrap';
import { ONE_CHANGE_TEXT } from './text';

/** Length and width are turned by half a millimetre, as people do. */
const TURN_MM = 0.5;

/** The dials of this line: one may be turned before it is sewn. What would break a needle is refused, with why. */
export function OneChange({ scrap, line, onSave }: { scrap: Scrap; line: TestLine; onSave: SaveLine }) {
  const roving = useRoving<HTMLDivElement>();
  const { machine } = scrap.machine;
  const { setup } = line;
  const shown = settingReadings(machine, setup);
  const dials = DIALS.filter(
    (dial) => (dial !== 'width' || stitchFacts(setup.stitch).swings) && (dial !== 'pressure' || machine.pressureDial),
  );
  const before = scrap.lines.findLast((l) => l.number < line.number);
  const old = before ? settingReadings(machine, before.setup) : null;
  const changed = dials.filter((dial) => old && old[dial] !== shown[dial]);
  return (
    <div className={styles.dials} {...roving}>
      {dials.map((dial) => (
        <div key={dial}>
          <span className={styles.quiet}>{READING_TEXT[dial]}</span>
          <strong>{shown[dial]}</strong>
          {old && old[dial] !== shown[dial] && <s className={styles.quiet}>{old[dial]}</s>}
          <span className={styles.turn}>
            {([-1, 1] as const).map((way) => {
              const next = turnDial(machine, setup, dial, way * TURN_MM);
              const closed = next
                ? checkInterlocks({ setup: next, machine, thicknessMm: scrap.seam.underFootMm })[0]
                : null;
              return (
                <Pressable
                  key={way}
                  disabled={!next || closed !== undefined}
                  title={closed?.text}
                  onClick={() => next && onSave(() => ({ setup: next }))}
                  aria-label={`${READING_TEXT[dial]} ${way < 0 ? 'down' : 'up'}`}
                >
                  {way < 0 ? <Remove /> : <Add />}
                </Pressable>
              );
            })}
          </span>
        </div>
      ))}
      {before && <p className={styles.quiet}>{sayChange(line, before, changed.length)}</p>}
    </div>
  );
}

/** What was changed since the line before, and whether that was one thing. */
function sayChange(line: TestLine, before: TestLine, dials: number): string {
  const made = line.change ? changeText(line.change) : null;
  if (made !== null && dials <= 1) return ONE_CHANGE_TEXT.oneChangeFromThe(made);
  const changed = dials + (line.direction === before.direction ? 0 : 1);
  if (changed === 0) return ONE_CHANGE_TEXT.theSameAsThe;
  if (changed > 1) return ONE_CHANGE_TEXT.changesAtOnceIf(changed);
  return dials === 0 ? ONE_CHANGE_TEXT.onlyTheDirectionDiffers : ONE_CHANGE_TEXT.oneChangeFromThe2;
}
