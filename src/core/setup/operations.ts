/** Everything that is sewn, by what the person would call it. */
export const OPERATION_KINDS = [
  'join',
  'strip-join',
  'topstitch',
  'hem',
  'rolled-hem',
  'blind-hem',
  'edge-finish',
  'band',
  'elastic',
  'casing',
  'binding',
  'zip-centred',
  'zip-concealed',
  'zip-exposed',
  'zip-lapped',
  'piping',
  'ditch',
  'quilt-lines',
  'baste',
  'stay',
  'understitch',
  'gather',
  'dart',
  'reinforce',
  'bar-tack',
  'buttonhole',
] as const;
export type OperationKind = (typeof OPERATION_KINDS)[number];

/** How a person would look for an operation. */
export const OPERATION_GROUPS: readonly { name: string; kinds: readonly OperationKind[] }[] = [
  { name: 'Seams', kinds: ['join', 'strip-join', 'piping'] },
  { name: 'Hems and edges', kinds: ['hem', 'rolled-hem', 'blind-hem', 'edge-finish', 'binding'] },
  { name: 'Bands and elastic', kinds: ['band', 'elastic', 'casing'] },
  { name: 'Zips', kinds: ['zip-centred', 'zip-concealed', 'zip-exposed', 'zip-lapped'] },
  { name: 'Lines', kinds: ['topstitch', 'ditch', 'quilt-lines', 'understitch', 'stay', 'baste'] },
  { name: 'Shape', kinds: ['dart', 'gather'] },
  { name: 'Firm spots', kinds: ['reinforce', 'bar-tack', 'buttonhole'] },
];

/** What an operation asks of a setting. */
export interface OperationFacts {
  id: OperationKind;
  /** Its name in a sentence: "a side seam". */
  name: string;
  /** Layers unless said otherwise. */
  layers: number;
  /** Share of the give in wear that this operation has to follow, a plain seam being 1. */
  giveShare: number;
  /** Cloth layers are joined here for the first time, so they can creep on each other. */
  joins: boolean;
  /** The stitching is meant to be seen. */
  shows: boolean;
  /** Twin needles make sense here. */
  twin: boolean;
  /** Holes this close are what the operation is for (a bar tack, a buttonhole), not a fault of it. */
  dense: boolean;
  /** Steps of needle tension from normal that the operation itself asks for: loose rows are pulled up or out again. */
  tensionSteps: number;
  allowanceMm: number;
}

type Row = [
  id: OperationKind,
  name: string,
  layers: number,
  giveShare: number,
  allowanceMm: number,
  marks: readonly ('joins' | 'shows' | 'twin' | 'dense')[],
  tensionSteps?: number,
];

// Layers are the contract's defaults; shares, allowances and tension are common practice.
// prettier-ignore
const ROWS: Row[] = [
  ['join', 'a plain seam', 2, 1, 10, ['joins']],
  ['strip-join', 'a strip seam', 2, 0, 6.35, ['joins']],
  ['topstitch', 'topstitching', 3, 0.8, 6, ['shows', 'twin']],
  ['hem', 'a hem', 2, 0.8, 20, ['shows', 'twin']],
  ['rolled-hem', 'a rolled hem', 2, 0.4, 3, ['shows']],
  ['blind-hem', 'a blind hem', 2, 0.5, 30, []],
  ['edge-finish', 'an edge finish', 2, 1, 3, []],
  ['band', 'a neckband or cuff', 2, 1.2, 6, ['joins']],
  ['elastic', 'elastic sewn on', 2, 1.4, 6, ['joins']],
  ['casing', 'a casing', 2, 0.8, 15, ['shows']],
  ['binding', 'a binding', 2, 0.6, 6, ['shows', 'joins']],
  ['zip-centred', 'a centred zip', 2, 0, 15, ['shows']],
  ['zip-concealed', 'a concealed zip', 2, 0, 15, ['joins']],
  ['zip-exposed', 'an exposed zip', 2, 0, 10, ['shows']],
  ['zip-lapped', 'a lapped zip', 2, 0, 15, ['shows']],
  ['piping', 'piping', 2, 0, 15, ['joins']],
  ['ditch', 'stitching in the ditch', 2, 0.6, 10, []],
  ['quilt-lines', 'quilting lines', 3, 0, 25, ['shows', 'joins']],
  ['baste', 'basting', 2, 0, 10, ['joins'], -1],
  ['stay', 'stay-stitching', 2, 0, 10, []],
  ['understitch', 'understitching', 2, 0.4, 10, []],
  ['gather', 'gathering rows', 2, 0, 10, [], -1.5],
  ['dart', 'a dart', 2, 0, 10, ['joins']],
  ['reinforce', 'a reinforced line', 2, 0, 10, ['dense']],
  ['bar-tack', 'a bar tack', 2, 0, 10, ['shows', 'dense'], -0.5],
  ['buttonhole', 'a buttonhole', 2, 0, 15, ['shows', 'dense'], -1],
];

/** Every operation by its id. */
export const OPERATION: Readonly<Record<OperationKind, OperationFacts>> = Object.fromEntries(
  ROWS.map(([id, name, layers, giveShare, allowanceMm, marks, tensionSteps]) => [
    id,
    {
      id,
      name,
      layers,
      giveShare,
      joins: marks.includes('joins'),
      shows: marks.includes('shows'),
      twin: marks.includes('twin'),
      dense: marks.includes('dense'),
      tensionSteps: tensionSteps ?? 0,
      allowanceMm,
    } satisfies OperationFacts,
  ]),
) as unknown as Record<OperationKind, OperationFacts>;
