import { IN_FROM_EDGE, type SewingPlan } from '../plan/plan';
import { type Effect, rule, rulesOf } from './ruleTypes';
import { CARE_LABEL, OUR_WAY, PRACTICE, PRESSED } from './origins';
import { FINE, FOAM, HOLED, KNIT, PILE, SKINS, STRONG } from './groups';

const LEVER_UP = 'Take-up lever at its highest; hold both tails.';
const start = (...value: string[]): Effect => ({ parameter: 'plan.start', value: [LEVER_UP, ...value] });
const secure = (value: SewingPlan['secure']) => ({ parameter: 'plan.secure', value }) as const;
const hold = (...value: SewingPlan['hold']): Effect => ({ parameter: 'plan.hold', value });
const pins = (value: SewingPlan['pins']) => ({ parameter: 'plan.pins', value }) as const;
const cut = (layers: 'single' | 'double', tool: string, more: { sandwich?: boolean; oneWay?: boolean } = {}) =>
  ({
    parameter: 'plan.cut',
    value: { layers, tool, sandwich: more.sandwich ?? false, oneWay: more.oneWay ?? false },
  }) as const;
const mark = (value: string) => ({ parameter: 'plan.mark', value }) as const;
const press = (maxSolePlateC: number, pressCloth: boolean, steam: 'yes' | 'little' | 'no') =>
  ({ parameter: 'plan.press', value: { maxSolePlateC, pressCloth, steam } }) as const;

