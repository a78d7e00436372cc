import {
  care,
  FOAM,
  FRAYS,
  FRENCH_MM,
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

/** What speaks against seams and basting. */
export const SEAM_ROWS = {
  'suits.sequins-folded': row(
    not(
      ['french', 'flat-felled', 'mock-felled', 'lapped-raw', 'overlock-look', 'abutted'],
      SEQUINS,
      'Sequins do not fold: remove them from the allowance and sew one plain row.',
      'plain-open',
    ),
  ),
  'suits.french-quilted': row(not(['french'], QUILTED, 'The wadding makes a thick ridge of it.', 'bound-seam')),
  'suits.french-pile': row(
    not(['french'], PILE, 'The pile is shut into the seam and makes a ridge.', 'plain-finished'),
  ),
  'suits.french-marked': row(
    not(['french'], MARKED_FOR_EVER, 'It does not fray, and four layers make a thick ridge.', 'plain-open'),
  ),
  'suits.french-knit': row(
    not(['french'], KNITS, 'A knit does not fray, and two straight rows do not stretch.', 'overlock-look'),
  ),
  'suits.french-thick': row(
    not(
      ['french'],
      { thickerThanMm: FRENCH_MM },
      'A French seam is for thin fabric: here it makes a thick ridge.',
      'plain-finished',
    ),
  ),
  'suits.felled-pile': row(
    not(
      ['flat-felled', 'mock-felled'],
      PILE,
      'Folded twice, pile stands up, and the rows press it flat.',
      'plain-finished',
    ),
  ),
  'suits.felled-foam': row(not(['flat-felled'], FOAM, 'Foam does not fold flat.', 'abutted')),
  'suits.felled-skins': row(
    not(['flat-felled'], SKINS, 'Folded twice it is too thick, and every row is a line of holes.', 'lapped-raw'),
  ),
  'suits.felled-quilted': row(
    not(['flat-felled', 'mock-felled'], QUILTED, 'The wadding does not fold flat.', 'bound-seam'),
  ),
  'suits.felled-thick': row(
    not(
      ['flat-felled'],
      { structure: ['woven'], thickerThanMm: 1.6 },
      'Four layers make a ridge that the foot cannot ride over.',
      'mock-felled',
    ),
    MODEL,
  ),
  'suits.felled-knit': row(
    care(['flat-felled', 'mock-felled'], KNITS, 'Two straight rows do not stretch: only where the seam need not.'),
  ),
  'suits.mock-foam': row(not(['mock-felled'], FOAM, 'Foam does not fold flat.', 'abutted')),
  'suits.mock-skins': row(
    care(
      ['mock-felled', 'double-row'],
      SKINS,
      'Each row is a line of holes: sew it once, with long stitches, rows {6 mm} apart.',
    ),
  ),
  'suits.double-foam': row(care(['double-row'], FOAM, 'Two rows of holes weaken it: keep them {6 mm} apart.')),
  'suits.finished-marked': row(
    care(['plain-finished'], MARKED_FOR_EVER, 'Its edge needs no finish: leave out the second row.'),
  ),
  'suits.overlock-marked': row(
    not(['overlock-look'], MARKED_FOR_EVER, 'Close zigzags tear along the holes.', 'plain-open'),
  ),
  'suits.overlock-frays': row(
    care(
      ['overlock-look'],
      { structure: ['woven'], traits: ['loose'] },
      'It frays out of the stitches: leave {10 mm} and finish the edge.',
    ),
  ),
  'suits.bound-foam': row(care(['bound-seam'], FOAM, 'Its edge needs no binding; for looks only.')),
  'suits.bound-knit': row(care(['bound-seam'], KNITS, 'The binding must stretch with the seam: cut it from a knit.')),
  'suits.lapped-frays': row(not(['lapped-raw'], FRAYS, 'Its raw edges would fray.', 'plain-finished')),
  'suits.lapped-woven': row(not(['lapped-raw'], WOVENS, 'A woven edge left raw wears away.', 'plain-finished')),
  'suits.lapped-knit': row(
    care(['lapped-raw'], KNITS, 'Only in knits that neither ladder nor curl: fleece, felted wool.'),
  ),
  'suits.lapped-quilted': row(
    not(['lapped-raw', 'abutted'], QUILTED, 'The layers would come apart at the edge.', 'bound-seam'),
  ),
  'suits.abutted-frays': row(
    not(['abutted'], WOVENS, 'The stitches would pull out of an edge that frays.', 'plain-open'),
  ),
  'suits.abutted-knit': row(
    care(['abutted'], { structure: ['knit'], thickerThanMm: 1 }, 'Only in thick stable knits whose edges hold.'),
    MODEL,
  ),
  'suits.abutted-thin': row(
    not(
      ['abutted'],
      { structure: ['knit'], upToMm: 1 },
      'A thin knit curls, and its edge is too weak to hold the stitches.',
      'plain-open',
    ),
  ),
  'suits.abutted-skins': row(
    care(['abutted'], SKINS, 'Only over a strip glued underneath: the stitches alone tear out.'),
  ),
  'suits.baste-marked': row(
    not(
      ['baste', 'hand-baste', 'tailors-tacks'],
      MARKED_FOR_EVER,
      'Every hole stays: hold it with clips or tape, and mark with chalk.',
    ),
  ),
  'suits.baste-fine': row(
    care(['baste'], { fine: true }, 'Tack inside the allowance, with a fine needle: holes show.'),
  ),
};
