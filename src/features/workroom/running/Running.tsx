'use client';

import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { readBobbetAddress } from '@/core/exchange';
import { usePreference, writePreference } from '@/data';
import {
  ABILITIES,
  abilities,
  browserFacts,
  buildNow,
  canInstall,
  followBuild,
  followInstall,
  install,
  isInstalled,
  type RunningWay,
  runningWay,
  takeNewBuild,
} from '@/parts/offline';
import { Field } from '@/ui';
import styles from '../Workroom.module.css';
import { ABILITY_TEXT, RUNNING_TEXT as TEXT, STANDING_TEXT, WAY_TEXT } from './text';

const WAYS: readonly RunningWay[] = ['this-computer', 'secure', 'plain'];

/** Which of the three ways to run Bobbet this is, what works here, and what the others would add. */
export function Running() {
  const asks = useSyncExternalStore(followInstall, canInstall, () => false);
  const facts = browserFacts(asks || isInstalled());
  const way = runningWay(facts);
  return (
    <div className={styles.columns}>
      <div>
        <section aria-labelledby="running" className={styles.files}>
          <h2 id="running">{TEXT.title}</h2>
          <p>
            <strong>{WAY_TEXT[way].title}.</strong> {WAY_TEXT[way].is}
          </p>
          <Kept can={facts.has.offline} />
          {isInstalled() && <p>{TEXT.installed}</p>}
          {asks && (
            <div className={styles.actions}>
              <Button variant="outlined" onClick={() => void install()}>
                {TEXT.install}
              </Button>
            </div>
          )}
          <Address own={way === 'secure' ? window.location.origin : null} />
        </section>
      </div>
      <div>
        <section aria-labelledby="abilities" className={styles.files}>
          <h2 id="abilities">{TEXT.works}</h2>
          <AbilityList standings={abilities(facts)} />
        </section>
        <section aria-labelledby="ways" className={styles.files}>
          <h2 id="ways">{TEXT.others}</h2>
          {WAYS.map((one) => (
            <p key={one}>
              <strong>{WAY_TEXT[one].title}</strong>
              {one === way && ` (${TEXT.here})`}. {WAY_TEXT[one].adds}
            </p>
          ))}
        </section>
      </div>
    </div>
  );
}

function AbilityList({ standings }: { standings: ReturnType<typeof abilities> }) {
  return (
    <Table size="small" aria-labelledby="abilities">
      <TableBody>
        {ABILITIES.map((one) => (
          <TableRow key={one}>
            <TableCell component="th" scope="row" sx={{ pl: 0 }}>
              <strong>{ABILITY_TEXT[one].name}</strong>
              <br />
              {ABILITY_TEXT[one].what}
            </TableCell>
            <TableCell sx={{ pr: 0, whiteSpace: 'nowrap' }}>{STANDING_TEXT[standings[one]]}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

/** Whether Bobbet is on the device by now, and whether a newer one waits. */
function Kept({ can }: { can: boolean }) {
  const build = useSyncExternalStore(followBuild, buildNow, () => 'current' as const);
  const [isKept, setKept] = useState(false);
  useEffect(() => {
    if (can) void navigator.serviceWorker.ready.then(() => setKept(true));
  }, [can]);
  if (!can) return null;
  return (
    <>
      <p role="status">{isKept ? TEXT.offlineNow : TEXT.offlineSoon}</p>
      {build === 'newer-waits' && (
        <p>
          {TEXT.newer} <Button onClick={takeNewBuild}>{TEXT.take}</Button>
        </p>
      )}
    </>
  );
}

/** Where links lead: only an address that other devices can open safely. */
function Address({ own }: { own: string | null }) {
  const stored = usePreference('bobbetAddress');
  // Shown afresh when it was put in by a press; what is being typed stays as it is.
  const [presses, setPresses] = useState(0);
  if (stored === undefined) return null;
  return (
    <>
      <Field
        key={presses}
        label={TEXT.address}
        text={stored}
        read={(text) => {
          const address = readBobbetAddress(text);
          return address === null ? { ok: false, expected: TEXT.addressWrong } : { ok: true, value: address };
        }}
        onValue={(value) => void writePreference('bobbetAddress', value)}
        help={TEXT.addressHelp}
      />
      {own !== null && stored !== own && (
        <div className={styles.actions}>
          <Button
            onClick={() => void writePreference('bobbetAddress', own).then(() => setPresses((count) => count + 1))}
          >
            {TEXT.addressHere}
          </Button>
        </div>
      )}
    </>
  );
}
