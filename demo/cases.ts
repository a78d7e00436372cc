import type { CheckInput, MatchRequest } from '../src/core/match';
import type { Foot, Plate, NeedlePoint, ThreadFibre } from '../src/core/kit';
import type { StitchId } from '../src/core/stitch';
import { PLAIN_MACHINE } from '../src/core/kit';

/** What a teacher would accept as an answer. Ranges are closed; lists mean any of them. */
export interface Wanted {
  point?: readonly NeedlePoint[];
  nm?: readonly [number, number];
  fibre?: readonly ThreadFibre[];
  /** Of the needle thread, and of the one below. */
  tex?: readonly [number, number];
  bobbinTex?: readonly [number, number];
  foot?: readonly Foot[];
  plate?: Plate;
  stitch?: readonly StitchId[];
  lengthMm?: readonly [number, number];
  widthMm?: readonly [number, number];
  tensionSteps?: readonly [number, number];
  pressure?: readonly [number, number];
  secure?: string;
  /** Words that must be said somewhere in plan, notes or cautions. */
  says?: RegExp;
  /** Nothing safe is possible, for this reason. */
  blocked?: string;
  /** What the answer must name as worth having. */
  missing?: RegExp;
}

/** One case: what is asked, what is accepted, and why that is right. */
export interface Case {
  ask: string;
  request: MatchRequest;
  wanted: Wanted;
  why: string;
}

/** One setting to be refused, and why. */
export interface Refusal {
  ask: string;
  setup: Partial<CheckInput['setup']>;
  machine?: Partial<typeof PLAIN_MACHINE>;
  layers?: number;
  code: string;
  why: string;
}

type Cloth = MatchRequest['cloth'];
type Kind = MatchRequest['operation']['kind'];
type More = Pick<MatchRequest, 'machine' | 'kit' | 'schools'> &
  Pick<MatchRequest['operation'], 'layers' | 'requiredGive' | 'radiusMm' | 'second'>;
const one = (ask: string, cloth: Cloth, kind: Kind, wanted: Wanted, why: string, more: More = {}): Case => {
  const { layers, requiredGive, radiusMm, second, ...rest } = more;
  return { ask, request: { cloth, operation: { kind, layers, requiredGive, radiusMm, second }, ...rest }, wanted, why };
};
const knit = (family: Cloth['family'], more: Partial<Cloth> = {}): Cloth => ({ structure: 'knit', family, ...more });
const woven = (family: Cloth['family'], more: Partial<Cloth> = {}): Cloth => ({ structure: 'woven', family, ...more });

const fixedPressure = { ...PLAIN_MACHINE, name: 'fixed pressure', pressureDial: null };
const straightOnly = {
  ...PLAIN_MACHINE,
  name: 'straight only',
  stitches: ['straight' as const],
  maxWidthMm: 0,
  plates: ['standard' as const],
  needlePositions: 1,
};
const letters = {
  ...PLAIN_MACHINE,
  name: 'dial in words',
  pressureDial: { positions: ['light', 'medium', 'heavy'], normal: 'medium' },
};
const topIsNormal = { ...PLAIN_MACHINE, name: 'normal at the top', pressureDial: { positions: [1, 2, 3], normal: 3 } };
const nineWide = { ...PLAIN_MACHINE, name: 'nine wide', maxWidthMm: 9, needlePositions: 19 };

