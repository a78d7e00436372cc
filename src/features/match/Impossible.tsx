'use client';

import { StopAlert } from '@/ui';
import styles from './Match.module.css';
import type { Answered } from './useMatch';
import { IMPOSSIBLE_TEXT } from './text';

/** Nothing safe is possible: why, and the cheapest way out. */
export function Impossible({ answered }: { answered: Answered }) {
  const { answer, sharpening } = answered;
  return (
    <div className={styles.impossible}>
      <StopAlert title={IMPOSSIBLE_TEXT.notWithThisMachine}>
        <ul>
          {answer.blocked.map(({ code, text }) => (
            <li key={code}>{text}</li>
          ))}
        </ul>
        {sharpening && sharpening.missing.length > 0 && (
          <>
            <h3>{IMPOSSIBLE_TEXT.whatWouldHelp}</h3>
            <ul>
              {sharpening.missing.map(({ what, gains }) => (
                <li key={what}>
                  <strong>{what}</strong>: {gains}.
                </li>
              ))}
            </ul>
          </>
        )}
      </StopAlert>
    </div>
  );
}
