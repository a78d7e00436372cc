import { PLAIN_MACHINE } from '../src/core/kit';
import type { MatchRequest } from '../src/core/match';
import { type Case, type Cloth, knit, one, woven } from './caseTypes';

const hide = (family: 'leather' | 'suede', thicknessMm: number): Cloth => ({ structure: 'hide', family, thicknessMm });
const foam = (thicknessMm: number): Cloth => ({ structure: 'foam', family: 'neoprene', thicknessMm });
const clicks = (step: number): Pick<MatchRequest, 'machine'> => ({
  machine: { ...PLAIN_MACHINE, name: `clicks of ${step}`, lengthStepMm: step, widthStepMm: step },
});
const only = (kit: MatchRequest['kit']): Pick<MatchRequest, 'kit'> => ({ kit });

const rows = (rests: string, refutes: string, cases: readonly Case[]): Case[] =>
  cases.map((one) => ({ refutes, ...one, why: `${one.why} (${rests})` }));

/** Curves and dials that click. */
// prettier-ignore
const CURVES = rows('a stitch turns 8° at most; clicks change the length, never the kind', 'A zigzag, because no straight stitch of the dial was left.', [
  one('Lawn collar, radius 10', woven('lawn'), 'join', { lengthMm: [1.2, 1.5] }, 'Shortened so that it can be steered.', { radiusMm: 10 }),
  one('Wool cape, radius 40', woven('wool'), 'join', {}, 'Gentle: nothing is taken from the stitch.', { radiusMm: 40 }),
  one('Canvas bag base, radius 20', woven('canvas'), 'topstitch', { point: ['topstitch', 'jeans'], lengthMm: [2.5, 2.9] }, 'A little shorter, still one line.', { radiusMm: 20 }),
  one('Vinyl corner, radius 10', { structure: 'coated', family: 'vinyl' }, 'topstitch', { lengthMm: [3, 3], says: /is too tight to steer by hand/ }, 'Turned on the needle: shorter would tear.', { radiusMm: 10 }),
  one('Silk armhole, radius 30', woven('silk', { massGsm: 50 }), 'join', { }, 'Its own short stitch goes round.', { radiusMm: 30 }),
  one('Linen yoke on a dial of half millimetres', woven('linen'), 'join', { lengthMm: [2.5, 2.5] }, 'The mark on the dial.', clicks(0.5)),
  one('Silk seam on a dial of half millimetres', woven('silk', { massGsm: 50 }), 'join', { lengthMm: [1.5, 2] }, 'The nearest mark, the same stitch.', clicks(0.5)),
  one('Jersey seam on a dial of half millimetres', knit('jersey', { stretchAcross: 50 }), 'join', { stitch: ['zigzag'], lengthMm: [2.5, 2.5] }, 'The nearest mark, the same stitch.', clicks(0.5)),
  one('Denim topstitching on whole millimetres', woven('denim', { massGsm: 380 }), 'topstitch', { point: ['topstitch', 'jeans'], lengthMm: [3, 4] }, 'The nearest mark, the same stitch.', clicks(1)),
]);