/** The cases, in the order of docs/cases.md. Every family, every operation and the machines that change an answer. */
// prettier-ignore
export const CASES: readonly Case[] = [
  one('Cotton-elastane jersey, side seam', knit('jersey', { stretchAcross: 50, massGsm: 160 }), 'join', { point: ['ballpoint'], nm: [70, 80], stitch: ['zigzag'], lengthMm: [2, 2.6], widthMm: [1.5, 2.5], pressure: [0, 0.25], says: /10 mm in/ }, 'The usual start: ballpoint 75, short narrow zigzag with give to spare, light pressure, in from the edge.'),
  one('Viscose-elastane slinky jersey, side seam', knit('slinky-jersey', { fibres: { viscose: 92, elastane: 8 } }), 'join', { point: ['stretch'], nm: [70, 80], stitch: ['zigzag'], lengthMm: [2, 2.5], pressure: [0, 0], says: /Rotary|weights/ }, 'Drapes and creeps: stretch needle, walking foot, 2 to 2.5 mm, the lowest pressure.'),
  one('Rib, cuff seam', knit('rib'), 'join', { point: ['ballpoint'], nm: [80, 90], foot: ['walking'], widthMm: [2.5, 6], stitch: ['zigzag', 'triple-straight'], pressure: [0, 0.25] }, 'Stretches by its loops: a ballpoint, wider zigzag, lowest pressure.'),
  one('Ponte-like double knit, trouser seam', knit('double-knit'), 'join', { point: ['ballpoint'], nm: [80, 90], stitch: ['zigzag', 'triple-straight'], pressure: [0.2, 0.5], says: /pressed open/ }, 'A stable knit, the easiest: pressed open, light to normal pressure.'),
  one('Scuba, dress seam', knit('scuba'), 'join', { point: ['ballpoint'], nm: [80, 90], stitch: ['zigzag', 'triple-straight'] }, 'Treated as a stable knit.'),
  one('Polar fleece, hat seam', knit('fleece'), 'join', { point: ['ballpoint'], nm: [75, 90], stitch: ['zigzag', 'triple-straight'], says: /nightwear/ }, 'Stable across, napped, melts: one way, cool iron, and the nightwear rule is named.'),
  one('Chunky sweater knit, side seam', knit('sweater-knit'), 'join', { point: ['ballpoint'], nm: [80, 90], stitch: ['zigzag', 'overlock-like'], pressure: [0, 0], says: /leader|tape along the shoulders/i }, 'Loose loops: lowest pressure, leader scrap, tape where it drops.'),
  one('Swim cloth, side seam', knit('swim', { fibres: { polyamide: 80, elastane: 20 } }), 'join', { point: ['stretch'], nm: [75, 90], fibre: ['elastic-polyester'], stitch: ['zigzag', 'three-step-zigzag'], lengthMm: [1, 2.5], widthMm: [2.5, 6], secure: 'short-stitch' }, 'Short, wide, elastic thread, stretch needle; ends of a few tiny stitches, as this machine does not tie off.'),
  one('Woven terry, bath robe seam', woven('terry'), 'join', { point: ['universal', 'sharp'], nm: [80, 100], stitch: ['straight'], lengthMm: [2.5, 3.5], says: /Clean the feed/ }, 'Loops swallow short stitches; lint is cleaned often.'),
  one('Knitted lace, yoke seam', knit('lace'), 'join', { point: ['ballpoint', 'stretch'], nm: [65, 75], says: /tissue/i }, 'Fine needle, tissue under the open ground.'),
  one('Power mesh, lining seam', knit('mesh'), 'join', { nm: [65, 75], says: /tissue/i }, 'As lace.'),
  one('Cotton lawn, blouse seam', woven('lawn'), 'join', { point: ['universal', 'sharp'], nm: [60, 75], stitch: ['straight'], lengthMm: [2, 2.5], pressure: [0.5, 0.5], secure: 'back-stitch' }, 'A light ordinary woven: fine needle, 2 to 2.5 mm, normal pressure.'),
  one('Poplin, shirt seam', woven('poplin'), 'join', { point: ['universal', 'sharp'], nm: [70, 80], stitch: ['straight'], lengthMm: [2.3, 3] }, 'Dense: 2.5 to 3 mm so that its yarns are not crowded.'),
  one('Linen, skirt seam', woven('linen'), 'join', { nm: [75, 90], stitch: ['straight'], lengthMm: [2.2, 2.8], says: /wash/ }, 'Medium woven; edges held before the first wash.'),
  one('Viscose challis, dress seam', woven('viscose-woven'), 'join', { nm: [65, 80], stitch: ['straight'], foot: ['walking', 'dual-feed', 'glide'] }, 'Slips: the walking foot comes on when the layers would creep.'),
  one('Wool tweed, coat seam', woven('wool'), 'join', { point: ['universal', 'sharp'], nm: [80, 90], stitch: ['straight'], lengthMm: [2.2, 3] }, 'Medium to heavy, steam through a cloth.'),
  one('Heavy denim, 14.5 oz, leg seam', woven('denim', { massGsm: 490 }), 'join', { point: ['jeans'], nm: [100, 110], stitch: ['straight'], lengthMm: [2.5, 3.5], says: /industrial/ }, 'Jeans needle; the machine is warned for.'),
  one('Canvas, cushion seam', woven('canvas'), 'join', { point: ['jeans'], nm: [90, 100], stitch: ['straight'], lengthMm: [2.5, 3.5] }, 'As denim.'),
  one('Corduroy, dungaree seam', woven('corduroy'), 'join', { nm: [75, 90], pressure: [0, 0.3], says: /direction|one way/i }, 'Napped: lighter, all pieces one way, towel under the iron.'),
  one('Light silk, blouse seam', woven('silk', { massGsm: 45 }), 'join', { point: ['universal', 'sharp'], nm: [60, 70], stitch: ['straight'], lengthMm: [1.5, 2], secure: 'knot', says: /French/ }, 'French seam, 1.5 to 2 mm, knots, leader, pins in the allowance.'),
  one('Imitation satin, lining seam', woven('satin'), 'join', { nm: [60, 75], lengthMm: [1.5, 2], secure: 'knot', says: /melts/i }, 'Fine sharp needle, no back-stitch; it melts and shines.'),
  one('Chiffon, overskirt seam', woven('chiffon'), 'join', { nm: [60, 65], lengthMm: [1.5, 2], secure: 'knot' }, 'The finest needle there is, small hole, tissue.'),
  one('Velvet, cushion seam', woven('velvet'), 'join', { nm: [70, 80], foot: ['walking', 'dual-feed'], pressure: [0, 0.3], says: /pile/i }, 'Piles creep: walking foot, lighter, leader, many pins.'),
  one('Double gauze, baby blanket', woven('double-gauze'), 'join', { point: ['universal'], nm: [70, 80], lengthMm: [2, 2.6] }, 'Loose yarns: universal parts them, wide allowance.'),
  one('Ripstop, kite seam', woven('ripstop'), 'join', { point: ['sharp'], nm: [60, 70], lengthMm: [2.2, 3], says: /Seal|seal/ }, 'Holes stay: fine sharp needle, longer stitch, clips, sealed seam.'),
  one('Neoprene 2.5 mm, case joint', { structure: 'foam', family: 'neoprene', thicknessMm: 2.5 }, 'join', { point: ['jeans'], nm: [100, 100], stitch: ['zigzag', 'bridging'], lengthMm: [3, 3.5], tensionSteps: [1, 3], secure: 'knot', says: /abutted/ }, 'Abutted, bitten from both sides, tension up, no pins.'),
  one('Neoprene 4 mm, sleeve joint', { structure: 'foam', family: 'neoprene', thicknessMm: 4 }, 'join', { point: ['jeans'], says: /heavy-duty/ }, 'Past what a domestic machine likes: said.'),
  one('“Neoprene” 1 mm thin, dress seam', { structure: 'foam', family: 'neoprene', thicknessMm: 1 }, 'join', { point: ['ballpoint', 'stretch'], says: /scuba knit/ }, 'It is a scuba knit and is sewn as one.'),
  one('Garment leather, bag seam', { structure: 'hide', family: 'leather' }, 'join', { point: ['leather'], nm: [90, 110], fibre: ['polyester', 'nylon'], lengthMm: [3, 4], foot: ['glide', 'roller', 'walking'], secure: 'knot' }, 'Cutting point, never cotton, 3 to 4 mm, nothing sewn twice.'),
  one('Suede, collar seam', { structure: 'hide', family: 'suede' }, 'join', { point: ['leather'], lengthMm: [3, 4], says: /One direction/ }, 'As leather, and it shades like a pile.'),
  one('Vinyl, bag base seam', { structure: 'coated', family: 'vinyl' }, 'join', { point: ['jeans', 'sharp'], nm: [80, 100], lengthMm: [3, 4], foot: ['glide', 'roller', 'walking'], secure: 'knot' }, 'Short stitches perforate; no cutting point, no iron.'),
  one('Rain cloth, hood seam', { structure: 'coated', family: 'waterproof' }, 'join', { point: ['sharp', 'jeans'], nm: [70, 80], lengthMm: [2.5, 3.5], says: /leaks/ }, 'Fine sharp needle, few holes, each of which leaks.'),
  one('Faux fur, hat seam', knit('faux-fur'), 'join', { nm: [80, 90], says: /pile trimmed/i }, 'Pile out of the allowances first.'),
  one('Sequinned cloth, top seam', { structure: 'layered', family: 'sequins' }, 'join', { says: /glasses/ }, 'Sequins fly: glasses, and no iron.'),
  one('Hand-woven wool, wrap seam', woven('hand-woven'), 'join', { point: ['universal'], nm: [80, 100], lengthMm: [2.2, 2.7], says: /hours double/ }, 'About 10 per inch, universal 90, needles wear.'),
  one('Quilt sandwich, lines', { structure: 'layered', family: 'quilt-sandwich' }, 'quilt-lines', { point: ['quilting', 'sharp'], nm: [75, 90], foot: ['walking'], lengthMm: [2.5, 3.5], fibre: ['cotton', 'polyester'] }, 'Walking foot with a guide bar, 2.5 to 3.5 mm.'),
  one('A remnant nobody can name', { structure: 'woven' }, 'join', { stitch: ['straight'], nm: [70, 90] }, 'Treated as a plain medium woven, and little confidence is claimed.'),

  one('Jersey, hem', knit('jersey', { stretchAcross: 50 }), 'hem', { point: ['twin-stretch', 'twin'], stitch: ['straight'], lengthMm: [2.5, 3.5], says: /tape/ }, 'Two needles and tape in one fold.'),
  one('Jersey, topstitching', knit('jersey', { stretchAcross: 50 }), 'topstitch', { point: ['twin-stretch', 'ballpoint'], says: /one distance/ }, 'A line that gives: twin or narrow zigzag.'),
  one('Jersey, neckband in rib', knit('jersey', { stretchAcross: 50 }), 'band', { stitch: ['zigzag', 'lightning', 'three-step-zigzag'], says: /only the band stretched/ }, 'Quarters to quarters; the seam gives as far as the cloth.'),
  one('Jersey, elastic at the waist', knit('jersey', { stretchAcross: 50 }), 'elastic', { stitch: ['three-step-zigzag', 'zigzag'], widthMm: [3, 7], says: /children/ }, 'Wide and elastic.'),
  one('Denim, topstitching', woven('denim', { massGsm: 380 }), 'topstitch', { point: ['topstitch', 'jeans'], nm: [90, 110], lengthMm: [3, 4], stitch: ['straight'] }, 'Thick thread in a long eye, 3 to 4 mm.'),
  one('Denim, hem over a mock-felled seam, 9 layers', woven('denim', { massGsm: 340 }), 'hem', { point: ['jeans'], nm: [100, 110], says: /shim|folded scrap/ }, 'Levelled with a folded scrap, by hand-wheel.', { layers: 9 }),
  one('Silk, rolled hem', woven('silk', { massGsm: 45 }), 'rolled-hem', { foot: ['rolled-hem'], stitch: ['straight'], lengthMm: [1.5, 2.5], secure: 'knot' }, 'The scroll turns it twice; 2 mm holds the roll.'),
  one('Wool, blind hem', woven('wool'), 'blind-hem', { foot: ['blind-hem'], stitch: ['blind'], widthMm: [2, 4] }, 'One small bite each centimetre.'),
  one('Double knit, blind hem', knit('double-knit'), 'blind-hem', { stitch: ['stretch-blind', 'blind'] }, 'Small zigzags between the bites.'),
  one('Linen, edges', woven('linen'), 'edge-finish', { stitch: ['zigzag', 'three-step-zigzag', 'overlock-like'], widthMm: [3, 6] }, 'Just over the edge.'),
  one('Vinyl, edges', { structure: 'coated', family: 'vinyl' }, 'edge-finish', { stitch: ['straight'], says: /None needed/ }, 'It does not fray; a zigzag would tear it off.'),
  one('Lawn, casing for a cord', woven('lawn'), 'casing', { stitch: ['straight'], says: /children/ }, 'Stitched close to the fold; cords in children’s clothes are named.'),
  one('Quilt edge, binding', { structure: 'layered', family: 'quilt-sandwich' }, 'binding', { stitch: ['straight'], says: /back/ }, 'Close to the fold so that the back is caught.'),
  one('Canvas cushion, centred zip', woven('canvas'), 'zip-centred', { foot: ['zip'], stitch: ['straight'], lengthMm: [2.5, 3.5], says: /stop/i }, 'Pressed open first; metal is hand-wheeled past.'),
  one('Viscose dress, concealed zip', woven('viscose-woven'), 'zip-concealed', { foot: ['concealed-zip', 'zip'], stitch: ['straight'], says: /12 mm above the pull/ }, 'In the groove, stopping above the pull.'),
  one('Neoprene case, exposed zip', { structure: 'foam', family: 'neoprene', thicknessMm: 2.5 }, 'zip-exposed', { stitch: ['straight'], lengthMm: [3, 3.5], says: /window/ }, 'A window, glue or tape, three sides.'),
  one('Linen skirt, lapped zip', woven('linen'), 'zip-lapped', { foot: ['zip'], says: /lapped/ }, 'One side close, the other lapped over.'),
  one('Canvas cushion, piping', woven('canvas'), 'piping', { foot: ['zip'], stitch: ['straight'] }, 'The bar on one side, the needle against the cord.'),
  one('Poplin waistband, in the ditch', woven('poplin'), 'ditch', { foot: ['ditch'], lengthMm: [2.2, 3], says: /low side/ }, 'On the low side of the seam.'),
  one('Quilting cotton, strips', woven('poplin', { fibres: { cotton: 100 } }), 'strip-join', { lengthMm: [1.8, 2.2], fibre: ['cotton', 'polyester'], foot: ['quarter-inch', 'walking'], says: /Alternate the end/ }, '1.8 to 2 mm, ends alternated.'),
  one('Velvet, basting', woven('velvet'), 'baste', { stitch: ['straight'], lengthMm: [4, 6], tensionSteps: [-2, -0.5], secure: 'none', says: /this end is left open/ }, 'Long, loose and unsecured.'),
  one('Crêpe-like viscose neckline, stay-stitching', woven('viscose-woven'), 'stay', { lengthMm: [1.5, 2.5], says: /seam line/ }, 'On each layer alone, inside the seam line.'),
  one('Lawn facing, understitching', woven('lawn'), 'understitch', { stitch: ['straight'], lengthMm: [2, 3] }, 'Through the allowances, near the seam.'),
  one('Lawn skirt, gathers', woven('lawn'), 'gather', { lengthMm: [4, 5], tensionSteps: [-2, -1], says: /Two rows/ }, 'Two long rows a step or two looser.'),
  one('Wool bodice, dart', woven('wool'), 'dart', { stitch: ['straight'], secure: 'knot', says: /wide end/ }, 'From the wide end, tails tied at the point.'),
  one('Poplin gusset, reinforced corner', woven('poplin'), 'reinforce', { lengthMm: [0.5, 1.6] }, 'Very short stitches where it will be clipped.'),
  one('Denim pocket, bar tack', woven('denim'), 'bar-tack', { stitch: ['satin', 'zigzag'], lengthMm: [0.3, 0.6], widthMm: [1.5, 4] }, 'Narrow and dense.'),
  one('Leather strap, bar tack', { structure: 'hide', family: 'leather' }, 'bar-tack', { stitch: ['straight'], lengthMm: [2.5, 4] }, 'Dense stitches would cut it off.'),
  one('Poplin shirt, buttonhole', woven('poplin'), 'buttonhole', { stitch: ['buttonhole'], foot: ['buttonhole'], says: /pin across/ }, 'On the real layers with stabiliser.'),

  one('Jersey on a machine with fixed pressure', knit('jersey', { stretchAcross: 50 }), 'join', { pressure: [0.5, 0.5], foot: ['walking', 'dual-feed', 'glide', 'knit'], says: /pressure cannot be set/ }, 'The foot does what the dial cannot.', { machine: fixedPressure }),
  one('Jersey on a machine with a dial in words', knit('jersey', { stretchAcross: 50 }), 'join', { pressure: [0, 0.25] }, 'The reading is the word printed there.', { machine: letters }),
  one('Thin silk, raised pressure, where normal is the top of the dial', woven('silk'), 'join', { pressure: [0.5, 0.5] }, 'It cannot press harder than its top mark.', { machine: topIsNormal, schools: { 'thin-silk-pressure': 'raise' } }),
  one('Jersey on a straight-stitch machine', knit('jersey', { stretchAcross: 50 }), 'join', { blocked: 'give.short', missing: /zigzag/ }, 'Nothing it sews gives 25 %; a machine with zigzag is the way out.', { machine: straightOnly }),
  one('Swim cloth on a nine-millimetre machine', knit('swim'), 'join', { stitch: ['zigzag', 'three-step-zigzag'], widthMm: [2.5, 7] }, 'The walking foot’s opening, not the plate, bounds the swing.', { machine: nineWide }),
  one('Jersey with a tin of universal needles only', knit('jersey', { stretchAcross: 50 }), 'join', { point: ['universal'], missing: /Ballpoint/ }, 'The best of what is owned, and what one needle would gain.', { kit: { needles: [{ point: 'universal', nm: 80 }, { point: 'universal', nm: 90 }] } }),
  one('Concealed zip without a zip foot', woven('poplin'), 'zip-concealed', { blocked: 'kit.no-foot', missing: /zip/i }, 'No other foot gets beside the coil.', { kit: { feet: ['standard', 'walking'] } }),
  one('Anything with nothing owned', woven('poplin'), 'join', { blocked: 'kit.needles-empty' }, 'Named part by part.', { kit: { needles: [], threads: [], feet: [], plates: [] } }),
  one('Denim with an overlocker in the room', woven('denim'), 'edge-finish', { says: /overlocker/i }, 'Edges are what it is for; the setting does without it.', { kit: { overlocker: true } }),
  one('Stretch denim, 2 % elastane', woven('denim', { fibres: { cotton: 98, elastane: 2 } }), 'join', { point: ['jeans'], stitch: ['straight'], says: /sewn as a woven/ }, 'A stretch woven is not a knit.'),
  one('All-cotton jersey, seam that gives 25 %', knit('jersey', { stretchAcross: 50, fibres: { cotton: 100 } }), 'join', { fibre: ['cotton'], stitch: ['zigzag', 'triple-straight', 'lightning'], pressure: [0, 0] }, 'Cotton thread does not cut it; it comes back badly, so the lowest pressure.'),
  one('All-cotton jersey, seam that gives 40 %', knit('jersey', { stretchAcross: 60, fibres: { cotton: 100 } }), 'join', { fibre: ['polyester', 'elastic-polyester'] }, 'Past about 30 % the stretch of polyester counts more.', { requiredGive: 40 }),
  one('Jersey, triple-straight school', knit('jersey', { stretchAcross: 40 }), 'join', { stitch: ['triple-straight'] }, 'The school is followed as long as it gives enough.', { schools: { 'knit-stitch': 'triple-straight' } }),
  one('Jersey, wide-zigzag school', knit('jersey', { stretchAcross: 50 }), 'join', { stitch: ['zigzag'], widthMm: [4, 6], lengthMm: [1.2, 2], says: /trimmed to the stitching/ }, '1.5 × 5, then trimmed.', { schools: { 'knit-stitch': 'wide-zigzag' } }),
  one('Satin, pinning school', woven('satin'), 'join', { secure: 'knot' }, 'Pins only inside the allowance: holes stay.', { schools: { holding: 'pins' } }),
  one('Poplin, tight pocket curve of 6 mm', woven('poplin'), 'join', { point: ['universal'], stitch: ['straight'], lengthMm: [1, 1], says: /6 mm turns more than hands can steer/ }, 'No stitch turns more than about 8°, but none is shorter than 1 mm: turned on the needle. No zigzag for it.', { radiusMm: 6 }),
  one('Shirt pocket, corners of 15 mm', woven('poplin', { massGsm: 115 }), 'topstitch', { stitch: ['straight'], lengthMm: [2, 2], widthMm: [0, 0] }, 'Short enough to steer, still a straight stitch.', { radiusMm: 15 }),
  one('Jeans pocket, curve of 25 mm, seen', woven('denim', { massGsm: 400 }), 'topstitch', { stitch: ['straight'], lengthMm: [3, 3.5], tex: [50, 80], bobbinTex: [24, 30] }, 'A gentle curve takes hardly anything from the stitch; thick thread lies above only.', { radiusMm: 25 }),
  one('Jersey neckline, curve of 8 mm at its tightest', knit('jersey', { stretchAcross: 50 }), 'join', { stitch: ['zigzag'], widthMm: [1, 3], lengthMm: [1, 1.2] }, 'A short narrow zigzag goes round; one of 5 mm would not.', { radiusMm: 8 }),
  one('Leather, rounded flap of 12 mm', { structure: 'hide', family: 'leather', massGsm: 850, thicknessMm: 1.1 }, 'topstitch', { point: ['leather'], stitch: ['straight'], lengthMm: [3, 3], says: /needle down, lift/ }, 'Shorter than 3 mm would tear like a stamp: it is turned on the needle instead.', { radiusMm: 12 }),
  one('Thin suede, rounded flap of 12 mm', { structure: 'hide', family: 'suede', massGsm: 420, thicknessMm: 0.7 }, 'topstitch', { point: ['leather', 'sharp'], lengthMm: [2.5, 2.5] }, 'Under 0.9 mm a hide takes 2.5 mm.', { radiusMm: 12 }),
  one('Jersey edge, curve of half a millimetre', knit('jersey', { stretchAcross: 50 }), 'edge-finish', { blocked: 'stitch.curve-too-tight' }, 'Nothing that swings goes round it, and the refusal says which radius.', { radiusMm: 0.5 }),
  one('Poplin on a machine that clicks in whole millimetres', woven('poplin'), 'join', { point: ['universal'], stitch: ['straight'], lengthMm: [2, 3] }, 'The click changes the length, never the kind of stitch.', { machine: { ...PLAIN_MACHINE, name: 'whole millimetres', lengthStepMm: 1 } }),
  one('Jersey hem on a machine that clicks in halves', knit('jersey', { stretchAcross: 50 }), 'hem', { point: ['twin-stretch'], stitch: ['straight'], lengthMm: [3, 3] }, 'As on any other machine: two rows that give.', { machine: { ...PLAIN_MACHINE, name: 'halves', lengthStepMm: 0.5, widthStepMm: 0.5 } }),
  one('Canvas bag strap, topstitched, only thick thread owned', woven('canvas'), 'topstitch', { tex: [60, 60], bobbinTex: [60, 60] }, 'With nothing else owned it goes below as well, and that is said.', { kit: { needles: [{ point: 'topstitch', nm: 100 }], threads: [{ fibre: 'polyester', tex: 60 }], feet: ['standard'], plates: ['standard'] } }),
  one('Swim cloth on a machine that ties off', knit('swim', { fibres: { polyamide: 80, elastane: 20 } }), 'join', { secure: 'lock', says: /Let the machine tie off/ }, 'Where the machine can, it ties off small.', { machine: { ...PLAIN_MACHINE, name: 'ties off', autoLock: true } }),
  one('Poplin cuff, topstitched on a machine without reverse', woven('poplin'), 'topstitch', { secure: 'tails-to-back', says: /pull to the back/ }, 'A line that is seen takes its tails to the back; nothing is sewn back.', { machine: { ...PLAIN_MACHINE, name: 'no reverse', reverse: false } }),
  one('Poplin seam on a machine without reverse', woven('poplin'), 'join', { secure: 'short-stitch', says: /first few stitches at 1 mm/ }, 'Nothing says two back where the machine has no way back.', { machine: { ...PLAIN_MACHINE, name: 'no reverse', reverse: false } }),
  one('Sequinned panel, side seam', { structure: 'layered', family: 'sequins' }, 'join', { says: /finger-pressed open/ }, 'No iron: the seam is opened with a thumb.'),
  one('Denim seam, inside', woven('denim', { massGsm: 400 }), 'join', { tex: [35, 45], bobbinTex: [35, 45] }, 'A seam is sewn with one thread, above and below.'),
  one('Velvet over poplin', woven('velvet'), 'join', { foot: ['walking'], pressure: [0, 0.3], says: /Pile side up/ }, 'The plain cloth lies on the feed.', { second: { structure: 'woven', family: 'poplin' } }),
];

