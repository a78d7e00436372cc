'use client';

import Close from '@mui/icons-material/Close';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState, useSyncExternalStore } from 'react';
import { clockBehind, followClock, followDamage, sayDamage, trustClock, usePreference, damageNow } from '@/data';
import { sayWhen, useStartOwn } from '../workspace';
import { Banner } from './Banner';
import { FRAME_TEXT as TEXT } from './text';

/** Hardly ever there. */
const DownloadBanner = dynamic(() => import('./DownloadBanner').then((part) => part.DownloadBanner), { ssr: false });

/** After everything that is read at once. */
const BuildBanner = dynamic(() => import('./BuildBanner').then((part) => part.BuildBanner), { ssr: false });

const NONE: readonly never[] = [];

/** What a person must know wherever they are. */
export function Banners() {
  return (
    <>
      <DemoBanner />
      <DamageBanner />
      <ClockBanner />
      <DownloadBanner />
      <BuildBanner />
    </>
  );
}

/** Where it is kept that the person has read it: until the tab is closed. */
const CLOSED = 'bobbet-demo-banner-closed';

function DemoBanner() {
  const workroom = usePreference('workroom');
  const name = usePreference('workroomName');
  const startOwn = useStartOwn();
  const router = useRouter();
  const [closed, setClosed] = useState(() => sessionStorage.getItem(CLOSED) !== null);
  if (workroom !== 'demo' || closed) return null;
  const close = () => {
    sessionStorage.setItem(CLOSED, new Date().toISOString());
    setClosed(true);
  };
  return (
    <Banner label={TEXT.demoWorkroom}>
      <p>
        {TEXT.thisIsADemo} <strong>{name}</strong>
        {TEXT.lookRoundChangeAnything}
      </p>
      <Button size="small" onClick={() => void startOwn().then(() => router.push('/match'))}>
        {TEXT.startMyOwnWorkroom}
      </Button>
      <IconButton aria-label={TEXT.hide} onClick={close}>
        <Close fontSize="small" />
      </IconButton>
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
