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
import { HEAT_GAUGE_TEXT } from '../text';

const HEAT_NAMES: Record<HeatSign, string> = {
  nothing: HEAT_GAUGE_TEXT.noMark,
  shine: HEAT_GAUGE_TEXT.itShines,
  mark: HEAT_GAUGE_TEXT.aPressMarkStays,
  'water-mark': HEAT_GAUGE_TEXT.waterLeavesAMark,
  shrank: HEAT_GAUGE_TEXT.itShrank,
  melted: HEAT_GAUGE_TEXT.itMeltsOrSticks,
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
      title={HEAT_GAUGE_TEXT.howHotMayThe}
      howTo={HEAT_GAUGE_TEXT.pressABareScrap}
      drawing={<CautionAlert>{HEAT_GAUGE_TEXT.aHotIronBurns}</CautionAlert>}
      verdict={null}
      hint={say(found ? says(found) : HEAT_GAUGE_TEXT.oneDotIsAbout)}
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
  if (failedC === null) return HEAT_GAUGE_TEXT.noMarkAtC(goodC);
  const most = goodC === null ? HEAT_GAUGE_TEXT.noIronOnThis : HEAT_GAUGE_TEXT.cAtMost(goodC);
  return HEAT_GAUGE_TEXT.atC(HEAT_NAMES[sign!], failedC, most);
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
        {seen === undefined && stoppedAt !== null && <em>{HEAT_GAUGE_TEXT.notThisHotIt(heat(stoppedAt))}</em>}
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
