'use client';

import type { DialCurve } from '@/core/kit';
import { trueAt } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { LazyLineChart } from '@/parts/asking';

interface Props {
  curve: DialCurve;
  maxMm: number;
  what: string;
}

/** What the dial says against what it does: the dashes are a true dial, the full line is this machine. */
export function DialChart({ curve, maxMm, what }: Props) {
  const dials = Array.from({ length: Math.floor(maxMm * 2) + 1 }, (_, i) => i / 2);
  const far = curve.map((p) => `${formatNumber(p.dialMm)} gives ${formatNumber(p.trueMm, 2)}`).join(', ');
  return (
    <LazyLineChart
      height={250}
      label={`What the ${what} dial says against what it truly gives: ${far} mm.`}
      x={{ label: `${what} on the dial, mm`, values: dials.map((mm) => formatNumber(mm, 1)) }}
      y={{ label: 'truly, mm', max: Math.ceil(Math.max(maxMm, trueAt(curve, maxMm))) }}
      lines={[
        { name: 'a true dial', values: dials, colour: 'ink-2', dash: [5, 5] },
        { name: 'this machine', values: dials.map((mm) => trueAt(curve, mm)), colour: 'green', thick: true },
      ]}
    />
  );
}
