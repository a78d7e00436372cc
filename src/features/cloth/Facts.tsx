'use client';

import { Pressable } from '@/ui';
import { outdated } from '@/parts/asking';
import { type Known, type KnownProperty, knownOf, PROPERTY } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { formatNumber, formatPercent } from '@/core/units';
import { sayWhen, useUnits } from '@/parts/workspace';
import styles from './Cloth.module.css';
import { useMeasureNext } from './useClothAnswer';
import { FACTS_TEXT } from './text';

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
          {FACTS_TEXT.nothingMoreToMeasure}
        </p>
      )}
      {next && (
        <section className={styles.next} aria-labelledby="next" {...outdated(isCurrent)}>
          <h2 id="next">{FACTS_TEXT.measureNext}</h2>
          <p>{next.why}</p>
          <Pressable onClick={() => onGauge(next.measure)}>{PROPERTY[next.measure].name}</Pressable>
        </section>
      )}
      <h2 id="facts">{FACTS_TEXT.whatIsKnown}</h2>
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
      <Pressable onClick={onPress} aria-label={FACTS_TEXT.measureIt(name, value)}>
        <span className={styles.factName}>{name}</span>
        <strong className={known.source === 'measured' ? styles.measured : undefined}>{value}</strong>
        <span>{sourceText(known, print)}</span>
        <small>{FACTS_TEXT.decides(decides)}</small>
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
    return formatPercent(value, 0);
  };
}

function sourceText(known: Known, print: Print): string {
  const { source, measured, low, high, from, property } = known;
  if (source === 'typed') return FACTS_TEXT.typedInFromThe;
  if (source === 'inferred') {
    const range = known.words === null && low !== null && high !== null;
    const span = range ? FACTS_TEXT.to(print(property, low), print(property, high)) : '';
    return from === 'nothing' ? FACTS_TEXT.nothingIsKnown : FACTS_TEXT.assumedFor(from, span);
  }
  if (!measured) return 'measured';
  const when = sayWhen(measured.at);
  if (measured.n === 1) return FACTS_TEXT.measuredOnce(when);
  if (measured.spread === 0) return FACTS_TEXT.measuredTimes(measured.n, when);
  const digits = property === 'thicknessMm' ? 2 : 1;
  const mean = print(property, measured.mean);
  const used = ['stretchAcross', 'stretchAlong', 'recovery'].includes(property) ? FACTS_TEXT.usedAtTheCautious : '';
  return FACTS_TEXT.times(measured.n, mean, formatNumber(measured.spread, digits), when, used);
}
