'use client';

import {
  HEAT_SIGNS,
  type HeatFinding,
  type HeatSign,
  heatFinding,
  IRON_STEPS,
  type IronStep,
  readingsOf,
} from '@/core/cloth';
import { useUnits } from '@/parts/workspace';
import { CautionAlert, IronDrawing, Pressable } from '@/ui';
import styles from './Gauges.module.css';
import type { GaugeProps } from './GaugeProps';
import { GaugeShell } from './GaugeShell';
import { useKeepReading } from './useKeepReading';

const HEAT_NAMES: Record<HeatSign, string> = {
  nothing: 'No mark',
  shine: 'It shines',
  mark: 'A press mark stays',
  'water-mark': 'Water leaves a mark',
  shrank: 'It shrank',
  melted: 'It melts or sticks',
};

/** Rising heat on a scrap, one step at a time, until something shows. */
export function HeatGauge(props: GaugeProps) {
  const keep = useKeepReading(props);
  const { say } = useUnits();
  const readings = readingsOf(props.record.readings, 'heat');
  const found = heatFinding(props.record.readings);
  const seen = (step: number) => readings.filter((r) => r.soleC === step).at(-1)?.seen;
  const next = IRON_STEPS.find((step) => seen(step) === undefined);
  return (
    <GaugeShell
      {...props}
      gauge="heat"
      title="How hot may the iron be?"
      howTo="Press a bare scrap for five seconds, coolest step first. Let it cool, look at it against the light, then put a drop of water on it. Go up only while nothing shows."
      drawing={
        <CautionAlert>
          A hot iron burns and can set cloth alight: on a scrap only, hand off the sole, never left alone, window open.
          The care label of the cloth and the manual of the iron come first.
        </CautionAlert>
      }
      verdict={null}
      hint={say(found ? says(found) : 'One dot is about 110 °C, two dots 150 °C, three dots 200 °C.')}
    >
      <ol className={styles.ladder}>
        {IRON_STEPS.map((step, i) => (
          <Step
            key={step}
            step={step}
            dots={(i + 1) as 1 | 2 | 3}
            seen={seen(step)}
            open={step === next}
            stoppedAt={found?.failedC && step > found.failedC ? found.failedC : null}
            onSeen={(sign) => keep({ gauge: 'heat', soleC: step, seen: sign })}
          />
        ))}
      </ol>
    </GaugeShell>
  );
}

function says({ goodC, failedC, sign }: HeatFinding): string {
  if (failedC === null) return `No mark at ${goodC} °C.`;
  const most = goodC === null ? 'no iron on this cloth' : `${goodC} °C at most`;
  return `${HEAT_NAMES[sign!]} at ${failedC} °C: ${most}.`;
}

interface StepProps {
  step: IronStep;
  dots: 1 | 2 | 3;
  seen: HeatSign | undefined;
  /** The one to try now. */
  open: boolean;
  /** The cooler step that already showed something. */
  stoppedAt: number | null;
  onSeen: (sign: HeatSign) => void;
}

function Step({ step, dots, seen, open, stoppedAt, onSeen }: StepProps) {
  const { heat } = useUnits();
  const asks = open && stoppedAt === null;
  const state = seen === undefined ? (asks ? 'open' : 'locked') : seen === 'nothing' ? 'good' : 'failed';
  return (
    <li>
      <IronDrawing dots={dots} state={state} />
      <span>
        <strong>{heat(step)}</strong>
        {seen !== undefined && <em>{HEAT_NAMES[seen]}</em>}
        {seen === undefined && stoppedAt !== null && <em>not this hot: it already showed at {heat(stoppedAt)}</em>}
        {asks && (
          <span className={styles.picks}>
            {HEAT_SIGNS.map((sign) => (
              <Pressable key={sign} className={styles.pick} onClick={() => onSeen(sign)}>
                {HEAT_NAMES[sign]}
              </Pressable>
            ))}
          </span>
        )}
      </span>
    </li>
  );
}
