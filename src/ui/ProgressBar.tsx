import styles from './ProgressBar.module.css';
import { PROGRESS_BAR_TEXT } from './text';

interface Props {
  done: number;
  of: number;
  /** What is counted, for the words beside it. */
  what: string;
}

/** How far a thing is, as a tape that has been measured off: what is done lies under the green hatch. */
export function ProgressBar({ done, of, what }: Props) {
  return (
    <span className={styles.bar} role="img" aria-label={PROGRESS_BAR_TEXT.of(done, of, what)}>
      {Array.from({ length: of }, (_, i) => (
        <span key={i} data-done={i < done || undefined} />
      ))}
    </span>
  );
}