/** Settings that must be refused: one for each interlock. */
// prettier-ignore
export const REFUSALS: readonly Refusal[] = [
  { ask: 'Zigzag on the straight-stitch plate', setup: { plate: 'straight', stitch: 'zigzag', widthMm: 3 }, code: 'interlock.plate-needs-straight', why: 'One small hole: the swing strikes metal.' },
  { ask: 'Twin needle on the straight-stitch plate', setup: { plate: 'straight', needle: { point: 'twin', nm: 80, gapMm: 2 } }, code: 'interlock.plate-needs-one-needle', why: 'Two needles, one hole.' },
  { ask: 'Needle moved aside on the straight-stitch plate', setup: { plate: 'straight', needlePositionMm: 2 }, code: 'interlock.needle-off-hole', why: 'The hole does not move with it.' },
  { ask: 'Zigzag under a quarter-inch foot', setup: { foot: 'quarter-inch', stitch: 'zigzag', widthMm: 2 }, code: 'interlock.foot-needs-straight', why: 'Its hole takes a straight line only.' },
  { ask: 'Needle moved into the bar of a zip foot', setup: { foot: 'zip', footSide: 'right', needlePositionMm: 2 }, code: 'interlock.foot-opening', why: 'The bar stands there.' },
  { ask: '9 mm zigzag under a walking foot', setup: { foot: 'walking', stitch: 'zigzag', widthMm: 9 }, machine: { maxWidthMm: 9 }, code: 'interlock.foot-opening', why: 'Its opening is made for 7 mm.' },
  { ask: 'Twin needle 4 mm apart with a 5 mm zigzag', setup: { needle: { point: 'twin', nm: 80, gapMm: 4 }, stitch: 'zigzag', widthMm: 5 }, code: 'interlock.twin-slot', why: 'Gap and swing together do not fit the slot.' },
  { ask: '6 mm zigzag with the needle 2 mm aside', setup: { stitch: 'zigzag', widthMm: 6, needlePositionMm: 2 }, code: 'interlock.slot-reach', why: 'It would reach past the end of the slot.' },
  { ask: 'Needle moved on a machine with one position', setup: { needlePositionMm: 2 }, machine: { needlePositions: 1 }, code: 'interlock.needle-position', why: 'It stands in the centre only.' },
  { ask: 'Zigzag on a straight-stitch machine', setup: { stitch: 'zigzag', widthMm: 2 }, machine: { stitches: ['straight'] }, code: 'interlock.stitch-missing', why: 'It does not have it.' },
  { ask: 'A straight-stitch plate on a machine without one', setup: { plate: 'straight' }, machine: { plates: ['standard'] }, code: 'interlock.plate-missing', why: 'None is made for it.' },
  { ask: 'A walking foot on a machine it does not fit', setup: { foot: 'walking' }, machine: { feet: ['standard'] }, code: 'interlock.foot-missing', why: 'It cannot be fastened there.' },
  { ask: 'Straight stitch 2 mm wide', setup: { widthMm: 2 }, code: 'interlock.width-on-line', why: 'A line has no width; on some machines this moves the needle.' },
  { ask: 'A 6 mm stitch on a machine that makes 4', setup: { lengthMm: 6 }, machine: { maxLengthMm: 4 }, code: 'interlock.length-range', why: 'Longer than it feeds.' },
  { ask: 'A 7 mm zigzag on a machine that makes 5', setup: { stitch: 'zigzag', widthMm: 7 }, machine: { maxWidthMm: 5 }, code: 'interlock.width-range', why: 'Wider than it swings.' },
  { ask: 'Tension six steps up', setup: { tensionSteps: 6 }, code: 'interlock.tension-range', why: 'Past the end of the dial.' },
  { ask: 'Heavy pressure where normal is the top', setup: { pressure: 1 }, machine: { pressureDial: { positions: [1, 2, 3], normal: 3 } }, code: 'interlock.pressure-range', why: 'It cannot press harder.' },
  { ask: 'Twelve layers of 1.2 mm under a 5 + 2 mm lift', setup: {}, layers: 12, code: 'interlock.layers-over-lift', why: 'They do not go under the foot.' },
];
