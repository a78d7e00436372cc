import {
  BULKY_MM,
  care,
  FOAM,
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

/** What speaks against sleeves, facings, waistbands, pockets and what is prepared. */
export const MAKING_ROWS = {
  'suits.single-band-woven': row(
    not(['waistband-single'], WOVENS, 'Its raw edges fray or wear away.', 'waistband-folded'),
  ),
  'suits.single-band-knit': row(
    not(
      ['waistband-single'],
      KNITS,
      'A single raw band of a knit stretches out and curls.',
      'waist-rib',
      'waistband-folded',
    ),
  ),
  'suits.single-band-quilted': row(
    not(['waistband-single'], QUILTED, 'The layers come apart at a raw edge.', 'waistband-folded'),
  ),
  'suits.folded-band-foam': row(
    not(['waistband-folded'], FOAM, 'Folded over, foam makes a thick roll.', 'waistband-single'),
  ),
  'suits.folded-band-skins': row(
    care(['waistband-folded'], SKINS, 'Seven layers meet at its ends: cut the inner half from thinner fabric.'),
  ),
  'suits.folded-band-knit': row(
    care(
      ['waistband-folded'],
      KNITS,
      'Interfaced, it does not stretch: it needs an opening, or it does not go over the hips.',
    ),
  ),
  'suits.folded-band-quilted': row(
    care(['waistband-folded', 'sleeve-round'], QUILTED, 'Take the wadding out of the allowances first.'),
  ),
  'suits.folded-band-thick': row(
    care(['waistband-folded'], { thickerThanMm: BULKY_MM }, 'Cut its inner half from thinner fabric.'),
    MODEL,
  ),
  'suits.flat-sleeve-woven': row(
    care(['sleeve-flat'], WOVENS, 'Only a low cap, as on a shirt, goes in flat: ease a high one in the round.'),
  ),
  'suits.flat-sleeve-marked': row(
    care(['sleeve-flat'], MARKED_FOR_EVER, 'It does not ease in: make cap and armhole the same length.'),
  ),
  'suits.round-sleeve-knit': row(
    not(['sleeve-round'], KNITS, 'A knit takes its sleeve in flat; the feed does the easing.', 'sleeve-flat'),
  ),
  'suits.round-sleeve-marked': row(
    not(['sleeve-round'], MARKED_FOR_EVER, 'It does not shrink or ease in.', 'sleeve-flat'),
  ),
  'suits.facing-foam': row(
    not(['facing'], FOAM, 'A facing doubles the foam: leave its edge raw, or bind it.', 'bind-edge'),
  ),
  'suits.facing-quilted': row(not(['facing'], QUILTED, 'Bind the edge of a quilt.', 'bind-edge')),
  'suits.facing-knit': row(
    care(
      ['facing'],
      KNITS,
      'A faced edge does not stretch: it has to go over the head as it is. A band is more usual.',
    ),
  ),
  'suits.facing-pile': row(care(['facing'], PILE, 'Cut the facing from thin lining, or the edge makes a thick roll.')),
  'suits.facing-skins': row(care(['facing'], SKINS, 'Glue the allowances down instead of pressing; sew once.')),
  'suits.princess-marked': row(
    care(['princess-seam'], MARKED_FOR_EVER, 'Snips tear and do not close: make few, shallow ones, and do not unpick.'),
  ),
  'suits.inseam-foam': row(
    not(['inseam-pocket'], FOAM, 'The bag makes a lump: a pocket on top is flatter.', 'patch-pocket'),
  ),
  'suits.inseam-skins': row(care(['inseam-pocket'], SKINS, 'Cut the bag from a thin woven.')),
  'suits.inseam-sheer': row(care(['inseam-pocket'], { traits: ['sheer'] }, 'The bag shows through.')),
  'suits.inseam-sequins': row(care(['inseam-pocket'], SEQUINS, 'Take the sequins off the allowance first.')),
  'suits.bias-knit': row(
    not(['bias-seam'], KNITS, 'A knit stretches in every direction and need not hang.', 'plain-open'),
  ),
  'suits.bias-marked': row(
    not(['bias-seam'], MARKED_FOR_EVER, 'It has no bias that stretches.', 'lapped-raw', 'abutted', 'plain-open'),
  ),
  'suits.bias-quilted': row(care(['bias-seam'], QUILTED, 'Quilted through, it hardly stretches: it need not hang.')),
  'suits.interfacing-foam': row(not(['interfacing'], FOAM, 'Foam keeps its shape by itself.')),
  'suits.interfacing-skins': row(
    care(['interfacing'], SKINS, 'Heat spoils many of these: glue the interfacing, or use a sew-in one.'),
  ),
  'suits.interfacing-heat': row(
    care(
      ['interfacing'],
      { traits: ['heat-sensitive'] },
      'It cannot take the heat of fusing: use a sew-in interfacing.',
    ),
  ),
  'suits.interfacing-pile': row(care(['interfacing'], PILE, 'Fusing crushes the pile: use a sew-in interfacing.')),
  'suits.interfacing-sequins': row(
    not(['interfacing'], SEQUINS, 'Sequins cannot take the heat, and need no interfacing.'),
  ),
  'suits.unpick-marked': row(
    care(['unpick'], { traits: ['holes-stay'] }, 'Every hole stays: sew outside the old seam, or cut a new piece.'),
  ),
};
