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

/** What speaks against hems. */
export const HEM_ROWS = {
  'suits.knit-hem-pile': row(not(KNIT_HEMS, PILE, 'The rows press the pile flat.', 'hem-blind')),
  'suits.sequins-hems': row(
    not(
      [...KNIT_HEMS, 'hem-rolled', 'hem-jeans', 'hem-raw'],
      SEQUINS,
      'Sequins do not fold: the edge is bound, or turned once and caught by hand.',
      'hem-blind',
      'bind-edge',
    ),
  ),
  'suits.knit-hem-woven': row(
    not(['hem-zigzag', 'hem-triple'], WOVENS, 'A single fold left raw frays or wears away.', 'hem-jeans', 'hem-blind'),
  ),
  'suits.twin-woven': row(
    care(['hem-twin'], WOVENS, 'For looks: its edge has to be finished first, it is folded once.'),
  ),
  'suits.knit-hem-foam': row(not(KNIT_HEMS, FOAM, 'Foam is left raw at the edge, or bound.', 'hem-raw')),
  'suits.knit-hem-skins': row(not(KNIT_HEMS, SKINS, 'Close stitches tear out like a stamp.', 'hem-raw')),
  'suits.knit-hem-quilted': row(not(KNIT_HEMS, QUILTED, 'The edge of a quilt is bound.', 'bind-edge')),
  'suits.jeans-quilted': row(
    not(['hem-jeans', 'hem-blind', 'hem-rolled'], QUILTED, 'The edge of a quilt is bound.', 'bind-edge'),
  ),
  'suits.rolled-pile': row(not(['hem-rolled'], PILE, 'Pile does not roll.', 'hem-blind')),
  'suits.rolled-marked': row(not(['hem-rolled'], MARKED_FOR_EVER, 'It does not roll.', 'hem-raw')),
  'suits.rolled-thick': row(
    not(['hem-rolled'], { thickerThanMm: FRENCH_MM }, 'It is too thick to roll.', 'hem-blind'),
    MODEL,
  ),
  'suits.rolled-knit': row(care(['hem-rolled'], KNITS, 'It stretches while it is rolled: for a lettuce edge only.')),
  'suits.jeans-once': row(
    not(
      ['hem-jeans'],
      { structure: ['woven'], foldsOnce: true },
      'Folded twice it makes a ridge: turned once, its edge finished, caught invisibly.',
      'hem-blind',
    ),
  ),
  'suits.jeans-knit': row(
    not(['hem-jeans'], KNITS, 'A knit does not fray: folded twice it is a ridge that does not stretch.', 'hem-twin'),
  ),
  'suits.jeans-marked': row(not(['hem-jeans'], MARKED_FOR_EVER, 'It is too thick to be folded twice.', 'hem-raw')),
  'suits.blind-marked': row(
    not(['hem-blind'], MARKED_FOR_EVER, 'Every bite leaves a hole on the right side.', 'hem-raw'),
  ),
  'suits.blind-sheer': row(
    care(['hem-blind'], { traits: ['sheer'] }, 'The bites show through: a narrow rolled hem is finer.'),
  ),
  'suits.raw-frays': row(not(['hem-raw'], FRAYS, 'A raw edge frays.', 'hem-jeans', 'hem-blind')),
  'suits.raw-woven': row(not(['hem-raw'], WOVENS, 'A woven edge left raw wears away.', 'hem-jeans', 'hem-blind')),
  'suits.raw-quilted': row(not(['hem-raw'], QUILTED, 'The layers come apart at a raw edge.', 'bind-edge')),
  'suits.raw-curls': row(care(['hem-raw'], { traits: ['curls'] }, 'A raw edge of it curls: for that look only.')),
};
