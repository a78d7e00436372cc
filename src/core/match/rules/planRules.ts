import { type Rule, rule } from '../ruleTypes';

const KNIT = { structure: ['knit'] as const };
const SILKY = { family: ['silk', 'satin', 'chiffon'] as const };
const SKINS = { structure: ['hide', 'coated', 'foam'] as const };

const LEVER_UP = 'Take-up lever at its highest, both tails held.';
const cut = (layers: 'single' | 'double', tool: string, sandwich = false, oneWay = false) =>
  ({ parameter: 'plan.cut', value: { layers, tool, sandwich, oneWay } }) as const;
const press = (maxSolePlateC: number, pressCloth: boolean, steam: 'yes' | 'little' | 'no') =>
  ({ parameter: 'plan.press', value: { maxSolePlateC, pressCloth, steam } }) as const;

/** Everything but the dials: seam, start, ends, holding, cutting, marking, pressing, speed. */
// prettier-ignore
export const PLAN_RULES: readonly Rule[] = [
  rule('seam.plain', {}, { parameter: 'plan.seam', value: 'Plain seam, right sides together, pressed open' }, 'The flattest seam for most cloth.'),
  rule('seam.knit', KNIT, { parameter: 'plan.seam', value: 'Plain seam, right sides together, edges left as they are' }, 'A knit does not fray; a second row only stretches it.'),
  rule('seam.knit-finish', { ...KNIT, recoveryFrom: 85 }, { parameter: 'plan.seam', value: 'Plain seam, right sides together; leave the edges, or zigzag them together' }, 'It comes back well, so a second row at the edge is safe.'),
  rule('seam.french', { ...SILKY, kind: ['join'] }, { parameter: 'plan.seam', value: 'French seam: wrong sides together first, then right sides' }, 'Raw edges of fine cloth fray and show through; a French seam hides them.'),
  rule('seam.felled', { family: ['denim'], kind: ['join'] }, { parameter: 'plan.seam', value: 'Plain seam, then flat-felled or finished and topstitched' }, 'Denim frays in the wash; a felled seam locks the edges in.'),
  rule('seam.abutted', { structure: ['foam'], kind: ['join'] }, { parameter: 'plan.seam', value: 'Edges abutted side by side, without allowance, stitch centred over the joint' }, 'Two thicknesses of foam make a ridge that never presses flat.'),
  rule('seam.hide', { structure: ['hide', 'coated'] }, { parameter: 'plan.seam', value: 'Plain seam, finger-pressed open, or lapped raw edges' }, 'These edges do not fray and take no iron.'),
  rule('seam.hem', { kind: ['hem'] }, { parameter: 'plan.seam', value: 'Fold twice, press, stitch close to the inner fold' }, 'Two folds close the raw edge in.'),
  rule('seam.knit-hem', { ...KNIT, kind: ['hem'] }, { parameter: 'plan.seam', value: 'One fold of 20 to 25 mm, fusible stretch tape in the fold' }, 'One fold is enough on cloth that does not fray, and the tape stops a ridge.'),
  rule('seam.topstitch', { kind: ['topstitch'] }, { parameter: 'plan.seam', value: 'Stitch on the right side, at one distance from the edge or seam' }, 'An even distance is what the eye sees.'),
  rule('seam.foam-raw', { structure: ['foam'], kind: ['hem'] }, { parameter: 'plan.seam', value: 'Raw edge, or one fold held with glue and stitched' }, 'A hem is optional on foam.'),

  rule('start.usual', {}, { parameter: 'plan.start', value: [LEVER_UP, 'Foot down, two stitches forward, two back, then on.'] }, 'A lever left low is the biggest cause of thread nests.'),
  rule('start.knit', KNIT, { parameter: 'plan.start', value: [LEVER_UP, 'Begin 10 mm in from the edge.', 'Back to the edge, then forward.'] }, 'At the very edge a knit is drawn down into the plate.'),
  rule('start.leader', SILKY, { parameter: 'plan.start', value: [LEVER_UP, 'Begin on a leader scrap and run on to the cloth.', 'Leave tails of 10 cm.'] }, 'The scrap takes the first stitches, where fine cloth is eaten.'),
  rule('start.skins', SKINS, { parameter: 'plan.start', value: [LEVER_UP, 'Begin on the cloth, not before the edge; leave tails of 10 cm.'] }, 'Holes stay, so nothing is sewn twice.'),
  rule('secure.back', { reverse: true }, { parameter: 'plan.secure', value: 'back-stitch' }, 'Three stitches back hold the end.'),
  rule('secure.short', { reverse: false }, { parameter: 'plan.secure', value: 'short-stitch' }, 'Without reverse, a few very short stitches hold the end.'),
  rule('secure.knot-fine', SILKY, { parameter: 'plan.secure', value: 'knot' }, 'Back-stitching chews fine silk: leave tails and knot them by hand.', { strength: 'must' }),
  rule('secure.knot-holes', SKINS, { parameter: 'plan.secure', value: 'knot' }, 'Sewing back over the same holes weakens them: knot the tails by hand.', { strength: 'must' }),

  rule('hold.pins', {}, { parameter: 'plan.hold', value: ['pins'] }, 'Pins across the seam, out before the needle.'),
  rule('hold.knit', KNIT, { parameter: 'plan.hold', value: ['clips', 'ballpoint-pins'] }, 'Clips, or pins that do not cut the loops.'),
  rule('hold.silk', SILKY, { parameter: 'plan.hold', value: ['silk-pins-in-allowance'] }, 'Pin holes show in silk: keep them in the allowance.'),
  rule('hold.thick', { structure: ['woven'], massFrom: 380 }, { parameter: 'plan.hold', value: ['clips', 'pins'] }, 'Thick layers hold in clips; pins bend.'),
  rule('hold.no-pins', { traits: ['holes-stay'] }, { parameter: 'plan.hold', value: ['clips', 'tape'] }, 'Pin holes never close in this cloth.', { strength: 'must' }),
  rule('hold.foam', { structure: ['foam'] }, { parameter: 'plan.hold', value: ['clips', 'glue'] }, 'Pin holes never close in foam: clips, or a line of fabric glue.', { strength: 'must' }),
  rule('hold.nap', { family: ['velvet'] }, { parameter: 'plan.hold', value: ['pins', 'baste'] }, 'Piles creep on each other: many pins, or basting.'),
  rule('leader.no', {}, { parameter: 'plan.leader', value: false }, 'Not needed here.'),
  rule('leader.fine', SILKY, { parameter: 'plan.leader', value: true }, 'A leader scrap feeds fine cloth in.'),
  rule('leader.pile', { family: ['velvet', 'sweater-knit'] }, { parameter: 'plan.leader', value: true }, 'A leader scrap saves the first stitches.'),
  rule('tissue.no', {}, { parameter: 'plan.tissue', value: false }, 'Only if the scrap shows the cloth being drawn down.'),
  rule('tissue.sheer', { traits: ['sheer'] }, { parameter: 'plan.tissue', value: true }, 'Tissue under sheer cloth keeps it out of the slot.'),

  rule('cut.usual', {}, cut('double', 'shears or rotary blade'), 'Stable cloth can be cut folded.'),
  rule('cut.knit', KNIT, cut('double', 'rotary blade on a mat, with weights'), 'Edges curl and shears lift them.'),
  rule('cut.silk', SILKY, cut('single', 'micro-serrated shears', true), 'It slides: one layer, between two sheets of tissue.'),
  rule('cut.nap', { traits: ['napped'] }, cut('single', 'sharp shears', false, true), 'The pile shades by direction: all pieces one way.'),
  rule('cut.heavy', { family: ['denim', 'canvas'] }, cut('single', 'fresh rotary blade or heavy shears'), 'Thick layers shift under the blade.'),
  rule('cut.skins', SKINS, cut('single', 'rotary blade on a mat'), 'Thick or marked for ever: one layer at a time.'),
  rule('mark.chalk', {}, { parameter: 'plan.mark', value: 'Chalk, or clips of 3 mm in the allowance' }, 'Chalk brushes off.'),
  rule('mark.silk', SILKY, { parameter: 'plan.mark', value: 'Tailor’s tacks in silk thread' }, 'Carbon and wheel mark silk for ever.'),
  rule('mark.skins', SKINS, { parameter: 'plan.mark', value: 'Soft pencil or tape on the wrong side' }, 'Pin and wheel holes stay.'),

  rule('press.usual', {}, press(200, false, 'yes'), 'Flat as sewn, then open; let it cool before moving it.'),
  rule('press.knit', KNIT, press(150, true, 'little'), 'A press cloth, or it shines; steam shrinks a wave back.'),
  rule('press.wool', { family: ['wool'] }, press(150, true, 'yes'), 'Wool takes steam through a cloth.'),
  rule('press.silk', SILKY, press(150, true, 'no'), 'Two dots at most, through organza; water leaves marks on silk.', { provenance: 'standard' }),
  rule('press.melts', { traits: ['heat-sensitive'] }, press(110, true, 'no'), 'One dot: it shines or melts above.', { provenance: 'standard' }),
  rule('press.pile', { family: ['velvet', 'corduroy'] }, press(150, false, 'little'), 'On a towel, never flat on the face.'),
  rule('press.none', { structure: ['hide', 'coated'] }, press(0, false, 'no'), 'No iron on hide or a coating: finger-press and hammer flat.'),
  rule('speed.steady', {}, { parameter: 'plan.speed', value: 'steady' }, 'Slow and even beats fast.'),
  rule('speed.slow', { ...KNIT }, { parameter: 'plan.speed', value: 'slow' }, 'Slowly, guiding and never pulling.'),
  rule('speed.slow-fine', { ...SILKY }, { parameter: 'plan.speed', value: 'slow' }, 'Slowly, held taut in front and behind.'),
  rule('speed.slow-thick', { massFrom: 400 }, { parameter: 'plan.speed', value: 'slow' }, 'Slowly; over thick spots turn the wheel by hand.'),
];
