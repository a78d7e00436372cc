'use client';

import Link from 'next/link';
import { nearestCards } from '@/core/card';
import { clothProfile } from '@/core/cloth';
import { stitchAndSize } from '@/core/kit';
import type { MatchInput } from '@/core/match';
import { useStale } from '@/parts/staleness';
import { useTeachingCards } from '@/parts/learned';
import styles from './Match.module.css';
import { EVIDENCE_TEXT } from './text';

/** More evidence than this is not read. */
const SHOWN = 3;

/** The person's own cards nearest to this question: what passed, on what, and whether it still holds. */
export function Evidence({ input }: { input: MatchInput }) {
  const cards = useTeachingCards();
  const stale = useStale();
  if (!cards || !stale) return null;
  const near = nearestCards(cards, clothProfile(input.cloth), input.operation, input).slice(0, SHOWN);
  if (near.length === 0) return null;
  return (
    <section>
      <h2>{EVIDENCE_TEXT.yourCards}</h2>
      <ul className={styles.evidence}>
        {near.map(({ card, alikePercent, sameMachine }) => {
          const reasons = stale(card);
          return (
            <li key={card.id}>
              <Link href={`/log?id=${card.id}`}>{card.name}</Link>
              <span>
                {stitchAndSize(sameMachine ? input.machine : card.machine, card.setup)};{' '}
                {alikePercent === 100 ? EVIDENCE_TEXT.theSameFabricAnd : EVIDENCE_TEXT.alike(alikePercent)},{' '}
                {sameMachine ? EVIDENCE_TEXT.thisMachine : EVIDENCE_TEXT.anotherMachine}
              </span>
              <b data-stale={reasons.length > 0 || undefined}>
                {card.simulated
                  ? EVIDENCE_TEXT.simulated
                  : reasons.length > 0
                    ? EVIDENCE_TEXT.outOfDate(reasons[0].text)
                    : EVIDENCE_TEXT.holds}
              </b>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
