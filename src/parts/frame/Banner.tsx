import type { ReactNode } from 'react';
import styles from './Frame.module.css';

/** One line across the page, with what can be done about it. */
export function Banner({ label, children }: { label: string; children: ReactNode }) {
  return (
    <section aria-label={label} className={styles.banner}>
      {children}
    </section>
  );
}
