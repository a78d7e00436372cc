'use client';

import { type Costs as Prices, costsSchema } from '@/core/job';
import { numberAsk } from '@/core/units';
import { jobs, usePreference, writePreference } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { useUnits } from '@/parts/workspace';
import { More, QuantityField } from '@/ui';
import styles from './Jobs.module.css';
import { COSTS_TEXT } from './text';

const PRICES: readonly (readonly [key: keyof Prices, name: string])[] = [
  ['needle', COSTS_TEXT.newNeedle],
  ['thread', COSTS_TEXT.threadOnTop],
  ['bobbin', 'Bobbin'],
  ['foot', 'Foot'],
  ['plate', 'Plate'],
  ['dials', COSTS_TEXT.eachDial],
  ['iron', COSTS_TEXT.walkToTheIron],
];

/** What a change costs this person, and how long there is today. */
export function Costs({ now: { job } }: { now: JobNow }) {
  const today = usePreference('todayMinutes');
  const { system } = useUnits();
  return (
    <section aria-labelledby="prices" className={styles.form}>
      <h2 id="prices">{COSTS_TEXT.minutes}</h2>
      {today !== undefined && (
        <QuantityField
          label={COSTS_TEXT.timeThereIsToday}
          ask={numberAsk('minutes', system, { least: 5, most: 1440, usual: 90 })}
          value={today}
          onValue={(value) => void writePreference('todayMinutes', value)}
        />
      )}
      <More summary={COSTS_TEXT.whatEachChangeTakes}>
        <div className={styles.prices}>
          {PRICES.map(([key, name]) => (
            <QuantityField
              key={key}
              label={name}
              ask={numberAsk('minutes', system, { least: 0, most: 120, usual: 2 })}
              schema={costsSchema.shape[key].unwrap()}
              value={job.costs[key]}
              onValue={(value) => void jobs.change(job.id, (j) => j && { ...j, costs: { ...j.costs, [key]: value } })}
            />
          ))}
        </div>
      </More>
    </section>
  );
}
