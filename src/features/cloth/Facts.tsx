'use client';

import { Pressable } from '@/ui';
import { outdated } from '@/parts/asking';
import { type Known, type KnownProperty, knownOf, PROPERTY } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { formatNumber } from '@/core/units';
import { sayWhen, useUnits } from '@/parts/workspace';
import styles from './Cloth.module.css';
import { useMeasureNext } from './useClothAnswer';

interface Props {
  record: ClothRecord;
  machine: MachineRecord | null;
  onGauge: (property: KnownProperty) => void;
}

/** Every property with its value, where it came from, what it changes, and the gauge that finds it one press away. */
export function Facts({ record, machine, onGauge }: Props) {
  const { value, isCurrent } = useMeasureNext(record, machine);
  const next = value?.measureNext[0];
  return (
    <aside className={styles.known} aria-labelledby="facts">
      {value && !next && (
        <p className={styles.settled} {...outdated(isCurrent)}>
          Nothing more to measure would change the setting of a plain seam.
        </p>
      )}
      {next && (
        <section className={styles.next} aria-labelledby="next" {...outdated(isCurrent)}>
          <h2 id="next">Measure next</h2>
          <p>{next.why}</p>
          <Pressable onClick={() => onGauge(next.measure)}>{PROPERTY[next.measure].name}</Pressable>
        </section>
      )}
      <h2 id="facts">What is known</h2>
      <ul className={styles.facts}>
        {knownOf(record).map((known) => (
          <Fact key={known.property} known={known} onPress={() => onGauge(known.property)} />
        ))}
      </ul>
    </aside>
  );
}

function Fact({ known, onPress }: { known: Known; onPress: () => void }) {
  const print = usePrinted();
  const { name, decides } = PROPERTY[known.property];
  const value = known.words ?? print(known.property, known.value ?? 0);
  return (
    <li>
      <Pressable onClick={onPress} aria-label={`${name}: ${value}. Measure it`}>
        <span className={styles.factName}>{name}</span>
        <strong className={known.source === 'measured' ? styles.measured : undefined}>{value}</strong>
        <span>{sourceText(known, print)}</span>
        <small>decides {decides}</small>
      </Pressable>
    </li>
  );
}

type Print = (property: KnownProperty, value: number) => string;

function usePrinted(): Print {
  const { mass, length } = useUnits();
  return (property, value) => {
    if (property === 'massGsm') return mass(value);
    if (['thicknessMm', 'stiffness', 'fray'].includes(property)) return length(value);
    return `${formatNumber(value, 0)}\u00a0%`;
  };
}

function sourceText(known: Known, print: Print): string {
  const { source, measured, low, high, from, property } = known;
  if (source === 'typed') return 'typed in, from the label or by hand';
  if (source === 'inferred') {
    const range = known.words === null && low !== null && high !== null;
    const span = range ? `: ${print(property, low)} to ${print(property, high)}` : '';
    return from === 'nothing' ? 'nothing is known' : `assumed for ${from}${span}`;
  }
  if (!measured) return 'measured';
  const when = sayWhen(measured.at);
  if (measured.n === 1) return `measured once, ${when}`;
  if (measured.spread === 0) return `measured ${measured.n} times, ${when}`;
  const digits = property === 'thicknessMm' ? 2 : 1;
  const mean = print(property, measured.mean);
  const used = ['stretchAcross', 'stretchAlong', 'recovery'].includes(property) ? ': used at the cautious end' : '';
  return `${measured.n} times, ${mean} ± ${formatNumber(measured.spread, digits)}, ${when}${used}`;
}
