import type { Plan } from '../plan';
import { type Effect, type Rule, rule } from '../ruleTypes';
import { FOAM, HOLED, KNIT, PILE, SILKY, SKINS, STRONG } from './groups';

const LEVER_UP = 'Take-up lever at its highest, both tails held.';
const TAILS = 'Leave tails of 10 cm.';
const start = (...value: string[]): Effect => ({ parameter: 'plan.start', value: [LEVER_UP, ...value] });
const secure = (value: Plan['secure']) => ({ parameter: 'plan.secure', value }) as const;
const hold = (...value: Plan['hold']): Effect => ({ parameter: 'plan.hold', value });
const cut = (layers: 'single' | 'double', tool: string, more: { sandwich?: boolean; oneWay?: boolean } = {}) =>
  ({
    parameter: 'plan.cut',
    value: { layers, tool, sandwich: more.sandwich ?? false, oneWay: more.oneWay ?? false },
  }) as const;
const mark = (value: string) => ({ parameter: 'plan.mark', value }) as const;
const press = (maxSolePlateC: number, pressCloth: boolean, steam: 'yes' | 'little' | 'no') =>
  ({ parameter: 'plan.press', value: { maxSolePlateC, pressCloth, steam } }) as const;
const must = { strength: 'must' } as const;
const standard = { provenance: 'standard' } as const;

