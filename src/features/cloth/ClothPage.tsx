'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { ClothRecord } from '@/core/file';
import { cloths } from '@/data';
import { useQuestion, useUndo } from '@/parts/workspace';
import { ClothSwatch } from '@/ui';
import styles from './Cloth.module.css';
import { Facts } from './Facts';
import { Identity } from './Identity';
import type { SaveCloth } from './saveCloth';
import { StretchGauge } from './StretchGauge';

/** One cloth: what it is, how far it stretches, and where every number came from. */
export function ClothPage({ record }: { record: ClothRecord }) {
  const router = useRouter();
  const undo = useUndo();
  const asked = useQuestion();
  const save: SaveCloth = (edit) => void cloths.change(record.id, (now) => now && { ...now, ...edit(now) });
  const match = async () => {
    await asked?.ask({ clothId: record.id });
    router.push('/match');
  };
  const remove = async () => {
    const before = await cloths.remove(record.id);
    router.push('/cloth');
    undo(`${record.cloth.name} is out of the drawer.`, async () => {
      if (before) await cloths.put(before);
    });
  };
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <ClothSwatch
          look={{ ...record.cloth, colour: record.colour }}
          label={`${record.cloth.name}, drawn`}
          className={styles.big}
        />
        <div>
          <p className={styles.quiet}>
            <Link href="/cloth">All cloths</Link>
          </p>
          <h1>{record.cloth.name}</h1>
          <div className={styles.actions}>
            <Button variant="contained" onClick={() => void match()}>
              Match it
            </Button>
            <Button onClick={() => void remove()}>Take it out of the drawer</Button>
          </div>
        </div>
      </div>
      <div className={styles.columns}>
        <StretchGauge record={record} onSave={save} />
        <div>
          <Facts record={record} />
          <Identity record={record} onSave={save} />
        </div>
      </div>
    </div>
  );
}
