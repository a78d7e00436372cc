import { RECOVERS_PERCENT } from '../../seam';
import {
  BANDS,
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
} from './fabrics';

/** What speaks against bands, shaping, topstitching, strips and handwork. */
export const SHAPING_ROWS = {
  'suits.sequins-shown': row(
    not(
      ['topstitch-edge', 'ditch', 'buttonholes', 'strip-set', 'quilt-lines', 'gather', 'elastic-casing'],
      SEQUINS,
      'A needle cannot sew a visible row through sequins.',
    ),
  ),
  'suits.band-foam': row({ ...not(BANDS, FOAM, 'Foam folds too thick for a band.', 'bind-edge'), of: 'band' }),
  'suits.band-limp': row({
    ...not(
      BANDS,
      { recoversBelow: RECOVERS_PERCENT.least },
      'It does not recover: a band made from it stays stretched.',
      'bind-edge',
    ),
    of: 'band',
  }),
  'suits.band-gapes': row({
    ...care(
      BANDS,
      { recoversBelow: RECOVERS_PERCENT.well },
      'It recovers poorly, and a band made from it will gape: cut the band a little shorter and test it.',
    ),
    of: 'band',
  }),
  'suits.band-stiff': row(
    {
      ...not(
        BANDS,
        { stretchesBelow: 15 },
        'It does not stretch: a band made from it cannot be shorter than its opening.',
        'bind-edge',
      ),
      of: 'band',
    },
    MODEL,
  ),
  'suits.casing-foam': row(not(['elastic-casing'], FOAM, 'Foam does not gather in a casing.', 'elastic-sewn-on')),
  'suits.elastic-skins': row(
    not(['elastic-casing', 'elastic-sewn-on'], SKINS, 'It does not gather, and close stitches tear it.'),
  ),
  'suits.elastic-quilted': row(not(['elastic-casing', 'elastic-sewn-on'], QUILTED, 'Quilted layers do not gather.')),
  'suits.elastic-thick': row(
    care(
      ['elastic-casing'],
      { thickerThanMm: BULKY_MM },
      'Thick fabric does not gather well: make the casing from thinner fabric.',
    ),
    MODEL,
  ),
  'suits.bind-foam': row(care(['bind-edge'], FOAM, 'Its edge needs no binding; for looks only.')),
  'suits.bind-pile': row(care(['bind-edge'], PILE, 'Trim the pile from the allowance first.')),
  'suits.gather-foam': row(not(['gather'], FOAM, 'Foam does not gather.', 'dart')),
  'suits.gather-skins': row(not(['gather'], SKINS, 'It does not gather, and the rows leave holes.', 'dart')),
  'suits.gather-quilted': row(not(['gather'], QUILTED, 'Quilted layers do not gather.', 'dart')),
  'suits.gather-thick': row(
    care(['gather'], { thickerThanMm: BULKY_MM }, 'It gathers stiffly: use three rows and little fullness.'),
    MODEL,
  ),
  'suits.ease-skins': row(
    not(['ease'], MARKED_FOR_EVER, 'It does not shrink or ease in: make the edges equal.', 'curved-seam'),
  ),
  'suits.ease-dense': row(
    care(
      ['ease'],
      { family: ['poplin', 'ripstop', 'waterproof'] },
      'Densely woven fabric does not ease well: little fullness, many pins or clips.',
    ),
  ),
  'suits.dart-foam': row(care(['dart'], FOAM, 'Cut the dart out and join its edges side by side.')),
  'suits.dart-skins': row(care(['dart'], SKINS, 'Cut it open, glue the allowances flat; knot the end.')),
  'suits.dart-pile': row(care(['dart'], PILE, 'Slash it open, and press it from the wrong side into a towel.')),
  'suits.topstitch-pile': row(not(['topstitch-edge'], PILE, 'The rows press the pile flat.', 'understitch')),
  'suits.pocket-pile': row(
    care(['patch-pocket'], PILE, 'The rows press the pile flat: sew it on by hand from the inside.'),
  ),
  'suits.topstitch-foam': row(
    care(
      ['topstitch-edge', 'patch-pocket', 'understitch'],
      MARKED_FOR_EVER,
      'Every hole stays: sew it once, long stitches, and do not unpick.',
    ),
  ),
  'suits.tack-skins': row(
    not(
      ['bar-tack', 'reinforce'],
      SKINS,
      'Close stitches tear along the holes: use a rivet, or a few long stitches by hand.',
    ),
  ),
  'suits.tack-foam': row(care(['bar-tack', 'reinforce'], FOAM, 'Close stitches weaken it: make them longer.')),
  'suits.stay-skins': row(
    care(['stay-stitch'], MARKED_FOR_EVER, 'It does not stretch out of shape: stay it with tape, not with holes.'),
  ),
  'suits.buttonhole-foam': row(not(['buttonholes'], FOAM, 'Dense stitches cut through it.', 'zip-exposed')),
  'suits.buttonhole-skins': row(
    care(
      ['buttonholes'],
      SKINS,
      'Longer stitches with stabiliser underneath; or cut a slit and frame it with one row.',
    ),
  ),
  'suits.buttonhole-knit': row(
    care(['buttonholes'], KNITS, 'Fuse a strip underneath first, and sew them along the least stretchy direction.'),
  ),
  'suits.buttonhole-loose': row(
    care(
      ['buttonholes'],
      { traits: ['loose', 'sheer'] },
      'Stabiliser underneath and on top, torn away afterwards; test on the real layers.',
    ),
  ),
  'suits.ditch-skins': row(care(['ditch'], SKINS, 'You cannot unpick a row that misses the ditch: try it on a scrap.')),
  'suits.strips-knit': row(care(['strip-set'], KNITS, 'Knits stretch as they are sewn: fuse a light backing first.')),
  'suits.strips-marked': row(not(['strip-set', 'quilt-lines'], SKINS, 'It tears along any row of holes.')),
  'suits.strips-foam': row(
    care(['strip-set', 'quilt-lines'], FOAM, 'The holes of every row stay: few rows, long stitches.'),
  ),
  'suits.stripes-marked': row(
    care(['stripe-match'], MARKED_FOR_EVER, 'No pins: match the stripes with clips and tape.'),
  ),
  'suits.gap-skins': row(care(['close-gap'], SKINS, 'By hand with a leather needle, through holes made first.')),
};
