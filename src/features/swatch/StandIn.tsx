'use client';

import Button from '@mui/material/Button';
import { clothOf } from '@/core/cloth';
import { STAND_INS, type StandInTask } from '@/core/practice';
import { keptFinding, type TestLine } from '@/core/swatch';
import { usePreference, writePreference } from '@/data';
import { useSay } from '@/parts/workspace';
import { More, Select } from '@/ui';
import { matchWorker } from '@/workers/matchClient';
import styles from './Swatch.module.css';
import { SIMULATED_TEXT as TEXT } from './text';
import type { SaveLine, Scrap } from './useScrap';

/** A line as a simulated machine would sew it: in the state in which everything done on this scrap before left it. */
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
      .catch((cause: Error) => void say(TEXT.failed(cause.message)));
    if (!sewn) return;
    if ('blocked' in sewn) return say(sewn.blocked.text);
    if (sewn.measures.afterMm === undefined) say(TEXT.stopped);
    onSave(() => ({ ...sewn, findings: sewn.findings.map(keptFinding), simulated: { seed } }));
  };
  return (
    <More summary={TEXT.ask} open={scrap.lines.some((l) => l.simulated)}>
      <p className={styles.quiet}>{TEXT.about}</p>
      <div className={styles.standIn}>
        <Select
          label={TEXT.which}
          value={String(seed)}
          options={STAND_INS.map((n) => [String(n), TEXT.one(n)] as const)}
          onPick={(id) => void writePreference('standIn', Number(id))}
        />
        <Button variant="outlined" onClick={() => void sew()}>
          {TEXT.sew}
        </Button>
      </div>
    </More>
  );
}
