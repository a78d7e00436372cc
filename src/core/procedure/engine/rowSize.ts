import type { Given, RowSize } from './types';

/**
 * The stitch of a row: as it was matched or proven, else the usual one.
 *
 * @param given - what is known of the fabric, with each row's size where it was matched
 * @param row - its id
 * @param usual - while nothing is matched
 * @example
 * rowSize({ rows: { finish: { stitch: 'zigzag', lengthMm: 2.5, widthMm: 5 } } }, 'finish', { stitch: 'zigzag', lengthMm: 2, widthMm: 4 }).widthMm // => 5
 */
export const rowSize = ({ rows }: Pick<Given, 'rows'>, row: string, usual: RowSize): RowSize => rows?.[row] ?? usual;

/** The usual zigzag over an edge, mm (common practice). */
export const EDGE_ZIGZAG: RowSize = { stitch: 'zigzag', lengthMm: 2, widthMm: 4 };
/** The usual plain seam. */
export const PLAIN_SEAM: RowSize = { stitch: 'straight', lengthMm: 2.5, widthMm: 0 };
/** The usual bar: a narrow zigzag, packed close. */
export const DENSE_ZIGZAG: RowSize = { stitch: 'zigzag', lengthMm: 0.5, widthMm: 2 };
