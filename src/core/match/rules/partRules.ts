import type { Foot, NeedlePoint, ThreadFibre } from '../../kit';
import type { Costs } from './ruleTypes';
import { rule, rulesOf } from './ruleTypes';
import { OURS, RANGED, WEIGHED } from './origins';
import { FOAM, HEMS, KNIT, LIMP_KNIT, SHOWN, SILKY, SKINS, STABLE_KNIT, STRONG, ZIPS } from './groups';

const point = (costs: Costs<NeedlePoint>) => ({ parameter: 'needle.point', costs }) as const;
/** Points that are too blunt for dense cloth, whatever lies beside it. */
const BLUNT_OUT = point({ ballpoint: null, stretch: null, 'twin-stretch': null });
const fibre = (costs: Costs<ThreadFibre>) => ({ parameter: 'thread.fibre', costs }) as const;
const tex = (min: number, ideal: number, max: number) =>
  ({ parameter: 'thread.tex', aim: { min, ideal, max } }) as const;
const foot = (costs: Costs<Foot>) => ({ parameter: 'foot', costs }) as const;
/** The special foot for a job; of the others only those with a cost here. */
const special = (costs: Costs<Foot>) => ({ parameter: 'foot', costs, others: null }) as const;
const pressure = (ideal: number) => ({ parameter: 'pressure', ideal }) as const;

