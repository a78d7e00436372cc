import type { StitchId } from '../../stitch';
import type { Costs } from './ruleTypes';
import { rule, rulesOf } from './ruleTypes';
import { WEIGHED } from './origins';
import { FOAM, HOLED, KNIT, LINES, SEAMS, SHOWN, SKINS, STABLE_KNIT } from './groups';

/** Only these may be chosen, at these costs; every other stitch is for another purpose. */
const only = (costs: Costs<StitchId>) => ({ parameter: 'stitch', costs, others: null }) as const;
const prefer = (costs: Costs<StitchId>) => ({ parameter: 'stitch', costs }) as const;

/** Which stitch. Later rules override earlier ones for the same choice. */
// prettier-ignore
export const STITCH_RULES = rulesOf({
  'stitch.straight-holds': rule('should', {}, only({ straight: 0, 'triple-straight': 0.5, zigzag: 1.2 }), WEIGHED,
    'A straight stitch is the firmest, finest line where nothing has to stretch.'),
  'stitch.knit-join': rule('should', { ...KNIT, kind: SEAMS }, prefer({ zigzag: 0, lightning: 0.15, 'triple-straight': 0.35, 'three-step-zigzag': 0.45, 'overlock-like': 0.5, 'step-cross': 0.6, straight: 0.3 }), WEIGHED,
    'A short, narrow zigzag is the usual answer on knits: it stretches with the seam.'),
  'stitch.knit-line': rule('should', { ...KNIT, kind: SHOWN }, prefer({ straight: 0, zigzag: 1.1, lightning: 1.8, 'three-step-zigzag': 2.2, 'triple-straight': 2.6 }), WEIGHED,
    'On a knit, a row that shows is sewn with two needles or a narrow zigzag, so that it can stretch.'),
  'stitch.swim-join': rule('should', { family: ['swim'], kind: SEAMS }, prefer({ zigzag: 0, 'three-step-zigzag': 0.4, lightning: 0.8, 'triple-straight': 0.8 }), WEIGHED,
    'Very elastic fabric needs zigzag or three-step zigzag, short and wide.'),
  'stitch.thickest-knit': rule('should', { ...STABLE_KNIT, kind: ['join'], massFrom: 320 }, prefer({ 'triple-straight': 0, zigzag: 0.6, lightning: 0.6 }), WEIGHED,
    'In the thickest stable knits, triple straight, pressed open, halves the bulk of the seam.'),
  'stitch.stretch-woven': rule('should', { structure: ['woven'], stretchFrom: 10, kind: ['join', 'band', 'casing', 'hem', 'topstitch'], giveFrom: 10 }, prefer({ straight: 0.2, 'triple-straight': 0.1, lightning: 0.2, zigzag: 0.2 }), WEIGHED,
    'A woven with elastane is not a knit, but a seam that has to follow it needs some stretch.'),
  'stitch.foam-abutted': rule('should', { ...FOAM, kind: ['join'] }, only({ zigzag: 0, bridging: 0.1, straight: 0.6, 'triple-straight': 0.9 }), WEIGHED,
    'A zigzag joins edges laid side by side by catching both of them.'),
  'stitch.no-dense-on-skins': rule('must', SKINS, prefer({ straight: 0, zigzag: 0.7, 'triple-straight': null }), WEIGHED,
    'Three holes for each stitch would tear this fabric along the holes.'),

  'stitch.lines': rule('should', { kind: LINES }, only({ straight: 0 }), WEIGHED,
    'A single straight line: nothing here has to stretch.'),
  'stitch.dart': rule('should', { kind: ['dart'] }, only({ straight: 0, zigzag: 0.5 }), WEIGHED,
    'A dart is a straight line that tapers to nothing.'),
  'stitch.rolled': rule('should', { kind: ['rolled-hem'] }, only({ straight: 0, zigzag: 0.25 }), WEIGHED,
    'A straight stitch holds the roll; a zigzag over it rolls lace and knits.'),
  'stitch.rolled-knit': rule('should', { ...KNIT, kind: ['rolled-hem'] }, only({ zigzag: 0, straight: 0.4 }), WEIGHED,
    'A zigzag covers the edge of a knit and stretches with it.'),
  'stitch.blind': rule('should', { kind: ['blind-hem'] }, only({ blind: 0, 'stretch-blind': 0.3, zigzag: 1 }), WEIGHED,
    'Straight steps on the hem and one small catch of the fold: hardly visible from outside.'),
  'stitch.blind-knit': rule('should', { ...KNIT, kind: ['blind-hem'] }, only({ 'stretch-blind': 0, blind: 0.4, zigzag: 0.8 }), WEIGHED,
    'Small zigzags between the catches let the hem of a knit stretch.'),
  'stitch.hem-once': rule('should', { structure: ['woven'], kind: ['hem'], foldsOnce: true }, prefer({ blind: 0, straight: 0.8, zigzag: 0.9 }), WEIGHED,
    'A hem turned once is caught with a blind stitch: nothing is pressed flat, and it hardly shows.'),
  'stitch.lace-hem': rule('should', { structure: ['woven'], family: ['lace'], kind: ['hem'] }, prefer({ zigzag: 0, blind: 0.6, straight: 0.8 }), WEIGHED,
    'A narrow zigzag holds the open ground of lace.'),
  'stitch.edge': rule('should', { kind: ['edge-finish'] }, only({ 'overlock-like': 0.1, zigzag: 0, 'three-step-zigzag': 0.05, straight: 1.2 }), WEIGHED,
    'A stitch that covers the edge holds its yarns.'),
  'stitch.edge-light': rule('should', { kind: ['edge-finish'], massBelow: 110 }, prefer({ 'three-step-zigzag': 0, zigzag: 0.1, 'overlock-like': 0.4 }), WEIGHED,
    'Three small steps do not roll up a light edge the way a plain zigzag does.'),
  'stitch.elastic': rule('should', { kind: ['elastic'] }, only({ 'three-step-zigzag': 0, zigzag: 0.1, 'overlock-like': 0.6 }), WEIGHED,
    'Three-step zigzag lies flat on elastic and stretches with it.'),
  'stitch.binding': rule('should', { kind: ['binding'] }, only({ straight: 0, zigzag: 0.3, 'three-step-zigzag': 0.4 }), WEIGHED,
    'One straight row close to the edge of the binding.'),
  'stitch.binding-knit': rule('should', { ...KNIT, kind: ['binding'] }, only({ zigzag: 0, 'three-step-zigzag': 0.1, straight: 0.5 }), WEIGHED,
    'Bindings on knits stretch in wear: a zigzag stretches with them.'),
  'stitch.bar-tack': rule('should', { kind: ['bar-tack'] }, only({ satin: 0, zigzag: 0.1, 'triple-straight': 0.7, straight: 0.9 }), WEIGHED,
    'A bar tack is a narrow, dense zigzag over the end of an opening.'),
  'stitch.buttonhole': rule('should', { kind: ['buttonhole'] }, only({ buttonhole: 0, satin: 0.5, zigzag: 0.6 }), WEIGHED,
    'The machine’s own buttonhole; without one, two columns of dense zigzag and a bar at each end.'),
  'stitch.skins-edge': rule('should', { ...SKINS, kind: ['edge-finish'] }, only({ straight: 0 }), WEIGHED,
    'The edge does not fray; all it needs is a row beside it.'),
  'stitch.holed-closed': rule('must', { ...HOLED, kind: ['bar-tack', 'buttonhole'] }, only({ straight: 0 }), WEIGHED,
    'Dense stitches would tear this fabric along the holes: use a cut slit, or a short row sewn once, with straight stitches round it.'),

  'stitch.straight-pops': rule('must', { ...KNIT, kind: ['join', 'band', 'edge-finish'], giveFrom: 15 }, prefer({ straight: null }), WEIGHED,
    'A straight stitch pops in a seam that must stretch; elastic thread only helps together with a stitch that stretches.'),
});
