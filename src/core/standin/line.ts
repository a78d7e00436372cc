import type { Cloth } from '../cloth';
import type { Operation, Setup } from '../setup';
import type { Sign } from '../stitch';

/** What is measured on a line; null where sewing ended before there was anything to measure. Lengths in mm. */
export interface SewnMeasures {
  stitches: number;
  overMm: number;
  afterMm: number | null;
  shiftMm: number | null;
  popPercent: number | null;
  ridgeMm: number | null;
  /** 1 worst … 5 smoothest. */
  pucker: number | null;
}

/** A line sewn by the simulated machine: never a real result. */
export interface SewnLine {
  measures: SewnMeasures;
  findings: { sign: Sign; severity: 1 | 2 | 3 }[];
  simulated: true;
}

/** What is sewn. */
export interface SewInput {
  setup: Setup;
  cloth: Cloth;
  lengthMm: number;
  direction: 'across' | 'along' | 'bias';
  /** What it is part of: says how many layers lie under the foot, and how far it has to stretch in wear. */
  operation: Operation;
}

/** The measures of a line that was sewn to its end. */
export type Whole = { [K in keyof SewnMeasures]: number };
