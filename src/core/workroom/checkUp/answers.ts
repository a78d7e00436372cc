import type { CheckUpLine, CheckUpMarks } from './plan';
import type { Shows } from './wellSet';

/** What was counted, measured or seen on one line; what was not is left out. */
export interface CheckUpAnswer {
  /** Between the two marks. */
  stitches?: number;
  /** Whole swing, mm. */
  widthMm?: number;
  shows?: Shows;
  /** How far the top strip ends behind the lower one, mm; negative where it ends ahead. */
  shiftMm?: number;
}

/** One line with what was said of it. */
export interface Told {
  line: CheckUpLine;
  answer: CheckUpAnswer;
}

/** What is wrong, by number of the line and what was asked there. */
export interface CheckUpProblem {
  line: number;
  field: keyof CheckUpAnswer;
  text: string;
}

/** Where keys of new measures come from, the moment they are of, and the marks they were taken between. */
export interface Made {
  newId: () => string;
  at: string;
  marks: CheckUpMarks;
}
