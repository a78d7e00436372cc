'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { STATIONS } from './stations';
import styles from './Tape.module.css';
import { TAPE_TEXT } from './text';

const Switches = dynamic(() => import('./room').then((part) => part.Switches), {
  ssr: false,
  loading: () => <div className={styles.switches} />,
});
const UndoNow = dynamic(() => import('./room').then((part) => part.UndoNow), { ssr: false });
const Measured = dynamic(() => import('./room').then((part) => part.Measured), { ssr: false });

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
      <div className={styles.undo}>
        <UndoNow />
      </div>
      <Switches />
      <Measured />
    </header>
  );
}

/** On a narrow screen the stations are scrolled sideways: the one a person is at is brought to the middle, also when the screen is turned. */
function useStationInSight(path: string) {
  const stations = useRef<HTMLElement>(null);
  useEffect(() => {
    const nav = stations.current;
    if (!nav) return;
    const watch = new ResizeObserver(() => {
      const here = nav.querySelector<HTMLElement>('[aria-current]');
      if (!here) return;
      const middle = here.offsetLeft - nav.offsetLeft + here.offsetWidth / 2;
      nav.scrollLeft = middle - nav.clientWidth / 2;
    });
    // Told at once, and whenever there is more room or less.
    watch.observe(nav);
    return () => watch.disconnect();
  }, [path]);
  return stations;
}
