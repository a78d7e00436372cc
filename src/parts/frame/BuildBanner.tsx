'use client';

import Button from '@mui/material/Button';
import { usePathname } from 'next/navigation';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { reportTrouble } from '@/data';
import { BUILD_TEXT as TEXT, buildNow, followBuild, keepOnDevice, takeNewBuild } from '../offline';
import { Banner } from './Banner';

/** Where somebody may have a needle in the fabric: nothing is offered there. */
const HANDS_FULL = ['/test', '/sew', '/check-up'];

/** Says that a newer Bobbet is there, where it disturbs nothing. */
export function BuildBanner() {
  const path = usePathname();
  const state = useSyncExternalStore(followBuild, buildNow, () => 'current' as const);
  const [later, setLater] = useState(false);
  useEffect(() => {
    // A browser that will not keep Bobbet shows it all the same; what it cannot do is said in the workroom.
    keepOnDevice().catch((cause: unknown) => reportTrouble(cause));
  }, []);
  if (state === 'current' || later || HANDS_FULL.some((station) => path.startsWith(station))) return null;
  const waits = state === 'newer-waits';
  return (
    <Banner label={TEXT.label}>
      <p>{waits ? TEXT.newer : TEXT.older}</p>
      <Button size="small" variant="outlined" onClick={() => (waits ? takeNewBuild() : window.location.reload())}>
        {waits ? TEXT.take : TEXT.reload}
      </Button>
      <Button size="small" onClick={() => setLater(true)}>
        {TEXT.later}
      </Button>
    </Banner>
  );
}
