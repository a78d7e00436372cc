import { START_WORDS } from '../start/words';
import styles from './Frame.module.css';

/** What stands in the place of the task until that is there: the style sheet takes it away then. */
export function Opening() {
  return (
    <div role="status" className={styles.opening}>
      <strong>{START_WORDS.opening}</strong>
      <p>{START_WORDS.openingMeans}</p>
    </div>
  );
}