/** Starting, securing, holding, cutting, marking, pressing and speed. Later rules override earlier ones. */
// prettier-ignore
export const PLAN_RULES: readonly Rule[] = [
  rule('start.usual', {}, start('Foot down, two stitches forward, two back, then on.'), 'A lever left low is the biggest cause of thread nests.'),
  rule('start.knit', KNIT, start('Begin 10 mm in from the edge.', 'Back to the edge, then forward.'), 'At the very edge a knit is drawn down into the plate.'),
  rule('start.pile', { family: ['velvet', 'sweater-knit'] }, start('Begin on a leader scrap and run on to the cloth, held taut in front and behind.'), 'The scrap takes the first stitches, where the layers creep most.'),
  rule('start.leader', SILKY, start('Begin on a leader scrap and run on to the cloth.', TAILS), 'The scrap takes the first stitches, where fine cloth is eaten.'),
  rule('start.sheer', { family: ['lace', 'mesh'] }, start('Begin on tissue laid under the edge and run on to the cloth.', TAILS), 'Tissue carries the open threads past the slot.'),
  rule('start.skins', HOLED, start('Begin on the cloth, not before the edge.', TAILS), 'Holes stay, so nothing is sewn twice.'),
  rule('start.loose-rows', { kind: ['baste', 'gather'] }, start('No back-stitch at either end.', 'Leave tails of 10 cm to pull.'), 'These threads are pulled up or out again.'),
  rule('start.dart', { kind: ['dart'] }, start('Begin at the wide end.', 'The last three stitches on the fold, run off and leave tails.'), 'The point ends without a bump.'),
  rule('start.stay', { kind: ['stay'] }, start('One layer at a time, from the shoulder or side towards the middle, in the allowance just inside the seam line.'), 'Sewn with the grain the edge is not stretched on the way.'),
  rule('start.dense', { kind: ['bar-tack', 'buttonhole'] }, start('Tear-away or tissue under the cloth.', 'The first stitches with the hand-wheel.'), 'Dense stitches draw cloth in without something firm beneath.'),

  rule('secure.back', { reverse: true }, secure('back-stitch'), 'Three stitches back hold the end.'),
  rule('secure.short', { reverse: false }, secure('short-stitch'), 'Without reverse, a few very short stitches hold the end.'),
  rule('secure.knit-lock', { family: ['swim', 'mesh'] }, secure('lock'), 'Lock small: a thick knot of back-stitches is felt against the skin.'),
  rule('secure.quilt', { kind: ['quilt-lines'] }, secure('lock'), 'Locked ends lie flat on a quilt.'),
  rule('secure.knot-fine', SILKY, secure('knot'), 'Back-stitching chews fine silk: leave tails and knot them by hand.', must),
  rule('secure.knot-holes', HOLED, secure('knot'), 'Sewing back over the same holes weakens them: knot the tails by hand.', must),
  rule('secure.dart', { kind: ['dart'] }, secure('knot'), 'Tie the tails at the point: back-stitches show there as a bump.'),
  rule('secure.loose-rows', { kind: ['baste', 'gather'] }, secure('knot'), 'Nothing is secured while sewing: tie the gathers when they are drawn, pull the basting out.'),

  rule('hold.pins', {}, hold('pins'), 'Pins across the seam, out before the needle.'),
  rule('hold.knit', KNIT, hold('clips', 'ballpoint-pins'), 'Clips, or pins that do not cut the loops.'),
  rule('hold.silk', SILKY, hold('silk-pins-in-allowance'), 'Pin holes show in silk: keep them in the allowance.'),
  rule('hold.thick', { structure: ['woven'], massFrom: 380 }, hold('clips', 'pins'), 'Thick layers hold in clips; pins bend.'),
  rule('hold.sandwich', { family: ['quilt-sandwich'] }, hold('baste', 'clips'), 'Three layers are basted all over, or the top one creeps.'),
  rule('hold.nap', { family: ['velvet', 'faux-fur'] }, hold('pins', 'baste'), 'Piles creep on each other: many pins, or basting.'),
  rule('hold.sequins', { family: ['sequins'] }, hold('clips', 'baste'), 'Pins bend on sequins.'),
  rule('hold.no-pins', { traits: ['holes-stay'] }, hold('clips', 'tape'), 'Pin holes never close in this cloth.', must),
  rule('hold.satin', { family: ['satin'] }, hold('silk-pins-in-allowance', 'clips'), 'Pin holes stay in satin: silk pins in the allowance only.', must),
  rule('hold.foam', FOAM, hold('clips', 'glue'), 'Pin holes never close in foam: clips, or a line of fabric glue.', must),
  rule('hold.zip', { kind: ['zip-centred', 'zip-concealed', 'zip-lapped'] }, hold('baste'), 'A basted tape cannot creep while the row is sewn.'),
  rule('hold.zip-skins', { ...HOLED, kind: ['zip-centred', 'zip-concealed', 'zip-lapped', 'zip-exposed'] }, hold('glue', 'tape'), 'Basting would leave its holes: glue or tape holds the zip.', must),

  rule('leader.no', {}, { parameter: 'plan.leader', value: false }, 'Not needed here.'),
  rule('leader.fine', SILKY, { parameter: 'plan.leader', value: true }, 'A leader scrap feeds fine cloth in.'),
  rule('leader.pile', { family: ['velvet', 'sweater-knit', 'rib'] }, { parameter: 'plan.leader', value: true }, 'A leader scrap saves the first stitches.'),
  rule('tissue.no', {}, { parameter: 'plan.tissue', value: false }, 'Only if the scrap shows the cloth being drawn down.'),
  rule('tissue.sheer', { traits: ['sheer'] }, { parameter: 'plan.tissue', value: true }, 'Tissue under sheer cloth keeps it out of the slot.'),
  rule('tissue.dense', { kind: ['bar-tack', 'buttonhole'], massBelow: 200 }, { parameter: 'plan.tissue', value: true }, 'Dense stitches need something firm under light cloth.'),

  rule('cut.usual', {}, cut('double', 'shears or rotary blade'), 'Stable cloth can be cut folded.'),
  rule('cut.knit', KNIT, cut('double', 'rotary blade on a mat, with weights'), 'Edges curl and shears lift them.'),
  rule('cut.silk', SILKY, cut('single', 'micro-serrated shears', { sandwich: true }), 'It slides: one layer, between two sheets of white tissue.'),
  rule('cut.loose', { traits: ['loose'] }, cut('single', 'sharp shears'), 'Loose threads shift under a second layer.'),
  rule('cut.nap', { traits: ['napped'] }, cut('single', 'sharp shears', { oneWay: true }), 'The pile shades by direction: all pieces one way.'),
  rule('cut.heavy', STRONG, cut('single', 'fresh rotary blade or heavy shears'), 'Thick layers shift under the blade.'),
  rule('cut.skins', HOLED, cut('single', 'rotary blade on a mat'), 'Thick or marked for ever: one layer at a time.'),
  rule('cut.suede', { family: ['suede'] }, cut('single', 'rotary blade on a mat', { oneWay: true }), 'Suede shades by direction like a pile.'),
  rule('cut.fur', { family: ['faux-fur'] }, cut('single', 'sharp blade through the backing only', { oneWay: true }), 'Cut the backing, not the pile.'),
  rule('cut.sequins', { family: ['sequins'] }, cut('single', 'old shears', { oneWay: true }), 'Sequins ruin a good blade; take them out of the allowances.'),
  rule('mark.chalk', {}, mark('Chalk, or clips of 3 mm in the allowance'), 'Chalk brushes off.'),
  rule('mark.silk', SILKY, mark('Tailor’s tacks in silk thread'), 'Carbon and wheel mark silk for ever.'),
  rule('mark.pile', { traits: ['napped', 'sheer', 'loose'] }, mark('Tailor’s tacks'), 'Chalk is lost in a pile or an open weave.'),
  rule('mark.skins', HOLED, mark('Soft pencil or tape on the wrong side'), 'Pin and wheel holes stay.'),

  rule('press.usual', {}, press(200, false, 'yes'), 'Flat as sewn, then open; let it cool before moving it.'),
  rule('press.knit', KNIT, press(150, true, 'little'), 'A press cloth, or it shines; steam shrinks a wave back.'),
  rule('press.slinky', { family: ['slinky-jersey'] }, press(150, true, 'little'), 'Hover and steam, do not drag.'),
  rule('press.wool', { family: ['wool'] }, press(150, true, 'yes'), 'Wool takes steam through a cloth.'),
  rule('press.viscose', { family: ['viscose-woven'] }, press(150, true, 'little'), 'Two dots, from the wrong side, or it shines.', standard),
  rule('press.silk', SILKY, press(150, true, 'no'), 'Two dots at most, through organza; water leaves marks on silk.', standard),
  rule('press.melts', { traits: ['heat-sensitive'] }, press(110, true, 'no'), 'One dot: it shines or melts above.', standard),
  rule('press.satin', { family: ['satin'] }, press(110, true, 'no'), 'Imitation satin melts and shines; silk satin takes two dots.', standard),
  rule('press.pile', PILE, press(150, false, 'little'), 'On a towel or needleboard, never flat on the face.'),
  rule('press.foam', FOAM, press(110, true, 'no'), 'A low iron at most; a crease in foam never leaves.', standard),
  rule('press.none', SKINS, press(0, false, 'no'), 'No iron on hide or a coating: finger-press and hammer flat.'),
  rule('press.none-either', { family: ['sequins', 'faux-fur'] }, press(0, false, 'no'), 'No iron: finger-press the allowances open.'),
  rule('press.sandwich', { family: ['quilt-sandwich'] }, press(110, false, 'no'), 'An iron flattens the wadding.'),

  rule('speed.steady', {}, { parameter: 'plan.speed', value: 'steady' }, 'Slow and even beats fast.'),
  rule('speed.free', { kind: ['baste', 'stay'] }, { parameter: 'plan.speed', value: 'free' }, 'A line inside the allowance may be sewn as fast as the hands follow.'),
  rule('speed.slow', KNIT, { parameter: 'plan.speed', value: 'slow' }, 'Slowly, guiding and never pulling.'),
  rule('speed.slow-fine', SILKY, { parameter: 'plan.speed', value: 'slow' }, 'Slowly, held taut in front and behind.'),
  rule('speed.slow-thick', { massFrom: 400 }, { parameter: 'plan.speed', value: 'slow' }, 'Slowly; over thick spots turn the wheel by hand.'),
  rule('speed.slow-work', { kind: ['zip-centred', 'zip-concealed', 'zip-exposed', 'zip-lapped', 'topstitch', 'ditch', 'rolled-hem', 'binding', 'buttonhole'] }, { parameter: 'plan.speed', value: 'slow' }, 'Slowly: the line is seen.'),
];
