import { type Numbers } from '@/core/procedure';
import { READING_TEXT, READINGS, settingReadings } from '@/core/setup';
import { SceneDrawing } from '@/ui';
import { usePrinter } from '../usePrinter';
import type { RunNow } from '../useRunNow';
import styles from './Print.module.css';

/** Every step with its check and caution, and a drawing wherever it changes. */
export function StepSheet({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const { run, procedure, steps, given, machine, setup } = now;
  const { fill, length } = usePrinter(now, numbers);
  const shown = setup && machine && settingReadings(machine.machine, setup);
  return (
    <section className={styles.steps}>
      <h1>{procedure.name}</h1>
      <p>
        {run.clothName}, on {run.machineName}.{' '}
        {shown && READINGS.map((reading) => `${READING_TEXT[reading].toLowerCase()} ${shown[reading]}`).join(', ')}
      </p>
      <ol>
        {steps.map((step, i) => {
          const before = steps[i - 1];
          const drawn = !before || before.view !== step.view || String(before.now) !== String(step.now);
          return (
            <li key={i}>
              <div>
                <strong>{fill(step.do)}</strong>
                <p>Check: {fill(step.check)}</p>
                {step.caution && <p className={styles.caution}>Take care: {fill(step.caution)}</p>}
              </div>
              {drawn && (
                <SceneDrawing
                  scene={procedure.views[step.view](numbers, given)}
                  now={new Set(step.now)}
                  length={length}
                />
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
