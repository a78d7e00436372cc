import { expect, it } from 'vitest';
import { plainSetup } from '../../setup/plainSetup.testing';
import { newLine, replanned } from '../../swatch';
import { stitchLines } from '..';

const AT = '2026-11-25T10:00:00Z';
const made = { newId: () => 'n', at: AT };
const line = (number: number, more = {}) =>
  newLine({ id: `l${number}`, swatchId: 's', number, setup: plainSetup(), sewnAt: AT, ...more });
const zigzag = plainSetup({ stitch: 'zigzag', lengthMm: 2.5, widthMm: 2 });
const triple = plainSetup({ stitch: 'triple-straight', lengthMm: 3 });

it('adds a planned line for each stitch that has none yet, after all there are', () => {
  const lines = [line(1, { direction: 'along', measures: { markedMm: 101.6 } }), line(4)];
  const added = stitchLines({ id: 's' }, lines, [plainSetup(), zigzag, triple], made);
  expect(added.map(({ number, setup, status }) => [number, setup.stitch, status])).toEqual([
    [5, 'zigzag', 'planned'],
    [6, 'triple-straight', 'planned'],
  ]);
  expect(added[0]).toMatchObject({ direction: 'along', measures: { markedMm: 101.6 } });
  expect(stitchLines({ id: 's' }, [...lines, ...added], [plainSetup(), zigzag, triple], made)).toEqual([]);
});

it('whose planned lines keep their stitch and its size when another part of the setting changes', () => {
  const [planned] = stitchLines({ id: 's' }, [line(1)], [zigzag], made);
  const looser = plainSetup({ tensionSteps: -1 });
  expect(replanned(planned, looser)).toEqual({ ...looser, stitch: 'zigzag', lengthMm: 2.5, widthMm: 2 });
});
