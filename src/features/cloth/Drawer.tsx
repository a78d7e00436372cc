'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { clothOf, FAMILY } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { formatNumber } from '@/core/units';
import { LongList, useFound } from '@/parts/longList';
import { ClothSwatch, MeasureField, Tick } from '@/ui';
import { AddCloth } from './AddCloth';
import styles from './Cloth.module.css';
import { DRAWER_TEXT } from './text';

const keyOf = (record: ClothRecord) => record.id;
const textOf = ({ cloth, where, notes }: ClothRecord) =>
  [
    cloth.name,
    FAMILY[cloth.family].name,
    cloth.structure,
    Object.keys(cloth.fibres ?? {}).join(' '),
    where,
    notes,
  ].join(' ');

/** A swatch with its two lines of text, px. */
const SWATCH = { wide: 165, high: 166, gap: 20 };

/** The drawer: every cloth as a cut swatch. */
export function Drawer({ cloths, lost }: { cloths: ClothRecord[]; lost: boolean }) {
  const [text, setText] = useState('');
  const [away, setAway] = useState(false);
  const put = cloths.filter((record) => record.archivedAt !== undefined).length;
  const shown = useMemo(() => cloths.filter((record) => (record.archivedAt !== undefined) === away), [cloths, away]);
  const found = useFound(shown, textOf, text);
  return (
    <div className={styles.drawer}>
      <h1>{DRAWER_TEXT.cloth}</h1>
      {lost && <p role="status">{DRAWER_TEXT.thatClothIsNot}</p>}
      <AddCloth />
      {cloths.length === 0 ? (
        <p className={styles.quiet}>{DRAWER_TEXT.theDrawerIsEmpty}</p>
      ) : (
        <>
          <div className={styles.find}>
            <MeasureField label={DRAWER_TEXT.findACloth} text={text} onText={setText} />
            {put > 0 && <Tick name={DRAWER_TEXT.showThePutAway(put)} checked={away} onToggle={setAway} />}
            <p className={styles.quiet} role="status">
              {DRAWER_TEXT.found(found.length, shown.length)}
            </p>
          </div>
          <LongList
            label={DRAWER_TEXT.cloths}
            items={found}
            keyOf={keyOf}
            rowPx={SWATCH.high}
            columnPx={SWATCH.wide}
            gapPx={SWATCH.gap}
          >
            {(record) => (
              <Link href={`/fabric?id=${record.id}`} className={styles.inDrawer}>
                <ClothSwatch look={{ ...record.cloth, colour: record.colour }} className={styles.swatch} />
                <strong>{record.cloth.name}</strong>
                <span className={styles.quiet}>{inShort(record)}</span>
              </Link>
            )}
          </LongList>
        </>
      )}
    </div>
  );
}

function inShort(record: ClothRecord): string {
  const { stretchAcross, massGsm, family } = clothOf(record);
  const known = [
    FAMILY[family].name,
    massGsm !== undefined && `${formatNumber(massGsm, 0)} g/m²`,
    stretchAcross !== undefined && DRAWER_TEXT.stretches(formatNumber(stretchAcross, 0)),
  ];
  return known.filter(Boolean).join(', ');
}
