import type { Family, Structure, Trait } from './words';

/** A low, usual and high value. */
export type Range = readonly [low: number, usual: number, high: number];

/** What a family is usually like. Ranges are common practice and memory; a measurement always beats them. */
export interface FamilyFacts {
  id: Family;
  /** Its name in a sentence. */
  name: string;
  structure: Structure;
  /** Words in a cloth's own name that point to this family; the longest match wins. */
  alsoCalled: readonly string[];
  massGsm: Range;
  /** Bulk density, kg/m³: thickness in mm = g/m² ÷ kg/m³. */
  density: number;
  stretchAcross: Range;
  stretchAlong: Range;
  recovery: Range;
  /** Share of the cloth's stretch that a garment seam has to follow. */
  wearShare: number;
  traits: readonly Trait[];
}

type Row = [Family, string, Structure, string, Range, number, Range, Range, Range, number, Trait[]?];

const NONE: Range = [0, 0, 2];
const SET: Range = [80, 95, 100];

// prettier-ignore
const ROWS: Row[] = [
  // id, name, structure, also called, g/m², kg/m³, across %, along %, recovery %, share, traits
  ['jersey', 'jersey', 'knit', 'jersey,t-shirt,tee,single knit,interlock,merino jersey', [120, 170, 260], 290, [25, 50, 90], [5, 25, 60], [70, 88, 98], 0.5, ['curls']],
  ['slinky-jersey', 'slinky jersey', 'knit', 'slinky,viscose jersey,slinky jersey,drapey jersey,bamboo jersey', [140, 200, 280], 380, [50, 80, 130], [25, 50, 100], [60, 80, 95], 0.55, ['curls', 'slippery']],
  ['rib', 'rib', 'knit', 'rib,ribbing,cuff rib', [180, 260, 380], 260, [60, 100, 160], [5, 20, 40], [80, 92, 99], 0.5],
  ['double-knit', 'double knit', 'knit', 'double knit,ponte,milano,looped-back jersey,sweatshirting', [220, 300, 400], 330, [15, 30, 60], [3, 15, 40], [80, 92, 99], 0.5],
  ['scuba', 'scuba', 'knit', 'scuba', [220, 300, 420], 300, [20, 40, 70], [10, 25, 60], [85, 94, 99], 0.5],
  ['fleece', 'fleece', 'knit', 'fleece,polar fleece', [150, 240, 350], 110, [20, 35, 60], [2, 5, 20], [70, 85, 96], 0.5, ['napped', 'heat-sensitive']],
  ['sweater-knit', 'sweater knit', 'knit', 'sweater knit,sweater,chunky knit,jumper knit', [200, 320, 500], 160, [40, 70, 130], [15, 40, 90], [50, 75, 92], 0.45, ['loose']],
  ['swim', 'swim cloth', 'knit', 'swim,swimwear,leggings,activewear,sport jersey', [150, 190, 260], 360, [70, 110, 180], [50, 80, 150], [88, 95, 99], 0.65, ['slippery', 'heat-sensitive']],
  ['terry', 'terry', 'woven', 'terry,towelling,toweling', [250, 380, 550], 150, NONE, NONE, SET, 0, ['frays']],
  ['lace', 'lace', 'knit', 'lace', [60, 110, 200], 260, [5, 25, 80], [2, 10, 50], [60, 85, 98], 0.4, ['sheer']],
  ['mesh', 'mesh', 'knit', 'mesh,net,tulle,power mesh', [30, 90, 180], 240, [10, 50, 120], [5, 35, 100], [70, 88, 98], 0.5, ['sheer']],
  ['lawn', 'lawn', 'woven', 'lawn,voile,batiste,cambric', [60, 80, 105], 480, NONE, NONE, SET, 0, ['frays']],
  ['poplin', 'poplin', 'woven', 'poplin,quilting cotton,cotton,shirting,calico,gingham,sateen', [105, 130, 180], 540, NONE, NONE, SET, 0, ['frays']],
  ['linen', 'linen', 'woven', 'linen', [120, 190, 280], 450, NONE, NONE, SET, 0, ['frays']],
  ['viscose-woven', 'woven viscose', 'woven', 'viscose,rayon,challis,woven viscose', [90, 120, 170], 480, NONE, NONE, SET, 0, ['frays', 'slippery']],
  ['wool', 'wool', 'woven', 'wool,tweed,flannel,melton', [180, 280, 450], 330, [0, 2, 6], [0, 1, 4], SET, 0, ['frays']],
  ['denim', 'denim', 'woven', 'denim,jeans', [200, 370, 560], 480, NONE, NONE, SET, 0, ['frays', 'stiff']],
  ['canvas', 'canvas', 'woven', 'canvas,duck,sailcloth', [220, 340, 600], 540, NONE, NONE, SET, 0, ['frays', 'stiff']],
  ['corduroy', 'corduroy', 'woven', 'corduroy,cord,needlecord', [180, 290, 420], 330, NONE, NONE, SET, 0, ['frays', 'napped']],
  ['silk', 'light silk', 'woven', 'silk,habotai,light silk,silk lining,dupion', [30, 60, 110], 420, NONE, NONE, SET, 0, ['frays', 'slippery', 'water-marks']],
  ['satin', 'satin', 'woven', 'satin,charmeuse', [70, 100, 160], 480, NONE, NONE, SET, 0, ['frays', 'slippery', 'holes-stay', 'heat-sensitive']],
  ['chiffon', 'chiffon', 'woven', 'chiffon,georgette,organza', [20, 40, 70], 330, [0, 1, 4], [0, 1, 4], SET, 0, ['frays', 'slippery', 'sheer']],
  ['velvet', 'velvet', 'woven', 'velvet,velveteen', [180, 260, 380], 210, [0, 1, 5], [0, 1, 5], SET, 0, ['napped', 'frays', 'water-marks']],
  ['double-gauze', 'double gauze', 'woven', 'double gauze,gauze,muslin', [90, 125, 160], 240, [0, 2, 5], [0, 2, 5], SET, 0, ['frays', 'loose']],
  ['ripstop', 'ripstop', 'woven', 'ripstop,kite cloth,spinnaker', [30, 55, 110], 620, NONE, NONE, SET, 0, ['slippery', 'holes-stay', 'heat-sensitive']],
  ['neoprene', 'neoprene', 'foam', 'neoprene,wetsuit', [350, 700, 1200], 280, [15, 40, 80], [10, 30, 60], [85, 95, 99], 0.25, ['holes-stay', 'heat-sensitive']],
  ['leather', 'leather', 'hide', 'leather,hide', [450, 850, 1400], 800, [0, 3, 10], [0, 2, 8], SET, 0, ['holes-stay', 'heat-sensitive', 'stiff']],
  ['suede', 'suede', 'hide', 'suede,nubuck', [350, 600, 1000], 700, [0, 4, 12], [0, 3, 10], SET, 0, ['holes-stay', 'heat-sensitive', 'napped']],
  ['vinyl', 'vinyl', 'coated', 'vinyl,faux leather,leatherette,oilcloth', [300, 600, 900], 850, [0, 5, 20], [0, 3, 10], SET, 0, ['holes-stay', 'heat-sensitive']],
  ['waterproof', 'waterproof cloth', 'coated', 'waterproof,rainwear,laminate,softshell', [80, 150, 300], 520, [0, 2, 10], [0, 2, 8], SET, 0, ['holes-stay', 'heat-sensitive', 'slippery']],
  ['faux-fur', 'faux fur', 'knit', 'faux fur,fur,sherpa', [300, 550, 900], 140, [0, 10, 25], [0, 5, 15], [60, 80, 95], 0.2, ['napped', 'heat-sensitive']],
  ['sequins', 'sequinned cloth', 'layered', 'sequin,sequins,sequinned', [180, 300, 500], 300, [0, 10, 50], [0, 5, 30], [60, 80, 95], 0.2, ['heat-sensitive']],
  ['hand-woven', 'hand-woven cloth', 'woven', 'hand-woven,handwoven,hand woven', [150, 280, 450], 260, [0, 2, 6], [0, 2, 6], SET, 0, ['frays', 'loose']],
  ['quilt-sandwich', 'quilt sandwich', 'layered', 'quilt,quilt sandwich,quilted', [300, 420, 650], 75, [0, 1, 4], [0, 1, 4], SET, 0],
  ['other', 'cloth', 'woven', '', [60, 160, 450], 420, [0, 0, 15], [0, 0, 10], [60, 90, 100], 0.4],
];

