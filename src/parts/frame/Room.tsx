'use client';

import useMediaQuery from '@mui/material/useMediaQuery';
import dynamic from 'next/dynamic';
import { usePathname } from 'next/navigation';
import { SnackbarProvider } from 'notistack';
import { Fragment, type ReactNode, useEffect, useSyncExternalStore } from 'react';
import { usePreference } from '@/data';
import { PHONE } from '@/ui';
import {
  followServer,
  holdNavigation,
  PartBoundary,
  serverAwaited,
  serverIsBack,
  ServerStopped,
  StationBoundary,
} from '../boundary';
import { useUndoKeys } from '../history';
import { MachineBar } from '../machineBar';
import { awaitInstall } from '../offline';
import { useStart } from '../start';
import { Banners } from './Banners';
import styles from './Frame.module.css';
import { focusFollows } from './focusFollows';
import { pressWhereItBegan } from './pressWhereItBegan';
import { FRAME_TEXT } from './text';
import { Trouble } from './Trouble';
import { useEnglish } from './useEnglish';
import { useStationKeys } from './useStationKeys';

/** Fetched only where Bobbet cannot start. */
const StartPanel = dynamic(() => import('../start/StartPanel').then((part) => part.StartPanel), { ssr: false });

/** Everything under the tape: what must be known, the task, the machine bar; and the place where notices are said. */
export function Room({ children }: { children: ReactNode }) {
  const phone = useMediaQuery(PHONE);
  return (
    <SnackbarProvider
      maxSnack={phone ? 1 : 2}
      autoHideDuration={10_000}
      anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
      classes={{ containerRoot: 'notices' }}
    >
      <Opened>{children}</Opened>
    </SnackbarProvider>
  );
}

function Opened({ children }: { children: ReactNode }) {
  const { open, problem } = useStart();
  const path = usePathname();
  useUndoKeys(open);
  useStationKeys();
  useEffect(holdNavigation, []);
  useEffect(awaitInstall, []);
  useEffect(() => pressWhereItBegan(document), []);
  useEffect(() => focusFollows(document), []);
  const stopped = useSyncExternalStore(followServer, serverAwaited, () => false);
  // What the banner says is read before anything is drawn: the task does not move away from under it.
  const name = usePreference('workroomName');
  const english = useEnglish();
  if (problem) return <StartPanel problem={problem} />;
  if (!open || name === undefined || english === null) return null;
  // Another English draws everything again.
  return (
    <Fragment key={english}>
      <Banners />
      <Trouble />
      {stopped && <ServerStopped onBack={serverIsBack} />}
      <main id="task" tabIndex={-1} className={styles.task}>
        <StationBoundary key={path}>{children}</StationBoundary>
      </main>
      <PartBoundary what={FRAME_TEXT.whatIsOnThe}>
        <MachineBar />
      </PartBoundary>
    </Fragment>
  );
}
