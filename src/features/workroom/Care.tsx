'use client';

import Button from '@mui/material/Button';
import { type CareRecord, type MachineRecord, sewnHours } from '@/core/file';
import { CARE, type CareKind, careStandings, type CareStanding, shareOfHours } from '@/core/kit';
import { formatNumber, numberAsk } from '@/core/units';
import { care as store, machines as machineStore, useCare } from '@/data';
import { newId, nowText, sayWhen, useAct, useQuestion } from '@/parts/workspace';
import { CautionAlert, More, OptionalQuantityField } from '@/ui';
import styles from './Workroom.module.css';
import { CARE_TEXT } from './text';

/** Care: what each machine wants and when, by its own sewing hours; what was done. */
export function Care() {
  const asked = useQuestion();
  const log = useCare();
  if (!asked || !log) return null;
  return (
    <section className={styles.section} aria-label={CARE_TEXT.care}>
      <CautionAlert>{CARE_TEXT.theManualOfThe}</CautionAlert>
      {asked.machines.map((record) => (
        <MachineCare key={record.id} record={record} log={log.filter((c) => c.machineId === record.id)} />
      ))}
    </section>
  );
}

function MachineCare({ record, log }: { record: MachineRecord; log: CareRecord[] }) {
  const act = useAct();
  const { machine } = record;
  const hours = sewnHours(record);
  const standings = careStandings({ ...record, sewnHours: hours }, log, new Date().toISOString());
  const done = async (kind: CareKind) => {
    const entry = { id: newId(), machineId: record.id, kind, at: nowText(), atHours: hours };
    await act(CARE_TEXT.notedFor(CARE[kind].name, machine.name), () => store.put(entry));
  };
  return (
    <section aria-labelledby={`care-${record.id}`} className={styles.careOf}>
      <h2 id={`care-${record.id}`}>
        {machine.name} <small>{CARE_TEXT.hSewn(formatNumber(hours, 1))}</small>
      </h2>
      <ul>
        {standings.map((standing) => (
          <Standing key={standing.kind} standing={standing} record={record} onDone={() => void done(standing.kind)} />
        ))}
      </ul>
      {log.length > 0 && (
        <More summary={CARE_TEXT.doneSoFar(log.length)}>
          <ul className={styles.log}>
            {log.map((entry) => (
              <li key={entry.id}>
                {CARE_TEXT.atH(sayWhen(entry.at), formatNumber(entry.atHours, 1), CARE[entry.kind].name)}
                {entry.notes && `. ${entry.notes}`}
              </li>
            ))}
          </ul>
        </More>
      )}
    </section>
  );
}

interface StandingProps {
  standing: CareStanding;
  record: MachineRecord;
  onDone: () => void;
}

function Standing({ standing, record, onDone }: StandingProps) {
  const { kind, due, why, last, leftHours, everyHours } = standing;
  const facts = CARE[kind];
  const share = shareOfHours(standing.sinceHours, everyHours);
  return (
    <li data-due={due || undefined}>
      <div>
        <strong>{facts.name}</strong>
        <span className={due ? styles.due : styles.quiet}>
          {due
            ? CARE_TEXT.due(why)
            : leftHours !== null
              ? CARE_TEXT.inHOfSewing(formatNumber(leftHours, 1))
              : CARE_TEXT.whenItIsNeeded}
          {last ? CARE_TEXT.last(sayWhen(last.at)) : CARE_TEXT.neverNoted}
        </span>
        {everyHours !== null && (
          <svg viewBox="0 0 200 8" className={styles.careBar} aria-hidden>
            <path d="M2 4 H198" stroke="var(--rule)" strokeWidth="5" />
            <path d={`M2 4 H${2 + 196 * share}`} stroke={due ? 'var(--red)' : 'var(--green)'} strokeWidth="5" />
          </svg>
        )}
        <small>{facts.how}</small>
        {due && <small className={styles.caution}>{facts.caution}</small>}
      </div>
      <Every kind={kind} record={record} everyHours={everyHours} />
      <Button variant={due ? 'contained' : 'outlined'} onClick={onDone} aria-label={CARE_TEXT.doneToday(facts.name)}>
        {CARE_TEXT.doneToday2}
      </Button>
    </li>
  );
}

/** How often, as the person wants it for this machine. */
function Every({ kind, record, everyHours }: { kind: CareKind; record: MachineRecord; everyHours: number | null }) {
  const set = (hours: number | undefined = undefined) =>
    void machineStore.change(record.id, (now) => {
      if (!now) return undefined;
      const everyMonths = now.careEvery?.[kind]?.everyMonths ?? CARE[kind].everyMonths;
      return { ...now, careEvery: { ...now.careEvery, [kind]: { everyHours: hours ?? null, everyMonths } } };
    });
  return (
    <OptionalQuantityField
      label={CARE_TEXT.every}
      ask={numberAsk('hours', 'metric', { least: 0.5, most: 5000, usual: 8 })}
      value={everyHours ?? undefined}
      onValue={set}
    />
  );
}
