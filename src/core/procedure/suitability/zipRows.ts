import {
  BULKY_MM,
  care,
  FOAM,
  FOLDED_ZIPS,
  FRAYS,
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

/** What speaks against zips and piping. */
export const ZIP_ROWS = {
  'suits.window-frays': row(not(['zip-exposed'], FRAYS, 'A cut window frays all round.', 'zip-centred')),
  'suits.window-woven': row(not(['zip-exposed'], WOVENS, 'A cut window frays all round.', 'zip-centred')),
  'suits.window-knit': row(care(['zip-exposed'], KNITS, 'Fuse a strip behind the window first, or it stretches.')),
  'suits.window-quilted': row(not(['zip-exposed'], QUILTED, 'The layers come apart round a window.', 'zip-lapped')),
  'suits.concealed-foam': row(not(['zip-concealed'], FOAM, 'It is too thick to roll back over a coil.', 'zip-exposed')),
  'suits.concealed-skins': row(
    not(['zip-concealed'], SKINS, 'It does not roll back over a coil, and unpicked holes stay.', 'zip-exposed'),
  ),
  'suits.concealed-thick': row(
    care(
      ['zip-concealed'],
      { thickerThanMm: BULKY_MM },
      'Thick fabric does not cover the coil well: press the seam line first, and try it on a scrap.',
    ),
    MODEL,
  ),
  'suits.concealed-knit': row(
    care(['zip-concealed', ...FOLDED_ZIPS], KNITS, 'Fuse a strip along both edges first, or the zip goes wavy.'),
  ),
  'suits.folded-skins': row(
    care(FOLDED_ZIPS, MARKED_FOR_EVER, 'Tape or glue it: tacking leaves holes. Press with your fingers or a roller.'),
  ),
  'suits.folded-pile': row(
    care(FOLDED_ZIPS, PILE, 'The rows press the pile flat: sew them by hand, or use a concealed zip.'),
  ),
  'suits.piping-foam': row(not(['piping'], FOAM, 'Foam is too thick to lie round a cord.', 'topstitch-edge')),
  'suits.piping-thick': row(
    care(['piping'], { thickerThanMm: BULKY_MM }, 'Cut the strip that covers the cord from thinner fabric.'),
    MODEL,
  ),
  'suits.sequins-zip': row(
    care(
      ['zip-centred', 'zip-concealed', 'zip-lapped', 'piping', 'dart', 'patch-pocket', 'bar-tack'],
      SEQUINS,
      'Remove the sequins from the allowance first; wear glasses and sew slowly.',
    ),
  ),
  'suits.sequins-window': row(
    not(['zip-exposed'], SEQUINS, 'When you cut through it, the sequin threads come undone.', 'zip-concealed'),
  ),
};
