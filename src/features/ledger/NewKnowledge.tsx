'use client';

import Button from '@mui/material/Button';
import type { Card } from '@/core/card';
import { KNOWLEDGE } from '@/core/result';
import { cards, edit } from '@/data';
import { useKnowledge } from '@/parts/staleness';
import styles from './Ledger.module.css';
import { KNOWLEDGE_TEXT } from './text';

/** What today's tables would answer differently for this card, said once. Its tested setting stays as it is. */
export function NewKnowledge({ card }: { card: Card }) {
  const [change] = useKnowledge([card]) ?? [];
  if (!change) return null;
  const understood = () =>
    edit(KNOWLEDGE_TEXT.edit(card.name), () =>
      cards.change(card.id, (now) => ({ ...(now ?? card), knowledge: KNOWLEDGE })),
    );
  return (
    <section aria-labelledby="knowledge">
      <h2 id="knowledge">{KNOWLEDGE_TEXT.title}</h2>
      <p>{KNOWLEDGE_TEXT.stays}</p>
      <ul className={styles.reasons}>
        {change.changes.map(({ reading, name, was, now, why }) => (
          <li key={reading}>
            <strong>{KNOWLEDGE_TEXT.instead(name, now, was)}</strong> {why}
          </li>
        ))}
      </ul>
      <Button variant="outlined" onClick={() => void understood()}>
        {KNOWLEDGE_TEXT.understood}
      </Button>
    </section>
  );
}