/** Two unlike cloths in one seam. */
// prettier-ignore
const PAIRS = rows('two fabrics, part by part', 'One of the two fabrics deciding everything for both.', [
  one('Denim and a rib cuff', woven('denim', { massGsm: 370 }), 'band', { point: ['universal', 'jeans'], nm: [80, 90], tex: [24, 40], pressure: [0, 0.5], says: /Put rib underneath/ }, 'Neither a ballpoint through denim nor a needle 100 in rib.', { second: knit('rib'), }),
  one('Canvas and jersey', woven('canvas'), 'join', { point: ['universal', 'jeans'], nm: [80, 90], pressure: [0, 0.5], seam: /finish the edge of canvas/, pressC: [110, 110] }, 'The ballpoint that jersey wants is vetoed by canvas.', { second: knit('jersey') }),
  one('Coat-weight wool and silk lining', woven('wool', { massGsm: 450, thicknessMm: 2.2, name: 'Coat' }), 'join', { nm: [70, 75], secure: ['knot'], seam: /^Plain seam/, steam: ['no'], pressC: [150, 150], says: /Silk: hold it with silk pins inside the allowance, cut it in a single layer between two sheets of white tissue/, never: /Coat: held [^.]*tissue/ }, 'No French seam in a coat, and the tissue sandwich is for the silk alone.', { second: woven('silk', { massGsm: 50, name: 'Silk' }) }),
  one('Coat-weight wool and rib', woven('wool', { massGsm: 450, thicknessMm: 2.2 }), 'join', { point: ['universal', 'sharp', 'jeans'], nm: [80, 90], pressure: [0, 0.5], tex: [24, 40] }, 'Felted wool vetoes the ballpoint.', { second: knit('rib') }),
  one('Leather and rib', hide('leather', 1), 'join', { point: ['leather', 'jeans'], nm: [80, 95], seam: /Plain seam/, pressure: [0, 0.5], says: /cutting point next to knitted loops|Lay rib/ }, 'Hide needs its point, and the loops beside it are warned of.', { second: knit('rib') }),
  one('Vinyl and poplin', { structure: 'coated', family: 'vinyl' }, 'join', { tex: [18, 60], hold: /clips/, seam: /only the edge of poplin/ }, 'Holes stay in one of them: no pins for both.', { second: woven('poplin') }),
  one('Vinyl and jersey', { structure: 'coated', family: 'vinyl' }, 'join', { point: ['universal', 'sharp', 'jeans', 'ballpoint'], nm: [75, 90], tex: [18, 60], pressure: [0, 0.5], seam: /finger-pressed open/, hold: /clips/ }, 'No pin in vinyl, no iron on it, a point that both bear.', { second: knit('jersey') }),
  one('Velvet and satin', woven('velvet'), 'join', { point: ['sharp', 'universal'], nm: [65, 75], secure: ['knot'], steam: ['no'], pressC: [110, 110], seam: /velvet on top/, says: /face down on a towel/ }, 'It says both ways of laying it under the iron.', { second: woven('satin') }),
  one('Velvet on velvet', woven('velvet'), 'join', { seam: /piles facing each other/, says: /Both have a pile/ }, 'Both of pile is a case of its own.', { second: woven('velvet', { name: 'Collar velvet' }) }),
  one('Chiffon and silk', woven('chiffon'), 'join', { nm: [60, 65], pressC: [110, 150] }, 'Both are fine: a French seam still.', { second: woven('silk', { massGsm: 40 }) }),
  one('Lace and satin', knit('lace'), 'join', { point: ['universal', 'sharp', 'ballpoint'], nm: [60, 75], stitch: ['straight'], widthMm: [0, 0], lengthMm: [1.5, 2.5], secure: ['knot'], steam: ['no'] }, 'The firmer one decides the stitch.', { second: woven('satin') }),
  one('Neoprene and jersey', foam(2.5), 'join', { point: ['ballpoint', 'stretch', 'universal', 'jeans'], nm: [80, 95], seam: /^Plain seam/, tensionSteps: [0, 2], pressure: [0, 0.5], widthMm: [2, 6] }, 'One of them has allowances, so it is not abutted.', { second: knit('jersey') }),
  one('Two neoprenes', foam(2.5), 'join', {}, 'Both are foam: abutted.', { second: foam(3) }),
  one('Lawn and canvas', woven('lawn'), 'join', { point: ['jeans', 'universal', 'sharp'], nm: [75, 90], lengthMm: [2.2, 3.2], tex: [18, 40] }, 'At most two sizes above what the lawn wants.', { second: woven('canvas') }),
  one('Poplin and jersey', woven('poplin'), 'join', { point: ['ballpoint', 'universal'], nm: [70, 80], pressure: [0, 0.5], steam: ['no', 'little'], says: /Put jersey underneath/ }, 'The loops break worst; the stretchier one lies on the feed.', { second: knit('jersey') }),
  one('Corduroy and poplin', woven('corduroy'), 'join', { nm: [70, 85], seam: /corduroy on top/ }, 'The pile on top.', { second: woven('poplin') }),
  one('Double knit and its lining', knit('double-knit'), 'join', { point: ['ballpoint', 'universal', 'stretch'], nm: [65, 80], stitch: ['straight'], widthMm: [0, 0], lengthMm: [1.5, 2.5], pressure: [0, 0.5], secure: ['knot'], steam: ['no'], seam: /^Plain seam/ }, 'The lining does not stretch, so the seam need not.', { second: woven('lining') }),
]);

