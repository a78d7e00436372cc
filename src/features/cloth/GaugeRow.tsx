'use client';

import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { type Gauge, GAUGES, readingsOf } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import styles from './Cloth.module.css';
import { GAUGE_ROW_TEXT } from './text';

const NAMES: Record<Gauge, string> = {
  stretch: 'Stretch',
  weight: 'Weight',
  thickness: 'Thickness',
  shrink: 'Shrink',
  stiffness: 'Stiffness',
  fray: 'Fray',
  'pin-hole': GAUGE_ROW_TEXT.pinHole,
  bleed: 'Bleed',
  heat: 'Heat',
};

interface Props {
  record: ClothRecord;
  value: Gauge;
  onPick: (gauge: Gauge) => void;
}

/** The instruments side by side, each with how often it was read. Arrow keys go along them. */
export function GaugeRow({ record, value, onPick }: Props) {
  return (
    <Tabs
      value={value}
      aria-label={GAUGE_ROW_TEXT.instruments}
      className={styles.gaugeRow}
      slotProps={{ indicator: { hidden: true } }}
      onChange={(_, gauge: Gauge) => onPick(gauge)}
    >
      {GAUGES.map((gauge) => {
        const n = readingsOf(record.readings, gauge).length;
        return (
          <Tab
            key={gauge}
            value={gauge}
            label={
              <span>
                {NAMES[gauge]}
                <small>
                  {n === 0 ? GAUGE_ROW_TEXT.notYet : n === 1 ? GAUGE_ROW_TEXT.once : GAUGE_ROW_TEXT.times(n)}
                </small>
              </span>
            }
          />
        );
      })}
    </Tabs>
  );
}