/** Needle, thread, foot, plate, needle position and pressure. Later rules override earlier ones for the same choice. */
// prettier-ignore
export const PART_RULES = rulesOf({
  'point.suits-cloth': rule('should', {}, point({ universal: 0, leather: 2 }), WEIGHED, 'A universal point, between sharp and ballpoint, suits ordinary wovens.'),
  'point.knit-ballpoint': rule('should', KNIT, point({ ballpoint: 0, universal: 0.4, sharp: 0.8, jeans: 0.8, quilting: 0.8, topstitch: 0.8 }), WEIGHED, 'A ballpoint slips between the loops; a sharp point cuts them and the fabric runs.'),
  'point.elastic-stretch': rule('should', { ...KNIT, elastaneFrom: 10 }, point({ stretch: 0 }), WEIGHED, 'With this much elastane the hook needs the deeper scarf of a stretch needle to catch the loop.'),
  'point.very-stretchy': rule('should', { ...KNIT, stretchFrom: 75 }, point({ stretch: 0 }), WEIGHED, 'In fabric this stretchy the hook needs the deeper scarf of a stretch needle to catch the loop.'),
  'point.denim-jeans': rule('should', { ...STRONG, massFrom: 200 }, point({ jeans: 0, universal: 1, sharp: 1, topstitch: 0.8, quilting: 1.2 }), WEIGHED, 'A jeans needle is slim and stiff: it does not bend in thick fabric or push it into the plate.'),
  'point.denim-show': rule('should', { ...STRONG, kind: ['topstitch'] }, point({ topstitch: 0, jeans: 0.2 }), WEIGHED, 'The long eye of a topstitch needle lets thick thread through without shredding it.'),
  'point.foam-jeans': rule('should', FOAM, point({ jeans: 0 }), WEIGHED, 'A strong jeans point goes through foam; a leather point would cut its knitted face.'),
  'point.hide-leather': rule('should', { structure: ['hide'] }, point({ leather: 0 }), WEIGHED, 'Real leather needs a cutting point.'),
  'point.thick-hide': rule('should', { structure: ['hide'], thicknessFrom: 0.9 }, point({ leather: 0, jeans: 3, sharp: 3, universal: 3.5, topstitch: 3.5, quilting: 3.5, ballpoint: null, stretch: null, 'twin-stretch': null }), WEIGHED, 'Leather this thick needs a cutting point: others skip.'),
  'point.coated': rule('should', { structure: ['coated'] }, point({ sharp: 0, jeans: 0.02 }), WEIGHED, 'A fine sharp or jeans point makes the smallest hole; a cutting point would leave slits in a coating.'),
  'point.fine-woven': rule('should', { structure: ['woven'], massBelow: 110 }, point({ universal: 0, sharp: 0 }), WEIGHED, 'Fine fabric needs a fresh fine needle, universal or sharp.'),
  'point.microscopic': rule('should', { family: ['ripstop', 'satin'] }, point({ sharp: 0, universal: 0.15, ballpoint: 0.6, stretch: 0.6 }), WEIGHED, 'A fine sharp point leaves the smallest hole in fabric where holes stay.'),
  'point.sequins': rule('should', { family: ['sequins'] }, point({ sharp: 0, universal: 0.05, quilting: 0.6 }), WEIGHED, 'An ordinary sharp needle, changed as soon as it has hit a sequin.'),
  'point.loops': rule('should', { family: ['rib', 'sweater-knit'] }, point({ ballpoint: 0, stretch: 0.2 }), WEIGHED, 'Ribs and loose knits stretch by their loops: a ballpoint slips between them.'),
  'point.precise': rule('should', { structure: ['woven'], kind: ['topstitch', 'strip-join', 'buttonhole'], massBelow: 240 }, point({ sharp: 0, universal: 0.06 }), WEIGHED, 'A sharp point pierces exactly where it lands: the straightest line.'),
  'point.quilting': rule('should', { kind: ['quilt-lines'] }, point({ quilting: 0, sharp: 0.1, universal: 0.25 }), WEIGHED, 'A quilting needle is slim and tapered for many layers.'),
  'point.sandwich': rule('should', { family: ['quilt-sandwich'] }, point({ quilting: 0, sharp: 0.08 }), WEIGHED, 'A quilting or sharp needle goes through the wadding without pushing it down.'),
  'point.hand-woven': rule('should', { family: ['hand-woven', 'double-gauze', 'terry'] }, point({ universal: 0, sharp: 0.3, jeans: 0.4, topstitch: 0.6 }), WEIGHED, 'A universal point parts loose yarns instead of splitting them.'),
  'point.twin-for-lines': rule('should', { ...KNIT, kind: ['hem', 'topstitch'] }, point({ 'twin-stretch': 0, twin: 0.1, ballpoint: 0.6, stretch: 0.7 }), WEIGHED, 'Two needles make two rows on top and a zigzag below: a hem that stretches.'),
  'point.veto-denim': rule('must', { ...STRONG, massFrom: 200 }, BLUNT_OUT, WEIGHED, 'Fabric this dense pushes a ballpoint aside, and stitches skip.'),
  'point.veto-coat': rule('must', { coatWeight: true }, BLUNT_OUT, WEIGHED, 'A ballpoint does not pierce a felted coat-weight wool cleanly.'),
  'point.woven-one-needle': rule('should', { structure: ['woven', 'foam', 'hide', 'coated', 'layered'] }, point({ twin: 1.2, 'twin-stretch': 1.5 }), WEIGHED, 'One needle, one row.'),

  'thread.polyester': rule('should', {}, fibre({ polyester: 0, cotton: 0.4, silk: 0.8, 'elastic-polyester': 3, nylon: 3 }), WEIGHED, 'Good all-purpose polyester works for nearly everything.'),
  'thread.cotton-on-cotton': rule('should', { allCotton: true, structure: ['woven'] }, fibre({ cotton: 0.05 }), WEIGHED, 'Cotton thread suits cotton fabric as well as polyester does.'),
  'thread.strong': rule('should', { ...STRONG, massFrom: 200 }, fibre({ polyester: 0, nylon: 0.3, cotton: 1.6, silk: 1.8 }), WEIGHED, 'These seams are pulled hard: polyester is half as strong again as cotton of the same thickness.'),
  'thread.piecing': rule('should', { kind: ['strip-join', 'quilt-lines'], structure: ['woven', 'layered'], family: ['lawn', 'poplin', 'linen', 'double-gauze', 'corduroy', 'quilt-sandwich', 'other'] }, fibre({ cotton: 0, polyester: 0.05 }), WEIGHED, 'Cotton thread presses flat and is what quilts are sewn with.'),
  'thread.cotton-knit': rule('should', { ...KNIT, allCotton: true, giveUpTo: 30, school: { 'cotton-knit-thread': 'by-give' } }, fibre({ cotton: 0, polyester: 0.7 }), WEIGHED, 'On all-cotton knits without elastane, cotton thread is no stronger than the fabric, so it does not cut it.'),
  'thread.silk': rule('should', SILKY, fibre({ silk: 0.1, polyester: 0 }), WEIGHED, 'Fine polyester or silk thread suits silk.'),
  'thread.swim': rule('should', { family: ['swim'] }, fibre({ 'elastic-polyester': 0, polyester: 0.8 }), WEIGHED, 'Plain polyester pops on swimwear fabric; slightly elastic thread stretches with it.'),
  'thread.no-cotton-on-hide': rule('must', { structure: ['hide'] }, fibre({ cotton: null }), WEIGHED, 'Tannin rots cotton thread in leather; polyester lasts.'),
  'tex.all-purpose': rule('should', {}, tex(20, 27, 40), RANGED, 'Tex 27 is the all-purpose thickness.'),
  'tex.fine': rule('should', { massBelow: 90 }, tex(14, 18, 27), RANGED, 'Fine fabric needs fine thread, which does not push its yarns apart.'),
  'tex.heavy': rule('should', { structure: ['woven', 'foam', 'coated', 'hide'], massFrom: 300 }, tex(27, 40, 60), RANGED, 'Heavy fabric needs stronger thread.'),
  'tex.show': rule('should', { kind: ['topstitch'], structure: ['woven'], massFrom: 240 }, tex(27, 60, 80), RANGED, 'Topstitching that should be seen needs a thicker thread.'),
  'tex.dense': rule('should', { kind: ['buttonhole', 'bar-tack', 'rolled-hem'], massBelow: 300 }, tex(16, 24, 30), RANGED, 'Stitches this close lie smoother in a finer thread.'),

  'foot.standard': rule('should', {}, foot({ standard: 0, walking: 0.3, 'dual-feed': 0.15, glide: 0.3, knit: 0.9, straight: 0.35, roller: 0.6 }), WEIGHED, 'The standard foot works as long as the layers do not creep.'),
  'foot.knit': rule('should', KNIT, foot({ knit: 0.3 }), WEIGHED, 'A spring-arm foot moves with a knit.'),
  'foot.creeping': rule('should', { family: ['slinky-jersey', 'swim', 'rib', 'sweater-knit', 'velvet', 'silk', 'chiffon'], kind: ['join', 'band', 'baste'] }, foot({ walking: 0, 'dual-feed': 0, glide: 0.15, standard: 0.35 }), WEIGHED, 'These layers creep at any pressure: feed both of them.'),
  'foot.lining': rule('should', { family: ['lining'] }, foot({ standard: 0, straight: 0, walking: 3.5, 'dual-feed': 1, glide: 0.4 }), WEIGHED, 'Fine lining: try the straight-stitch or the standard foot, because teeth above mark it.'),
  'foot.sticky': rule('should', SKINS, foot({ glide: 0, roller: 0.1, walking: 0.25, standard: 0.7 }), WEIGHED, 'A metal sole sticks to leather and coated fabric; a glide-soled or roller foot slides.'),
  'foot.strip': rule('should', { kind: ['strip-join'] }, foot({ 'quarter-inch': 0, walking: 0.1, straight: 0.2, standard: 0.25 }), WEIGHED, 'The guide keeps a strip’s allowance the same from end to end.'),
  'foot.zip': rule('should', { kind: ['zip-centred', 'zip-lapped'] }, special({ zip: 0, standard: 1.6 }), WEIGHED, 'The one bar of a zip foot sews close beside the coil on either side.'),
  'foot.zip-window': rule('should', { kind: ['zip-exposed'] }, special({ zip: 0, standard: 0.6, glide: 0.7, 'dual-feed': 0.7 }), WEIGHED, 'A zip foot clears the coil in the window.'),
  'foot.zip-concealed': rule('should', { kind: ['zip-concealed'] }, special({ 'concealed-zip': 0, zip: 0.15 }), WEIGHED, 'Its grooves roll the coil aside so that the needle lands beside it.'),
  'foot.piping': rule('should', { kind: ['piping'] }, special({ zip: 0, grooved: 1.2, standard: 2 }), WEIGHED, 'A zip foot presses right up against the cord.'),
  'foot.ditch': rule('should', { kind: ['ditch'] }, foot({ ditch: 0, standard: 0.3, walking: 0.45 }), WEIGHED, 'Its blade runs in the seam and keeps the needle beside it.'),
  'foot.quilting': rule('should', { kind: ['quilt-lines'] }, foot({ walking: 0, 'dual-feed': 0.05, standard: 1, straight: 1.2 }), WEIGHED, 'Three layers creep: a walking foot moves them together, with a guide bar for the spacing.'),
  'foot.rolled': rule('should', { kind: ['rolled-hem'] }, special({ 'rolled-hem': 0, standard: 0.6, straight: 0.7, 'dual-feed': 0.7 }), WEIGHED, 'Its scroll turns the edge twice as it sews; without one you turn and press the edge by hand.'),
  'foot.blind': rule('should', { kind: ['blind-hem'] }, special({ 'blind-hem': 0, standard: 0.6 }), WEIGHED, 'Its blade guides the fold, so that only a thread of it is caught.'),
  'foot.hem-once': rule('should', { kind: ['hem'], structure: ['woven'], foldsOnce: true, machineHas: 'blind' }, foot({ 'blind-hem': 0, standard: 0.1 }), WEIGHED, 'Its blade guides the fold, so that only a thread of it is caught.'),
  'foot.lace-hem': rule('should', { kind: ['hem'], family: ['lace'] }, foot({ standard: 0, 'blind-hem': 2 }), WEIGHED, 'A narrow zigzag fits under the standard foot.'),
  'foot.binding': rule('should', { kind: ['binding'] }, foot({ binding: 0, standard: 0.2, walking: 0.3 }), WEIGHED, 'It folds the binding round the edge as you sew.'),
  'foot.dense': rule('should', { kind: ['bar-tack'] }, special({ grooved: 0, standard: 0.2, glide: 0.4 }), WEIGHED, 'The groove underneath lets dense stitches through.'),
  'foot.buttonhole': rule('should', { kind: ['buttonhole'] }, special({ buttonhole: 0, grooved: 1, standard: 1.2 }), WEIGHED, 'It slides along a measured buttonhole.'),
  'foot.edge': rule('should', { kind: ['edge-finish'] }, foot({ standard: 0, walking: 0.6, straight: null }), WEIGHED, 'The edge runs just inside the width of the stitch.'),
  'plate.standard': rule('should', {}, { parameter: 'plate', costs: { standard: 0, straight: 0.45 } }, OURS, 'The standard plate suits every stitch.'),

  'position.concealed': rule('should', { kind: ['zip-concealed'] }, { parameter: 'needlePosition', foot: 'zip', mm: -2.5, footSide: 'right' }, RANGED, 'Needle right over to the coil, with the foot on its other side; mirrored for the second side of the zip.'),
  'position.zip': rule('should', { kind: ['zip-centred', 'zip-lapped', 'zip-exposed'] }, { parameter: 'needlePosition', foot: 'zip', mm: 1, footSide: 'left' }, RANGED, 'Needle a little towards the coil, with the foot on its other side; both change sides for the second row.'),
  'position.cord': rule('should', { kind: ['piping'] }, { parameter: 'needlePosition', foot: 'zip', mm: 2, footSide: 'left' }, RANGED, 'Needle towards the cord, so that the row lies against it.'),

  'pressure.normal': rule('should', {}, pressure(0.5), RANGED, 'The machine’s normal pressure.'),
  'pressure.knit-light': rule('should', KNIT, pressure(0.25), RANGED, 'Light on knits: pressure stretches them as they feed.'),
  'pressure.stable-knit': rule('should', STABLE_KNIT, pressure(0.35), RANGED, 'Stable knits take light to normal pressure.'),
  'pressure.lowest': rule('should', { ...KNIT, recoveryBelow: 80 }, pressure(0), RANGED, 'Lightest on a knit with poor recovery: it stays stretched.'),
  'pressure.slinky': rule('should', LIMP_KNIT, pressure(0), RANGED, 'Lightest on drapey and loose knits.'),
  'pressure.skins': rule('should', SKINS, pressure(0.4), RANGED, 'Light to normal: the foot marks leather and coated fabric.'),
  'pressure.lofty': rule('should', { structure: ['woven', 'layered'], loftFrom: 0.01 }, { parameter: 'pressure', ideal: 0.5, lofty: 0.35 }, RANGED, 'A little lighter over loft, or the top layer is pushed ahead.'),
  'pressure.fur': rule('should', { family: ['faux-fur', 'sequins'] }, pressure(0.35), RANGED, 'A little lighter here, or the top layer is pushed ahead.'),
  'pressure.nap': rule('should', { traits: ['napped'], structure: ['woven'] }, pressure(0.2), RANGED, 'Lighter on a pile, which the foot would crush and push along.'),
  'pressure.firm-lines': rule('should', { ...KNIT, kind: [...ZIPS, 'buttonhole', 'bar-tack'] }, pressure(0.4), RANGED, 'A little more here, so that tape and stabiliser feed with the knit.'),
  'pressure.hem-knit': rule('should', { ...KNIT, kind: [...HEMS, ...SHOWN], recoveryFrom: 80 }, pressure(0.25), RANGED, 'Light: a hem that is stretched as you sew it stays wavy.'),
});
