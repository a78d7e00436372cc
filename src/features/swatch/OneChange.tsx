'use client';

import { checkInterlocks } from '@/core/interlock';
import { type Machine, pressureSteps } from '@/core/kit';
import { type Reading, type Setup, settingReadings } from '@/core/setup';
import { stitchFacts } from '@/core/stitch';
import type { Line } from '@/core/swatch';
import styles from './Swatch.module.css';
import type { SaveLine, Scrap } from './useScrap';

type Dial = Extract<Reading, 'length' | 'width' | 'tension' | 'pressure'>;

const NAMES: Record<Dial, string> = {
  length: 'Length',
  width: 'Width',
  tension: 'Tension',
  pressure: 'Pressure',
};

/** Length and width are turned by half a millimetre, as people do. */
const TURN_MM = 0.5;

/** The dials of this line: one may be turned before it is sewn. What would break a needle is refused, with why. */
export function OneChange({ scrap, line, onSave }: { scrap: Scrap; line: Line; onSave: SaveLine }) {
  const { machine } = scrap.machine;
  const { setup } = line;
  const shown = settingReadings(machine, setup);
  const dials = (Object.keys(NAMES) as Dial[]).filter(
    (dial) => (dial !== 'width' || stitchFacts(setup.stitch).swings) && (dial !== 'pressure' || machine.pressureDial),
  );
  const before = scrap.lines.findLast((l) => l.number < line.number);
  const old = before ? settingReadings(machine, before.setup) : null;
  const changed = dials.filter((dial) => old && old[dial] !== shown[dial]);
  return (
    <div className={styles.dials}>
      {dials.map((dial) => (
        <div key={dial}>
          <span className={styles.quiet}>{NAMES[dial]}</span>
          <strong>{shown[dial]}</strong>
          {old && old[dial] !== shown[dial] && <s className={styles.quiet}>{old[dial]}</s>}
          <span className={styles.turn}>
            {([-1, 1] as const).map((way) => {
              const next = turned(machine, setup, dial, way);
              const closed = next
                ? checkInterlocks({ setup: next, machine, thicknessMm: scrap.seam.thicknessMm })[0]
                : null;
              return (
                <button
                  key={way}
                  type="button"
                  disabled={!next || closed !== undefined}
                  title={closed?.text}
                  onClick={() => next && onSave(() => ({ setup: next }))}
                  aria-label={`${NAMES[dial]} ${way < 0 ? 'down' : 'up'}`}
                >
                  {way < 0 ? '−' : '+'}
                </button>
              );
            })}
          </span>
        </div>
      ))}
      {old && (
        <p className={styles.quiet}>
          {changed.length === 0
            ? 'The same as the line before: change one thing.'
            : changed.length === 1
              ? 'One change from the line before. Everything else stays.'
              : `${changed.length} changes at once: if it works you will not know which one did it.`}
        </p>
      )}
    </div>
  );
}

function turned(machine: Machine, setup: Setup, dial: Dial, way: -1 | 1): Setup | null {
  const round = (mm: number) => Math.round(mm * 100) / 100;
  if (dial === 'length') {
    const lengthMm = round(setup.lengthMm + way * TURN_MM);
    return lengthMm >= TURN_MM ? { ...setup, lengthMm } : null;
  }
  if (dial === 'width') {
    const widthMm = round(setup.widthMm + way * TURN_MM);
    return widthMm >= TURN_MM ? { ...setup, widthMm } : null;
  }
  if (dial === 'tension')
    return { ...setup, tensionSteps: setup.tensionSteps + way * Math.max(0.5, machine.tensionDial.step) };
  const steps = pressureSteps(machine).map((step) => step.pressure);
  const next = steps[steps.findIndex((pressure) => Math.abs(pressure - setup.pressure) < 0.01) + way];
  return next === undefined ? null : { ...setup, pressure: next };
}
