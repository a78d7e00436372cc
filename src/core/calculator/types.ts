import type { Provenance } from '../result';
import type { Ask } from '../procedure';
import type { Cannot } from '../seam';
import type { LengthSet } from '../units';

/** A number asked for by a calculation; asked as an operation asks it, so that both look alike. */
export interface CalculationAsk extends Omit<Ask, 'usual'> {
  usual: number;
  /** May be left empty: the calculation then says less. */
  optional?: boolean;
  /** Only asked while another answer is this one. */
  only?: readonly [key: string, values: readonly number[]];
}

/** What is typed, by question; an optional one may be missing. */
export type Answers = Readonly<Record<string, number | undefined>>;

/**
 * One thing that comes out. `mm` follows the person's units, `stitch-mm` stays in mm; `thread` is an estimate and printed as one; `null` is
 * not known.
 */
export interface Result {
  label: string;
  value: number | null | string;
  unit?: 'mm' | 'stitch-mm' | 'percent' | 'count' | 'degrees' | 'metres' | 'thread' | 'newton' | 'per-inch' | 'speed';
  digits?: number;
  /** The one number that was looked for, shown large. */
  main?: boolean;
  /** Whose word it is, where not that of the calculation. */
  rests?: Provenance;
}

/** What comes out: numbers, and what to know of them. */
export interface Worked {
  results: readonly Result[];
  notes?: readonly string[];
  /** Which of its lengths add up: they are rounded together in inches. */
  adds?: readonly LengthSet[];
}

/** Where a calculation is sewn: which answers of the operation its own answers are. */
export interface SewnAs {
  procedure: string;
  /** Answer of the operation, by the question of the calculation. */
  takes: Readonly<Record<string, string>>;
  /** Only while another answer is this one. */
  only?: readonly [key: string, values: readonly number[]];
}

export const CALCULATION_GROUPS = [
  'Fabric',
  'Needle and thread',
  'Stitches',
  'Curves and corners',
  'Seams and zips',
] as const;

/** One calculation: what it asks, what comes of it, and which operations use it. */
export interface Calculation {
  /** As the headless command calls it. */
  id: string;
  name: string;
  group: (typeof CALCULATION_GROUPS)[number];
  about: string;
  /** What its numbers rest on: exact arithmetic counts by its definition, a practice or a model. */
  rests: Provenance;
  asks: readonly CalculationAsk[];
  /** Answers are within their bounds; what does not go together is refused. */
  work: (answers: Answers) => Worked | Cannot;
  sewn?: readonly SewnAs[];
}
