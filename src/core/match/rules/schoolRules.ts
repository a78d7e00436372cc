import type { StitchId } from '../../stitch';
import type { Costs } from '../ruleTypes';
import { type Rule, rule } from '../ruleTypes';
import type { SchoolQuestion } from '../../setup';
import { HOLED, KNIT, SILKY } from './groups';

/** What every other stitch costs when a school names one. */
const OTHERS: Costs<StitchId> = {
  zigzag: 2,
  lightning: 2,
  'triple-straight': 2,
  'three-step-zigzag': 2,
  'overlock-like': 2,
  'step-cross': 2,
};
const stitch = (costs: Costs<StitchId>) => ({ parameter: 'stitch', costs: { ...OTHERS, ...costs } }) as const;
const at = (question: SchoolQuestion, name: string) => ({ school: { question, name } });
const may = { strength: 'may' } as const;

/** What a person chose where good practitioners differ. They come last, so that they override the defaults. */
// prettier-ignore
export const SCHOOL_RULES: readonly Rule[] = [
  rule('school.knit-zigzag', { ...KNIT, kind: ['join'], ...at('knit-stitch', 'zigzag') }, stitch({ zigzag: 0 }), 'You chose a short, narrow zigzag for knits.', may),
  rule('school.knit-wide', { ...KNIT, kind: ['join'], ...at('knit-stitch', 'wide-zigzag') }, stitch({ zigzag: 0 }), 'You chose a short, wide zigzag for knits, trimmed to the stitching.', may),
  rule('school.knit-wide-width', { ...KNIT, kind: ['join'], ...at('knit-stitch', 'wide-zigzag') }, { parameter: 'widthMm', aim: { min: 4, ideal: 5, max: 6 }, stitches: ['zigzag'] }, 'Wide, over what will be the edge.', may),
  rule('school.knit-wide-length', { ...KNIT, kind: ['join'], ...at('knit-stitch', 'wide-zigzag') }, { parameter: 'lengthMm', aim: { min: 1.2, ideal: 1.5, max: 2 }, stitches: ['zigzag'] }, 'Short, so that it covers the edge.', may),
  rule('school.knit-wide-seam', { ...KNIT, kind: ['join'], ...at('knit-stitch', 'wide-zigzag') }, { parameter: 'plan.seam', value: 'Plain seam in a wide zigzag, then trimmed to the stitching' }, 'The zigzag is the finish as well.', may),
  rule('school.knit-triple', { ...KNIT, kind: ['join'], ...at('knit-stitch', 'triple-straight') }, stitch({ 'triple-straight': 0 }), 'You chose triple straight for knits.', may),
  rule('school.knit-slanted', { ...KNIT, kind: ['join'], ...at('knit-stitch', 'slanted') }, stitch({ lightning: 0 }), 'You chose the slanted stretch stitch for knits.', may),

  rule('school.length-longer', { ...KNIT, kind: ['join'], ...at('awkward-length', 'longer') }, { parameter: 'lengthMm', aim: { min: 2.5, ideal: 3, max: 3.5 }, stitches: ['zigzag', 'triple-straight'] }, 'You sew awkward cloth longer: fewer punctures.', may),
  rule('school.length-longer-fine', { ...SILKY, kind: ['join'], ...at('awkward-length', 'longer') }, { parameter: 'lengthMm', aim: { min: 2, ideal: 2.4, max: 2.8 }, stitches: ['straight'] }, 'You sew awkward cloth longer: fewer punctures.', may),
  rule('school.length-shorter', { ...KNIT, kind: ['join'], ...at('awkward-length', 'shorter') }, { parameter: 'lengthMm', aim: { min: 1, ideal: 1.6, max: 2 }, stitches: ['zigzag'] }, 'You sew awkward cloth shorter: more give, a finer line.', may),
  rule('school.length-shorter-fine', { structure: ['woven'], massBelow: 150, kind: ['join'], ...at('awkward-length', 'shorter') }, { parameter: 'lengthMm', aim: { min: 1.5, ideal: 1.6, max: 2 }, stitches: ['straight'] }, 'You sew awkward cloth shorter: a finer line.', may),

  rule('school.pressure-lowest', { ...KNIT, ...at('knit-pressure', 'lowest') }, { parameter: 'pressure', ideal: 0 }, 'You chose the lowest pressure on knits.', may),
  rule('school.pressure-one', { ...KNIT, ...at('knit-pressure', 'about-one') }, { parameter: 'pressure', ideal: 0.25 }, 'You chose about one step above the lowest on knits.', may),
  rule('school.pressure-normal', { ...KNIT, ...at('knit-pressure', 'normal') }, { parameter: 'pressure', ideal: 0.5 }, 'You chose normal pressure on knits.', may),
  rule('school.pressure-raise', { family: ['silk', 'chiffon', 'satin'], ...at('thin-silk-pressure', 'raise') }, { parameter: 'pressure', ideal: 0.9 }, 'You raise the pressure on thin silk so that it feeds surely.', may),

  rule('school.cotton', { ...KNIT, allCotton: true, ...at('cotton-knit-thread', 'cotton') }, { parameter: 'thread.fibre', costs: { cotton: 0, polyester: 1.5 } }, 'You chose cotton thread for all-cotton knits.', may),
  rule('school.polyester', { ...KNIT, allCotton: true, ...at('cotton-knit-thread', 'polyester') }, { parameter: 'thread.fibre', costs: { polyester: 0, cotton: 2.5, silk: 2.5, nylon: 2.5, 'elastic-polyester': 2 } }, 'You chose polyester for all-cotton knits: it stretches more and lasts longer.', may),

  rule('school.walking', { kind: ['join', 'band', 'topstitch', 'hem', 'casing'], ...at('walking-foot', 'always') }, { parameter: 'foot', costs: { walking: 0, 'dual-feed': 0, standard: 0.8 } }, 'You keep the walking foot on.', may),
  rule('school.glide', { ...at('walking-foot', 'glide'), kind: ['join', 'band', 'topstitch', 'hem', 'casing'] }, { parameter: 'foot', costs: { glide: 0, walking: 2, standard: 0.8 } }, 'You sew with a glide-soled foot instead of a walking foot.', may),

  rule('school.stretch-by-drape', { family: ['slinky-jersey', 'swim'], ...at('knit-point', 'by-drape') }, { parameter: 'needle.point', costs: { stretch: 0, ballpoint: 0.8 } }, 'You choose a stretch needle by drape.', may),
  rule('school.stretch-firm', { ...KNIT, family: ['jersey', 'rib', 'double-knit', 'scuba', 'fleece', 'sweater-knit'], ...at('knit-point', 'by-drape') }, { parameter: 'needle.point', costs: { ballpoint: 0, stretch: 1.4 } }, 'You choose a ballpoint for knits that do not drape.', may),
  rule('school.ballpoint-first', { ...KNIT, ...at('knit-point', 'until-it-skips') }, { parameter: 'needle.point', costs: { ballpoint: 0, stretch: 3 } }, 'You begin with a ballpoint and change to a stretch needle when it skips.', may),
  rule('school.universal', { ...KNIT, ...at('universal-on-knits', 'allow') }, { parameter: 'needle.point', costs: { universal: -1.6 } }, 'You sew knits with a universal needle on a good machine.', may),

  rule('school.edges-zigzag', { ...KNIT, kind: ['join'], ...at('knit-edges', 'zigzag-row') }, { parameter: 'plan.seam', value: 'Plain seam, right sides together, then a zigzag row at the raw edges' }, 'You finish the edges of knits with a second row: only where the cloth comes back well.', may),
  rule('school.edges-trim', { ...KNIT, kind: ['join'], ...at('knit-edges', 'trim') }, { parameter: 'plan.seam', value: 'Plain seam, right sides together, allowances trimmed to 6 mm' }, 'You trim the edges of knits to 6 mm.', may),

  rule('school.hem-twin', { ...KNIT, kind: ['hem'], ...at('knit-hem', 'twin-tape') }, { parameter: 'needle.point', costs: { 'twin-stretch': -1, twin: -0.9 } }, 'You hem knits with two needles and tape in the fold.', may),
  rule('school.hem-zigzag', { ...KNIT, kind: ['hem'], ...at('knit-hem', 'narrow-zigzag') }, { parameter: 'stitch', costs: { zigzag: 0, straight: 3, 'triple-straight': 3, lightning: 3, 'three-step-zigzag': 3 } }, 'You hem knits with a narrow zigzag.', may),
  rule('school.hem-triple', { ...KNIT, kind: ['hem'], ...at('knit-hem', 'triple') }, { parameter: 'stitch', costs: { 'triple-straight': 0, straight: 3, zigzag: 3, lightning: 3, 'three-step-zigzag': 3 } }, 'You hem knits with triple straight, in a matching colour.', may),

  rule('school.zip-direct', { kind: ['zip-concealed'], ...at('concealed-zip', 'straight-to-it') }, { parameter: 'foot', costs: { 'concealed-zip': 0, zip: 1.5 } }, 'You sew straight into the groove with the special foot.', may),
  rule('school.zip-direct-seam', { kind: ['zip-concealed'], ...at('concealed-zip', 'straight-to-it') }, { parameter: 'plan.seam', value: 'Zip open, face down on the right side; stitch straight in the groove, stop 12 mm above the pull; then the rest of the seam' }, 'You sew straight to the groove, without basting.', may),

  rule('school.secure-back', at('securing', 'back-stitch'), { parameter: 'plan.secure', value: 'back-stitch' }, 'You back-stitch the ends.', may),
  rule('school.secure-lock', at('securing', 'lock'), { parameter: 'plan.secure', value: 'lock' }, 'You use the machine’s own lock stitch.', may),
  rule('school.secure-knot', at('securing', 'knot'), { parameter: 'plan.secure', value: 'knot' }, 'You knot every end by hand.', may),

  rule('school.hold-pins', at('holding', 'pins'), { parameter: 'plan.hold', value: ['pins'] }, 'You hold with pins.', may),
  rule('school.hold-ballpoint', { ...KNIT, ...at('holding', 'pins') }, { parameter: 'plan.hold', value: ['ballpoint-pins'] }, 'You hold with pins: ballpoint ones on knits.', may),
  rule('school.hold-silk-pins', { ...SILKY, ...at('holding', 'pins') }, { parameter: 'plan.hold', value: ['silk-pins-in-allowance'] }, 'You hold with pins: silk ones, inside the allowance.', may),
  rule('school.hold-clips', at('holding', 'clips'), { parameter: 'plan.hold', value: ['clips'] }, 'You hold with clips.', may),
  rule('school.hold-weights', at('holding', 'weights'), { parameter: 'plan.hold', value: ['weights', 'baste'] }, 'You lay weights while cutting and baste before sewing.', may),
  rule('school.hold-glue', at('holding', 'glue'), { parameter: 'plan.hold', value: ['glue'] }, 'You hold with a line of fabric glue.', may),
  rule('school.hold-no-pins', { ...HOLED, ...at('holding', 'pins') }, { parameter: 'plan.hold', value: ['clips'] }, 'You hold with pins, but here every hole would stay: clips instead.', { strength: 'must' }),
  rule('school.hold-no-pins-trait', { traits: ['holes-stay'], ...at('holding', 'pins') }, { parameter: 'plan.hold', value: ['clips', 'silk-pins-in-allowance'] }, 'You hold with pins, but here every hole would stay: clips, or pins inside the allowance.', { strength: 'must' }),

  rule('school.life-eight', at('needle-life', 'eight-hours'), { parameter: 'plan.notes', value: ['Change the needle after about 8 hours of sewing.'] }, 'You keep a needle for 8 hours.', may),
  rule('school.life-project', at('needle-life', 'every-project'), { parameter: 'plan.notes', value: ['Begin this project with a new needle.'] }, 'You change the needle with every project.', may),
  rule('school.life-trouble', at('needle-life', 'when-trouble'), { parameter: 'plan.notes', value: ['At the first trouble, change the needle before anything else.'] }, 'You change the needle when there is trouble.', may),
  rule('school.bobbin-twin', { ...KNIT, kind: ['hem', 'topstitch'], ...at('bobbin-tension', 'adjust-for-twin') }, { parameter: 'plan.notes', value: ['If a ridge rises between the rows, loosen a spare bobbin case kept for twin needles by a quarter turn, mark where it stood, and see the machine’s manual first.'] }, 'You keep a bobbin case for twin needles.', may),
  rule('school.bobbin-never', { ...KNIT, kind: ['hem', 'topstitch'], ...at('bobbin-tension', 'never') }, { parameter: 'plan.notes', value: ['Against a ridge between the rows: tape in the fold, needle tension down, a narrower gap. The bobbin stays as it is.'] }, 'You never touch bobbin tension.', may),
  rule('school.bobbin-last', { ...KNIT, kind: ['hem', 'topstitch'], ...at('bobbin-tension', 'last-resort') }, { parameter: 'plan.notes', value: ['Against a ridge between the rows: tape in the fold, needle tension down, a narrower gap; bobbin tension only when all of that failed, and as the manual says.'] }, 'Bobbin tension is the last thing to touch.'),
];
