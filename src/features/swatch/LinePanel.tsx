'use client';

import dynamic from 'next/dynamic';
import type { NextStep } from '@/core/diagnose';
import { stitchAndSize } from '@/core/kit';
import { type TestLine, passCriteria, isPlanned } from '@/core/swatch';
import { lines as lineStore } from '@/data';
import { EyeStop } from '@/parts/asking';
import { useUnits } from '@/parts/workspace';
import { Notes } from './Notes';
import { AsSet } from './AsSet';
import { Criteria } from './Criteria';
import { LineActions } from './LineActions';
import { settle } from './lineActions';
import { MeasuresAndSigns } from './MeasuresAndSigns';
import { SewnPicture } from './SewnPicture';
import { StandIn } from './StandIn';
import styles from './Swatch.module.css';
import type { SaveLine, Scrap } from './useScrap';
import { WhatNext } from './WhatNext';
import { LINE_PANEL_TEXT } from './text';

// Only a line that failed asks what to change.
const OneChange = dynamic(() => import('./OneChange').then((part) => part.OneChange), { ssr: false });

interface Props {
  scrap: Scrap;
  line: TestLine;
  onPick: (id: string) => void;
  /** Begins another line, with the one thing changed that diagnosis named. */
  onStep: (step: NextStep) => void;
}

const WAY = { across: 'Across', along: 'Along', bias: LINE_PANEL_TEXT.onTheBiasOf };

/** The current test: its setting, what was measured, what was seen, and whether it passes. */
export function LinePanel({ scrap, line, onPick, onStep }: Props) {
  const { setup } = line;
  const { say } = useUnits();
  const criteria = passCriteria(scrap.seam, line);
  const save: SaveLine = (edit) => void lineStore.change(line.id, (now) => now && { ...now, ...edit(now) });
  const take = async (step: NextStep) => {
    await settle(scrap, line, 'failed');
    onStep(step);
  };
  const card = scrap.cards.find((c) => c.lineId === line.id);
  const open = line.status === 'sewing' || isPlanned(line);
  return (
    <section className={styles.panel} aria-label={LINE_PANEL_TEXT.line(line.number)}>
      <h2 data-work>{LINE_PANEL_TEXT.line2(line.number, stitchAndSize(scrap.machine.machine, setup, 'within'))}</h2>
      <p className={styles.quiet}>
        {isPlanned(line) ? LINE_PANEL_TEXT.stillToCome(line.direction) : WAY[line.direction]} {LINE_PANEL_TEXT.theCloth}
        {line.plan ? ` ${say(line.plan.why)}` : ''}
      </p>
      {open && <EyeStop setup={setup} />}
      {open && <OneChange scrap={scrap} line={line} onSave={save} />}
      {line.status === 'sewing' && !line.simulated && <AsSet scrap={scrap} line={line} onSave={save} />}
      {!isPlanned(line) && (
        <>
          {line.simulated && <SewnPicture scrap={scrap} line={line} />}
          {line.status === 'sewing' && !line.simulated && <StandIn scrap={scrap} line={line} onSave={save} />}
          <MeasuresAndSigns scrap={scrap} line={line} onSave={save} />
          <Criteria criteria={criteria} />
          {!card && <WhatNext scrap={scrap} line={line} onTake={(step) => void take(step)} onSave={save} />}
        </>
      )}
      <LineActions scrap={scrap} line={line} card={card} criteria={criteria} onPick={onPick} />
      {!isPlanned(line) && <Notes line={line} onSave={save} />}
    </section>
  );
}
