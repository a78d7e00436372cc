'use client';

import Button from '@mui/material/Button';
import type { Plan } from '@/core/match';
import styles from './Match.module.css';

const SECURE: Record<Plan['secure'], string> = {
  'back-stitch': 'End with three stitches back.',
  lock: 'End with the lock stitch.',
  knot: 'Leave the tails and knot them by hand; no back-stitch.',
  'short-stitch': 'End with a few very short stitches.',
};

const HOLD: Record<Plan['hold'][number], string> = {
  pins: 'pins',
  'ballpoint-pins': 'ballpoint pins',
  'silk-pins-in-allowance': 'silk pins inside the allowance',
  clips: 'clips',
  weights: 'weights',
  baste: 'basting',
  glue: 'a line of fabric glue',
  tape: 'tape',
};

interface Props {
  plan: Plan;
  onTest: () => void;
  /** Puts the setting aside to compare; absent when there is no room or it is there already. */
  onKeep?: () => void;
}

/** The plan beside the dials, in the order it is done, and the way on: a scrap. */
export function SewLikeThis({ plan, onTest, onKeep }: Props) {
  const { press, cut } = plan;
  const steps = [
    `${plan.seam}.`,
    `Cut ${cut.layers === 'single' ? 'one layer at a time' : 'folded'} with ${cut.tool}${cut.sandwich ? ', between sheets of tissue' : ''}${cut.oneWay ? ', all pieces one way' : ''}.`,
    `Mark: ${plan.mark[0].toLowerCase()}${plan.mark.slice(1)}.`,
    `Hold with ${plan.hold.map((way) => HOLD[way]).join(' or ')}${plan.tissue ? ', tissue under' : ''}.`,
    ...plan.start,
    `Sew ${plan.speed === 'slow' ? 'slowly' : plan.speed === 'steady' ? 'slow and even' : 'freely'}: guide, never pull.`,
    SECURE[plan.secure],
    press.maxSolePlateC === 0
      ? 'No iron.'
      : `Press at ${press.maxSolePlateC} °C at most${press.pressCloth ? ', through a cloth' : ''}, ${press.steam === 'no' ? 'no steam' : press.steam === 'little' ? 'little steam' : 'with steam'}.`,
  ];
  return (
    <section className={styles.sew} aria-labelledby="sew-like-this">
      <h2 id="sew-like-this">Sew it like this</h2>
      <div className={styles.onward}>
        <Button variant="contained" onClick={onTest} size="large">
          Test on scrap
        </Button>
        {onKeep && (
          <Button onClick={onKeep} sx={{ paddingInline: 1 }}>
            Keep to compare
          </Button>
        )}
      </div>
      <ol>
        {steps.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ol>
      {plan.notes.slice(1).map((text) => (
        <p key={text}>{text}</p>
      ))}
    </section>
  );
}
