import { KNOWLEDGE } from '../result';
import { LINE_MM } from './layout';
import type { TestLine } from './swatch';

/** What a line begins with; everything else is still to be seen. */
export type LineStart = Pick<TestLine, 'id' | 'swatchId' | 'number' | 'setup' | 'sewnAt'> & Partial<TestLine>;

/**
 * A line of which nothing was measured or seen yet.
 *
 * @param start - its key, its scrap and its setting, and what else is known of it
 * @returns the line, being sewn unless said otherwise
 */
export const newLine = (start: LineStart): TestLine => ({
  direction: 'across',
  measures: { markedMm: LINE_MM.marked },
  findings: [],
  looked: false,
  status: 'sewing',
  leftOut: false,
  knowledge: KNOWLEDGE,
  notes: '',
  ...start,
});

/** Whether a line is still to come. */
export const isPlanned = (line: Pick<TestLine, 'status'>): boolean => line.status === 'planned';
