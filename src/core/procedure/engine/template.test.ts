import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PAPERS } from '../../geometry';
import { outlineOf, outlineSeam } from '../../seam';
import { outlineScene } from '../curves/outlineScene';
import { templateOf } from './template';

describe('a template', () => {
  it('shows every point of every line on some sheet, and neighbours share a strip', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 40, max: 1800 }),
        fc.integer({ min: 40, max: 1800 }),
        fc.constantFrom(...PAPERS),
        (width, height, paper) => {
          const outline = outlineOf({
            from: 'shape',
            shape: 'box',
            sizes: { width, height, radius: 20 },
            side: 'usual',
          });
          if ('blocked' in outline) throw new Error(outline.blocked[0].text);
          const answer = outlineSeam({ ...outline, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 6 });
          const scene = outlineScene({ outline, answer, allowance: 10, trim: 6, label: '', side: 'wrong' });
          const { tiles, columns, rows } = templateOf(scene, paper);
          expect(tiles).toHaveLength(columns * rows);
          for (const [x, y] of scene.lines.flatMap((l) => l.points)) {
            const on = tiles.filter(
              (t) => x >= t.xMm && x <= t.xMm + t.widthMm && y >= t.yMm && y <= t.yMm + t.heightMm,
            );
            expect(on.length).toBeGreaterThan(0);
          }
          const across = tiles.filter((t) => t.row === 0);
          across.slice(1).forEach((t, i) => expect(across[i].xMm + across[i].widthMm - t.xMm).toBeCloseTo(10, 9));
        },
      ),
      { numRuns: 25 },
    );
  });
});
