import Link from 'next/link';
import { procedureName, type Run } from '@/core/procedure';
import { sayWhen } from '@/parts/workspace';
import styles from './Sew.module.css';

interface Props {
  id: string;
  title: string;
  runs: readonly Run[];
  say: (run: Run) => string;
}

/** Operations that were begun or sewn, each a way back to it. */
export function Runs({ id, title, runs, say }: Props) {
  if (runs.length === 0) return null;
  return (
    <section aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      <ul className={styles.begun}>
        {runs.map((run) => (
          <li key={run.id}>
            <Link href={`/sew?run=${run.id}`}>
              <strong>{procedureName(run.procedureId)}</strong>, {run.clothName}: {say(run)}, {sayWhen(run.startedAt)}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
