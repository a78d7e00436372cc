'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { type MachineRecord, sewnHours } from '@/core/file';
import { MACHINE_KIND, type MachineKind } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { isAssumed } from '@/core/workroom';
import { machines as store } from '@/data';
import { KindChoice } from '@/parts/machineKinds';
import { askAbout, newId, nowText, useQuestion } from '@/parts/workspace';
import { Pressable, Tabs } from '@/ui';
import { DialFaces } from './DialFaces';
import { MachineForm } from './MachineForm';
import { PutMachineAway } from './PutMachineAway';
import styles from './Workroom.module.css';
import { MACHINES_TEXT } from './text';

const Calibrate = dynamic(() => import('./calibrate/Calibrate').then((part) => part.Calibrate), {
  loading: () => null,
});

/** The machines: which one, its dials as they stand, what it truly does, and what it can do. */
export function Machines() {
  const asked = useQuestion();
  const [view, setView] = useState<View>('calibrate');
  const wanted = useSearchParams().get('machine');
  const [picked, setPicked] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  if (!asked) return null;
  const { machine: inUse, machines, away } = asked;
  const machine = machines.find(({ id }) => id === (picked ?? wanted)) ?? inUse;
  // A new machine does not become the one that settings are for: only its owner says so.
  const add = async (kind: MachineKind) => {
    const id = newId();
    const name = newName(MACHINE_KIND[kind].name, [...machines, ...away]);
    await store.put({ id, addedAt: nowText(), machine: { ...MACHINE_KIND[kind].machine, name } });
    setAdding(false);
    setPicked(id);
    setView('about');
  };
  return (
    <div className={styles.machines}>
      <div role="group" aria-label={MACHINES_TEXT.whichMachine} className={styles.which}>
        {machines.map(({ id, machine: m, sewn }) => (
          <Pressable key={id} aria-pressed={id === machine?.id} onClick={() => setPicked(id)}>
            {m.name}
            <small>
              {id === inUse?.id && machines.length > 1 && MACHINES_TEXT.inUse}
              {MACHINES_TEXT.hSewn(formatNumber(sewnHours({ sewn }), 1))}
            </small>
          </Pressable>
        ))}
        <Button aria-expanded={adding} onClick={() => setAdding(!adding)}>
          {MACHINES_TEXT.anotherMachine}
        </Button>
      </div>
      {adding && <WhichKind onPick={(kind) => void add(kind)} />}
      {machine && <Standing machine={machine} inUse={inUse} />}
      <Away away={away} />
      {machine ? (
        <About machine={machine} view={view} onView={setView} isOnly={machines.length === 1} />
      ) : (
        <p>{MACHINES_TEXT.noMachineAddOne}</p>
      )}
    </div>
  );
}

function WhichKind({ onPick }: { onPick: (kind: MachineKind) => void }) {
  return (
    <section aria-label={MACHINES_TEXT.anotherMachine}>
      <p>{MACHINES_TEXT.whichKind}</p>
      <KindChoice kind={null} onPick={(kind) => kind && onPick(kind)} />
    </section>
  );
}

/** Whether settings are for this machine, and whether anything was said of it. */
function Standing({ machine, inUse }: { machine: MachineRecord; inUse: MachineRecord | null }) {
  return (
    <>
      {machine.id !== inUse?.id && (
        <p>
          {MACHINES_TEXT.notInUse(machine.machine.name, inUse?.machine.name ?? '')}{' '}
          <Button variant="outlined" onClick={() => void askAbout({ machineId: machine.id })}>
            {MACHINES_TEXT.useThis}
          </Button>
        </p>
      )}
      {isAssumed(machine) && (
        <p>
          {MACHINES_TEXT.assumed} <Link href="/start">{MACHINES_TEXT.say}</Link>
        </p>
      )}
    </>
  );
}

type View = 'calibrate' | 'about';
interface AboutProps {
  machine: MachineRecord;
  view: View;
  onView: (view: View) => void;
  isOnly: boolean;
}

/** Its dials as they stand, what it truly does, and what it can do. */
function About({ machine, view, onView, isOnly }: AboutProps) {
  return (
    <>
      <DialFaces record={machine} />
      <Tabs
        label={MACHINES_TEXT.aboutThisMachine}
        value={view}
        options={[
          { id: 'calibrate', name: MACHINES_TEXT.calibrate },
          { id: 'about', name: MACHINES_TEXT.whatItCanDo },
        ]}
        onPick={onView}
      >
        {view === 'calibrate' ? (
          <Calibrate key={machine.id} record={machine} />
        ) : (
          <MachineForm key={machine.id} record={machine} />
        )}
      </Tabs>
      {!isOnly && <PutMachineAway record={machine} />}
    </>
  );
}

/** A name no other machine has. */
function newName(kind: string, others: readonly MachineRecord[]): string {
  const taken = new Set(others.map(({ machine }) => machine.name));
  for (let count = 1; ; count += 1) {
    const name = count === 1 ? kind : `${kind} ${count}`;
    if (!taken.has(name)) return name;
  }
}

function Away({ away }: { away: MachineRecord[] }) {
  if (away.length === 0) return null;
  return (
    <p className={styles.quiet}>
      {MACHINES_TEXT.putAway}{' '}
      {away.map((record) => (
        <Button
          key={record.id}
          size="small"
          onClick={() => void store.change(record.id, (now) => now && { ...now, archivedAt: undefined })}
        >
          {MACHINES_TEXT.bringItBack(record.machine.name)}
        </Button>
      ))}
    </p>
  );
}
