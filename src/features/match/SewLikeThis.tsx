'use client';

import Button from '@mui/material/Button';
import { planText, type SewingPlan } from '@/core/match';
import { useUnits } from '@/parts/workspace';
import styles from './Match.module.css';
import { SEW_LIKE_THIS_TEXT } from './text';

interface Props {
  plan: SewingPlan;
  /** Absent while the plan is that of an earlier question. */
  onTest?: () => void;
  /** Puts the setting aside to compare; absent when there is no room or it is there already. */
  onKeep?: () => void;
}

/** The plan beside the dials, in the order it is done, and the way on: a scrap. */
export function SewLikeThis({ plan, onTest, onKeep }: Props) {
  const { say } = useUnits();
  const text = planText(plan);
  const steps = [`${plan.seam}.`, text.cut, text.mark, text.hold, ...plan.start, text.speed, text.secure, text.press];
  return (
    <section className={styles.sew} aria-labelledby="sew-like-this">
      <h2 id="sew-like-this">{SEW_LIKE_THIS_TEXT.sewItLikeThis}</h2>
      <div className={styles.onward}>
        <Button variant="contained" onClick={onTest} disabled={!onTest} size="large">
          {SEW_LIKE_THIS_TEXT.testOnScrap}
        </Button>
        {onKeep && (
          <Button onClick={onKeep} sx={{ paddingInline: 1 }}>
            {SEW_LIKE_THIS_TEXT.keepToCompare}
          </Button>
        )}
      </div>
      <ol>
        {steps.map((text) => (
          <li key={text}>{say(text)}</li>
        ))}
      </ol>
      {plan.notes.slice(1).map((text) => (
        <p key={text}>{text}</p>
      ))}
    </section>
  );
}
