'use client';

import { type Gauge, GAUGES, readingsOf } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import styles from './Cloth.module.css';

const NAMES: Record<Gauge, string> = {
  stretch: 'Stretch',
  weight: 'Weight',
  thickness: 'Thickness',
  shrink: 'Shrink',
  stiffness: 'Stiffness',
  fray: 'Fray',
  'pin-hole': 'Pin hole',
  bleed: 'Bleed',
  heat: 'Heat',
};

interface Props {
  record: ClothRecord;
  value: Gauge;
  onPick: (gauge: Gauge) => void;
}

/** The instruments side by side, each with how often it was read. */
export function GaugeRow({ record, value, onPick }: Props) {
  return (
    <div role="group" aria-label="Instruments" className={styles.gaugeRow}>
      {GAUGES.map((gauge) => {
        const n = readingsOf(record.readings, gauge).length;
        return (
          <button key={gauge} type="button" aria-pressed={gauge === value} onClick={() => onPick(gauge)}>
            {NAMES[gauge]}
            <small>{n === 0 ? 'not yet' : n === 1 ? '✓ once' : `✓ ${n} times`}</small>
          </button>
        );
      })}
    </div>
  );
}
