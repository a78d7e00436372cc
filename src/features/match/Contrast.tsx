'use client';

import type { MatchInput } from '@/core/match';
import type { Setup } from '@/core/setup';
import { outdated, useFromWorker } from '@/parts/asking';
import styles from './Match.module.css';
import { CONTRAST_TEXT } from './text';

interface Props {
  input: MatchInput;
  best: Setup;
  setup: Setup;
}

/** The recommended setting against the one that was chosen by hand: why it was not taken, what it costs, what would settle it. */
export function Contrast({ input, best, setup }: Props) {
  const key = JSON.stringify([input, best, setup]);
  const { value, isCurrent } = useFromWorker(key, (worker) => worker.contrast(input, best, setup));
  if (!value || value.changed.length === 0) return null;
  const rows: [string, string][] = [
    [CONTRAST_TEXT.why, value.reason ?? CONTRAST_TEXT.nothingAgainst],
    [CONTRAST_TEXT.costs, value.costs || CONTRAST_TEXT.costsNothing],
    [CONTRAST_TEXT.settles, value.settle],
  ];
  return (
    <section className={styles.contrast} aria-labelledby="contrast" {...outdated(isCurrent)}>
      <h2 id="contrast">{value.changed.join(', ')}</h2>
      <dl>
        {rows.map(([name, text]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
