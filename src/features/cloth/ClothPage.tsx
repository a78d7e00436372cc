'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type Gauge, PROPERTY } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { cloths } from '@/data';
import { askAbout, useQuestion } from '@/parts/workspace';
import { Tabs } from '@/ui';
import styles from './Cloth.module.css';
import { ClothPicture } from './ClothPicture';
import { Facts } from './Facts';
import { GAUGE_PARTS } from './gauges';
import { GaugeRow } from './GaugeRow';
import { PutAway } from './PutAway';
import type { SaveCloth } from './saveCloth';
import { CLOTH_PAGE_TEXT } from './text';

const Buying = dynamic(() => import('./Buying').then((part) => part.Buying), { loading: () => null });
const Follows = dynamic(() => import('./Follows').then((part) => part.Follows), { loading: () => null });
const Identity = dynamic(() => import('./Identity').then((part) => part.Identity), { loading: () => null });

const VIEWS = [
  { id: 'measure', name: CLOTH_PAGE_TEXT.measure },
  { id: 'follows', name: CLOTH_PAGE_TEXT.whatFollows },
  { id: 'buying', name: CLOTH_PAGE_TEXT.buying },
  { id: 'identity', name: CLOTH_PAGE_TEXT.whatItIs },
] as const;
type View = (typeof VIEWS)[number]['id'];

/** One cloth: what it is, the instruments that measure it, where every number came from, and what follows from it. */
export function ClothPage({ record }: { record: ClothRecord }) {
  const router = useRouter();
  const asked = useQuestion();
  const [view, setView] = useState<View>('measure');
  const [gauge, setGauge] = useState<Gauge>('stretch');
  const save: SaveCloth = (edit) => cloths.change(record.id, (now) => now && { ...now, ...edit(now) });
  const match = async () => {
    await askAbout({ clothId: record.id });
    router.push('/match');
  };
  const pick = (next: Gauge) => {
    setGauge(next);
    setView('measure');
  };
  const Instrument = GAUGE_PARTS[gauge];
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <ClothPicture record={record} />
        <div className={styles.title}>
          <p className={styles.quiet}>
            <Link href="/fabric">{CLOTH_PAGE_TEXT.allCloths}</Link>
            {record.where && CLOTH_PAGE_TEXT.keptIn(record.where)}
          </p>
          <h1>{record.cloth.name}</h1>
        </div>
        <div className={styles.actions}>
          <PutAway record={record} />
          <Button variant="contained" onClick={() => void match()}>
            {CLOTH_PAGE_TEXT.matchIt}
          </Button>
        </div>
      </div>
      <div className={styles.columns}>
        <div className={styles.bench}>
          <Tabs label={CLOTH_PAGE_TEXT.aboutThisCloth} value={view} options={VIEWS} onPick={setView}>
            {view === 'measure' && (
              <>
                <GaugeRow record={record} value={gauge} onPick={setGauge} />
                <Instrument key={gauge} record={record} onSave={save} />
              </>
            )}
            {view === 'follows' && (
              <Follows record={record} machine={asked?.machine ?? null} kit={asked?.kit ?? null} />
            )}
            {view === 'buying' && <Buying record={record} />}
            {view === 'identity' && <Identity record={record} onSave={save} />}
          </Tabs>
        </div>
        <Facts
          record={record}
          machine={asked?.machine ?? null}
          onGauge={(property) => pick(PROPERTY[property].gauge)}
        />
      </div>
    </div>
  );
}
