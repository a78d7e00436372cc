'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { type MachineRecord, sewnHours } from '@/core/file';
import { PLAIN_MACHINE } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { machines as store } from '@/data';
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
  const [view, setView] = useState<'calibrate' | 'about'>('calibrate');
  if (!asked) return null;
  const { machine, machines, away } = asked;
  const add = async () => {
    const id = newId();
    const name = MACHINES_TEXT.machine(machines.length + away.length + 1);
    await store.put({ id, addedAt: nowText(), machine: { ...PLAIN_MACHINE, name } });
    await askAbout({ machineId: id });
    setView('about');
  };
  return (
    <div className={styles.machines}>
      <div role="group" aria-label={MACHINES_TEXT.whichMachine} className={styles.which}>
        {machines.map(({ id, machine: m, sewn }) => (
          <Pressable key={id} aria-pressed={id === machine?.id} onClick={() => void askAbout({ machineId: id })}>
            {m.name}
            <small>{MACHINES_TEXT.hSewn(formatNumber(sewnHours({ sewn }), 1))}</small>
          </Pressable>
        ))}
        <Button onClick={() => void add()}>{MACHINES_TEXT.anotherMachine}</Button>
      </div>
      <Away away={away} />
      {machine ? (
        <>
          <DialFaces record={machine} />
          <Tabs
            label={MACHINES_TEXT.aboutThisMachine}
            value={view}
            options={[
              { id: 'calibrate', name: MACHINES_TEXT.calibrate },
              { id: 'about', name: MACHINES_TEXT.whatItCanDo },
            ]}
            onPick={setView}
          >
            {view === 'calibrate' ? (
              <Calibrate key={machine.id} record={machine} />
            ) : (
              <MachineForm key={machine.id} record={machine} />
            )}
          </Tabs>
          {machines.length > 1 && <PutMachineAway record={machine} />}
        </>
      ) : (
        <p>{MACHINES_TEXT.noMachineAddOne}</p>
      )}
    </div>
  );
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
