'use client';

import dynamic from 'next/dynamic';
import { usePathname } from 'next/navigation';
import { type ReactNode, useEffect, useSyncExternalStore } from 'react';
import {
  followServer,
  holdNavigation,
  serverAwaited,
  PartBoundary,
  serverIsBack,
  StationBoundary,
  ServerStopped,
} from '../boundary';
import { useUndoKeys } from '../history';
import { START_WORDS, useStart } from '../start';
import { MachineBar } from '../machineBar';
import { Banners } from './Banners';
import styles from './Frame.module.css';
import { pressWhereItBegan } from './pressWhereItBegan';
import { Tape } from './Tape';
import { Trouble } from './Trouble';
import { FRAME_TEXT } from './text';

/** Fetched only where Bobbet cannot start. */
const StartPanel = dynamic(() => import('../start/StartPanel').then((part) => part.StartPanel), { ssr: false });

/** One frame for every station: the tape on top, one task in the middle, the machine bar below. */
export function Frame({ children }: { children: ReactNode }) {
  const { open, problem } = useStart();
  const path = usePathname();
  useUndoKeys(open);
  useEffect(holdNavigation, []);
  useEffect(() => pressWhereItBegan(document), []);
  const stopped = useSyncExternalStore(followServer, serverAwaited, () => false);
  if (problem) return <StartPanel problem={problem} />;
  return (
    <div className={styles.frame}>
      <a href="#task" className={styles.skip}>
        {FRAME_TEXT.skipToTheTask}
      </a>
      <Tape />
      <Banners />
      <Trouble />
      {stopped && <ServerStopped onBack={serverIsBack} />}
      <main id="task" tabIndex={-1} className={styles.task}>
        {open ? (
          <StationBoundary key={path}>{children}</StationBoundary>
        ) : (
          <p role="status" className="unseen">
            {START_WORDS.opening}
          </p>
        )}
      </main>
      <PartBoundary what={FRAME_TEXT.whatIsOnThe}>
        <MachineBar />
      </PartBoundary>
    </div>
  );
}