/** Hems. */
// prettier-ignore
const HEM_CASES = rows('never one line on a knit; one fold where two are a ridge', 'One single line on a knit, or two folds where one is a ridge.', [
  one('Velvet skirt, hem', woven('velvet'), 'hem', { stitch: ['blind'], seam: /^Turn once/ }, 'Turned once, caught blind.'),
  one('Coat-weight wool, hem', woven('wool', { massGsm: 450, thicknessMm: 2.2 }), 'hem', { stitch: ['blind'], nm: [90, 100], seam: /^Turn once/ }, 'A second fold would be 6 mm thick.'),
  one('Bath robe, hem', woven('terry'), 'hem', { stitch: ['blind'], seam: /^Turn once/ }, 'Loops are not folded twice.'),
  one('Corduroy, hem', woven('corduroy'), 'hem', { stitch: ['blind'], seam: /^Turn once/ }, 'The pile is not pressed flat.'),
  one('Woven lace, hem', woven('lace'), 'hem', { point: ['universal', 'sharp'], stitch: ['zigzag'], nm: [65, 80], lengthMm: [1.8, 3], pressure: [0.5, 0.5], steam: ['no'], seam: /own finished edge/ }, 'Its own edge, or a narrow fold.'),
  one('Knitted lace, hem', knit('lace'), 'hem', { seam: /no tape/ }, 'Tape would show through.'),
  one('Fleece, hem', knit('fleece'), 'hem', { seam: /edge left as it is/, never: /fusible/ }, 'It melts under the iron that fuses tape.'),
  one('Double knit, hem', knit('double-knit'), 'hem', { point: ['twin-stretch', 'twin'], nm: [75, 90], stitch: ['straight'] }, 'Twins are sold in few sizes; its weight does not rule them out.'),
  one('Heavy sweater knit, hem', knit('sweater-knit', { massGsm: 460 }), 'hem', { point: ['twin-stretch', 'twin'], nm: [75, 90], stitch: ['straight'], pressure: [0, 0.25] }, 'Two rows still.'),
  one('Jersey hem that must give 20%', knit('jersey', { stretchAcross: 50 }), 'hem', { point: ['twin-stretch', 'twin'], stitch: ['straight'] }, 'Two rows give enough.', { requiredGive: 20 }),
  one('Jersey hem that must give 40%', knit('jersey', { stretchAcross: 50 }), 'hem', { point: ['ballpoint', 'stretch'], stitch: ['zigzag'], widthMm: [1, 3.5] }, 'Past what two rows give: a zigzag.', { requiredGive: 40 }),
  one('Jersey hem with no twin needle owned', knit('jersey', { stretchAcross: 50 }), 'hem', { point: ['ballpoint'], stitch: ['zigzag'], widthMm: [0.5, 2.5] }, 'Never one single line.', only({ needles: [{ point: 'ballpoint', nm: 75 }] })),
  one('Poplin, hem', woven('poplin'), 'hem', { seam: /^Fold twice/, stitch: ['straight'] }, 'Three layers, closed in.'),
  one('Denim, hem', woven('denim', { massGsm: 370 }), 'hem', { seam: /^Fold twice/, stitch: ['straight'], lengthMm: [2.8, 4] }, 'Three layers under the foot.'),
  one('Vinyl, hem', { structure: 'coated', family: 'vinyl' }, 'hem', {}, 'One raw turn, glued.'),
  one('Quilt edge, hem asked for', { structure: 'layered', family: 'quilt-sandwich' }, 'hem', { seam: /^No hem: bind the edge/ }, 'Bound instead.'),
]);

/** Thick, lofty, napped; many layers; leather by its thickness. */
// prettier-ignore
const THICK = rows('loft is not density; leather goes by thickness; a crossing is a way', 'A needle by grams of pile or nap, or an empty refusal.', [
  one('Coat-weight wool, 2.2 mm', woven('wool', { massGsm: 450, thicknessMm: 2.2 }), 'join', { nm: [90, 100], lengthMm: [2.8, 3.2], tensionSteps: [0, 0.5] }, 'Sewn with 90 to 100 at about 3 mm.'),
  one('Coat-weight wool, 2.3 mm', woven('wool', { massGsm: 450, thicknessMm: 2.3 }), 'join', { nm: [90, 100], lengthMm: [2.8, 3.2], tensionSteps: [0, 0.5] }, 'A tenth of a millimetre changes nothing.'),
  one('Cotton velvet, heavy', woven('velvet', { massGsm: 350, fibres: { cotton: 100 } }), 'join', { nm: [80, 90], steam: ['little'], pressC: [150, 150] }, 'Grams of pile are not strength.'),
  one('Corduroy, wide wale', woven('corduroy', { massGsm: 380 }), 'join', { nm: [80, 90], tex: [24, 40], bobbinTex: [24, 40] }, 'By what it is, not by its pile.'),
  one('Heavy terry', woven('terry', { massGsm: 500 }), 'join', { nm: [80, 100] }, 'Loops weigh, and do not resist.'),
  one('Suede, 0.8 mm', hide('suede', 0.8), 'join', { point: ['leather', 'jeans', 'sharp'], nm: [80, 90], tensionSteps: [-1, 0.5] }, 'Its nap is no loft.'),
  one('Leather, 0.9 mm', hide('leather', 0.9), 'join', { nm: [80, 90] }, 'To 0.9 mm 80 to 90.'),
  one('Leather, 1 mm', hide('leather', 1), 'join', { nm: [90, 100] }, 'About 1 mm 90 to 100.'),
  one('Leather, 1.6 mm', hide('leather', 1.6), 'join', { nm: [110, 110] }, 'From 1.5 mm 110.'),
  one('Chambray, sold as denim of 140 g/m²', woven('denim', { massGsm: 140, name: 'Chambray' }), 'join', { as: 'poplin', says: /chambray/ }, 'Chambray is no denim.'),
  one('Jeans hem over a crossing of 12 layers', woven('denim', { massGsm: 340 }), 'hem', { nm: [110, 110], lengthMm: [2.8, 4], tensionSteps: [0, 2], says: /Hammer the crossing flat/ }, 'Hammer, grade, level, walk over it by hand.', { layers: 12 }),
  one('Jeans hem over a crossing of 11 layers', woven('denim', { massGsm: 400 }), 'hem', { nm: [110, 110], tensionSteps: [0, 2], says: /handwheel/ }, 'The same.', { layers: 11 }),
  one('Heaviest denim, 12 layers', woven('denim', { massGsm: 520 }), 'hem', { blocked: 'interlock.layers-over-lift', says: /this machine cannot sew it/ }, 'Even hammered it is over the lift.', { layers: 12 }),
  one('Two neoprenes of 4 mm', foam(4), 'join', { says: /heavy-duty/ }, 'Past a domestic machine, said.'),
]);

