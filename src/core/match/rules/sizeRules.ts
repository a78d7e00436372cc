import type { OperationKind } from '../../setup';
import type { StitchId } from '../../stitch';
import type { Aim } from './ruleTypes';
import { rule, rulesOf } from './ruleTypes';
import { OURS, RANGED } from './origins';
import { COATING, FINE_BY_MASS, FOAM, HOLED, KNIT, SEAMS, SHOWN, SKINS, STRONG, ZIPS } from './groups';

const aim = (min: number, ideal: number, max: number): Aim => ({ min, ideal, max });
const length = (wanted: Aim, stitches?: readonly StitchId[]) =>
  ({ parameter: 'lengthMm', aim: wanted, stitches }) as const;
const width = (wanted: Aim, stitches?: readonly StitchId[]) =>
  ({ parameter: 'widthMm', aim: wanted, stitches }) as const;
const LINE: readonly StitchId[] = ['straight'];
const ZIGZAG: readonly StitchId[] = ['zigzag'];
const DENSE: readonly StitchId[] = ['satin', 'zigzag', 'buttonhole'];
const TIGHT: readonly OperationKind[] = ['bar-tack', 'buttonhole'];

/** How long and how wide. Later rules override earlier ones for the same stitch. */
// prettier-ignore
export const SIZE_RULES = rulesOf({
  'length.usual': rule('should', {}, length(aim(1.5, 2.5, 4)), RANGED, '2.5 mm is the usual start for medium fabric.'),
  'length.triple': rule('should', {}, length(aim(2, 3, 4), ['triple-straight']), RANGED, 'Triple straight is sewn a little longer, because each stitch is sewn three times.'),
  'length.three-step': rule('should', {}, length(aim(0.8, 1.2, 2), ['three-step-zigzag']), RANGED, 'The three small steps are short, so that the whole zigzag stays close.'),
  'length.knit-zigzag': rule('should', KNIT, length(aim(1.5, 2.5, 3), ZIGZAG), RANGED, 'Long enough not to riddle the knit with holes, short enough to stretch.'),
  'length.drapey-zigzag': rule('should', { family: ['slinky-jersey'] }, length(aim(1.5, 2.2, 2.5), ZIGZAG), RANGED, '2 to 2.5 mm suits drapey jersey.'),
  'length.swim': rule('should', { family: ['swim'] }, length(aim(1, 1.5, 2.5), ZIGZAG), RANGED, 'Short, so that a wide zigzag holds enough thread in reserve.'),
  'length.light-woven': rule('should', { structure: ['woven'], massBelow: 150 }, length(aim(1.8, 2.3, 2.8), LINE), RANGED, '2 to 2.5 mm suits light wovens.'),
  'length.fine': rule('should', FINE_BY_MASS, length(aim(1.5, 1.8, 2), LINE), RANGED, '1.5 to 2 mm suits fine fabric: a longer stitch gathers it.'),
  'length.dense-woven': rule('should', { family: ['poplin', 'ripstop', 'waterproof'] }, length(aim(2, 2.6, 3), LINE), RANGED, '2.5 to 3 mm: densely woven fabric puckers when its yarns are crowded.'),
  'length.pile': rule('should', { traits: ['napped'], structure: ['woven'] }, length(aim(2, 2.4, 3), LINE), RANGED, '2 to 2.5 mm: shorter stitches disappear in the pile.'),
  'length.coat': rule('should', COATING, length(aim(2.5, 3, 3.5), LINE), RANGED, 'About 3 mm suits coat-weight wool: shorter stitches disappear.'),
  'length.towelling': rule('should', { family: ['terry', 'faux-fur'] }, length(aim(2.5, 3, 3.5)), RANGED, 'About 3 mm, or the stitches disappear in the loops.'),
  'length.quilted': rule('should', { structure: ['layered'] }, length(aim(2.5, 3, 3.5), LINE), RANGED, '2.5 to 3.5 mm suits thick soft layers.'),
  'length.topstitch': rule('should', { kind: ['topstitch', 'casing'] }, length(aim(2.5, 3, 4), ['straight', 'triple-straight']), RANGED, 'Topstitching is longer, so that it lies on top of the fabric and shows.'),
  'length.fine-topstitch': rule('should', { structure: ['woven'], kind: ['topstitch', 'casing', 'hem'], massBelow: 90 }, length(aim(1.8, 2.2, 2.8), LINE), RANGED, 'On fine fabric even topstitching stays short.'),
  'length.heavy-seam': rule('should', { ...STRONG, kind: ['join', 'hem', ...ZIPS] }, length(aim(2.5, 2.8, 3.5), LINE), RANGED, '2.5 to 3 mm suits seams in denim and canvas.'),
  'length.heavy-show': rule('should', { ...STRONG, kind: ['topstitch'] }, length(aim(3, 3.5, 4), LINE), RANGED, '3 to 4 mm suits topstitching on denim.'),
  'length.heavy-hem': rule('should', { ...STRONG, kind: ['hem'] }, length(aim(2.8, 3.2, 4), LINE), RANGED, 'A hem of several layers needs 3 mm or more.'),
  'length.knit-hem': rule('should', { ...KNIT, kind: ['hem'] }, length(aim(2.5, 3, 4), ['straight', 'zigzag']), RANGED, 'About 3 mm for a hem, so that it lies flat.'),

  'length.strip': rule('should', { kind: ['strip-join'] }, length(aim(1.5, 1.9, 2.2), LINE), RANGED, '1.8 to 2 mm for strips: the row stays straight and holds where you cut across it.'),
  'length.zip': rule('should', { kind: ZIPS }, length(aim(2.2, 2.5, 3), LINE), RANGED, '2.5 mm for zips: firm, but you can still unpick it.'),
  'length.light-zip': rule('should', { kind: ZIPS, massBelow: 130 }, length(aim(1.8, 2.2, 2.6), LINE), RANGED, 'A longer stitch gathers light fabric.'),
  'length.heavy-zip': rule('should', { kind: ZIPS, massFrom: 300 }, length(aim(2.5, 3, 3.5), LINE), RANGED, 'About 3 mm for a zip in heavy fabric.'),
  'length.piping': rule('should', { kind: ['piping'] }, length(aim(2.4, 2.8, 3.5), LINE), RANGED, 'Close against the cord, a little longer than a seam.'),
  'length.ditch': rule('should', { kind: ['ditch'] }, length(aim(2.2, 2.5, 3), LINE), RANGED, '2.5 mm sinks into the seam.'),
  'length.quilting': rule('should', { kind: ['quilt-lines'] }, length(aim(2.5, 3, 3.5), LINE), RANGED, '2.5 to 3.5 mm for quilting: shorter stitches disappear in the wadding.'),
  'length.baste': rule('should', { kind: ['baste'] }, length(aim(4, 4.5, 6), LINE), RANGED, 'As long as the machine can sew, because it is pulled out again.'),
  'length.stay': rule('should', { kind: ['stay'] }, length(aim(1.5, 2, 2.5), LINE), RANGED, 'About 2 mm just inside the seam line: it stops the edge from stretching.'),
  'length.understitch': rule('should', { kind: ['understitch'] }, length(aim(2, 2.5, 3), LINE), RANGED, '2.5 mm, close to the seam, through all allowances.'),
  'length.gather': rule('should', { kind: ['gather'] }, length(aim(4, 4.5, 5), LINE), RANGED, 'Long stitches slide along their thread.'),
  'length.dart': rule('should', { kind: ['dart'] }, length(aim(1.8, 2.2, 2.8), LINE), RANGED, 'A little short, so that the point holds without a knot of stitches.'),
  'length.reinforce': rule('should', { kind: ['reinforce'] }, length(aim(0.5, 1, 1.6), LINE), RANGED, 'Very short stitches hold a corner that you will snip.'),
  'length.edge': rule('should', { kind: ['edge-finish'] }, length(aim(1.5, 2, 3), ['zigzag', 'overlock-like']), RANGED, 'Close enough that no yarn of the edge escapes.'),
  'length.elastic': rule('should', { kind: ['elastic'] }, length(aim(2, 2.5, 3.5), ZIGZAG), RANGED, 'Long enough not to weaken the elastic.'),
  'length.elastic-steps': rule('should', { kind: ['elastic'] }, length(aim(1, 1.4, 2), ['three-step-zigzag']), RANGED, 'Small steps, so that the elastic is not full of holes.'),
  'length.rolled': rule('should', { kind: ['rolled-hem'] }, length(aim(1.5, 2, 2.5)), RANGED, '2 mm keeps the roll closed.'),
  'length.blind': rule('should', { kind: ['blind-hem'] }, length(aim(1.5, 2, 3)), RANGED, 'About 2 mm, so that it catches the fold every centimetre.'),
  'length.hem-once': rule('should', { kind: ['hem'], foldsOnce: true }, length(aim(1.5, 2, 3), ['blind']), RANGED, 'About 2 mm, so that it catches the fold every centimetre.'),
  'length.dense': rule('should', { kind: TIGHT }, length(aim(0.3, 0.4, 0.6), DENSE), RANGED, '0.4 mm: the threads lie side by side.'),
  'length.tack-lines': rule('should', { kind: ['bar-tack'] }, length(aim(1, 1.4, 2), ['straight', 'triple-straight']), RANGED, 'Short stitches, several times over the same spot.'),
  'length.foam': rule('should', FOAM, length(aim(3, 3.2, 3.5)), RANGED, '3 to 3.5 mm for foam: holes that are close together weaken it and never heal.'),
  'length.skins': rule('must', SKINS, length(aim(3, 3.5, 4)), RANGED, '3 to 4 mm for leather and coated fabric: short stitches perforate it.'),
  'length.waterproof': rule('should', { family: ['waterproof'] }, length(aim(2.5, 3, 3.5)), RANGED, '3 mm: every hole leaks until you seal it.'),
  'length.baste-holed': rule('should', { ...HOLED, kind: ['baste', 'gather'] }, length(aim(4, 4.5, 6)), RANGED, 'Long, few stitches: these holes stay for ever, so keep them inside the allowance.'),

  'width.usual': rule('should', {}, width(aim(0.5, 2, 5)), OURS, 'A medium width.'),
  'width.knit-zigzag': rule('should', { ...KNIT, kind: SEAMS }, width(aim(1.5, 2, 5), ZIGZAG), RANGED, 'As narrow as the stretch allows: a wide zigzag opens when the seam is pulled.'),
  'width.swim': rule('should', { family: ['swim'], kind: SEAMS }, width(aim(2.5, 3.5, 6), ZIGZAG), RANGED, 'Wide, so that it holds thread in reserve for the stretch.'),
  'width.loose': rule('should', { family: ['rib', 'sweater-knit'], kind: SEAMS }, width(aim(2.5, 3.5, 6), ZIGZAG), RANGED, 'Wider on loops this loose, so that it catches enough of them.'),
  'width.slanted': rule('should', {}, width(aim(0.5, 1, 2), ['lightning']), RANGED, 'Narrow: it should look like a line.'),
  'width.three-step': rule('should', {}, width(aim(3, 5, 7), ['three-step-zigzag']), RANGED, 'The three steps need room.'),
  'width.overlock': rule('should', {}, width(aim(4, 5, 7), ['overlock-like']), RANGED, 'Wide enough to go over the edge.'),
  'width.knit-line': rule('should', { ...KNIT, kind: SHOWN }, width(aim(0.5, 0.5, 3), ZIGZAG), RANGED, 'A row that shows is kept so narrow that it looks like a straight line.'),
  'width.abutted': rule('should', { ...FOAM, kind: ['join'] }, width(aim(3, 4, 6), ['zigzag', 'bridging']), RANGED, 'Wide enough to catch about 2 mm of each edge.'),
  'width.edge': rule('should', { kind: ['edge-finish'] }, width(aim(3, 5, 6), ZIGZAG), RANGED, 'About 5 mm: one side on the fabric, the other just over its edge.'),
  'width.edge-light': rule('should', { kind: ['edge-finish'], massBelow: 110 }, width(aim(2, 3, 4), ['zigzag', 'three-step-zigzag', 'overlock-like']), RANGED, 'Narrower on light fabric, or the edge rolls up.'),
  'width.elastic': rule('should', { kind: ['elastic'] }, width(aim(3, 4, 6), ZIGZAG), RANGED, 'Wide, so that the thread never holds the elastic back.'),
  'width.rolled': rule('should', { kind: ['rolled-hem'] }, width(aim(2, 2.5, 3), ZIGZAG), RANGED, 'From side to side over the roll.'),
  'width.blind': rule('should', { kind: ['blind-hem'] }, width(aim(2, 3, 4)), RANGED, 'Just wide enough to catch the fold: try it on a scrap first.'),
  'width.hem-once': rule('should', { kind: ['hem'], foldsOnce: true }, width(aim(2, 3, 4), ['blind']), RANGED, 'Just wide enough to catch the fold: try it on a scrap first.'),
  'width.lace-hem': rule('should', { family: ['lace'], kind: ['hem'] }, width(aim(1, 1.5, 2), ZIGZAG), RANGED, 'Narrow, so that it looks like a line.'),
  'width.tack': rule('should', { kind: ['bar-tack'] }, width(aim(1.5, 2.5, 4), DENSE), RANGED, 'A bar of 2 to 3 mm.'),
  'width.buttonhole': rule('should', { kind: ['buttonhole'] }, width(aim(4, 5, 6), ['buttonhole']), RANGED, 'Two columns and space for the cut between them.'),
  'width.column': rule('should', { kind: ['buttonhole'] }, width(aim(1.5, 2, 2.5), ['satin', 'zigzag']), RANGED, 'One column at a time, about 2 mm wide.'),
});
