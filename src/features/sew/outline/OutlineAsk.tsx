'use client';

import type { OutlineSpec } from '@/core/seam';
import { Choice, Tick } from '@/ui';
import styles from '../Sew.module.css';
import type { RunNow } from '../useRunNow';
import { DrawnAsk } from './DrawnAsk';
import { ShapeAsk } from './ShapeAsk';
import { SvgAsk } from './SvgAsk';
import { OUTLINE_ASK_TEXT } from '../text';

const WAYS = [
  { id: 'shape', name: OUTLINE_ASK_TEXT.pickAShape },
  { id: 'drawn', name: OUTLINE_ASK_TEXT.drawItByNumbers },
  { id: 'svg', name: OUTLINE_ASK_TEXT.loadAnSvg },
] as const;

/** What each way begins with. */
const FIRST: { [F in OutlineSpec['from']]: Extract<OutlineSpec, { from: F }> } = {
  shape: { from: 'shape', shape: 'neckline', sizes: {}, side: 'usual' },
  drawn: {
    from: 'drawn',
    parts: [{ straightMm: 100 }, { radiusMm: 30, turnDeg: 90 }, { straightMm: 60 }],
    closed: false,
    side: 'usual',
  },
  svg: { from: 'svg', name: '', d: '', mmPerUnit: 1, side: 'usual' },
};

/** The line to be sewn: picked, drawn by numbers, or read from a picture file. */
export function OutlineAsk({ now }: { now: RunNow }) {
  const { run, procedure, save } = now;
  const first: OutlineSpec = { ...FIRST.shape, shape: procedure.along ?? FIRST.shape.shape };
  const spec = run.outline ?? first;
  const onSpec = (outline: OutlineSpec) => void save(() => ({ outline }));
  return (
    <div className={styles.outline}>
      <h3>{OUTLINE_ASK_TEXT.theLine}</h3>
      <Choice
        label={OUTLINE_ASK_TEXT.theLine}
        value={spec.from}
        options={WAYS}
        onPick={(from) => from !== spec.from && onSpec(from === 'shape' ? first : FIRST[from])}
      />
      {spec.from === 'shape' && <ShapeAsk spec={spec} onSpec={onSpec} />}
      {spec.from === 'drawn' && <DrawnAsk spec={spec} onSpec={onSpec} />}
      {spec.from === 'svg' && <SvgAsk spec={spec} onSpec={onSpec} />}
      <Tick
        name={OUTLINE_ASK_TEXT.allowanceOnTheOther}
        checked={spec.side === 'other'}
        onToggle={(on) => onSpec({ ...spec, side: on ? 'other' : 'usual' })}
      />
    </div>
  );
}
