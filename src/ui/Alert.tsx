import type { ReactNode } from 'react';
import styles from './Alert.module.css';

/** A caution: a hatched plate with an ink border, at the step where it matters. */
export function CautionAlert({ children }: { children: ReactNode }) {
  return (
    <div className={styles.caution} role="note">
      {children}
    </div>
  );
}

/** What is refused or wrong, hatched at its edge, with a word and not only a colour. */
export function StopAlert({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className={styles.stop} role="alert">
      <h2>{title}</h2>
      {children}
    </div>
  );
}
