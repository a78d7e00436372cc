import Button from '@mui/material/Button';
import type { OutlineSpec } from '@/core/seam';
import type { Ask } from '@/core/procedure';
import { Tick } from '@/ui';
import { AskField } from '@/parts/asks';
import styles from '../Sew.module.css';
import { DRAWN_ASK_TEXT } from '../text';

type Drawn = Extract<OutlineSpec, { from: 'drawn' }>;
type DrawnPart = Drawn['parts'][number];

const STRAIGHT: Ask = {
  key: 'straight',
  label: DRAWN_ASK_TEXT.straightFor,
  unit: 'mm',
  usual: 100,
  least: 1,
  most: 3000,
};
const RADIUS: Ask = {
  key: 'radius',
  label: DRAWN_ASK_TEXT.radiusForACorner,
  unit: 'mm',
  usual: 30,
  least: 0,
  most: 3000,
};
const TURN: Ask = {
  key: 'turn',
  label: DRAWN_ASK_TEXT.turnsRightByLeft,
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
            <Button
              aria-label={DRAWN_ASK_TEXT.takePieceOut(i + 1)}
              onClick={() => put(spec.parts.filter((_, k) => k !== i))}
            >
              {DRAWN_ASK_TEXT.takeOut}
            </Button>
          </li>
        ))}
      </ol>
      <div className={styles.actions}>
        <Button variant="outlined" onClick={() => put([...spec.parts, { straightMm: 100 }])}>
          {DRAWN_ASK_TEXT.addAStraight}
        </Button>
        <Button variant="outlined" onClick={() => put([...spec.parts, { radiusMm: 30, turnDeg: 90 }])}>
          {DRAWN_ASK_TEXT.addATurn}
        </Button>
      </div>
      <Tick
        name={DRAWN_ASK_TEXT.itClosesStraightBack}
        checked={spec.closed}
        onToggle={(on) => onSpec({ ...spec, closed: on })}
      />
    </>
  );
}
