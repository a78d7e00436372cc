import type { Origin } from '../../result';
import type { Foot } from '../../kit';
import type { OperationKind, Schools } from '../../setup';
import type { Sign, StitchId } from '../../stitch';
import type { Cannot } from '../../seam';
import type { Outline } from '../../seam';
import type { UnitSystem } from '../../units';
import type { Scene } from './scene';

/** What is known before anything is asked: of the cloth, the setting and the machine. Lengths in mm. */
export interface Given {
  /** One layer. */
  thicknessMm: number;
  /** What a layer keeps of its thickness when it is sewn down, 0 … 1. */
  squash: number;
  /** Stretch across and recovery of the cloth, percent. */
  stretch: number;
  recovery: number;
  /** The same of the band, where one of another fabric is sewn on. */
  band?: { stretch: number; recovery: number };
  weight: 'light' | 'medium' | 'heavy';
  /** 1 where it is so, else 0: a cut edge of it frays; it is fine and slides; every piece has to lie one way; holes in it stay. */
  frays: number;
  slides: number;
  oneWay: number;
  holesStay: number;
  /** Stitch length and swing of the setting. */
  lengthMm: number;
  widthMm: number;
  footLiftMm: number;
  extraLiftMm: number;
  /** The same of the other rows; a plain straight stitch, or the usual size, while nothing is matched. */
  rows?: Readonly<Record<string, RowSize>>;
  /** The fastest the machine sews, stitches a minute. */
  topSpm: number;
  /** The longest stitch of the machine. */
  longestMm: number;
  /** How far the top layer ends behind over 300 mm on this machine, mm: as measured on it, or as the model expects. */
  shiftMm: number;
  /** Which schools the person follows. */
  schools: Schools;
  /** In which system the usual answers are round figures; metric unless said. */
  system?: UnitSystem;
  /** The line that is sewn, where another than the first shape of the operation was given: already in mm. */
  outline?: Outline;
}

/** One number asked before the first stitch, in plain language. */
export interface Ask {
  key: string;
  label: string;
  /** `mm` follows the person's units; `stitch-mm` stays in mm, as dials do. */
  unit: 'mm' | 'stitch-mm' | 'count' | 'percent' | 'degrees' | 'grams' | 'gsm' | 'speed';
  /** A sensible value, from cloth and setting where they say something. */
  usual: number | ((given: Given) => number);
  least: number;
  most: number;
  help?: string;
  /** Where only a few answers make sense: each number with its words; it is picked, not typed. */
  options?: readonly (readonly [value: number, name: string])[];
}

/** The size of a stitch, mm. */
export interface RowSize {
  stitch: StitchId;
  lengthMm: number;
  widthMm: number;
}

/** One kind of stitching in an operation, matched and proven by itself: a felled seam has its seam and its topstitching. */
export interface Row {
  /** What it is matched as. */
  kind: OperationKind;
  /** What it is called beside the others. */
  name: string;
  /** Layers under the needle; without this, what is usual for its kind. */
  layers?: number;
  /** The operation itself asks for one of these stitches, whatever the fabric. */
  stitches?: readonly StitchId[];
  /** It goes through the fabric of the band alone. */
  of?: 'band';
}

/** The row that an operation is named for. */
export const MAIN_ROW = 'main';

/** Numbers by name: what was asked, and what follows from it. Lengths in mm. */
export type Numbers = Readonly<Record<string, number>>;

/**
 * One action, what to look at, and the check that follows. `{name}` in a text is a length, `{name:n}` a plain number; `[press]`
 * and the other phrases of `withPlan` follow from the fabric. How a row is begun and ended is not said here: that follows too.
 */
export interface Step {
  do: string;
  check: string;
  /** Said at this very step, because here is where it can hurt. */
  caution?: string;
  /** What the hand holds: drawn where it is used. A step that sews shows needle and foot. */
  with?: 'iron' | 'blade';
  /** Name of the number that must be above 0 for this step to be taken; with `!` before it, must not be. */
  when?: string;
  /** Which drawing, and which of its lines are sewn, cut or folded now. */
  view: string;
  now?: readonly string[];
  /** Which of its lines are taken out again in this step: they are not drawn any more after it. */
  out?: readonly string[];
  /** Name of the number that says how much is sewn in this step, and at which stitch length if not the setting's. */
  sews?: string;
  atMm?: string;
  /** Which row that is; the main one unless said. */
  row?: string;
  /** It goes on from the stitch before, needle down, or the next step goes on from it: there it neither begins nor ends. */
  goesOn?: 'from-before' | 'to-next' | 'both';
  /** Name of the number that says how much thread is cut for it, sewn by hand. */
  handThread?: string;
  /** What else differs on the machine from the setting while this step is sewn. */
  machine?: StepOnMachine;
}

/** A change on the machine for one step. `widthMm` is the name of a number. */
export interface StepOnMachine {
  stitch?: StitchId;
  widthMm?: string;
  foot?: Foot;
  /** Where the needle stands beside a one-bar foot. */
  footSide?: 'left' | 'right';
  /** How far from the middle the needle stands then, away from the foot, mm, on a machine whose needle moves. */
  needleAsideMm?: number;
}

export const PROCEDURE_GROUPS = [
  'seam',
  'zip',
  'hem',
  'band',
  'curve and corner',
  'topstitch',
  'strips',
  'prepare',
  'by hand',
] as const;

/** One operation: what it asks, how its numbers follow, its drawings and its steps. */
export interface Procedure<Id extends string = string> extends Origin {
  id: Id;
  name: string;
  group: (typeof PROCEDURE_GROUPS)[number];
  /** What its main row is matched as. */
  kind: OperationKind;
  /** What else is known of its main row. */
  main?: Partial<Omit<Row, 'kind'>>;
  /** Its other rows, each matched as what it is. */
  rows?: Readonly<Record<string, Row>>;
  asks: readonly Ask[];
  /** Twin needles; without this, one. */
  needles?: 'two';
  /** The school it belongs to, where good practitioners differ: Match answers by it. */
  schools?: (answers: Numbers) => Partial<Schools>;
  /** It is sewn along a line of any shape, which is asked for first: the shape it begins with. */
  along?: string;
  /** Everything that follows from what was asked; or which number to change. */
  work: (values: Numbers, given: Given) => Numbers | Cannot;
  views: Readonly<Record<string, (numbers: Numbers, given: Given) => Scene>>;
  ready: readonly string[];
  steps: readonly Step[];
  /** What goes wrong here most, to be picked from at once. */
  faults: readonly Sign[];
  /** Which of its lengths add up to which: they are rounded together, so that they still do in inches. */
  adds?: readonly (readonly [parts: readonly string[], whole: string])[];
}
