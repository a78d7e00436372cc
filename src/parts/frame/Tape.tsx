'use client';

import { useColorScheme } from '@mui/material/styles';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useUnits } from '../workspace';
import styles from './Tape.module.css';

/** The stations that work so far, in the order of the work. */
const STATIONS = [
  { href: '/cloth', name: 'Cloth' },
  { href: '/match', name: 'Match' },
  { href: '/swatch', name: 'Swatch' },
  { href: '/sew', name: 'Sew' },
  { href: '/ledger', name: 'Ledger' },
  { href: '/workroom', name: 'Workroom', end: true },
] as const;

/** The measuring tape along the top: stations printed on it, a red pin where the person is. */
export function Tape() {
  const path = usePathname();
  return (
    <header className={styles.tape}>
      <Link href="/match" className={styles.name}>
        bobbet
      </Link>
      <nav aria-label="Stations" className={styles.stations}>
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
    </header>
  );
}

function Switches() {
  const { system, toggle } = useUnits();
  const { mode, systemMode, setMode } = useColorScheme();
  const evening = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <div className={styles.switches}>
      <button type="button" onClick={toggle} aria-label={`Units: ${system === 'inch' ? 'inch' : 'mm'}. Change`}>
        {system === 'inch' ? 'inch' : 'mm'}
      </button>
      <button type="button" onClick={() => setMode(evening ? 'light' : 'dark')} suppressHydrationWarning>
        {evening ? 'Daylight' : 'Evening'}
      </button>
    </div>
  );
}
