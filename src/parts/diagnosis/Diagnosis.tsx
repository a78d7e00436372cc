'use client';

import Button from '@mui/material/Button';
import type { DiagnoseInput, NextStep } from '@/core/diagnose';
import { CAUSE } from '@/core/diagnose';
import { formatNumber } from '@/core/units';
import { CautionPlate } from '@/ui';
import { useFromWorker } from '../asking';
import styles from './Diagnosis.module.css';

interface Props {
  input: DiagnoseInput;
  /** What taking a step does, in words for its button. */
  takeText: string;
  onTake: (step: NextStep) => void;
}

/** Causes shown by name; the rest together are the others. */
const NAMED = 3;

/** What is behind the signs, and the one thing to change next: why, how long it takes, one press away. */
export function Diagnosis({ input, takeText, onTake }: Props) {
  const said = useFromWorker(JSON.stringify(input), (worker) => worker.diagnose(input));
  if (!said) return null;
  const { causes, next, then, stop } = said;
  const technician = next.change === 'technician';
  return (
    <section className={styles.diagnosis} aria-labelledby="diagnosis">
      <h3 id="diagnosis">Change one thing</h3>
      <p className={styles.next} aria-live="polite">
        {next.text}
      </p>
      <p>
        {next.because} {technician ? '' : `${formatNumber(next.minutes, 1)} min, and a line.`}
      </p>
      {stop && <CautionPlate>{stop}</CautionPlate>}
      {!technician && (
        <Button variant="contained" onClick={() => onTake(next)}>
          {takeText}
        </Button>
      )}
      <ul className={styles.causes} aria-label="What is most likely behind it">
        {causes.slice(0, NAMED).map(({ cause, probability }) => (
          <li key={cause}>
            <span>{CAUSE[cause].text}</span>
            <svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden>
              <rect width="100" height="8" fill="var(--rule)" />
              <rect width={100 * probability} height="8" fill="var(--ink)" />
            </svg>
            <strong>{Math.round(100 * probability)} %</strong>
          </li>
        ))}
      </ul>
      {then.length > 0 && (
        <details>
          <summary>If that does not help</summary>
          <ol>
            {then.map((step) => (
              <li key={step.change}>
                {step.text} <Button size="small" onClick={() => onTake(step)}>{`Do this instead`}</Button>
              </li>
            ))}
          </ol>
        </details>
      )}
    </section>
  );
}
