import type { OperationKind } from '../../setup';
import type { StitchId } from '../../stitch';
import type { Aim } from '../ruleTypes';
import { type Rule, rule } from '../ruleTypes';
import { FOAM, HOLED, KNIT, SEAMS, SHOWN, SKINS, STRONG, ZIPS } from './groups';

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
export const SIZE_RULES: readonly Rule[] = [
  rule('length.usual', {}, length(aim(1.5, 2.5, 4)), '2.5 mm is the usual start for medium cloth.'),
  rule('length.triple', {}, length(aim(2, 3, 4), ['triple-straight']), 'Triple straight is sewn a little longer: each stitch is laid three times.'),
  rule('length.three-step', {}, length(aim(0.8, 1.2, 2), ['three-step-zigzag']), 'The three small steps are short, so that the whole zigzag stays close.'),
  rule('length.knit-zigzag', KNIT, length(aim(1.5, 2.5, 3), ZIGZAG), 'Long enough not to riddle the knit with holes, short enough to give.'),
  rule('length.drapey-zigzag', { family: ['slinky-jersey'] }, length(aim(1.5, 2.2, 2.5), ZIGZAG), 'Drapey jersey takes 2 to 2.5 mm.'),
  rule('length.swim', { family: ['swim'] }, length(aim(1, 1.5, 2.5), ZIGZAG), 'Short, so that a wide zigzag stores enough thread.'),
  rule('length.light-woven', { structure: ['woven'], massBelow: 150 }, length(aim(1.8, 2.3, 2.8), LINE), 'Light wovens take 2 to 2.5 mm.'),
  rule('length.dense-woven', { family: ['poplin', 'ripstop', 'waterproof'] }, length(aim(2, 2.6, 3), LINE), 'Densely woven cloth puckers when its yarns are crowded: 2.5 to 3 mm.'),
  rule('length.fine', { structure: ['woven'], family: ['silk', 'satin', 'chiffon'], massBelow: 130 }, length(aim(1.5, 1.8, 2), LINE), 'Fine cloth takes 1.5 to 2 mm: a longer stitch gathers it.'),
  rule('length.pile', { traits: ['napped'], structure: ['woven'] }, length(aim(2, 2.4, 3), LINE), '2 to 2.5 mm: shorter stitches bury themselves in the pile.'),
  rule('length.towelling', { family: ['terry', 'faux-fur'] }, length(aim(2.5, 3, 3.5)), 'About 3 mm, or the loops swallow the stitches.'),
  rule('length.quilted', { structure: ['layered'] }, length(aim(2.5, 3, 3.5), LINE), 'Thick soft layers take 2.5 to 3.5 mm.'),
  rule('length.topstitch', { kind: ['topstitch', 'casing'] }, length(aim(2.5, 3, 4), ['straight', 'triple-straight']), 'Topstitching is longer, so that it lies on the cloth and shows.'),
  rule('length.fine-topstitch', { structure: ['woven'], kind: ['topstitch', 'casing', 'hem'], massBelow: 90 }, length(aim(1.8, 2.2, 2.8), LINE), 'On fine cloth even topstitching stays short.'),
  rule('length.heavy-seam', { ...STRONG, kind: ['join', 'hem', ...ZIPS] }, length(aim(2.5, 2.8, 3.5), LINE), 'Seams in denim and canvas take 2.5 to 3 mm.'),
  rule('length.heavy-show', { ...STRONG, kind: ['topstitch'] }, length(aim(3, 3.5, 4), LINE), 'Topstitching on denim takes 3 to 4 mm.'),
  rule('length.heavy-hem', { ...STRONG, kind: ['hem'] }, length(aim(2.8, 3.2, 4), LINE), 'A hem of several layers takes 3 mm and more.'),
  rule('length.knit-hem', { ...KNIT, kind: ['hem'] }, length(aim(2.5, 3, 4), ['straight', 'zigzag']), 'A hem line is sewn at about 3 mm, so that it lies flat.'),

  rule('length.strip', { kind: ['strip-join'] }, length(aim(1.5, 1.9, 2.2), LINE), 'Strips take 1.8 to 2 mm: the line stays straight, and holds where it is cut across.'),
  rule('length.zip', { kind: ZIPS }, length(aim(2.2, 2.5, 3), LINE), 'Zips take 2.5 mm: firm, and still to be unpicked.'),
  rule('length.light-zip', { kind: ZIPS, massBelow: 130 }, length(aim(1.8, 2.2, 2.6), LINE), 'Light cloth is gathered by a longer line.'),
  rule('length.heavy-zip', { kind: ZIPS, massFrom: 300 }, length(aim(2.5, 3, 3.5), LINE), 'A zip in heavy cloth takes about 3 mm.'),
  rule('length.piping', { kind: ['piping'] }, length(aim(2.4, 2.8, 3.5), LINE), 'Close against the cord, a little longer than a seam.'),
  rule('length.ditch', { kind: ['ditch'] }, length(aim(2.2, 2.5, 3), LINE), '2.5 mm sinks into the seam.'),
  rule('length.quilting', { kind: ['quilt-lines'] }, length(aim(2.5, 3, 3.5), LINE), 'Quilting takes 2.5 to 3.5 mm: shorter, and it drowns in the wadding.'),
  rule('length.baste', { kind: ['baste'] }, length(aim(4, 4.5, 6), LINE), 'As long as the machine makes: it is pulled out again.'),
  rule('length.stay', { kind: ['stay'] }, length(aim(1.5, 2, 2.5), LINE), 'About 2 mm just inside the seam line: it keeps the edge from growing.'),
  rule('length.understitch', { kind: ['understitch'] }, length(aim(2, 2.5, 3), LINE), '2.5 mm, close to the seam, through all allowances.'),
  rule('length.gather', { kind: ['gather'] }, length(aim(4, 4.5, 5), LINE), 'Long stitches slide along their thread.'),
  rule('length.dart', { kind: ['dart'] }, length(aim(1.8, 2.2, 2.8), LINE), 'A little short, so that the point holds without a knot of stitches.'),
  rule('length.reinforce', { kind: ['reinforce'] }, length(aim(0.5, 1, 1.6), LINE), 'Very short stitches hold a corner that will be clipped.'),
  rule('length.edge', { kind: ['edge-finish'] }, length(aim(1.5, 2, 3), ['zigzag', 'overlock-like']), 'Close enough that no thread of the edge escapes.'),
  rule('length.elastic', { kind: ['elastic'] }, length(aim(2, 2.5, 3.5), ZIGZAG), 'Long enough not to weaken the elastic.'),
  rule('length.elastic-steps', { kind: ['elastic'] }, length(aim(1, 1.4, 2), ['three-step-zigzag']), 'Small steps, so that the elastic is not riddled.'),
  rule('length.rolled', { kind: ['rolled-hem'] }, length(aim(1.5, 2, 2.5)), '2 mm keeps the roll closed.'),
  rule('length.blind', { kind: ['blind-hem'] }, length(aim(1.5, 2, 3)), 'About 2 mm, so that a bite comes every centimetre.'),
  rule('length.dense', { kind: TIGHT }, length(aim(0.3, 0.4, 0.6), DENSE), '0.4 mm: the threads lie side by side.'),
  rule('length.tack-lines', { kind: ['bar-tack'] }, length(aim(1, 1.4, 2), ['straight', 'triple-straight']), 'Short stitches, several times over the same place.'),
  rule('length.foam', FOAM, length(aim(3, 3.2, 3.5)), 'Foam takes 3.0 to 3.5 mm: close holes weaken it and never heal.'),
  rule('length.skins', SKINS, length(aim(3, 3.5, 4)), 'Hide and coated cloth take 3 to 4 mm: short stitches perforate.', { strength: 'must' }),
  rule('length.waterproof', { family: ['waterproof'] }, length(aim(2.5, 3, 3.5)), '3 mm: every hole is a leak until it is sealed.'),
  rule('length.baste-holed', { ...HOLED, kind: ['baste', 'gather'] }, length(aim(4, 4.5, 6)), 'Long and few: these holes stay for ever, so keep them inside the allowance.'),

  rule('width.usual', {}, width(aim(0.5, 2, 5)), 'A medium swing.'),
  rule('width.knit-zigzag', { ...KNIT, kind: SEAMS }, width(aim(1.5, 2, 5), ZIGZAG), 'As narrow as the give allows: a wide zigzag opens when the seam is pulled.'),
  rule('width.swim', { family: ['swim'], kind: SEAMS }, width(aim(2.5, 3.5, 6), ZIGZAG), 'Wide, so that thread is stored for the stretch.'),
  rule('width.loose', { family: ['rib', 'sweater-knit'], kind: SEAMS }, width(aim(2.5, 3.5, 6), ZIGZAG), 'Wider on loops this loose, so that enough of them are held.'),
  rule('width.slanted', {}, width(aim(0.5, 1, 2), ['lightning']), 'Narrow: it should look like a line.'),
  rule('width.three-step', {}, width(aim(3, 5, 7), ['three-step-zigzag']), 'The three steps want room.'),
  rule('width.overlock', {}, width(aim(4, 5, 7), ['overlock-like']), 'Wide enough to go over the edge.'),
  rule('width.knit-line', { ...KNIT, kind: SHOWN }, width(aim(0.5, 0.5, 3), ZIGZAG), 'A line that shows is kept so narrow that it reads as a line.'),
  rule('width.abutted', { ...FOAM, kind: ['join'] }, width(aim(3, 4, 6), ['zigzag', 'bridging']), 'Wide enough to bite about 2 mm into each edge.'),
  rule('width.edge', { kind: ['edge-finish'] }, width(aim(3, 5, 6), ZIGZAG), 'About 5 mm: one swing on the cloth, one just over its edge.'),
  rule('width.edge-light', { kind: ['edge-finish'], massBelow: 110 }, width(aim(2, 3, 4), ['zigzag', 'three-step-zigzag', 'overlock-like']), 'Narrower on light cloth, or the edge rolls up.'),
  rule('width.elastic', { kind: ['elastic'] }, width(aim(3, 4, 6), ZIGZAG), 'Wide, so that the thread never holds the elastic back.'),
  rule('width.rolled', { kind: ['rolled-hem'] }, width(aim(2, 2.5, 3), ZIGZAG), 'Over the roll from side to side.'),
  rule('width.blind', { kind: ['blind-hem'] }, width(aim(2, 3, 4)), 'As far as just catches the fold: try it on a scrap first.'),
  rule('width.tack', { kind: ['bar-tack'] }, width(aim(1.5, 2.5, 4), DENSE), 'A bar of 2 to 3 mm.'),
  rule('width.buttonhole', { kind: ['buttonhole'] }, width(aim(4, 5, 6), ['buttonhole']), 'Two columns and the space for the cut between them.'),
  rule('width.column', { kind: ['buttonhole'] }, width(aim(1.5, 2, 2.5), ['satin', 'zigzag']), 'One column at a time, about 2 mm wide.'),
];
