'use client';

import Button from '@mui/material/Button';
import { clothOf } from '@/core/cloth';
import { STAND_INS, type StandInTask } from '@/core/practice';
import { keptFinding, type TestLine } from '@/core/swatch';
import { usePreference, writePreference } from '@/data';
import { useSay } from '@/parts/workspace';
import { Select } from '@/ui';
import { matchWorker } from '@/workers/matchClient';
import styles from './Swatch.module.css';
import type { SaveLine, Scrap } from './useScrap';

/** A line as a stand-in would sew it: in the state that everything done on this scrap before left the stand-in in. */
export function standInTask(scrap: Scrap, line: TestLine, standIn: number): StandInTask {
  const done = scrap.lines.filter(
    (l) => l.number <= line.number && (l.id === line.id || l.simulated?.seed === standIn),
  );
  return {
    cloth: clothOf(scrap.cloth),
    operation: scrap.swatch.operation,
    setup: line.setup,
    direction: line.direction,
    standIn,
    number: line.number,
    changes: done.map((l) => l.change),
  };
}

/** No machine at hand: a simulated one sews the line. It says so, and so does everything that comes of it. */
export function StandIn({ scrap, line, onSave }: { scrap: Scrap; line: TestLine; onSave: SaveLine }) {
  const seed = usePreference('standIn');
  const say = useSay();
  if (seed === undefined) return null;
  const sew = async () => {
    const sewn = await matchWorker()
      .sewOnStandIn(standInTask(scrap, line, seed))
      .catch((cause: Error) => void say(`The stand-in could not sew this: ${cause.message}`));
    if (sewn) onSave(() => ({ ...sewn, findings: sewn.findings.map(keptFinding), simulated: { seed } }));
  };
  return (
    <details className={styles.more} open={scrap.lines.some((l) => l.simulated)}>
      <summary>No machine at hand?</summary>
      <p className={styles.quiet}>
        A simulated machine can sew this line, to practise reading a scrap. Each has its own quirks, some hide a fault,
        and none tells. What it sews is marked as simulated and is no proof for a real machine.
      </p>
      <div className={styles.standIn}>
        <Select
          label="Stand-in"
          value={String(seed)}
          options={STAND_INS.map((n) => [String(n), `Stand-in ${n}`] as const)}
          onPick={(id) => void writePreference('standIn', Number(id))}
        />
        <Button variant="outlined" onClick={() => void sew()}>
          Let the stand-in sew this line
        </Button>
      </div>
    </details>
  );
}
