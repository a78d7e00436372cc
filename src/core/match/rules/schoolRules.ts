import type { StitchId } from '../../stitch';
import type { Costs } from './ruleTypes';
import { rule, rulesOf } from './ruleTypes';
import { CHOSEN, CHOSEN_WAY } from './origins';
import { FINE, HOLED, KNIT } from './groups';

/** One stitch, and no other while it can be had. */
const stitch = (costs: Costs<StitchId>, others: number) => ({ parameter: 'stitch', costs, others }) as const;

/** What a person chose where good practitioners differ. They come last, so that they override the defaults. */
// prettier-ignore
export const SCHOOL_RULES = rulesOf({
  'school.knit-zigzag': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-stitch': 'zigzag' } }, stitch({ zigzag: 0 }, 2), CHOSEN, 'You chose a short, narrow zigzag for knits.'),
  'school.knit-wide': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-stitch': 'wide-zigzag' } }, stitch({ zigzag: 0 }, 2), CHOSEN, 'You chose a short, wide zigzag for knits, trimmed to the stitching.'),
  'school.knit-wide-width': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-stitch': 'wide-zigzag' } }, { parameter: 'widthMm', aim: { min: 4, ideal: 5, max: 6 }, stitches: ['zigzag'] }, CHOSEN, 'Wide, over what will be the edge.'),
  'school.knit-wide-length': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-stitch': 'wide-zigzag' } }, { parameter: 'lengthMm', aim: { min: 1.2, ideal: 1.5, max: 2 }, stitches: ['zigzag'] }, CHOSEN, 'Short, so that it covers the edge.'),
  'school.knit-wide-seam': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-stitch': 'wide-zigzag' } }, { parameter: 'plan.seam', value: 'Plain seam in a wide zigzag, then trimmed to the stitching' }, CHOSEN_WAY, 'The zigzag is the finish as well.'),
  'school.knit-triple': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-stitch': 'triple-straight' } }, stitch({ 'triple-straight': 0 }, 2), CHOSEN, 'You chose triple straight for knits.'),
  'school.knit-slanted': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-stitch': 'slanted' } }, stitch({ lightning: 0 }, 2), CHOSEN, 'You chose the slanted stretch stitch for knits.'),

  'school.length-longer': rule('may', { ...KNIT, kind: ['join'], school: { 'awkward-length': 'longer' } }, { parameter: 'lengthMm', aim: { min: 2.5, ideal: 3, max: 3.5 }, stitches: ['zigzag', 'triple-straight'] }, CHOSEN, 'You sew awkward fabric with longer stitches: fewer holes.'),
  'school.length-longer-fine': rule('may', { ...FINE, kind: ['join'], school: { 'awkward-length': 'longer' } }, { parameter: 'lengthMm', aim: { min: 2, ideal: 2.4, max: 2.8 }, stitches: ['straight'] }, CHOSEN, 'You sew awkward fabric with longer stitches: fewer holes.'),
  'school.length-shorter': rule('may', { ...KNIT, kind: ['join'], school: { 'awkward-length': 'shorter' } }, { parameter: 'lengthMm', aim: { min: 1, ideal: 1.6, max: 2 }, stitches: ['zigzag'] }, CHOSEN, 'You sew awkward fabric with shorter stitches: more stretch, a finer line.'),
  'school.length-shorter-fine': rule('may', { structure: ['woven'], massBelow: 150, kind: ['join'], school: { 'awkward-length': 'shorter' } }, { parameter: 'lengthMm', aim: { min: 1.5, ideal: 1.6, max: 2 }, stitches: ['straight'] }, CHOSEN, 'You sew awkward fabric with shorter stitches: a finer line.'),

  'school.pressure-lowest': rule('may', { ...KNIT, school: { 'knit-pressure': 'lowest' } }, { parameter: 'pressure', ideal: 0 }, CHOSEN, 'You chose the lowest pressure on knits.'),
  'school.pressure-one': rule('may', { ...KNIT, school: { 'knit-pressure': 'about-one' } }, { parameter: 'pressure', ideal: 0.25 }, CHOSEN, 'You chose about one step above the lowest on knits.'),
  'school.pressure-normal': rule('may', { ...KNIT, school: { 'knit-pressure': 'normal' } }, { parameter: 'pressure', ideal: 0.5 }, CHOSEN, 'You chose normal pressure on knits.'),
  'school.pressure-raise': rule('may', { family: ['silk', 'chiffon', 'satin'], school: { 'thin-silk-pressure': 'raise' } }, { parameter: 'pressure', ideal: 0.9 }, CHOSEN, 'You raise the pressure on thin silk so that it feeds reliably.'),

  'school.cotton': rule('may', { ...KNIT, allCotton: true, school: { 'cotton-knit-thread': 'cotton' } }, { parameter: 'thread.fibre', costs: { cotton: 0, polyester: 1.5 } }, CHOSEN, 'You chose cotton thread for all-cotton knits.'),
  'school.polyester': rule('may', { ...KNIT, allCotton: true, school: { 'cotton-knit-thread': 'polyester' } }, { parameter: 'thread.fibre', costs: { polyester: 0, cotton: 2.5, silk: 2.5, nylon: 2.5, 'elastic-polyester': 2 } }, CHOSEN, 'You chose polyester for all-cotton knits: it stretches more and lasts longer.'),

  'school.walking': rule('may', { kind: ['join', 'band', 'topstitch', 'hem', 'casing'], school: { 'walking-foot': 'always' } }, { parameter: 'foot', costs: { walking: 0, 'dual-feed': 0, standard: 0.8 } }, CHOSEN, 'You keep the walking foot on.'),
  'school.glide': rule('may', { school: { 'walking-foot': 'glide' }, kind: ['join', 'band', 'topstitch', 'hem', 'casing'] }, { parameter: 'foot', costs: { glide: 0, walking: 2, standard: 0.8 } }, CHOSEN, 'You sew with a glide-soled foot instead of a walking foot.'),

  'school.stretch-by-drape': rule('may', { family: ['slinky-jersey', 'swim'], school: { 'knit-point': 'by-drape' } }, { parameter: 'needle.point', costs: { stretch: 0, ballpoint: 0.8 } }, CHOSEN, 'You choose a stretch needle by how the fabric drapes.'),
  'school.stretch-firm': rule('may', { ...KNIT, family: ['jersey', 'rib', 'double-knit', 'scuba', 'fleece', 'sweater-knit'], school: { 'knit-point': 'by-drape' } }, { parameter: 'needle.point', costs: { ballpoint: 0, stretch: 1.4 } }, CHOSEN, 'You choose a ballpoint for knits that do not drape.'),
  'school.ballpoint-first': rule('may', { ...KNIT, school: { 'knit-point': 'until-it-skips' } }, { parameter: 'needle.point', costs: { ballpoint: 0, stretch: 3 } }, CHOSEN, 'You start with a ballpoint and change to a stretch needle if it skips.'),
  'school.universal': rule('may', { ...KNIT, school: { 'universal-on-knits': 'allow' } }, { parameter: 'needle.point', costs: { universal: -1.6 } }, CHOSEN, 'You sew knits with a universal needle on a good machine.'),

  'school.edges-zigzag': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-edges': 'zigzag-row' } }, { parameter: 'plan.seam', value: 'Plain seam, right sides together, then a zigzag row at the raw edges' }, CHOSEN_WAY, 'You finish the edges of knits with a second row, but only where the fabric recovers well.'),
  'school.edges-trim': rule('may', { ...KNIT, kind: ['join'], school: { 'knit-edges': 'trim' } }, { parameter: 'plan.seam', value: 'Plain seam, right sides together, allowances trimmed to {6 mm}' }, CHOSEN_WAY, 'You trim the edges of knits to {6 mm}.'),

  'school.hem-twin': rule('may', { ...KNIT, kind: ['hem'], school: { 'knit-hem': 'twin-tape' } }, { parameter: 'needle.point', costs: { 'twin-stretch': -1.5, twin: -1.4 } }, CHOSEN, 'You hem knits with two needles and tape in the fold.'),
  'school.hem-zigzag': rule('may', { ...KNIT, kind: ['hem'], school: { 'knit-hem': 'narrow-zigzag' } }, stitch({ zigzag: 0 }, 3), CHOSEN, 'You hem knits with a narrow zigzag.'),
  'school.hem-triple': rule('may', { ...KNIT, kind: ['hem'], school: { 'knit-hem': 'triple' } }, stitch({ 'triple-straight': 0 }, 3), CHOSEN, 'You hem knits with triple straight, in a matching colour.'),

  'school.zip-direct': rule('may', { kind: ['zip-concealed'], school: { 'concealed-zip': 'straight-to-it' } }, { parameter: 'foot', costs: { 'concealed-zip': 0, zip: 1.5 } }, CHOSEN, 'You sew straight into the groove with the concealed zip foot.'),
  'school.zip-direct-seam': rule('may', { kind: ['zip-concealed'], school: { 'concealed-zip': 'straight-to-it' } }, { parameter: 'plan.seam', value: 'Zip open, face down on the right side; stitch straight in the groove, stop {12 mm} above the pull; then the rest of the seam' }, CHOSEN_WAY, 'You sew straight into the groove, without tacking.'),

  'school.zip-from-below': rule('may', { kind: ['zip-centred'], school: { 'centred-zip': 'from-below' } }, { parameter: 'plan.seam', value: 'Tack the opening, sew the rest; seam {opened}; zip face down on the seam; sew each side from the seam below the stop, across and up, and change needle and foot over between them' }, CHOSEN_WAY, 'You sew both sides of a zip from the bottom, so that they match.'),
  'school.quilt-other-end': rule('may', { kind: ['quilt-lines'], school: { 'quilting-lines': 'other-end' } }, { parameter: 'plan.seam', value: 'From the middle outwards, each row from the opposite end, guide bar at the spacing' }, CHOSEN_WAY, 'You start alternate quilting rows from opposite ends.'),

  'school.secure-back': rule('may', { reverse: true, school: { securing: 'back-stitch' } }, { parameter: 'plan.secure', value: 'back-stitch' }, CHOSEN_WAY, 'You backstitch the ends.'),
  'school.secure-lock': rule('may', { autoLock: true, school: { securing: 'lock' } }, { parameter: 'plan.secure', value: 'lock' }, CHOSEN_WAY, 'You use the machine’s own lock stitch.'),
  'school.secure-knot': rule('may', { school: { securing: 'knot' } }, { parameter: 'plan.secure', value: 'knot' }, CHOSEN_WAY, 'You knot every end by hand.'),

  'school.hold-pins': rule('may', { school: { holding: 'pins' } }, { parameter: 'plan.hold', value: ['pins'] }, CHOSEN_WAY, 'You hold with pins.'),
  'school.hold-ballpoint': rule('may', { ...KNIT, school: { holding: 'pins' } }, { parameter: 'plan.hold', value: ['ballpoint-pins'] }, CHOSEN_WAY, 'You hold with pins: ballpoint ones on knits.'),
  'school.hold-silk-pins': rule('may', { ...FINE, school: { holding: 'pins' } }, { parameter: 'plan.hold', value: ['silk-pins-in-allowance'] }, CHOSEN_WAY, 'You hold with pins: silk ones, inside the allowance.'),
  'school.hold-clips': rule('may', { school: { holding: 'clips' } }, { parameter: 'plan.hold', value: ['clips'] }, CHOSEN_WAY, 'You hold with clips.'),
  'school.hold-weights': rule('may', { school: { holding: 'weights' } }, { parameter: 'plan.hold', value: ['weights', 'baste'] }, CHOSEN_WAY, 'You use weights for cutting and tack before sewing.'),
  'school.hold-glue': rule('may', { school: { holding: 'glue' } }, { parameter: 'plan.hold', value: ['glue'] }, CHOSEN_WAY, 'You hold with a line of fabric glue.'),
  'school.hold-no-pins': rule('must', { ...HOLED, school: { holding: 'pins' } }, { parameter: 'plan.hold', value: ['clips'] }, CHOSEN_WAY, 'You hold with pins, but here every hole would stay: use clips instead.'),
  'school.hold-no-pins-trait': rule('must', { traits: ['holes-stay'], school: { holding: 'pins' } }, { parameter: 'plan.hold', value: ['clips', 'silk-pins-in-allowance'] }, CHOSEN_WAY, 'You hold with pins, but here every hole would stay: use clips, or pin inside the allowance.'),

  'school.life-eight': rule('may', { school: { 'needle-life': 'eight-hours' } }, { parameter: 'plan.notes', value: ['Change the needle after about 8 hours of sewing.'] }, CHOSEN_WAY, 'You use a needle for 8 hours.'),
  'school.life-project': rule('may', { school: { 'needle-life': 'every-project' } }, { parameter: 'plan.notes', value: ['Start this project with a new needle.'] }, CHOSEN_WAY, 'You change the needle with every project.'),
  'school.life-trouble': rule('may', { school: { 'needle-life': 'when-trouble' } }, { parameter: 'plan.notes', value: ['At the first sign of trouble, change the needle before anything else.'] }, CHOSEN_WAY, 'You change the needle when there is trouble.'),
  'school.bobbin-twin': rule('may', { ...KNIT, kind: ['hem', 'topstitch'], school: { 'bobbin-tension': 'adjust-for-twin' } }, { parameter: 'plan.notes', value: ['If a ridge rises between the rows, loosen a spare bobbin case, kept for twin needles, by a quarter turn. Mark its old position and read the machine’s manual first.'] }, CHOSEN_WAY, 'You keep a bobbin case for twin needles.'),
  'school.bobbin-never': rule('may', { ...KNIT, kind: ['hem', 'topstitch'], school: { 'bobbin-tension': 'never' } }, { parameter: 'plan.notes', value: ['If a ridge rises between the rows: tape in the fold, lower needle tension, a narrower gap. Leave the bobbin alone.'] }, CHOSEN_WAY, 'You never touch bobbin tension.'),
  'school.bobbin-last': rule('should', { ...KNIT, kind: ['hem', 'topstitch'], school: { 'bobbin-tension': 'last-resort' } }, { parameter: 'plan.notes', value: ['If a ridge rises between the rows: tape in the fold, lower needle tension, a narrower gap. Change bobbin tension only if all of that fails, following the manual.'] }, CHOSEN_WAY, 'Bobbin tension is the last thing to change.'),
});
