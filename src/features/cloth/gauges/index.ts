import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import type { Gauge } from '@/core/cloth';
import type { GaugeProps } from './GaugeProps';
import { StretchGauge } from './StretchGauge';

// The first instrument is there at once, the others are fetched when they are picked up.
const WeightGauge = dynamic(() => import('./WeightGauge').then((part) => part.WeightGauge), { loading: () => null });
const ThicknessGauge = dynamic(() => import('./TableGauges').then((part) => part.ThicknessGauge), {
  loading: () => null,
});
const ShrinkGauge = dynamic(() => import('./TableGauges').then((part) => part.ShrinkGauge), { loading: () => null });
const StiffnessGauge = dynamic(() => import('./TableGauges').then((part) => part.StiffnessGauge), {
  loading: () => null,
});
const FrayGauge = dynamic(() => import('./LookGauges').then((part) => part.FrayGauge), { loading: () => null });
const PinHoleGauge = dynamic(() => import('./LookGauges').then((part) => part.PinHoleGauge), { loading: () => null });
const BleedGauge = dynamic(() => import('./LookGauges').then((part) => part.BleedGauge), { loading: () => null });
const HeatGauge = dynamic(() => import('./HeatGauge').then((part) => part.HeatGauge), { loading: () => null });

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
