import type { Criterion } from '@/core/swatch';
import { useUnits } from '@/parts/workspace';
import styles from './Swatch.module.css';
import { CRITERIA_TEXT } from './text';

const STATE = { met: ['✓', 'met'], failed: ['✗', CRITERIA_TEXT.notMet], open: ['○', CRITERIA_TEXT.stillOpen] } as const;

/** What the line has to meet, each with a shape, a word and what is known. */
export function Criteria({ criteria }: { criteria: Criterion[] }) {
  const { say } = useUnits();
  return (
    <div className={styles.criteria}>
      <h3>{CRITERIA_TEXT.itPassesWhen}</h3>
      <ul aria-live="polite">
        {criteria.map(({ id, text, state, now }) => (
          <li key={id} data-state={state}>
            <span aria-hidden>{STATE[state][0]}</span>
            <span>{say(text)}</span>
            <small>
              {STATE[state][1]}: {say(now)}
            </small>
          </li>
        ))}
      </ul>
    </div>
  );
}
