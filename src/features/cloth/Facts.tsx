'use client';

import { clothProfile, FAMILY, type Measurable, type Property } from '@/core/cloth';
import { type ClothRecord, clothOf, measuredStretch } from '@/core/file';
import { formatNumber } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import styles from './Cloth.module.css';

/** What each property changes, in a few words. */
const CHANGES: Record<Measurable, string> = {
  stretchAcross: 'stitch, width, give',
  stretchAlong: 'seams that run the other way',
  recovery: 'pressure, a second row',
  massGsm: 'needle, thread',
  thicknessMm: 'tension, thread used',
};

const NAMES: Record<Measurable, string> = {
  stretchAcross: 'Stretch across',
  stretchAlong: 'Stretch along',
  recovery: 'Comes back',
  massGsm: 'Weight',
  thicknessMm: 'Thickness',
};

/** Every property with its value, where it came from, and what it changes. */
export function Facts({ record }: { record: ClothRecord }) {
  const profile = clothProfile(clothOf(record));
  const { mass } = useUnits();
  const family = FAMILY[profile.family].name;
  const print: Record<Measurable, (value: number) => string> = {
    stretchAcross: percent,
    stretchAlong: percent,
    recovery: percent,
    massGsm: mass,
    thicknessMm: (mm) => `${formatNumber(mm, 2)} mm`,
  };
  return (
    <section aria-labelledby="facts">
      <h2 id="facts">What is known</h2>
      <dl className={styles.facts}>
        {(Object.keys(NAMES) as Measurable[]).map((key) => (
          <div key={key}>
            <dt>{NAMES[key]}</dt>
            <dd>
              <strong className={profile[key].source === 'measured' ? styles.measured : undefined}>
                {print[key](profile[key].value)}
              </strong>
              <span>{source(record, key, profile[key], family, print[key])}</span>
              <small>decides {CHANGES[key]}</small>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

const percent = (value: number) => `${formatNumber(value, 0)} %`;

function source(
  record: ClothRecord,
  key: Measurable,
  property: Property,
  family: string,
  print: (v: number) => string,
): string {
  if (property.source === 'inferred') return `assumed for ${family}: ${print(property.low)} to ${print(property.high)}`;
  const read =
    key === 'stretchAcross'
      ? measuredStretch(record.readings, 'across').stretch
      : key === 'stretchAlong'
        ? measuredStretch(record.readings, 'along').stretch
        : null;
  if (!read)
    return key === 'recovery' && record.readings.some((r) => r.marks.relaxed !== undefined)
      ? 'measured, the cautious end'
      : 'as entered';
  return read.n === 1
    ? 'measured once'
    : `measured ${read.n} times, ${percent(read.mean)} ± ${formatNumber(read.spread, 1)}; the cautious end is used`;
}
