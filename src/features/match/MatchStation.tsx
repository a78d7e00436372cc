'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { askAbout, useQuestion } from '@/parts/workspace';
import { StopAlert } from '@/ui';
import styles from './Match.module.css';
import { Sentence } from './Sentence';
import { useMatch } from './useMatch';
import { MATCH_STATION_TEXT } from './text';

// There is nothing to show before the worker has answered: both are fetched at the same time.
const loadAnswer = () => import('./Answer').then((part) => part.Answer);
const Answer = dynamic(loadAnswer, { ssr: false });
// It knows every operation, which the answer need not wait for.
const FitsKind = dynamic(() => import('./FitsKind').then((part) => part.FitsKind), { ssr: false });
// Only a workroom without any fabric begins with the form.
const StartForm = dynamic(() => import('./StartForm').then((part) => part.StartForm), { ssr: false });

/** Match: a cloth and a seam go in, a complete setting with reasons comes out. */
export function MatchStation() {
  const asked = useQuestion();
  const wanted = useSearchParams().get('cloth');
  const { answered, isCurrent, failed } = useMatch(asked);
  useEffect(() => void loadAnswer(), []);
  const known = asked?.cloths.some((c) => c.id === wanted);
  useEffect(() => {
    if (wanted && known && asked && asked.cloth?.id !== wanted) void askAbout({ clothId: wanted });
    // Only when the address names another cloth, not on every answer.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [wanted, known]);

  if (!asked)
    return (
      <div className={styles.waiting} role="status">
        <span className="unseen">{MATCH_STATION_TEXT.openingTheWorkroom}</span>
      </div>
    );
  if (!asked.cloth) return <StartForm />;
  return (
    <div className={styles.page}>
      <div className={styles.sentence}>
        <Sentence asked={asked} cloth={asked.cloth} />
        <FitsKind kind={asked.operation.kind} cloth={asked.cloth} />
      </div>
      {failed && (
        <StopAlert title={MATCH_STATION_TEXT.thisCouldNotBe}>
          <p>{MATCH_STATION_TEXT.nothingIsLostChange(failed)}</p>
        </StopAlert>
      )}
      {answered && <Answer key={asked.cloth.id} asked={asked} answered={answered} isCurrent={isCurrent} />}
    </div>
  );
}
