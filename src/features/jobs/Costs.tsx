'use client';

import { type Costs as Prices, costsSchema } from '@/core/job';
import { formatNumber } from '@/core/units';
import { jobs, usePreference, writePreference } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { checkedBy, Field, numberBy, plainNumber } from '@/ui';
import styles from './Jobs.module.css';

const PRICES: readonly (readonly [key: keyof Prices, name: string])[] = [
  ['needle', 'New needle'],
  ['thread', 'Thread on top'],
  ['bobbin', 'Bobbin'],
  ['foot', 'Foot'],
  ['plate', 'Plate'],
  ['dials', 'Each dial'],
  ['iron', 'Walk to the iron'],
];

const minutesOf = (key: keyof Prices) => checkedBy(numberBy(plainNumber, 'minutes'), costsSchema.shape[key].unwrap());
const TODAY = (text: string) => {
  const read = numberBy(plainNumber, 'minutes')(text);
  return read.ok && (read.value < 5 || read.value > 1440)
    ? ({ ok: false, expected: 'Expected 5 to 1440 minutes.' } as const)
    : read;
};

/** What a change costs this person, and how long there is today. */
export function Costs({ now: { job } }: { now: JobNow }) {
  const today = usePreference('todayMinutes');
  return (
    <section aria-labelledby="prices" className={styles.form}>
      <h2 id="prices">Minutes</h2>
      {today !== undefined && (
        <Field
          label="Time there is today"
          unit="min"
          text={formatNumber(today)}
          read={TODAY}
          onValue={(value) => void writePreference('todayMinutes', value)}
        />
      )}
      <details>
        <summary>What each change takes you</summary>
        <div className={styles.prices}>
          {PRICES.map(([key, name]) => (
            <Field
              key={key}
              label={name}
              unit="min"
              text={formatNumber(job.costs[key], 2)}
              read={minutesOf(key)}
              onValue={(value) => void jobs.change(job.id, (j) => j && { ...j, costs: { ...j.costs, [key]: value } })}
            />
          ))}
        </div>
      </details>
    </section>
  );
}
