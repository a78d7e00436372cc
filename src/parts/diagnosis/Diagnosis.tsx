'use client';

import Button from '@mui/material/Button';
import type { DiagnoseInput, NextStep } from '@/core/diagnose';
import { CAUSE } from '@/core/diagnose';
import { formatNumber } from '@/core/units';
import { CautionAlert } from '@/ui';
import { outdated, useFromWorker } from '../asking';
import styles from './Diagnosis.module.css';

interface Props {
  input: DiagnoseInput;
  /** What taking a step does, in words for its button. */
  takeText: string;
  onTake: (step: NextStep) => void;
  onAnswer: (question: string, answer: string) => void;
}

/** Causes shown by name; the rest together are the others. */
const NAMED = 3;

/** What is behind the signs, and the one thing to change next: why, how long it takes, one press away. */
export function Diagnosis({ input, takeText, onTake, onAnswer }: Props) {
  const { value: said, isCurrent } = useFromWorker(JSON.stringify(input), (worker) => worker.diagnose(input));
  if (!said) return null;
  const { causes, next, then, stop } = said;
  const technician = next.change === 'technician';
  const question = next.kind === 'question';
  return (
    <section className={styles.diagnosis} aria-labelledby="diagnosis" {...outdated(isCurrent)}>
      <h3 id="diagnosis">{question ? 'One question first' : 'Change one thing'}</h3>
      <p className={styles.next} aria-live="polite">
        {next.text}
      </p>
      <p>
        {next.because} {technician || question ? '' : `${formatNumber(next.minutes, 1)} min, and a line.`}
      </p>
      {stop && <CautionAlert>{stop}</CautionAlert>}
      {question && (
        <div className={styles.answers}>
          {next.answers?.map(({ id, text }) => (
            <Button key={id} variant="outlined" disabled={!isCurrent} onClick={() => onAnswer(next.change, id)}>
              {text}
            </Button>
          ))}
        </div>
      )}
      {!technician && !question && (
        <Button variant="contained" disabled={!isCurrent} onClick={() => onTake(next)}>
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
          <summary>{question ? 'Or change something at once' : 'If that does not help'}</summary>
          <ol>
            {then.map((step) => (
              <li key={step.change}>
                {step.text}{' '}
                <Button size="small" disabled={!isCurrent} onClick={() => onTake(step)}>
                  Do this instead
                </Button>
              </li>
            ))}
          </ol>
        </details>
      )}
    </section>
  );
}
