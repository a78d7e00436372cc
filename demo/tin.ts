/** The needle tin and the spools of the demo workroom. Everything in them is made up. */
import type { NeedleRecord, ThreadRecord } from '../src/core/file';
import type { Needle, Thread } from '../src/core/kit';

const AT = '2026-09-05T10:00:00Z';
const day = (date: number) => `2026-11-${String(date).padStart(2, '0')}T17:00:00Z`;

interface Pack {
  key: string;
  needle: Needle;
  /** Hours on each needle of the pack; the last words may say that one is spent. */
  hours: number[];
  sewed?: { what: string; clothId: string; hours: number }[];
  spent?: { at: number; why: NonNullable<NeedleRecord['spent']> };
  where?: string;
}

// prettier-ignore
const PACKS: Pack[] = [
  { key: 'universal-60', needle: { point: 'universal', nm: 60 }, hours: [0.8, 0], sewed: [{ what: 'Silk habotai bunting', clothId: 'habotai', hours: 0.8 }] },
  { key: 'universal-70', needle: { point: 'universal', nm: 70 }, hours: [2.1, 0, 0] },
  { key: 'universal-80', needle: { point: 'universal', nm: 80 }, hours: [4.6, 0, 0, 0], sewed: [{ what: 'Cotton sateen headscarf', clothId: 'sateen', hours: 1.9 }, { what: 'Lawn for the curtains', clothId: 'lawn', hours: 2.7 }] },
  { key: 'universal-90', needle: { point: 'universal', nm: 90 }, hours: [0, 0] },
  { key: 'ballpoint-75', needle: { point: 'ballpoint', nm: 75 }, hours: [1.2, 0, 0], sewed: [{ what: 'Polar fleece hat', clothId: 'fleece', hours: 1.2 }] },
  { key: 'ballpoint-80', needle: { point: 'ballpoint', nm: 80 }, hours: [0] },
  { key: 'stretch-75', needle: { point: 'stretch', nm: 75 }, hours: [5.4, 0], sewed: [{ what: 'Merino jersey', clothId: 'merino', hours: 5.4 }] },
  { key: 'jeans-90', needle: { point: 'jeans', nm: 90 }, hours: [3.9, 0], sewed: [{ what: 'Apron denim', clothId: 'denim', hours: 3.9 }] },
  { key: 'jeans-100', needle: { point: 'jeans', nm: 100 }, hours: [3.4, 1.1, 0], sewed: [{ what: 'Deck canvas', clothId: 'deck', hours: 3.4 }], spent: { at: 1, why: 'struck' } },
  { key: 'twin-stretch-75', needle: { point: 'twin-stretch', nm: 75, gapMm: 2.5 }, hours: [0.3], where: 'machine drawer' },
];

/** Hours by cloth, the newest first, as entries a day apart. */
const entries = (sewed: NonNullable<Pack['sewed']>) =>
  sewed.map(({ what, clothId, hours }, i) => ({ id: `sewn-${i + 1}`, at: day(12 - i), by: hours, clothId, what }));

export const NEEDLES: NeedleRecord[] = PACKS.flatMap(({ key, needle, hours, sewed, spent, where }) =>
  hours.map((used, i) => ({
    id: `${key}-${i + 1}`,
    needle,
    pack: `pack of ${hours.length}`,
    where: where ?? 'tobacco tin',
    sewn: i === 0 && sewed ? entries(sewed) : used > 0 ? [{ id: 'before', at: AT, by: used }] : [],
    spent: spent?.at === i ? spent.why : null,
    notes: '',
    addedAt: AT,
  })),
);

// prettier-ignore
const SPOOLS: [Thread, string, string, string, ThreadRecord['purpose'], number?][] = [
  [{ fibre: 'polyester', tex: 18 }, 'Tkt 160', 'ecru', '#ded3ba', 'seams', 180],
  [{ fibre: 'polyester', tex: 27 }, 'Tex 27', 'storm grey', '#8a929b', 'all-purpose', 640],
  [{ fibre: 'polyester', tex: 27 }, 'Tex 27', 'rust', '#a8532f', 'all-purpose', 90],
  [{ fibre: 'polyester', tex: 40 }, 'Tkt 75', 'sand', '#c8b48a', 'seams', 300],
  [{ fibre: 'polyester', tex: 60 }, 'Tkt 50', 'ochre', '#c98f2b', 'topstitching', 75],
  [{ fibre: 'cotton', tex: 30 }, 'Ne 20', 'cream', '#efe6cf', 'all-purpose', 220],
];

export const THREADS: ThreadRecord[] = SPOOLS.map(([thread, printed, colourName, colour, purpose, metresLeft], i) => ({
  id: `spool-${i + 1}`,
  thread,
  printed,
  colourName,
  colour,
  purpose,
  // The rust one came from a market stall.
  quality: colourName === 'rust' ? 'unknown' : 'good',
  metres: metresLeft === undefined ? [] : [{ id: 'before', at: AT, by: metresLeft }],
  where: i < 4 ? 'biscuit box' : 'machine drawer',
  notes: '',
  addedAt: AT,
}));