/** Starting, securing, holding, cutting, marking, pressing and speed. Later rules override earlier ones. */
// prettier-ignore
export const PLAN_RULES = rulesOf({
  'start.usual': rule('should', {}, start('Foot down.'), PRACTICE, 'A take-up lever left low is the most common cause of thread nests.'),
  'start.knit': rule('should', KNIT, start(IN_FROM_EDGE), PRACTICE, 'At the very edge a knit is pulled into the plate.'),
  'start.pile': rule('should', { family: ['velvet', 'sweater-knit'] }, start('Start on a leader scrap and run on to the fabric, held taut in front and behind.'), PRACTICE, 'The scrap takes the first stitches, where the layers creep most.'),
  'start.leader': rule('should', FINE, start('Start on a leader scrap and run on to the fabric.'), PRACTICE, 'The scrap takes the first stitches, where fine fabric is pulled in.'),
  'start.sheer': rule('should', { family: ['lace', 'mesh'] }, start('Start on tissue laid under the edge and run on to the fabric.'), PRACTICE, 'Tissue carries the loose yarns past the slot.'),
  'start.skins': rule('should', HOLED, start('Start on the fabric, not before the edge.'), PRACTICE, 'Holes stay, so sew everything only once.'),
  'start.dart': rule('should', { kind: ['dart'] }, start('Start at the wide end.', 'Sew the last three stitches on the fold, run off and leave tails.'), PRACTICE, 'The point ends without a bump.'),
  'start.stay': rule('should', { kind: ['stay'] }, start('One layer at a time, from the shoulder or side towards the middle, in the allowance just inside the seam line.'), PRACTICE, 'Sewn with the grain, the edge does not stretch on the way.'),
  'start.dense': rule('should', { kind: ['bar-tack', 'buttonhole'] }, start('Tear-away or tissue under the fabric.', 'Turn the handwheel for the first stitches.'), PRACTICE, 'Dense stitches pull fabric in unless something firm is underneath.'),

  'secure.back': rule('should', { reverse: true }, secure('back-stitch'), PRACTICE, 'Three stitches back secure the end.'),
  'secure.short': rule('should', { reverse: false }, secure('short-stitch'), PRACTICE, 'Without reverse, a few very short stitches secure the end.'),
  'secure.knit-lock': rule('should', { family: ['swim', 'mesh'], autoLock: true }, secure('lock'), PRACTICE, 'Tied off small: you would feel a thick knot of backstitches against the skin.'),
  'secure.knit-small': rule('should', { family: ['swim', 'mesh'], autoLock: false }, secure('short-stitch'), PRACTICE, 'A few very short stitches: you would feel a thick knot of backstitches against the skin.'),
  'secure.quilt': rule('should', { kind: ['quilt-lines'], autoLock: true }, secure('lock'), PRACTICE, 'Tied-off ends lie flat on a quilt.'),
  'secure.quilt-small': rule('should', { kind: ['quilt-lines'], autoLock: false }, secure('short-stitch'), PRACTICE, 'A few very short stitches lie flat on a quilt.'),
  'secure.knot-fine': rule('must', FINE, secure('knot'), PRACTICE, 'Backstitching chews up fabric this fine: leave tails and knot them by hand.'),
  'secure.knot-holes': rule('must', HOLED, secure('knot'), PRACTICE, 'Sewing back over the same holes weakens them: knot the tails by hand.'),
  'secure.dart': rule('should', { kind: ['dart'] }, secure('knot'), PRACTICE, 'Tie the tails at the point: backstitches would make a bump there.'),
  'secure.dense': rule('should', { kind: ['bar-tack', 'buttonhole'] }, secure('tails-to-back'), PRACTICE, 'Dense stitches secure themselves: just pull the tails to the back and knot them.'),
  'secure.shown': rule('should', { kind: ['topstitch'] }, secure('tails-to-back'), PRACTICE, 'Backstitches would show: pull the tails to the back and knot them there.'),

  'pins.usual': rule('should', {}, pins('standard'), PRACTICE, 'Ordinary pins suit most wovens.'),
  'pins.strong': rule('should', STRONG, pins('strong'), PRACTICE, 'Thin pins bend in heavy fabric.'),
  'pins.coat': rule('should', { coatWeight: true }, pins('glass-head'), PRACTICE, 'A short pin gets lost in thick layers.'),
  'pins.long': rule('should', { traits: ['loose'] }, pins('glass-head'), PRACTICE, 'Small heads slip through a loose weave.'),
  'pins.long-layers': rule('should', { family: ['quilt-sandwich', 'fleece', 'faux-fur', 'hand-woven'] }, pins('glass-head'), PRACTICE, 'A short pin gets lost in thick, loose layers.'),

  'hold.pins': rule('should', {}, hold('pins'), PRACTICE, 'Pin across the seam and take each pin out before the needle reaches it.'),
  'hold.knit': rule('should', KNIT, hold('clips', 'ballpoint-pins'), PRACTICE, 'Clips, or pins that do not cut the loops.'),
  'hold.silk': rule('should', FINE, hold('silk-pins-in-allowance'), PRACTICE, 'Pin holes show in fine fabric: silk pins, inside the allowance only.'),
  'hold.thick': rule('should', { structure: ['woven'], massFrom: 380 }, hold('clips', 'pins'), PRACTICE, 'Clips hold thick layers; pins bend.'),
  'hold.sandwich': rule('should', { family: ['quilt-sandwich'] }, hold('baste', 'clips'), PRACTICE, 'Tack three layers all over, or the top one creeps.'),
  'hold.nap': rule('should', { family: ['velvet', 'faux-fur'] }, hold('pins', 'baste'), PRACTICE, 'Piles creep on each other: use many pins, or tack.'),
  'hold.sequins': rule('should', { family: ['sequins'] }, hold('clips', 'baste'), PRACTICE, 'Pins bend on sequins.'),
  'hold.no-pins': rule('must', { traits: ['holes-stay'] }, hold('clips', 'tape'), PRACTICE, 'Pin holes never close in this fabric.'),
  'hold.satin': rule('must', { family: ['satin'] }, hold('silk-pins-in-allowance', 'clips'), PRACTICE, 'Pin holes stay in satin: silk pins in the allowance only.'),
  'hold.foam': rule('must', FOAM, hold('clips', 'glue'), PRACTICE, 'Pin holes never close in foam: clips, or a line of fabric glue.'),
  'hold.zip': rule('should', { kind: ['zip-centred', 'zip-concealed', 'zip-lapped'] }, hold('baste'), PRACTICE, 'A tacked tape cannot creep while you sew the row.'),
  'hold.zip-skins': rule('must', { ...HOLED, kind: ['zip-centred', 'zip-concealed', 'zip-lapped', 'zip-exposed'] }, hold('glue', 'tape'), PRACTICE, 'Tacking would leave holes: glue or tape holds the zip.'),

  'leader.no': rule('should', {}, { parameter: 'plan.leader', value: false }, OUR_WAY, 'Not needed here.'),
  'leader.fine': rule('should', FINE, { parameter: 'plan.leader', value: true }, PRACTICE, 'A leader scrap feeds fine fabric in.'),
  'leader.pile': rule('should', { family: ['velvet', 'sweater-knit', 'rib'] }, { parameter: 'plan.leader', value: true }, PRACTICE, 'A leader scrap takes the first stitches.'),
  'tissue.no': rule('should', {}, { parameter: 'plan.tissue', value: false }, OUR_WAY, 'Only if the test shows the fabric being pulled down.'),
  'tissue.sheer': rule('should', { traits: ['sheer'] }, { parameter: 'plan.tissue', value: true }, PRACTICE, 'Tissue under sheer fabric keeps it out of the slot.'),
  'tissue.dense': rule('should', { kind: ['bar-tack', 'buttonhole'], massBelow: 200 }, { parameter: 'plan.tissue', value: true }, PRACTICE, 'Dense stitches need something firm under light fabric.'),

  'cut.usual': rule('should', {}, cut('double', 'shears or a rotary cutter'), PRACTICE, 'Stable fabric can be cut folded.'),
  'cut.knit': rule('should', KNIT, cut('double', 'a rotary cutter on a mat, with weights'), PRACTICE, 'Edges curl and shears lift them.'),
  'cut.silk': rule('should', FINE, cut('single', 'micro-serrated shears', { sandwich: true }), PRACTICE, 'It slides: one layer, between two sheets of white tissue.'),
  'cut.loose': rule('should', { traits: ['loose'] }, cut('single', 'sharp shears'), PRACTICE, 'Loose yarns shift under a second layer.'),
  'cut.nap': rule('should', { traits: ['napped'] }, cut('single', 'sharp shears', { oneWay: true }), PRACTICE, 'The pile changes shade with direction: cut all pieces one way.'),
  'cut.heavy': rule('should', STRONG, cut('single', 'a fresh rotary blade or heavy shears'), PRACTICE, 'Thick layers shift under the blade.'),
  'cut.skins': rule('should', HOLED, cut('single', 'a rotary cutter on a mat'), PRACTICE, 'Thick, or marked by every hole: one layer at a time.'),
  'cut.suede': rule('should', { family: ['suede'] }, cut('single', 'a rotary cutter on a mat', { oneWay: true }), PRACTICE, 'Suede changes shade with direction, like a pile.'),
  'cut.fur': rule('should', { family: ['faux-fur'] }, cut('single', 'a sharp blade, through the backing only', { oneWay: true }), PRACTICE, 'Cut the backing, not the pile.'),
  'cut.sequins': rule('should', { family: ['sequins'] }, cut('single', 'old shears', { oneWay: true }), PRACTICE, 'Sequins ruin a good blade; remove them from the allowances first.'),
  'mark.chalk': rule('should', {}, mark('Chalk, or clips of {3 mm} in the allowance'), PRACTICE, 'Chalk brushes off.'),
  'mark.silk': rule('should', FINE, mark('Tailor’s tacks in silk thread'), PRACTICE, 'Carbon paper and a tracing wheel mark fine fabric permanently.'),
  'mark.pile': rule('should', { traits: ['napped', 'sheer', 'loose'] }, mark('Tailor’s tacks'), PRACTICE, 'Chalk gets lost in a pile or an open weave.'),
  'mark.skins': rule('should', HOLED, mark('Soft pencil or tape on the wrong side'), PRACTICE, 'Pin and wheel holes stay.'),

  'press.usual': rule('should', {}, press(200, false, 'yes'), PRESSED, 'Press flat as sewn, then open; let it cool before you move it.'),
  'press.glazes': rule('should', { glazes: true }, press(150, true, 'little'), CARE_LABEL, 'Polyester takes two dots at most, through a press cloth: it turns shiny long before it melts.'),
  'press.knit': rule('should', KNIT, press(150, true, 'little'), PRESSED, 'Use a press cloth, or it turns shiny; steam shrinks waves back.'),
  'press.slinky': rule('should', { family: ['slinky-jersey'] }, press(150, true, 'little'), PRESSED, 'Hover and steam; do not drag the iron.'),
  'press.wool': rule('should', { family: ['wool'] }, press(150, true, 'yes'), PRESSED, 'Wool takes two dots and steam, through a damp cloth.'),
  'press.viscose': rule('should', { family: ['viscose-woven'] }, press(150, true, 'little'), CARE_LABEL, 'Two dots, from the wrong side, or it turns shiny.'),
  'press.unknown': rule('should', { fibreUnknown: true, structure: ['woven', 'knit', 'layered'] }, press(110, true, 'no'), CARE_LABEL, 'Its fibre is not known: start at one dot through a press cloth. Test hotter on a scrap.'),
  'press.fine': rule('should', FINE, press(150, true, 'no'), CARE_LABEL, 'Two dots at most, dry, through organza.'),
  'press.water-marks': rule('should', { traits: ['water-marks'] }, press(150, true, 'no'), CARE_LABEL, 'Dry, through organza: water leaves marks on it.'),
  'press.melts': rule('should', { traits: ['heat-sensitive'] }, press(110, true, 'no'), CARE_LABEL, 'One dot: hotter, it turns shiny or melts.'),
  'press.pile': rule('should', PILE, press(150, false, 'little'), PRESSED, 'Face down on a towel or needle board, never flat on the face.'),
  'press.foam': rule('should', FOAM, press(110, true, 'no'), CARE_LABEL, 'A cool iron at most; a crease in foam stays for ever.'),
  'press.none': rule('should', SKINS, press(0, false, 'no'), PRESSED, 'Do not iron leather or coated fabric: finger-press it and hammer it flat.'),
  'press.none-either': rule('should', { family: ['sequins', 'faux-fur'] }, press(0, false, 'no'), PRESSED, 'Do not iron: finger-press the allowances open.'),
  'press.sandwich': rule('should', { family: ['quilt-sandwich'] }, press(110, false, 'no'), PRESSED, 'An iron flattens the wadding.'),

  'speed.steady': rule('should', {}, { parameter: 'plan.speed', value: 'steady' }, PRACTICE, 'Slow and even works better than fast.'),
  'speed.free': rule('should', { kind: ['baste', 'stay'] }, { parameter: 'plan.speed', value: 'free' }, PRACTICE, 'A row inside the allowance can be sewn as fast as your hands can follow.'),
  'speed.slow': rule('should', KNIT, { parameter: 'plan.speed', value: 'slow' }, PRACTICE, 'Slowly, guiding without pulling.'),
  'speed.slow-fine': rule('should', FINE, { parameter: 'plan.speed', value: 'slow' }, PRACTICE, 'Slowly, held taut in front and behind.'),
  'speed.slow-thick': rule('should', { massFrom: 400 }, { parameter: 'plan.speed', value: 'slow' }, PRACTICE, 'Slowly; turn the handwheel over thick spots.'),
  'speed.slow-work': rule('should', { kind: ['zip-centred', 'zip-concealed', 'zip-exposed', 'zip-lapped', 'topstitch', 'ditch', 'rolled-hem', 'binding', 'buttonhole'] }, { parameter: 'plan.speed', value: 'slow' }, PRACTICE, 'Slowly: this row shows.'),
});

/** What no school changes: read after all of them. */
// prettier-ignore
export const LAST_RULES = rulesOf({
  'secure.loose-rows': rule('must', { kind: ['baste', 'gather'] }, secure('none'), PRACTICE, 'Nothing secures these rows: gathers are tied when you draw them up, tacking is pulled out again.'),
});
