import type { Foot, Point, ThreadFibre } from '../../kit';
import type { Costs } from '../ruleTypes';
import { type Rule, rule } from '../ruleTypes';
import { FOAM, HEMS, KNIT, LIMP_KNIT, SHOWN, SILKY, SKINS, STABLE_KNIT, STRONG, ZIPS } from './groups';

const point = (costs: Costs<Point>) => ({ parameter: 'needle.point', costs }) as const;
const fibre = (costs: Costs<ThreadFibre>) => ({ parameter: 'thread.fibre', costs }) as const;
const tex = (min: number, ideal: number, max: number) =>
  ({ parameter: 'thread.tex', aim: { min, ideal, max } }) as const;
const foot = (costs: Costs<Foot>) => ({ parameter: 'foot', costs }) as const;
/** The special foot for a job; ordinary ones only where a cost is named. */
const special = (costs: Costs<Foot>) =>
  foot({
    standard: null,
    walking: null,
    'dual-feed': null,
    glide: null,
    knit: null,
    straight: null,
    roller: null,
    ...costs,
  });
const pressure = (ideal: number) => ({ parameter: 'pressure', ideal }) as const;

/** Needle, thread, foot, plate, needle position and pressure. Later rules override earlier ones for the same choice. */
// prettier-ignore
export const PART_RULES: readonly Rule[] = [
  rule('point.suits-cloth', {}, point({}), 'A point between sharp and ballpoint serves ordinary wovens.'),
  rule('point.knit-ballpoint', KNIT, point({ ballpoint: 0 }), 'A ballpoint slips between the loops; a sharp point cuts them and the cloth runs.'),
  rule('point.elastic-stretch', { ...KNIT, elastaneFrom: 10 }, point({ stretch: 0 }), 'With this much elastane the hook needs the deeper scarf of a stretch needle to catch the loop.'),
  rule('point.very-stretchy', { ...KNIT, stretchFrom: 75 }, point({ stretch: 0 }), 'In cloth this stretchy the hook needs the deeper scarf of a stretch needle to catch the loop.'),
  rule('point.denim-jeans', { ...STRONG, massFrom: 200 }, point({ jeans: 0, universal: 1, sharp: 1, topstitch: 0.8, quilting: 1.2 }), 'A jeans needle is slim and stiff: it does not bend in thick cloth or push it into the plate.'),
  rule('point.denim-show', { ...STRONG, kind: ['topstitch'] }, point({ topstitch: 0, jeans: 0.2 }), 'The long eye of a topstitch needle lets thick thread through without shredding it.'),
  rule('point.foam-jeans', FOAM, point({ jeans: 0 }), 'A strong jeans point goes through foam; a leather point would cut its knitted face.'),
  rule('point.hide-leather', { structure: ['hide'] }, point({ leather: 0 }), 'Real hide wants a cutting point.'),
  rule('point.coated', { structure: ['coated'] }, point({ sharp: 0, jeans: 0.02 }), 'A fine sharp or jeans point makes the smallest hole; a cutting point would leave slits in a coating.'),
  rule('point.fine-woven', { structure: ['woven'], massBelow: 110 }, point({ universal: 0, sharp: 0 }), 'Fine cloth wants a fresh fine needle, universal or sharp.'),
  rule('point.microscopic', { family: ['ripstop', 'satin'] }, point({ sharp: 0, universal: 0.15 }), 'A fine sharp point leaves the smallest hole where holes stay.'),
  rule('point.sequins', { family: ['sequins'] }, point({ sharp: 0, universal: 0.05, quilting: 0.6 }), 'An ordinary sharp needle, changed as soon as it has struck a sequin.'),
  rule('point.loops', { family: ['rib', 'sweater-knit'] }, point({ ballpoint: 0, stretch: 0.2 }), 'Ribs and loose knits stretch by their loops: a ballpoint slips between them.'),
  rule('point.precise', { structure: ['woven'], kind: ['topstitch', 'strip-join', 'buttonhole'], massBelow: 240 }, point({ sharp: 0, universal: 0.06 }), 'A sharp point pierces where it stands: the straightest line.'),
  rule('point.quilting', { kind: ['quilt-lines'] }, point({ quilting: 0, sharp: 0.1, universal: 0.25 }), 'A quilting needle is slim and tapered for many layers.'),
  rule('point.sandwich', { family: ['quilt-sandwich'] }, point({ quilting: 0, sharp: 0.08 }), 'A quilting or sharp needle goes through the wadding without pushing it down.'),
  rule('point.hand-woven', { family: ['hand-woven', 'double-gauze', 'terry'] }, point({ universal: 0, sharp: 0.3, jeans: 0.4, topstitch: 0.6 }), 'A universal point parts loose yarns instead of splitting them.'),
  rule('point.twin-for-lines', { ...KNIT, kind: ['hem', 'topstitch'] }, point({ 'twin-stretch': 0, twin: 0.1, ballpoint: 0.2, stretch: 0.3 }), 'Two needles make two rows above and a zigzag below: a hem that gives.'),
  rule('point.woven-one-needle', { structure: ['woven', 'foam', 'hide', 'coated', 'layered'] }, point({ twin: 1.2, 'twin-stretch': 1.5 }), 'One needle, one row.'),

  rule('thread.polyester', {}, fibre({ polyester: 0, cotton: 0.4, silk: 0.8, 'elastic-polyester': 0.7, nylon: 0.9 }), 'Good all-purpose polyester serves nearly everything.'),
  rule('thread.cotton-on-cotton', { allCotton: true, structure: ['woven'] }, fibre({ cotton: 0.05 }), 'Cotton thread suits cotton cloth as well as polyester does.'),
  rule('thread.piecing', { kind: ['strip-join', 'quilt-lines'], structure: ['woven', 'layered'], family: ['lawn', 'poplin', 'linen', 'double-gauze', 'corduroy', 'quilt-sandwich', 'other'] }, fibre({ cotton: 0, polyester: 0.05 }), 'Cotton thread presses flat and is what quilts are sewn with.'),
  rule('thread.cotton-knit', { ...KNIT, allCotton: true, giveUpTo: 30, school: { question: 'cotton-knit-thread', name: 'by-give' } }, fibre({ cotton: 0, polyester: 0.7 }), 'On all-cotton knits without elastane cotton thread is no stronger than the cloth, so it does not cut it.'),
  rule('thread.silk', SILKY, fibre({ silk: 0.1, polyester: 0 }), 'Fine polyester or silk thread suits silk.'),
  rule('thread.swim', { family: ['swim'] }, fibre({ 'elastic-polyester': 0, polyester: 0.8 }), 'Plain polyester is what pops on swim cloth; slightly elastic thread gives with it.'),
  rule('thread.no-cotton-on-hide', { structure: ['hide'] }, fibre({ cotton: null }), 'Tannin rots cotton thread in leather; polyester lasts.', { strength: 'must' }),
  rule('tex.all-purpose', {}, tex(20, 27, 40), 'Tex 27 is the all-purpose thickness.'),
  rule('tex.fine', { massBelow: 90 }, tex(14, 18, 27), 'Fine cloth wants fine thread, which does not push its yarns apart.'),
  rule('tex.heavy', { structure: ['woven', 'foam', 'coated', 'hide'], massFrom: 300 }, tex(27, 40, 60), 'Heavy cloth wants stronger thread.'),
  rule('tex.show', { kind: ['topstitch'], structure: ['woven'], massFrom: 240 }, tex(27, 60, 80), 'Topstitching meant to be seen takes a thicker thread.'),
  rule('tex.dense', { kind: ['buttonhole', 'bar-tack', 'rolled-hem'], massBelow: 300 }, tex(16, 24, 30), 'Stitches this close lie smoother in a finer thread.'),

  rule('foot.standard', {}, foot({ standard: 0, walking: 0.3, 'dual-feed': 0.15, glide: 0.3, knit: 0.9, straight: 0.35, roller: 0.6 }), 'The standard foot does, as long as the layers do not creep.'),
  rule('foot.knit', KNIT, foot({ knit: 0.3 }), 'A spring-arm foot moves with a knit.'),
  rule('foot.creeping', { family: ['slinky-jersey', 'swim', 'rib', 'sweater-knit', 'velvet', 'silk', 'chiffon'], kind: ['join', 'band', 'baste'] }, foot({ walking: 0, 'dual-feed': 0, glide: 0.15, standard: 0.35 }), 'These layers creep on each other whatever the pressure: feed both.'),
  rule('foot.sticky', SKINS, foot({ glide: 0, roller: 0.1, walking: 0.25, standard: 0.7 }), 'A metal sole sticks on hide and coated cloth; a glide-soled or roller foot slides.'),
  rule('foot.strip', { kind: ['strip-join'] }, foot({ 'quarter-inch': 0, walking: 0.1, straight: 0.2, standard: 0.25 }), 'The guide keeps a strip’s allowance the same from end to end.'),
  rule('foot.zip', { kind: ['zip-centred', 'zip-lapped'] }, special({ zip: 0, standard: 1.6 }), 'The one bar of a zip foot sews close beside the coil on either side.'),
  rule('foot.zip-window', { kind: ['zip-exposed'] }, special({ zip: 0, standard: 0.6, glide: 0.7, 'dual-feed': 0.7 }), 'A zip foot clears the coil in the window.'),
  rule('foot.zip-concealed', { kind: ['zip-concealed'] }, special({ 'concealed-zip': 0, zip: 0.15 }), 'Its grooves roll the coil aside so that the needle lands beside it.'),
  rule('foot.piping', { kind: ['piping'] }, special({ zip: 0, grooved: 0.5, standard: 2 }), 'A zip foot presses right up against the cord.'),
  rule('foot.ditch', { kind: ['ditch'] }, foot({ ditch: 0, standard: 0.3, walking: 0.45 }), 'Its blade runs in the seam and keeps the needle beside it.'),
  rule('foot.quilting', { kind: ['quilt-lines'] }, foot({ walking: 0, 'dual-feed': 0.05, standard: 1, straight: 1.2 }), 'Three layers creep: a walking foot moves them together, with a guide bar for the spacing.'),
  rule('foot.rolled', { kind: ['rolled-hem'] }, special({ 'rolled-hem': 0, standard: 0.6, straight: 0.7, 'dual-feed': 0.7 }), 'Its scroll turns the edge twice as it goes; without one the edge is turned and pressed by hand.'),
  rule('foot.blind', { kind: ['blind-hem'] }, special({ 'blind-hem': 0, standard: 0.6 }), 'Its blade guides the fold, so that only a thread of it is caught.'),
  rule('foot.binding', { kind: ['binding'] }, foot({ binding: 0, standard: 0.2, walking: 0.3 }), 'It folds the binding round the edge while sewing.'),
  rule('foot.dense', { kind: ['bar-tack'] }, special({ grooved: 0, standard: 0.2, glide: 0.4 }), 'The groove beneath lets dense stitches pass.'),
  rule('foot.buttonhole', { kind: ['buttonhole'] }, special({ buttonhole: 0, grooved: 0.4, standard: 0.7 }), 'It slides along a measured buttonhole.'),
  rule('foot.edge', { kind: ['edge-finish'] }, foot({ standard: 0, walking: 0.6, straight: null }), 'The edge runs just inside the swing of the needle.'),
  rule('plate.standard', {}, { parameter: 'plate', costs: { standard: 0, straight: 0.45 } }, 'The standard plate lets every stitch pass.'),

  rule('position.concealed', { kind: ['zip-concealed'] }, { parameter: 'needlePosition', foot: 'zip', mm: -2.5, footSide: 'right' }, 'Needle far over to the coil, with the foot on its other side; mirrored for the second side of the zip.'),
  rule('position.zip', { kind: ['zip-centred', 'zip-lapped', 'zip-exposed'] }, { parameter: 'needlePosition', foot: 'zip', mm: 1, footSide: 'left' }, 'Needle a little towards the coil, with the foot on its other side; both change over for the second row.'),
  rule('position.cord', { kind: ['piping'] }, { parameter: 'needlePosition', foot: 'zip', mm: 2, footSide: 'left' }, 'Needle towards the cord, so that the line lies against it.'),

  rule('pressure.normal', {}, pressure(0.5), 'The machine’s normal pressure.'),
  rule('pressure.knit-light', KNIT, pressure(0.25), 'Light on knits: pressure stretches them as they are fed.'),
  rule('pressure.stable-knit', STABLE_KNIT, pressure(0.35), 'Stable knits take light to normal pressure.'),
  rule('pressure.lowest', { ...KNIT, recoveryBelow: 80 }, pressure(0), 'The lowest on a knit that comes back badly: what is stretched stays stretched.'),
  rule('pressure.slinky', LIMP_KNIT, pressure(0), 'The lowest on drapey and loose knits.'),
  rule('pressure.nap', { traits: ['napped'], structure: ['woven'] }, pressure(0.2), 'Lighter on a pile, which the foot would crush and push along.'),
  rule('pressure.skins', SKINS, pressure(0.4), 'Light to normal: the foot marks hide and coated cloth.'),
  rule('pressure.lofty', { family: ['quilt-sandwich', 'faux-fur', 'sequins', 'terry'] }, pressure(0.35), 'A little lighter over loft, or the top layer is pushed ahead.'),
  rule('pressure.firm-lines', { ...KNIT, kind: [...ZIPS, 'buttonhole', 'bar-tack'] }, pressure(0.4), 'A little more here, so that tape and stabiliser feed with the knit.'),
  rule('pressure.hem-knit', { ...KNIT, kind: [...HEMS, ...SHOWN], recoveryFrom: 80 }, pressure(0.25), 'Light: a hem that is stretched as it is sewn waves for good.'),
];
