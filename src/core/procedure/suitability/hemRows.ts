import type { ProcedureId } from '../all';
import {
  care,
  FOAM,
  FRAYS,
  FRENCH_MM,
  KNIT_HEMS,
  KNITS,
  MARKED_FOR_EVER,
  MODEL,
  not,
  PILE,
  QUILTED,
  row,
  SEQUINS,
  SKINS,
  WOVENS,
} from './fabrics';

/** Rolled by the foot or by hand; folded in twice. */
const ROLLED: readonly ProcedureId[] = ['hem-rolled', 'hem-hand-rolled'];
const FOLDED_TWICE: readonly ProcedureId[] = ['hem-double', 'hem-jeans'];

/** What speaks against hems. */
export const HEM_ROWS = {
  'suits.knit-hem-pile': row(not(KNIT_HEMS, PILE, 'The rows press the pile flat.', 'coat-hem')),
  'suits.sequins-hems': row(
    not(
      [...KNIT_HEMS, ...ROLLED, ...FOLDED_TWICE, 'hem-raw'],
      SEQUINS,
      'Sequins do not fold: bind the edge, or turn it once and catch it by hand.',
      'coat-hem',
      'bind-edge',
    ),
  ),
  'suits.knit-hem-woven': row(
    not(['hem-zigzag', 'hem-triple'], WOVENS, 'Left raw, a single fold frays or wears away.', 'hem-double', 'coat-hem'),
  ),
  'suits.twin-woven': row(care(['hem-twin'], WOVENS, 'For looks: finish its edge first, then fold once.')),
  'suits.knit-hem-foam': row(not(KNIT_HEMS, FOAM, 'Leave foam raw at the edge, or bind it.', 'hem-raw')),
  'suits.knit-hem-skins': row(not(KNIT_HEMS, SKINS, 'Close stitches tear along the holes.', 'hem-raw')),
  'suits.knit-hem-quilted': row(not(KNIT_HEMS, QUILTED, 'Bind the edge of a quilt.', 'bind-edge')),
  'suits.jeans-quilted': row(
    not([...FOLDED_TWICE, ...ROLLED, 'hem-blind', 'coat-hem'], QUILTED, 'Bind the edge of a quilt.', 'bind-edge'),
  ),
  'suits.rolled-pile': row(not(ROLLED, PILE, 'Pile does not roll.', 'coat-hem')),
  'suits.rolled-marked': row(not(ROLLED, MARKED_FOR_EVER, 'It does not roll.', 'hem-raw')),
  'suits.rolled-thick': row(
    not(ROLLED, { thickerThanMm: FRENCH_MM }, 'It is too thick to roll.', 'hem-double', 'coat-hem'),
    MODEL,
  ),
  'suits.rolled-knit': row(care(ROLLED, KNITS, 'It stretches as you roll it: for a lettuce edge only.')),
  'suits.jeans-once': row(
    not(
      FOLDED_TWICE,
      { structure: ['woven'], foldsOnce: true },
      'Folded twice it makes a ridge: turn it once, finish its edge, and catch it invisibly.',
      'coat-hem',
    ),
  ),
  'suits.jeans-knit': row(
    not(
      FOLDED_TWICE,
      KNITS,
      'A knit does not fray: folded twice, it makes a ridge that does not stretch.',
      'hem-twin',
      'coat-hem',
    ),
  ),
  'suits.jeans-marked': row(not(FOLDED_TWICE, MARKED_FOR_EVER, 'It is too thick to fold twice.', 'hem-raw')),
  'suits.blind-marked': row(
    not(['hem-blind', 'coat-hem'], MARKED_FOR_EVER, 'Every side stitch leaves a hole on the right side.', 'hem-raw'),
  ),
  'suits.blind-sheer': row(
    care(['hem-blind'], { traits: ['sheer'] }, 'The side stitches show through: a narrow rolled hem is finer.'),
  ),
  'suits.double-sheer': row(
    care(['hem-double'], { traits: ['sheer'] }, 'Every layer shows through: turn in as much as the hem is deep.'),
  ),
  'suits.coat-thin': row(
    care(
      ['coat-hem'],
      { upToMm: 0.35 },
      'On thin fabric the edge and every catch show: make the hem narrow and use the finest needle.',
    ),
    MODEL,
  ),
  'suits.raw-frays': row(not(['hem-raw'], FRAYS, 'A raw edge frays.', 'hem-double', 'coat-hem')),
  'suits.raw-woven': row(not(['hem-raw'], WOVENS, 'A woven edge left raw wears away.', 'hem-double', 'coat-hem')),
  'suits.raw-quilted': row(not(['hem-raw'], QUILTED, 'The layers come apart at a raw edge.', 'bind-edge')),
  'suits.raw-curls': row(care(['hem-raw'], { traits: ['curls'] }, 'Its raw edge curls: only if you want that look.')),
};