/** Every family by its id. */
export const FAMILY: Readonly<Record<Family, FamilyFacts>> = Object.fromEntries(
  ROWS.map(([id, name, structure, called, massGsm, density, across, along, recovery, wearShare, traits]) => [
    id,
    {
      id,
      name,
      structure,
      alsoCalled: called.split(',').filter(Boolean),
      massGsm,
      density,
      stretchAcross: across,
      stretchAlong: along,
      recovery,
      wearShare,
      traits: traits ?? [],
    } satisfies FamilyFacts,
  ]),
) as unknown as Record<Family, FamilyFacts>;

/** Share of its thickness that stays under a stitch, by structure (model). */
export const SQUASH: Readonly<Record<Structure, number>> = {
  woven: 0.9,
  knit: 0.7,
  foam: 0.5,
  hide: 0.9,
  coated: 0.9,
  layered: 0.3,
};

/** The same for cloth with a pile or an open weave, whatever its structure (model). */
export const SOFT_SQUASH = 0.4;

/**
 * The family a cloth's own name points to.
 *
 * @param name - what the person calls it
 * @returns the family whose name or other name is the longest one found in it, or null
 * @example
 * familyFromName('Grey cotton jersey') // => 'jersey'
 * familyFromName('silk satin') // => 'satin'
 * familyFromName('mystery remnant') // => null
 */
export function familyFromName(name: string): Family | null {
  const text = ` ${name.toLowerCase().replace(/[^a-z0-9-]+/g, ' ')} `;
  let best: { family: Family; weight: number } | null = null;
  for (const facts of Object.values(FAMILY)) {
    for (const word of facts.alsoCalled) {
      const at = text.indexOf(` ${word} `);
      // Later words name the thing ("silk satin" is a satin), so position breaks ties before length.
      const weight = at < 0 ? -1 : word.split(' ').length * 1000 + at + word.length;
      if (weight > (best?.weight ?? -1)) best = { family: facts.id, weight };
    }
  }
  return best?.family ?? null;
}