/** Thread, heat, slippery cloth, lining. */
// prettier-ignore
const THREAD_AND_HEAT = rows('strength before number; heat follows the fibre, laying the structure', 'The thread whose number is nearest, and 200 °C with steam whatever the fibre.', [
  one('Denim with fine cotton and thick polyester owned', woven('denim'), 'join', { tex: [60, 60], bobbinTex: [30, 60] }, 'No fine cotton because its number is nearer.', only({ threads: [{ fibre: 'cotton', tex: 30 }, { fibre: 'polyester', tex: 60 }] })),
  one('Jersey with a cheap spool and a good one', knit('jersey', { stretchAcross: 50 }), 'join', { tex: [24, 24] }, 'A spool known as cheap is left on the shelf.', only({ threads: [{ fibre: 'polyester', tex: 27, cheap: true }, { fibre: 'polyester', tex: 24 }] })),
  one('Jersey with only a cheap spool', knit('jersey', { stretchAcross: 50 }), 'join', { tex: [27, 27] }, 'It is used, and that is said.', only({ threads: [{ fibre: 'polyester', tex: 27, cheap: true }] })),
  one('Canvas, topstitched in thick thread', woven('canvas'), 'topstitch', { tex: [50, 80], bobbinTex: [24, 30], point: ['topstitch', 'jeans'], lengthMm: [3, 4] }, 'Thick above only.'),
  one('A woven of unknown fibre', woven('other'), 'join', { pressC: [110, 110], steam: ['no'], says: /start at one dot/ }, 'Starts at one dot.'),
  one('Cotton poplin', woven('poplin', { fibres: { cotton: 100 } }), 'join', { pressC: [200, 200], steam: ['yes'] }, 'Cotton takes three dots.'),
  one('Polycotton', woven('poplin', { fibres: { cotton: 65, polyester: 35 } }), 'join', { pressC: [150, 150], steam: ['little', 'no'] }, 'The most delicate fibre decides.'),
  one('Pure silk', woven('silk', { massGsm: 60, fibres: { silk: 100 } }), 'join', { pressC: [150, 150], never: /melts/ }, 'Two dots, dry; it does not melt.'),
  one('Polyester habotai', woven('silk', { massGsm: 60, fibres: { polyester: 100 } }), 'join', { pressC: [110, 110], never: /water leaves marks/ }, 'One dot; it takes no water marks.'),
  one('Silk satin', woven('satin', { fibres: { silk: 100 } }), 'join', { pressC: [150, 150], never: /melts/ }, 'Silk satin takes two dots.'),
  one('Polyester satin', woven('satin', { fibres: { polyester: 100 } }), 'join', { pressC: [110, 110], says: /melts/ }, 'One dot for satins.'),
  one('Acetate lining', woven('lining', { fibres: { acetate: 100 } }), 'join', { pressC: [110, 110] }, 'One dot, no steam.'),
  one('Viscose lining', woven('lining', { fibres: { viscose: 100 } }), 'join', { pressC: [150, 150], foot: ['standard', 'straight', 'glide'] }, 'No steam on viscose lining.'),
  one('Wool and nylon coating', woven('wool', { massGsm: 380, fibres: { wool: 80, nylon: 20 } }), 'join', { pressC: [110, 110], nm: [80, 100] }, 'Nylon takes one dot.'),
  one('Elastane denim', woven('denim', { fibres: { cotton: 98, elastane: 2 } }), 'join', {}, 'Two in a hundred do not count for heat.'),
  one('Stretch poplin with 6% elastane', woven('poplin', { fibres: { cotton: 94, elastane: 6 } }), 'join', { pressC: [150, 150] }, 'Any elastane that counts takes two dots.'),
  one('Slippery remnant of 80 g/m²', woven('other', { massGsm: 80, traits: ['slippery'] }), 'join', { nm: [60, 70], lengthMm: [1.5, 2], tex: [14, 27], secure: ['knot'], hold: /silk-pins/ }, 'Slippery is a behaviour, not a name.'),
  one('Fine viscose of 95 g/m²', woven('viscose-woven', { massGsm: 95 }), 'join', { nm: [65, 75], lengthMm: [1.5, 2.2], tex: [14, 27], secure: ['knot'], hold: /silk-pins/, steam: ['no'], seam: /^French/ }, 'Handled like silk.'),
  one('Slippery cloth of 150 g/m²', woven('other', { massGsm: 150, traits: ['slippery'] }), 'join', { hold: /^pins/ }, 'Heavier, it is an ordinary woven.'),
]);

