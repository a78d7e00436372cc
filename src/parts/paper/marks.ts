interface Placed {
  /** SVG path data it shows within, mm; none where nothing hides it. */
  within: string | null;
}

/** A line of text, mm from the top left of what it is on; y is its baseline. */
export interface TextMark extends Placed {
  is: 'text';
  text: string;
  xMm: number;
  yMm: number;
  /** Height of its type, mm. */
  sizeMm: number;
  bold: boolean;
  /** As the style sheet works it out: `rgb(0, 0, 0)`. */
  colour: string;
  /** Clockwise, radians. */
  angle: number;
  /** Drawn round the letters, so that they can be read on lines. */
  halo: { colour: string; widthMm: number } | null;
}

/** An outline: filled, drawn, or both. */
export interface PathMark extends Placed {
  is: 'path';
  /** SVG path data, mm. */
  d: string;
  fill: string | null;
  stroke: string | null;
  widthMm: number;
  /** On, off, on …, mm; none for a line drawn through. */
  dashMm: readonly number[];
  round: boolean;
  /** 0 to 1. */
  opacity: number;
}

/** What is put on paper, one thing after another. */
export type Mark = TextMark | PathMark;

/** A mark of a sheet that is not cut into pages yet, and where it begins, mm from its top. */
export interface FlowMark {
  topMm: number;
  mark: Mark;
}

/** From top to bottom, mm. */
export interface Reach {
  fromMm: number;
  toMm: number;
}

/** One page, as it is shown and as it goes into a file. */
export interface PaperPage {
  widthMm: number;
  heightMm: number;
  marks: readonly Mark[];
}
