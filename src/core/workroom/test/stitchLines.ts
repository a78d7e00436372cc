import type { Setup } from '../../setup';
import { newLine, type Swatch, type TestLine } from '../../swatch';
import { KNOWLEDGE } from '../../result';
import type { Making } from './startSwatch';

/** Why a line with another stitch is planned. */
const WHY = 'Another stitch for this seam: compare how it stretches, looks and feeds.';

/**
 * A line for each of some stitches that the swatch has no line of yet.
 *
 * @param swatch - the swatch
 * @param lines - those it has
 * @param setups - the best setting with each stitch
 * @param making - keys and moment
 * @returns planned lines, numbered after all there are; none when every stitch has its line
 */
export function stitchLines(
  swatch: Pick<Swatch, 'id'>,
  lines: readonly TestLine[],
  setups: readonly Setup[],
  { newId, at }: Pick<Making, 'newId' | 'at'>,
): TestLine[] {
  const tried = new Set(lines.map(({ setup }) => setup.stitch));
  const last = Math.max(0, ...lines.map(({ number }) => number));
  return setups
    .filter(({ stitch }) => !tried.has(stitch))
    .map((setup, i) =>
      newLine({
        id: newId(),
        swatchId: swatch.id,
        number: last + 1 + i,
        setup,
        sewnAt: at,
        status: 'planned',
        plan: { why: WHY, varies: 'stitch' },
        knowledge: KNOWLEDGE,
        ...(lines[0] && { direction: lines[0].direction, measures: { markedMm: lines[0].measures.markedMm } }),
      }),
    );
}
