'use client';

import { useRouter } from 'next/navigation';
import { focusBar, focusWhatComes, useKeys } from '../keys';
import { STATIONS } from './stations';

/** 1 to 9 go to the stations as they stand on the tape, m to the machine bar and back. */
export function useStationKeys(): void {
  const router = useRouter();
  const go = (href: string) => () => {
    router.push(href);
    focusWhatComes();
  };
  useKeys({
    ...Object.fromEntries(STATIONS.map(({ href }, i) => [String(i + 1), go(href)])),
    m: focusBar,
  });
}
