import type { TestLine } from './swatch';

/**
 * The lines of each swatch, all gone through once.
 *
 * @param lines - lines of any swatches
 * @returns by the id of the swatch, in the order they came in; a swatch without lines is not in it
 * @example
 * linesBySwatch([{ id: 'a', swatchId: 's' }, { id: 'b', swatchId: 't' }, { id: 'c', swatchId: 's' }]).get('s') // => [{ id: 'a', swatchId: 's' }, { id: 'c', swatchId: 's' }]
 */
export function linesBySwatch<L extends Pick<TestLine, 'swatchId'>>(lines: readonly L[]): ReadonlyMap<string, L[]> {
  const found = new Map<string, L[]>();
  for (const line of lines) {
    const own = found.get(line.swatchId);
    if (own) own.push(line);
    else found.set(line.swatchId, [line]);
  }
  return found;
}
