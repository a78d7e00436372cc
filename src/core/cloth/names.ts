import type { Cloth } from './cloth';
import type { Family } from './families';
import type { Structure } from './structures';
import type { Trait } from './words';

/** What a name that is read on a label or said in a shop implies of a cloth. */
export interface NamedCloth {
  family: Family;
  /** How it is built, where that is not as its family usually is. */
  structure?: Structure;
  /** What it usually weighs, g/m², where the family's usual is far from it. */
  massGsm?: number;
  /** The fibres that the name itself says, percent. */
  fibres?: Cloth['fibres'];
  /** What it does beyond its family. */
  traits?: readonly Trait[];
}

/** A row of the table: what the names imply, and the names, in lower case. */
interface NameRow extends NamedCloth {
  names: readonly string[];
}

/**
 * Every name that is understood. The longest one found in a text counts, and of two as long the later one: "silk satin" is a
 * satin. Names that mean two things stand in `doubtfulNames.ts`. What shops and patterns say on both sides of the Atlantic (common
 * practice); what each usually weighs is from memory.
 */
// prettier-ignore
export const NAME_ROWS: readonly NameRow[] = [
  // Knits.
  { family: 'jersey', names: ['jersey', 't-shirt jersey', 'tee shirt fabric', 't-shirt', 'tee', 'single jersey', 'single knit', 'cotton jersey', 'cotton spandex jersey', 'merino jersey', 'merino', 'wool jersey', 'slub jersey', 'organic jersey'] },
  { family: 'jersey', massGsm: 200, names: ['interlock', 'interlock knit', 'cotton interlock'] },
  { family: 'slinky-jersey', names: ['slinky', 'slinky jersey', 'slinky knit', 'viscose jersey', 'rayon jersey', 'rayon spandex', 'rayon knit', 'drapey jersey', 'bamboo jersey', 'bamboo knit', 'modal jersey', 'modal', 'ity', 'ity jersey', 'silk jersey', 'lyocell jersey'] },
  { family: 'slinky-jersey', massGsm: 160, fibres: { polyester: 100 }, names: ['double brushed poly', 'dbp', 'brushed poly', 'double brushed polyester'] },
  { family: 'rib', names: ['rib', 'ribbing', 'cuff rib', 'rib knit', '2x2 rib', '1x1 rib', 'tubular rib', 'cuffing'] },
  { family: 'double-knit', names: ['double knit', 'doubleknit', 'milano', 'ponte', 'ponte roma', 'ponte de roma', 'ponti', 'punto', 'roma', 'roma knit'] },
  { family: 'double-knit', massGsm: 280, names: ['french terry', 'looped-back jersey', 'loopback', 'loopback jersey', 'loopback sweatshirting', 'sweatshirting', 'sweatshirt fabric', 'sweatshirt fleece', 'brushed back sweatshirting', 'jogging fabric'] },
  { family: 'double-knit', massGsm: 320, names: ['jeggings', 'jegging', 'denim look jersey', 'knit denim', 'jersey denim'] },
  { family: 'scuba', names: ['scuba', 'scuba knit', 'scuba crepe', 'techno', 'techno crepe'] },
  { family: 'scuba', massGsm: 300, names: ['spacer', 'spacer knit', 'spacer mesh', '3d mesh', 'air mesh'] },
  { family: 'fleece', names: ['fleece', 'polar fleece', 'microfleece', 'anti-pill fleece', 'minky', 'minkee', 'cuddle fleece', 'plush', 'sherpa fleece', 'teddy fleece', 'velour', 'knit velour', 'stretch velvet'] },
  { family: 'sweater-knit', names: ['sweater knit', 'sweater', 'jumper knit', 'chunky knit', 'hacci', 'cable knit', 'boucle knit', 'pointelle'] },
  { family: 'swim', names: ['swim', 'swimwear', 'swim fabric', 'swimsuit fabric', 'leggings', 'legging fabric', 'activewear', 'sportswear', 'athletic knit', 'nylon spandex', 'power stretch', 'yoga fabric', 'dancewear'] },
  { family: 'mesh', names: ['mesh', 'power mesh', 'powernet', 'power net', 'stretch mesh', 'net', 'athletic mesh', 'bra tulle'] },
  { family: 'mesh', massGsm: 30, names: ['tulle', 'bridal tulle', 'illusion', 'soft tulle'] },
  { family: 'lace', names: ['lace', 'stretch lace', 'guipure', 'chantilly', 'corded lace', 'galloon', 'broderie lace', 'crochet lace'] },
  { family: 'faux-fur', names: ['faux fur', 'fake fur', 'fur', 'fun fur', 'sherpa', 'teddy', 'shearling look'] },

  // Cottons and the like.
  { family: 'lawn', fibres: { cotton: 100 }, names: ['lawn', 'cotton lawn', 'batiste', 'cambric', 'nainsook', 'cotton voile'] },
  { family: 'lawn', traits: ['sheer'], names: ['voile', 'organdy', 'dotted swiss', 'swiss dot', 'cheesecloth'] },
  { family: 'poplin', names: ['poplin', 'shirting', 'pinpoint', 'broadcloth', 'percale', 'sateen', 'cotton sateen', 'gingham', 'madras', 'end on end', 'chintz', 'ticking stripe', 'microfibre', 'microfiber', 'peachskin'] },
  { family: 'poplin', fibres: { cotton: 100 }, names: ['quilting cotton', 'patchwork cotton', 'craft cotton', 'cotton', 'cotton print', 'plain cotton', 'batik', 'ankara', 'african wax', 'wax print', 'broderie anglaise', 'eyelet'] },
  { family: 'poplin', massGsm: 170, fibres: { cotton: 100 }, traits: ['napped'], names: ['cotton flannel', 'winceyette'] },
  { family: 'poplin', massGsm: 140, names: ['oxford', 'oxford cloth', 'oxford shirting', 'chambray'] },
  { family: 'poplin', massGsm: 125, names: ['seersucker', 'plisse', 'cotton crepe'] },
  { family: 'poplin', massGsm: 150, names: ['dobby', 'pique cotton', 'jacquard cotton'] },
  { family: 'double-gauze', names: ['double gauze', 'gauze', 'cotton gauze', 'triple gauze', 'crinkle gauze', 'muslin gauze'] },
  { family: 'linen', names: ['linen', 'handkerchief linen', 'linen viscose', 'linen cotton', 'linen blend', 'ramie', 'hemp'] },
  { family: 'viscose-woven', names: ['viscose', 'rayon', 'challis', 'viscose challis', 'rayon challis', 'woven viscose', 'viscose poplin', 'lyocell', 'cupro'] },
  { family: 'viscose-woven', names: ['crepe', 'viscose crepe', 'rayon crepe', 'morocain', 'marocain'], traits: ['loose'] },
  { family: 'canvas', names: ['canvas', 'duck', 'duck canvas', 'sailcloth', 'tent canvas', 'upholstery', 'upholstery fabric', 'home decor', 'bull denim', 'waxed canvas', 'deckchair canvas', 'ticking', 'moleskin'] },
  { family: 'canvas', massGsm: 250, names: ['gabardine', 'gaberdine', 'cotton drill', 'drill', 'twill', 'cotton twill', 'chino', 'chino twill', 'cavalry twill', 'panama'] },
  { family: 'denim', names: ['denim', 'jeans', 'selvedge denim', 'raw denim'] },
  { family: 'denim', massGsm: 320, fibres: { cotton: 98, elastane: 2 }, names: ['stretch denim'] },
  { family: 'corduroy', names: ['corduroy', 'cord', 'needlecord', 'babycord', 'pinwale', 'jumbo cord', 'wide wale', 'fine wale'] },
  { family: 'velvet', names: ['velvet', 'velveteen', 'crushed velvet', 'panne velvet', 'silk velvet', 'devore', 'burnout velvet', 'upholstery velvet'] },
  { family: 'terry', names: ['terry', 'terry cloth', 'terrycloth', 'towelling', 'toweling', 'towel', 'terry towelling', 'waffle', 'honeycomb waffle', 'chenille'] },
  { family: 'hand-woven', names: ['hand-woven', 'handwoven', 'hand woven', 'khadi', 'ikat', 'kente', 'loose tweed'] },

  // Wools.
  { family: 'wool', names: ['wool', 'wool suiting', 'suiting', 'worsted', 'tropical wool', 'tweed', 'herringbone', 'houndstooth', 'tartan', 'plaid', 'wool crepe', 'wool flannel', 'boucle'] },
  { family: 'wool', massGsm: 420, names: ['melton', 'coating', 'wool coating', 'coat-weight wool', 'coatweight wool', 'overcoating', 'felted wool', 'loden', 'duffel', 'cashmere coating'] },
  { family: 'wool', massGsm: 380, names: ['boiled wool'], structure: 'knit' },
  { family: 'wool', massGsm: 250, names: ['wool gabardine', 'wool challis', 'merino suiting'] },

  // Silks and what looks like them.
  { family: 'silk', names: ['silk', 'habotai', 'habutai', 'china silk', 'pongee', 'light silk', 'silk noil', 'raw silk', 'tussah'] },
  { family: 'silk', massGsm: 100, names: ['dupion', 'dupioni', 'shantung', 'doupioni'] },
  { family: 'silk', massGsm: 70, names: ['crepe de chine', 'cdc', 'silk crepe', 'crepe-de-chine', 'silk twill'] },
  { family: 'satin', names: ['satin', 'charmeuse', 'bridal satin', 'duchess satin', 'crepe back satin', 'satin back crepe', 'slipper satin', 'hammered satin', 'sandwashed satin'] },
  { family: 'satin', massGsm: 90, names: ['taffeta', 'moire', 'silk taffeta', 'brocade', 'jacquard'] },
  { family: 'chiffon', names: ['chiffon', 'georgette', 'silk chiffon', 'crinkle chiffon', 'crepe georgette', 'yoryu'] },
  { family: 'chiffon', massGsm: 40, names: ['organza', 'silk organza', 'mirror organza', 'gazar'], traits: ['stiff'] },
  { family: 'lining', names: ['lining', 'lining fabric', 'acetate lining', 'cupro lining', 'viscose lining', 'taffeta lining', 'silk lining', 'anti-static lining', 'polyester lining', 'rayon lining'] },

  // Technical, coated, thick.
  { family: 'ripstop', names: ['ripstop', 'ripstop nylon', 'kite cloth', 'spinnaker', 'parachute', 'parachute silk', 'down-proof', 'windbreaker'] },
  { family: 'waterproof', names: ['waterproof', 'waterproof fabric', 'rainwear', 'laminate', 'pul', 'water-resistant', 'showerproof', 'raincoat fabric', 'rain cloth', 'outdoor fabric'] },
  { family: 'waterproof', massGsm: 280, names: ['softshell', 'soft shell'] },
  { family: 'vinyl', names: ['vinyl', 'pvc', 'faux leather', 'leatherette', 'pleather', 'vegan leather', 'marine vinyl', 'patent vinyl'] },
  { family: 'vinyl', massGsm: 240, names: ['oilcloth', 'oil cloth', 'laminated cotton', 'coated cotton', 'cork', 'cork fabric'] },
  { family: 'neoprene', names: ['neoprene', 'wetsuit', 'wetsuit fabric', 'wetsuit neoprene'] },
  { family: 'leather', names: ['leather', 'hide', 'cowhide', 'nappa', 'lambskin', 'pigskin', 'goatskin'] },
  { family: 'suede', names: ['suede', 'nubuck', 'split leather'] },
  { family: 'suede', structure: 'woven', massGsm: 190, fibres: { polyester: 100 }, names: ['faux suede', 'suedette', 'microsuede'] },
  { family: 'sequins', names: ['sequin', 'sequins', 'sequinned', 'sequined', 'sequin mesh', 'beaded'] },
  { family: 'quilt-sandwich', names: ['quilt', 'quilt sandwich', 'quilted', 'pre-quilted', 'quilted cotton', 'matelasse'] },
];
