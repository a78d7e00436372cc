'use client';

import { useSearchParams } from 'next/navigation';
import { PROCEDURES } from '@/core/procedure';
import { useRuns } from '@/data';
import { AskPage } from './AskPage';
import { OperationList } from './OperationList';
import { RunEnd } from './RunEnd';
import { Runner } from './Runner';
import styles from './Sew.module.css';
import { useRunNow } from './useRunNow';

/** Sew: choose an operation, answer its questions, and be taken through it step by step. */
export function SewStation() {
  const asked = useSearchParams();
  const id = asked.get('run');
  const runs = useRuns();
  if (!runs) return null;
  const run = runs.find((r) => r.id === id);
  const known = run && PROCEDURES.some((p) => p.id === run.procedureId);
  if (run && known) return <OneRun key={run.id} id={run.id} />;
  return <OperationList runs={runs} lost={id !== null} kind={asked.get('kind')} />;
}

function OneRun({ id }: { id: string }) {
  const now = useRunNow(id);
  if (!now) return null;
  if (now.run.status === 'asking') return <AskPage now={now} />;
  if (now.run.status === 'done') return <RunEnd now={now} />;
  // What was worked out once can only be refused later by a file from elsewhere: then its questions come again.
  return now.worked.ok ? (
    <Runner now={now} numbers={now.worked.numbers} />
  ) : (
    <div className={styles.list}>
      <AskPage now={now} />
    </div>
  );
}
