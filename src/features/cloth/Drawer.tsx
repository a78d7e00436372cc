'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type FormEvent, useState } from 'react';
import { familyFromName, FAMILY } from '@/core/cloth';
import { type ClothRecord, clothOf } from '@/core/file';
import { formatNumber } from '@/core/units';
import { cloths as store } from '@/data';
import { newId, nowText } from '@/parts/workspace';
import { ClothSwatch, Field } from '@/ui';
import styles from './Cloth.module.css';

/** The drawer: every cloth as a cut swatch. */
export function Drawer({ cloths, lost }: { cloths: ClothRecord[]; lost: boolean }) {
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
        <ul className={styles.swatches}>
          {cloths.map((record) => (
            <li key={record.id}>
              <Link href={`/cloth?id=${record.id}`}>
                <ClothSwatch look={{ ...record.cloth, colour: record.colour }} className={styles.swatch} />
                <strong>{record.cloth.name}</strong>
                <span className={styles.quiet}>{inShort(record)}</span>
              </Link>
            </li>
          ))}
        </ul>
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
  const missing = tried && name.trim() === '';
  const add = async (event: FormEvent) => {
    event.preventDefault();
    setTried(true);
    if (name.trim() === '') return;
    const family = familyFromName(name) ?? 'other';
    const id = newId();
    await store.put({
      id,
      cloth: { name: name.trim(), family, structure: FAMILY[family].structure, traits: [] },
      colour: '#b9c0b0',
      readings: [],
      notes: '',
      addedAt: nowText(),
    });
    router.push(`/cloth?id=${id}`);
  };
  return (
    <form className={styles.add} onSubmit={(event) => void add(event)} noValidate>
      <Field
        label="Another cloth: what is it called?"
        text=""
        read={(text) =>
          text.length > 200 ? { ok: false, expected: 'Expected at most 200 letters.' } : { ok: true, value: text }
        }
        onValue={setName}
        help={missing ? 'Expected a name, such as "wool flannel".' : undefined}
        textFieldProps={missing ? { error: true } : undefined}
      />
      <Button type="submit" variant="outlined">
        Add it
      </Button>
    </form>
  );
}
