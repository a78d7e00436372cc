import { lineStates, type Numbers } from '@/core/procedure';
import { READING_TEXT, READINGS, settingReadings } from '@/core/setup';
import { SceneDrawing } from '@/ui';
import { usePrinter } from '../usePrinter';
import type { RunNow } from '../useRunNow';
import styles from './Print.module.css';
import { STEP_SHEET_TEXT } from '../text';

/** Every step with its check and caution, and a drawing wherever it changes. */
export function StepSheet({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const { run, procedure, steps, planned, given, machine, setup } = now;
  const { fill, length } = usePrinter(now, numbers);
  const shown = setup && machine && settingReadings(machine.machine, setup);
  return (
    <section className={styles.steps}>
      <h1>{procedure.name}</h1>
      <p>
        {STEP_SHEET_TEXT.on(run.clothName, run.machineName)}{' '}
        {shown && READINGS.map((reading) => `${READING_TEXT[reading].toLowerCase()} ${shown[reading]}`).join(', ')}
      </p>
      <ol>
        {planned.map(({ step, text }, i) => {
          const scene = procedure.views[step.view](numbers, given);
          const before = planned[i - 1]?.step;
          const drawn = !before || before.view !== step.view || String(before.now) !== String(step.now);
          return (
            <li key={i}>
              <span>{i + 1}.</span>
              <div>
                <strong>{fill(text.does)}</strong>
                <p>
                  {[text.pressing, ...text.begin, text.pace, text.end]
                    .flatMap((part) => (part ? [fill(part)] : []))
                    .join(' ')}
                </p>
                <p>{STEP_SHEET_TEXT.check(fill(text.check))}</p>
                {text.cautions.map((caution) => (
                  <p key={caution} className={styles.caution}>
                    {STEP_SHEET_TEXT.takeCare(fill(caution))}
                  </p>
                ))}
              </div>
              {drawn && <SceneDrawing scene={scene} states={lineStates(scene, steps, i)} length={length} />}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
