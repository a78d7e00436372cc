import Button from '@mui/material/Button';
import type { OutlineSpec } from '@/core/seam';
import type { Ask } from '@/core/procedure';
import { Tick } from '@/ui';
import { AskField } from '@/parts/asks';
import styles from '../Sew.module.css';

type Drawn = Extract<OutlineSpec, { from: 'drawn' }>;
type DrawnPart = Drawn['parts'][number];

const STRAIGHT: Ask = { key: 'straight', label: 'Straight for', unit: 'mm', usual: 100, least: 1, most: 3000 };
const RADIUS: Ask = {
  key: 'radius',
  label: 'Radius, 0 for a corner',
  unit: 'mm',
  usual: 30,
  least: 0,
  most: 3000,
};
const TURN: Ask = {
  key: 'turn',
  label: 'Turns right by, left with a minus',
  unit: 'degrees',
  usual: 90,
  least: -360,
  most: 360,
};

/** A line drawn by walking it: straight so far, round so much, a corner. */
export function DrawnAsk({ spec, onSpec }: { spec: Drawn; onSpec: (spec: Drawn) => void }) {
  const put = (parts: DrawnPart[]) => onSpec({ ...spec, parts });
  const change = (i: number, part: DrawnPart) => put(spec.parts.map((old, k) => (k === i ? part : old)));
  return (
    <>
      <ol className={styles.parts}>
        {spec.parts.map((part, i) => (
          // Pieces have no name of their own: their place and kind are what they are.
          <li key={`${i} ${'straightMm' in part ? 'straight' : 'turn'} ${spec.parts.length}`}>
            {'straightMm' in part ? (
              <AskField ask={STRAIGHT} value={part.straightMm} onValue={(straightMm) => change(i, { straightMm })} />
            ) : (
              <>
                <AskField ask={RADIUS} value={part.radiusMm} onValue={(radiusMm) => change(i, { ...part, radiusMm })} />
                <AskField ask={TURN} value={part.turnDeg} onValue={(turnDeg) => change(i, { ...part, turnDeg })} />
              </>
            )}
            <Button aria-label={`Take piece ${i + 1} out`} onClick={() => put(spec.parts.filter((_, k) => k !== i))}>
              Take out
            </Button>
          </li>
        ))}
      </ol>
      <div className={styles.actions}>
        <Button variant="outlined" onClick={() => put([...spec.parts, { straightMm: 100 }])}>
          Add a straight
        </Button>
        <Button variant="outlined" onClick={() => put([...spec.parts, { radiusMm: 30, turnDeg: 90 }])}>
          Add a turn
        </Button>
      </div>
      <Tick
        name="It closes: straight back to where it began"
        checked={spec.closed}
        onToggle={(on) => onSpec({ ...spec, closed: on })}
      />
    </>
  );
}
