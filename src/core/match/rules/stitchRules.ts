import type { StitchId } from '../../stitch';
import type { Costs } from '../ruleTypes';
import { type Rule, rule } from '../ruleTypes';
import { FOAM, HOLED, KNIT, LINES, SEAMS, SHOWN, SKINS, STABLE_KNIT } from './groups';

/** Only these may be chosen, at these costs; every other stitch is for another purpose. */
const only = (costs: Costs<StitchId>) =>
  ({
    parameter: 'stitch',
    costs: {
      straight: null,
      zigzag: null,
      'triple-straight': null,
      lightning: null,
      'three-step-zigzag': null,
      'step-cross': null,
      'overlock-like': null,
      bridging: null,
      blind: null,
      'stretch-blind': null,
      satin: null,
      buttonhole: null,
      ...costs,
    },
  }) as const;
const prefer = (costs: Costs<StitchId>) => ({ parameter: 'stitch', costs }) as const;

/** Which stitch. Later rules override earlier ones for the same choice. */
// prettier-ignore
export const STITCH_RULES: readonly Rule[] = [
  rule('stitch.straight-holds', {}, only({ straight: 0, 'triple-straight': 0.5, zigzag: 0.6 }),
    'A straight stitch is the firmest and finest line where nothing has to stretch.'),
  rule('stitch.knit-join', { ...KNIT, kind: SEAMS },
    prefer({ zigzag: 0, lightning: 0.15, 'triple-straight': 0.35, 'three-step-zigzag': 0.45, 'overlock-like': 0.5, 'step-cross': 0.6, straight: 0.3 }),
    'A short, narrow zigzag is the usual answer on knits: it gives with the seam.'),
  rule('stitch.knit-line', { ...KNIT, kind: SHOWN },
    prefer({ straight: 0.1, zigzag: 0.3, 'triple-straight': 0.8, lightning: 0.4, 'three-step-zigzag': 0.8 }),
    'On a knit a line that shows is sewn with two needles or a narrow zigzag, so that it can give.'),
  rule('stitch.swim-join', { family: ['swim'], kind: SEAMS },
    prefer({ zigzag: 0, 'three-step-zigzag': 0.05, lightning: 0.8, 'triple-straight': 0.8 }),
    'Very elastic cloth wants zigzag or three-step zigzag, short and wide.'),
  rule('stitch.thick-stable-knit', { ...STABLE_KNIT, kind: ['join'] },
    prefer({ 'triple-straight': 0.05, zigzag: 0.1 }),
    'On thick stable knits triple straight can be pressed open flat.'),
  rule('stitch.thickest-knit', { ...STABLE_KNIT, kind: ['join'], massFrom: 320 },
    prefer({ 'triple-straight': 0, zigzag: 0.4, lightning: 0.3 }),
    'In the thickest stable knits triple straight, pressed open, halves the bulk of the seam.'),
  rule('stitch.stretch-woven', { structure: ['woven'], stretchFrom: 10, kind: ['join', 'band', 'casing', 'hem', 'topstitch'], giveFrom: 10 },
    prefer({ straight: 0.2, 'triple-straight': 0.1, lightning: 0.2, zigzag: 0.2 }),
    'A woven with elastane is no knit, but a seam that has to follow it needs some give.'),
  rule('stitch.foam-abutted', { ...FOAM, kind: ['join'] },
    only({ zigzag: 0, bridging: 0.1, straight: 0.6, 'triple-straight': 0.9 }),
    'Edges laid side by side are joined by a zigzag that bites both of them.'),
  rule('stitch.no-dense-on-skins', SKINS,
    prefer({ straight: 0, zigzag: 0.7, 'triple-straight': null }),
    'Three holes for each stitch would tear this cloth like a stamp.', { strength: 'must' }),

  rule('stitch.lines', { kind: LINES }, only({ straight: 0 }),
    'A single straight line: nothing here has to stretch.'),
  rule('stitch.dart', { kind: ['dart'] }, only({ straight: 0, zigzag: 0.5 }),
    'A dart is a straight line that runs off to nothing.'),
  rule('stitch.rolled', { kind: ['rolled-hem'] }, only({ straight: 0, zigzag: 0.25 }),
    'A straight stitch holds the roll; a zigzag over it rolls lace and knits.'),
  rule('stitch.rolled-knit', { ...KNIT, kind: ['rolled-hem'] }, only({ zigzag: 0, straight: 0.4 }),
    'A zigzag swings over the edge of a knit and gives with it.'),
  rule('stitch.blind', { kind: ['blind-hem'] }, only({ blind: 0, 'stretch-blind': 0.3, zigzag: 1 }),
    'Straight steps on the hem and one small bite of the fold: hardly seen from outside.'),
  rule('stitch.blind-knit', { ...KNIT, kind: ['blind-hem'] }, only({ 'stretch-blind': 0, blind: 0.4, zigzag: 0.8 }),
    'Small zigzags between the bites let the hem of a knit give.'),
  rule('stitch.edge', { kind: ['edge-finish'] }, only({ 'overlock-like': 0.1, zigzag: 0, 'three-step-zigzag': 0.05, straight: 1.2 }),
    'A stitch that swings over the edge holds its threads.'),
  rule('stitch.edge-light', { kind: ['edge-finish'], massBelow: 110 }, prefer({ 'three-step-zigzag': 0, zigzag: 0.1, 'overlock-like': 0.4 }),
    'Three small steps do not roll up a light edge as a plain zigzag does.'),
  rule('stitch.elastic', { kind: ['elastic'] }, only({ 'three-step-zigzag': 0, zigzag: 0.1, 'overlock-like': 0.6 }),
    'Three-step zigzag lies flat on elastic and stretches with it.'),
  rule('stitch.binding', { kind: ['binding'] }, only({ straight: 0, zigzag: 0.3, 'three-step-zigzag': 0.4 }),
    'One straight line close to the edge of the binding.'),
  rule('stitch.binding-knit', { ...KNIT, kind: ['binding'] }, only({ zigzag: 0, 'three-step-zigzag': 0.1, straight: 0.5 }),
    'Bindings on knits are stretched in wear: a zigzag gives with them.'),
  rule('stitch.bar-tack', { kind: ['bar-tack'] }, only({ satin: 0, zigzag: 0.1, 'triple-straight': 0.7, straight: 0.9 }),
    'A bar tack is a narrow, dense zigzag over the end of an opening.'),
  rule('stitch.buttonhole', { kind: ['buttonhole'] }, only({ buttonhole: 0, satin: 0.5, zigzag: 0.6 }),
    'The machine’s own buttonhole; without one, two columns of dense zigzag and a bar at each end.'),
  rule('stitch.skins-edge', { ...SKINS, kind: ['edge-finish'] }, only({ straight: 0 }),
    'The edge does not fray; a line beside it is all it takes.'),
  rule('stitch.holed-closed', { ...HOLED, kind: ['bar-tack', 'buttonhole'] }, only({ straight: 0 }),
    'Dense stitches would cut this cloth out like a stamp: a cut slit, or a short line sewn once, with straight stitches round it.', { strength: 'must' }),

  rule('stitch.straight-pops', { ...KNIT, kind: ['join', 'band', 'edge-finish'], giveFrom: 15 }, prefer({ straight: null }),
    'A straight stitch pops in a seam that must stretch; elastic thread helps only together with a stitch that gives.', { strength: 'must' }),
];
