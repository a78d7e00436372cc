'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useSyncExternalStore } from 'react';
import { clockBehind, followClock, followDamage, sayDamage, trustClock, usePreference, damageNow } from '@/data';
import { sayWhen, useStartOwn } from '../workspace';
import { Banner } from './Banner';
import { FRAME_TEXT as TEXT } from './text';

/** Hardly ever there. */
const DownloadBanner = dynamic(() => import('./DownloadBanner').then((part) => part.DownloadBanner), { ssr: false });

const NONE: readonly never[] = [];

/** What a person must know wherever they are. */
export function Banners() {
  return (
    <>
      <DemoBanner />
      <DamageBanner />
      <ClockBanner />
      <DownloadBanner />
    </>
  );
}

function DemoBanner() {
  const workroom = usePreference('workroom');
  const name = usePreference('workroomName');
  const startOwn = useStartOwn();
  const router = useRouter();
  if (workroom !== 'demo') return null;
  return (
    <Banner label={TEXT.demoWorkroom}>
      <p>
        {TEXT.thisIsADemo} <strong>{name}</strong>
        {TEXT.lookRoundChangeAnything}
      </p>
      <Button size="small" variant="outlined" onClick={() => void startOwn().then(() => router.push('/match'))}>
        {TEXT.startMyOwnWorkroom}
      </Button>
    </Banner>
  );
}

function DamageBanner() {
  const wrong = useSyncExternalStore(followDamage, damageNow, () => NONE);
  if (wrong.length === 0) return null;
  return (
    <Banner label={TEXT.wrongLabel}>
      <p>
        <strong>{TEXT.wrong(wrong.length)}</strong> {TEXT.wrongFirst(wrong[0].name, sayDamage(wrong[0]))}
      </p>
      <Button size="small" variant="outlined" component={Link} href="/workroom?place=files#attention">
        {TEXT.lookAtThem}
      </Button>
    </Banner>
  );
}

function ClockBanner() {
  const newest = useSyncExternalStore(followClock, clockBehind, () => null);
  if (newest === null) return null;
  return (
    <Banner label={TEXT.clockLabel}>
      <p>{TEXT.clock(sayWhen(new Date(newest).toISOString()))}</p>
      <Button size="small" variant="outlined" onClick={() => trustClock()}>
        {TEXT.clockRight}
      </Button>
    </Banner>
  );
}
