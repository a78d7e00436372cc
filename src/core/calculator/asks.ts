import { FIBRE, THREAD_FIBRES } from '../kit';
import { STITCH, STITCHES } from '../stitch';
import type { CalculationAsk } from './types';

/** Questions that several calculations share. */
export const length = (
  key: string,
  label: string,
  usual: number,
  least: number,
  most: number,
  help?: string,
): CalculationAsk => ({
  key,
  label,
  unit: 'mm',
  usual,
  least,
  most,
  help,
});
export const stitchMm = (key: string, label: string, usual: number, least: number, most: number): CalculationAsk => ({
  key,
  label,
  unit: 'stitch-mm',
  usual,
  least,
  most,
});
export const number = (
  key: string,
  label: string,
  unit: CalculationAsk['unit'],
  usual: number,
  least: number,
  most: number,
): CalculationAsk => ({ key, label, unit, usual, least, most });
export const optional = (ask: CalculationAsk): CalculationAsk => ({ ...ask, optional: true });

/** A choice among named things: the answer is the place in the list. */
export const choice = (key: string, label: string, names: readonly string[], usual = 0): CalculationAsk => ({
  key,
  label,
  unit: 'count',
  usual,
  least: 0,
  most: names.length - 1,
  options: names.map((name, i) => [i, name] as const),
});

export const yesNo = (key: string, label: string, usual = 0) => choice(key, label, ['no', 'yes'], usual);

export const ALLOWANCE = length('allowanceMm', 'Seam allowance of the pattern', 15, 3, 60);
export const THICKNESS = length('thicknessMm', 'Thickness of one layer', 0.4, 0.05, 10);
export const SEWN_THICKNESS = length('thicknessMm', 'All layers, stitched down', 0.8, 0.05, 60);
export const STITCH_LENGTH = stitchMm('lengthMm', 'Stitch length', 2.5, 0.3, 12);
export const STITCH_WIDTH = stitchMm('widthMm', 'Stitch width', 0, 0, 12);

const WITHOUT_A_LENGTH = ['buttonhole', 'satin'];
/** Stitches whose length and width are chosen. */
export const STITCH_CHOICE = STITCHES.filter((id) => !WITHOUT_A_LENGTH.includes(id));
export const STITCH_ASK = choice(
  'stitch',
  'Stitch',
  STITCH_CHOICE.map((id) => STITCH[id].name),
);
export const FIBRE_ASK = choice(
  'fibre',
  'Thread',
  THREAD_FIBRES.map((id) => FIBRE[id].name),
);
