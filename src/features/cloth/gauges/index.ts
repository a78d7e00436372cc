import type { ComponentType } from 'react';
import type { Gauge } from '@/core/cloth';
import type { GaugeProps } from './GaugeProps';
import { BleedGauge, FrayGauge, HeatGauge, PinHoleGauge } from './LookGauges';
import { StretchGauge } from './StretchGauge';
import { ShrinkGauge, StiffnessGauge, ThicknessGauge } from './TableGauges';
import { WeightGauge } from './WeightGauge';

/** The instrument of each gauge. */
export const GAUGE_PARTS: Readonly<Record<Gauge, ComponentType<GaugeProps>>> = {
  stretch: StretchGauge,
  weight: WeightGauge,
  thickness: ThicknessGauge,
  shrink: ShrinkGauge,
  stiffness: StiffnessGauge,
  fray: FrayGauge,
  'pin-hole': PinHoleGauge,
  bleed: BleedGauge,
  heat: HeatGauge,
};
