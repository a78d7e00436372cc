'use client';

import { Pressable } from '@/ui';
import { useColorScheme } from '@mui/material/styles';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { isSewn } from '@/core/job';
import { useJobs, usePreference, useRuns } from '@/data';
import { HistoryButton } from '../history';
import { useUnits } from '../workspace';
import styles from './Tape.module.css';

/** The stations in the order of the work. */
const STATIONS = [
  { href: '/today', name: 'Today' },
  { href: '/cloth', name: 'Cloth' },
  { href: '/match', name: 'Match' },
  { href: '/swatch', name: 'Swatch' },
  { href: '/sew', name: 'Sew' },
  { href: '/ledger', name: 'Ledger' },
  { href: '/jobs', name: 'Jobs' },
  { href: '/calculator', name: 'Calculator', end: true },
  { href: '/workroom', name: 'Workroom' },
] as const;

/** The measuring tape along the top: stations printed on it, a red pin where the person is. */
export function Tape() {
  const path = usePathname();
  const stations = useStationInSight(path);
  return (
    <header className={styles.tape}>
      <Link href="/today" className={styles.name}>
        bobbet
      </Link>
      <nav ref={stations} aria-label="Stations" className={styles.stations}>
        {STATIONS.map(({ href, name, ...rest }) => {
          const here = path.startsWith(href);
          return (
            <Link
              key={href}
              href={href}
              className={`${styles.station} ${'end' in rest ? styles.end : ''}`}
              aria-current={here ? 'page' : undefined}
            >
              {name}
            </Link>
          );
        })}
      </nav>
      <Switches />
      <Measured />
    </header>
  );
}

/** On a narrow screen the stations are scrolled sideways: the one a person is at is brought to the middle. */
function useStationInSight(path: string) {
  const stations = useRef<HTMLElement>(null);
  useEffect(() => {
    const nav = stations.current;
    const here = nav?.querySelector<HTMLElement>('[aria-current]');
    if (!nav || !here) return;
    const middle = here.offsetLeft - nav.offsetLeft + here.offsetWidth / 2;
    nav.scrollLeft = middle - nav.clientWidth / 2;
  }, [path]);
  return stations;
}

/** How far the job in hand is: a green thread along the edge of the tape. */
function Measured() {
  const id = usePreference('jobId');
  const job = useJobs()?.find((j) => j.id === id);
  const runs = useRuns();
  if (!job || !runs || job.seams.length === 0) return null;
  const sewn = job.seams.filter((seam) => isSewn(job, seam, runs)).length;
  const text = `${job.name}: ${sewn} of ${job.seams.length} seams`;
  return (
    <span
      className={styles.measured}
      role="img"
      aria-label={text}
      title={text}
      style={{ width: `${(100 * sewn) / job.seams.length}%` }}
    />
  );
}

function Switches() {
  const { system, toggle } = useUnits();
  const { mode, systemMode, setMode } = useColorScheme();
  const evening = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <div className={styles.switches}>
      <HistoryButton />
      <Pressable onClick={toggle} aria-label={`Units: ${system === 'inch' ? 'inch' : 'mm'}. Change`}>
        {system === 'inch' ? 'inch' : 'mm'}
      </Pressable>
      <Pressable onClick={() => setMode(evening ? 'light' : 'dark')} suppressHydrationWarning>
        {evening ? 'Daylight' : 'Evening'}
      </Pressable>
    </div>
  );
}
