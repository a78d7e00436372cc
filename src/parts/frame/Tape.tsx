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
import { TAPE_TEXT } from './text';

/** The stations in the order of the work. */
const STATIONS = [
  { href: '/today', name: TAPE_TEXT.today },
  { href: '/cloth', name: TAPE_TEXT.cloth },
  { href: '/match', name: TAPE_TEXT.match },
  { href: '/swatch', name: TAPE_TEXT.swatch },
  { href: '/sew', name: TAPE_TEXT.sew },
  { href: '/ledger', name: TAPE_TEXT.ledger },
  { href: '/jobs', name: TAPE_TEXT.jobs },
  { href: '/calculator', name: TAPE_TEXT.calculator, end: true },
  { href: '/workroom', name: TAPE_TEXT.workroom },
] as const;

/** The measuring tape along the top: stations printed on it, a red pin where the person is. */
export function Tape() {
  const path = usePathname();
  const stations = useStationInSight(path);
  return (
    <header className={styles.tape}>
      <Link href="/today" className={styles.name}>
        {TAPE_TEXT.bobbet}
      </Link>
      <nav ref={stations} aria-label={TAPE_TEXT.stations} className={styles.stations}>
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
  const text = TAPE_TEXT.ofSeams(job.name, sewn, job.seams.length);
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
      <Pressable onClick={toggle} aria-label={TAPE_TEXT.unitsChange(system === 'inch' ? 'inch' : 'mm')}>
        {system === 'inch' ? 'inch' : 'mm'}
      </Pressable>
      <Pressable onClick={() => setMode(evening ? 'light' : 'dark')} suppressHydrationWarning>
        {evening ? 'Daylight' : 'Evening'}
      </Pressable>
    </div>
  );
}
