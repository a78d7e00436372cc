'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type FormEvent, useMemo, useState } from 'react';
import { clothOf, familyFromName, FAMILY } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { formatNumber } from '@/core/units';
import { cloths as store } from '@/data';
import { LongList, useFound } from '@/parts/longList';
import { newId, nowText } from '@/parts/workspace';
import { ClothSwatch, MeasureField, Tick } from '@/ui';
import styles from './Cloth.module.css';

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
      <h1>Cloth</h1>
      {lost && <p role="status">That cloth is not in the drawer any more.</p>}
      <AddCloth />
      {cloths.length === 0 ? (
        <p className={styles.quiet}>
          The drawer is empty. Name the cloth on your table; what it is called and how far it stretches is enough to
          begin.
        </p>
      ) : (
        <>
          <div className={styles.find}>
            <MeasureField label="Find a cloth" text={text} onText={setText} />
            {put > 0 && <Tick name={`Show the ${put} put away`} checked={away} onToggle={setAway} />}
            <p className={styles.quiet} role="status">
              {found.length === shown.length ? `${shown.length}` : `${found.length} of ${shown.length}`}{' '}
              {shown.length === 1 ? 'cloth' : 'cloths'}
            </p>
          </div>
          <LongList
            label="Cloths"
            items={found}
            keyOf={keyOf}
            rowPx={SWATCH.high}
            columnPx={SWATCH.wide}
            gapPx={SWATCH.gap}
          >
            {(record) => (
              <Link href={`/cloth?id=${record.id}`} className={styles.inDrawer}>
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
    stretchAcross !== undefined && `stretches ${formatNumber(stretchAcross, 0)} %`,
  ];
  return known.filter(Boolean).join(', ');
}

function AddCloth() {
  const router = useRouter();
  const [name, setName] = useState('');
  const [tried, setTried] = useState(false);
  const problem =
    name.length > 200
      ? 'Expected at most 200 letters.'
      : tried && name.trim() === ''
        ? 'Expected a name, such as "wool flannel".'
        : null;
  const add = async (event: FormEvent) => {
    event.preventDefault();
    setTried(true);
    if (name.trim() === '' || name.length > 200) return;
    const family = familyFromName(name) ?? 'other';
    const id = newId();
    await store.put({
      id,
      cloth: { name: name.trim(), family, structure: FAMILY[family].structure, traits: [] },
      colour: '#b9c0b0',
      addedAt: nowText(),
    });
    router.push(`/cloth?id=${id}`);
  };
  return (
    <form className={styles.add} onSubmit={(event) => void add(event)} noValidate>
      <MeasureField label="Another cloth: what is it called?" text={name} onText={setName} problem={problem} />
      <Button type="submit" variant="outlined">
        Add it
      </Button>
    </form>
  );
}
