'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import type { NextStep } from '@/core/diagnose';
import { STITCH } from '@/core/stitch';
import { type Line, passCriteria, passes } from '@/core/swatch';
import { formatNumber } from '@/core/units';
import { lines as lineStore } from '@/data';
import { useSay, useUndo } from '@/parts/workspace';
import { Criteria } from './Criteria';
import { Measures } from './Measures';
import { OneChange } from './OneChange';
import { Signs } from './Signs';
import styles from './Swatch.module.css';
import { makeCard, type SaveLine, type Scrap, settle } from './useScrap';
import { WhatNext } from './WhatNext';

interface Props {
  scrap: Scrap;
  line: Line;
  /** Begins another line like this one, with one thing changed when diagnosis said what. */
  onNext: (step?: NextStep) => void;
}

/** The line in hand: its setting, what was measured, what was seen, and whether it passes. */
export function LinePanel({ scrap, line, onNext }: Props) {
  const { setup } = line;
  const criteria = passCriteria(scrap.seam, line);
  const save: SaveLine = (edit) => void lineStore.change(line.id, (now) => now && { ...now, ...edit(now) });
  const say = useSay();
  const undo = useUndo();
  const remove = async () => {
    await lineStore.remove(line.id);
    undo(`Line ${line.number} is unpicked.`, () => lineStore.put(line));
  };
  const pass = async () => {
    await makeCard(scrap, line);
    say('Passed. The card is in the Ledger.');
  };
  const take = async (step: NextStep) => {
    await settle(scrap, line, 'failed');
    onNext(step);
  };
  const card = scrap.cards.find((c) => c.lineId === line.id);
  const size = `${formatNumber(setup.lengthMm, 2)}${setup.widthMm > 0 ? ` × ${formatNumber(setup.widthMm, 2)}` : ''} mm`;
  return (
    <section className={styles.panel} aria-label={`Line ${line.number}`}>
      <h2>
        Line {line.number}: {STITCH[setup.stitch].name.toLowerCase()}, {size}
      </h2>
      {line.status === 'sewing' && <OneChange scrap={scrap} line={line} onSave={save} />}
      <Measures line={line} onSave={save} required={scrap.seam.required.percent} />
      <Signs line={line} onSave={save} />
      <Criteria criteria={criteria} />
      {!card && <WhatNext scrap={scrap} line={line} onTake={(step) => void take(step)} />}
      <div className={styles.actions}>
        {card ? (
          <Link href={`/ledger?id=${card.id}`}>This line is a card: see it in the Ledger</Link>
        ) : (
          <Button
            variant="contained"
            color={passes(criteria) ? 'secondary' : 'primary'}
            disabled={!passes(criteria)}
            onClick={() => void pass()}
          >
            Pass: keep it as a card
          </Button>
        )}
        {line.status === 'sewing' && (
          <Button variant="outlined" onClick={() => void settle(scrap, line, 'failed').then(() => onNext())}>
            Failed: next line
          </Button>
        )}
        {line.status !== 'sewing' && (
          <Button variant="outlined" onClick={() => onNext()}>
            Another line
          </Button>
        )}
        {!card && <Button onClick={() => void remove()}>Unpick this line</Button>}
      </div>
    </section>
  );
}