/** What the machine can do; what cannot be done. */
// prettier-ignore
const MACHINES = rows('what this machine and kit can do', 'A refusal, or one that names the wrong reason.', [
  one('Elastic on poplin that must give 60%', woven('poplin'), 'elastic', {}, 'The fabric is gathered: its own stretch is no limit.', { requiredGive: 60 }),
  one('Waistband of stretch denim', woven('denim', { stretchAcross: 20, fibres: { cotton: 97, elastane: 3 } }), 'band', { stitch: ['triple-straight', 'zigzag', 'lightning', 'straight'], widthMm: [0, 3] }, 'Worn across, it must give what the fabric gives.'),
  one('Viscose cut on the bias', woven('viscose-woven'), 'join', { stitch: ['straight', 'zigzag', 'triple-straight'], widthMm: [0, 1], says: /Bias edges stretch/ }, 'About 10% on the bias.', { direction: 'bias' }),
  one('Jersey on a machine with the straight-stitch plate alone', knit('jersey', { stretchAcross: 50 }), 'join', { blocked: 'kit.needs-plate', missing: /Standard plate/ }, 'It needs the standard plate, and that is what is said.', { machine: { ...PLAIN_MACHINE, name: 'one plate', plates: ['straight'] } }),
  one('Denim with ballpoints only', woven('denim'), 'join', { blocked: 'kit.no-needle', missing: /Jeans/ }, 'A ballpoint does not pierce it.', only({ needles: [{ point: 'ballpoint', nm: 90 }] })),
  one('Buttonhole in neoprene', foam(2.5), 'buttonhole', { foot: ['buttonhole', 'standard'], secure: ['tails-to-back'] }, 'A slit with one line round it.'),
  one('Buttonhole in leather', hide('leather', 1), 'buttonhole', { nm: [90, 110] }, 'The same.'),
  one('Two quilts joined', { structure: 'layered', family: 'quilt-sandwich' }, 'join', {}, 'Never sewn through and pressed open.'),
  one('Velvet on a machine with two feet', woven('velvet'), 'join', { foot: ['standard'], pressure: [0, 0.3] }, 'With no walking foot, the least pressure.', { machine: { ...PLAIN_MACHINE, name: 'two feet', feet: ['standard', 'zip'] } }),
  one('Zip on a machine with one needle position', woven('poplin'), 'zip-centred', {}, 'The foot moves, not the needle.', { machine: { ...PLAIN_MACHINE, name: 'one position', needlePositions: 1 } }),
  one('Mesh, gathers', knit('mesh'), 'gather', { point: ['ballpoint', 'stretch'], secure: ['none'] }, 'Long and loose, ends free.'),
  one('Chiffon, rolled hem', woven('chiffon'), 'rolled-hem', { lengthMm: [1.5, 2.5], secure: ['knot'] }, 'A narrow roll, knotted.'),
]);

/** Cases at the edges that people reach every week. */
export const EDGE_CASES: readonly Case[] = [
  ...CURVES,
  ...PAIRS,
  ...HEM_CASES,
  ...THICK,
  ...THREAD_AND_HEAT,
  ...MACHINES,
];
