'use client';

import type { DialCurve } from '@/core/kit';
import { trueAt } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { LazyLineChart } from '@/parts/asking';
import { DIAL_CHART_TEXT } from '../text';

interface Props {
  curve: DialCurve;
  maxMm: number;
  what: string;
}

/** What the dial says against what it does: the dashes are a true dial, the full line is this machine. */
export function DialChart({ curve, maxMm, what }: Props) {
  const dials = Array.from({ length: Math.floor(maxMm * 2) + 1 }, (_, i) => i / 2);
  const far = curve.map((p) => DIAL_CHART_TEXT.gives(formatNumber(p.dialMm), formatNumber(p.trueMm, 2))).join(', ');
  return (
    <LazyLineChart
      height={250}
      label={DIAL_CHART_TEXT.whatTheDialSays(what, far)}
      x={{ label: DIAL_CHART_TEXT.onTheDialMm(what), values: dials.map((mm) => formatNumber(mm, 1)) }}
      y={{ label: DIAL_CHART_TEXT.trulyMm, max: Math.ceil(Math.max(maxMm, trueAt(curve, maxMm))) }}
      lines={[
        { name: DIAL_CHART_TEXT.aTrueDial, values: dials, colour: 'ink-2', dash: [5, 5] },
        {
          name: DIAL_CHART_TEXT.thisMachine,
          values: dials.map((mm) => trueAt(curve, mm)),
          colour: 'green',
          thick: true,
        },
      ]}
    />
  );
}
