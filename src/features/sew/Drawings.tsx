import { type Numbers, type Step, toolAt } from '@/core/procedure';
import type { Setup } from '@/core/setup';
import { isLow, SceneDrawing } from '@/ui';
import styles from './Sew.module.css';
import { usePrinter } from './usePrinter';
import type { RunNow } from './useRunNow';

interface Props {
  now: RunNow;
  numbers: Numbers;
  step: Step;
  /** What the hand holds on this fabric. */
  tool: Step['with'];
  target: Setup | null;
}

/** The drawing of the step with the hand in it; below a low one, the same from its other view. */
export function Drawings({ now, numbers, step, tool, target }: Props) {
  const { run, procedure, steps, given } = now;
  const { length } = usePrinter(now, numbers);
  const scene = procedure.views[step.view](numbers, given);
  const other = Object.keys(procedure.views).find((view) => view !== step.view);
  const doneIn = (view: string) =>
    new Set(steps.slice(0, run.step).flatMap((s) => (s.view === view ? [...(s.now ?? [])] : [])));
  return (
    <>
      <SceneDrawing
        scene={scene}
        now={new Set(step.now)}
        done={doneIn(step.view)}
        length={length}
        tool={toolAt(scene, { ...step, with: tool })}
        foot={target ?? undefined}
        sewn={step.sews ? (target ?? undefined) : undefined}
      />
      {other && isLow(scene) && (
        <div className={styles.also}>
          <SceneDrawing
            scene={procedure.views[other](numbers, given)}
            now={new Set(step.now)}
            done={doneIn(other)}
            length={length}
          />
        </div>
      )}
    </>
  );
}
