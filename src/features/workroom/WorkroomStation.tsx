'use client';

import Button from '@mui/material/Button';
import { useQuestion } from '@/parts/workspace';
import { machines as store } from '@/data';
import { PLAIN_MACHINE } from '@/core/kit';
import { newId, nowText, useUndo } from '@/parts/workspace';
import { ChoiceList } from '@/ui';
import { Files } from './Files';
import { KitTicks } from './KitTicks';
import { MachineForm } from './MachineForm';
import styles from './Workroom.module.css';

/** Workroom: what the machine can do, what is owned, and the file that holds it all. */
export function WorkroomStation() {
  const asked = useQuestion();
  const undo = useUndo();
  if (!asked) return null;
  const { machine, machines } = asked;
  const add = async () => {
    const id = newId();
    await store.put({
      id,
      addedAt: nowText(),
      machine: { ...PLAIN_MACHINE, name: `Machine ${machines.length + 1}` },
    });
    await asked.ask({ machineId: id });
  };
  const remove = async () => {
    if (!machine) return;
    await store.remove(machine.id);
    await asked.ask({ machineId: null });
    undo(`${machine.machine.name} is removed.`, async () => {
      await store.put(machine);
      await asked.ask({ machineId: machine.id });
    });
  };
  return (
    <div className={styles.page}>
      <h1>Workroom</h1>
      <div className={styles.columns}>
        <section aria-labelledby="machine">
          <h2 id="machine">Machine</h2>
          {machines.length > 1 && (
            <ChoiceList
              focus={false}
              value={machine?.id ?? null}
              options={machines.map(({ id, machine: m }) => ({ id, name: m.name }))}
              onPick={(machineId) => void asked.ask({ machineId })}
            />
          )}
          {machine ? (
            <MachineForm key={machine.id} record={machine} />
          ) : (
            <p>No machine. Add one to be told what to dial.</p>
          )}
          <div className={styles.actions}>
            <Button variant="outlined" onClick={() => void add()}>
              Another machine
            </Button>
            {machine && machines.length > 1 && <Button onClick={() => void remove()}>Remove this machine</Button>}
          </div>
        </section>
        <div>
          <KitTicks />
          <Files />
        </div>
      </div>
    </div>
  );
}
