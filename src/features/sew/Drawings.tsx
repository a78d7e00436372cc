import { lineStates, type Numbers, type Step, toolAt } from '@/core/procedure';
import type { Setup } from '@/core/setup';
import { commonScale, isLow, SceneDrawing } from '@/ui';
import styles from './Sew.module.css';
import { TEXT } from './text';
import { usePrinter } from './usePrinter';
import type { RunNow } from './useRunNow';

interface Props {
  now: RunNow;
  numbers: Numbers;
  step: Step;
  /** What the hand holds on this fabric. */
  tool: Step['with'];
  target: Setup | null;
  /** Only the drawing of the step itself. */
  one?: boolean;
}

/** The drawing of the step with the hand in it; below a low one, the same from its other view, to the same scale. */
export function Drawings({ now, numbers, step, tool, target, one }: Props) {
  const { run, procedure, steps, given } = now;
  const { length } = usePrinter(now, numbers);
  const scene = procedure.views[step.view](numbers, given);
  const other = Object.keys(procedure.views).find((view) => view !== step.view);
  const also = one || other === undefined || !isLow(scene) ? null : procedure.views[other](numbers, given);
  const scale = also ? commonScale(scene, also) : null;
  return (
    <>
      <SceneDrawing
        scene={scene}
        states={lineStates(scene, steps, run.step)}
        length={length}
        tool={toolAt(scene, { ...step, with: tool })}
        foot={target ?? undefined}
        sewn={step.sews ? (target ?? undefined) : undefined}
        mostScale={scale ?? undefined}
      />
      {also && (
        <SceneDrawing
          scene={also}
          states={lineStates(also, steps, run.step)}
          length={length}
          mostScale={scale ?? undefined}
        />
      )}
      {also && scale === null && <p className={styles.quiet}>{TEXT.ownScale}</p>}
    </>
  );
}
