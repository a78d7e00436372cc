import Link from 'next/link';
import styles from './Today.module.css';

/** One thing that waits, and the place where it is dealt with. */
export interface WaitingRow {
  key: string;
  href: string;
  name: string;
  note: string;
}

/** Things of one kind that wait. */
export interface Waiting {
  id: string;
  title: string;
  rows: readonly WaitingRow[];
}

/** A short list of things that wait; nothing where none does. */
export function Rows({ id, title, rows }: Waiting) {
  if (rows.length === 0) return null;
  return (
    <section aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      <ul className={styles.rows}>
        {rows.map(({ key, href, name, note }) => (
          <li key={key}>
            <Link href={href}>
              <strong>{name}</strong>
              <span>{note}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
