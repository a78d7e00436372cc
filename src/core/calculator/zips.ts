import { SOLD_MM, ZIP_KINDS, zipPlan, zipToBuy } from '../seam';
import { ALLOWANCE, choice, length, STITCH_LENGTH } from './asks';
import type { Calculation, Result, SewnAs } from './types';

const ZIP_NAME: Readonly<Record<(typeof ZIP_KINDS)[number], string>> = {
  centred: 'centred',
  concealed: 'concealed',
  exposed: 'exposed, in a window',
  lapped: 'lapped',
  'between-folds': 'between two folded edges',
};
const kindIs = (...kinds: (typeof ZIP_KINDS)[number][]) =>
  ['kind', kinds.map((kind) => ZIP_KINDS.indexOf(kind))] as const;
const ROW_NAME: Readonly<Record<string, string>> = {
  left: 'Each row',
  bar: 'Across, below the stop',
  hidden: 'Hidden row',
  lap: 'Row on the lap',
};
const POSITION_NAME: Readonly<Record<string, string>> = {
  bottomStop: 'Mark the bottom stop',
  bar: 'Sew across',
  grooveEnd: 'Stop in the groove',
  seamStart: 'Start the rest of the seam',
};
const sewnAs = (kind: (typeof ZIP_KINDS)[number], procedure: string, row: string | null): SewnAs => ({
  procedure,
  only: kindIs(kind),
  takes: {
    zipMm: 'zip',
    topMm: 'top',
    coilWidthMm: 'coilWidth',
    coilToTapeEdgeMm: 'tape',
    ...(kind !== 'exposed' && { allowanceMm: 'allowance' }),
    ...(row && { topstitchMm: row }),
  },
});

/** Where a zip that is bought is sewn in; not every operation asks for its opening. */
const bought = (kind: (typeof ZIP_KINDS)[number], procedure: string, opening: string | null): SewnAs => ({
  procedure,
  only: kindIs(kind),
  takes: { topMm: 'top', ...(opening && { openingMm: opening }) },
});

/** What is done with a zip of the length that is got. */
const THEN = {
  'sew-to-notch':
    'Sew it to the notch, then cut it off below and tack it. You cannot sew past the slider, so buy it longer.',
  'as-it-is': 'Sew it in as it is.',
  shorten: 'Shorten it before you sew it in: a coil from the bottom, metal or moulded teeth from the top.',
  'by-the-metre': 'No zip this long is sold in one piece: buy it by the metre, with sliders.',
} as const;
const SOLD = ['metric', 'inch'] as const;
/** A length as it is printed on the pack. */
const printed = (mm: number, sold: (typeof SOLD)[number]) => (sold === 'inch' ? `${mm / 25.4} in` : `${mm / 10} cm`);

/** Where a zip goes, and which one to get. */
export const ZIPS: readonly Calculation[] = [
  {
    id: 'zip',
    rests: 'common-practice',
    name: 'Zip',
    group: 'Seams and zips',
    about: 'Where every part of a zip goes, measured from the raw top edge.',
    asks: [
      choice(
        'kind',
        'How it is set',
        ZIP_KINDS.map((kind) => ZIP_NAME[kind]),
      ),
      length('zipMm', 'Zip, top stop to bottom stop', 180, 40, 1500),
      length('topMm', 'Raw top edge to the top stop', 20, 0, 300),
      ALLOWANCE,
      length('coilWidthMm', 'Coil or teeth across', 6, 2, 12),
      length('coilToTapeEdgeMm', 'Middle of the coil to the tape’s edge', 13, 4, 40),
      { ...length('topstitchMm', 'Rows from the middle', 7, 3, 30), only: kindIs('centred', 'exposed', 'lapped') },
      { ...length('shownMm', 'Tape that shows beside the teeth', 3, 0, 20), only: kindIs('between-folds') },
      STITCH_LENGTH,
    ],
    work: (answers) => {
      const found = zipPlan({
        kind: ZIP_KINDS[answers.kind!],
        zipMm: answers.zipMm!,
        topMm: answers.topMm!,
        allowanceMm: answers.allowanceMm!,
        coilWidthMm: answers.coilWidthMm!,
        coilToTapeEdgeMm: answers.coilToTapeEdgeMm!,
        topstitchMm: answers.topstitchMm ?? 7,
        lengthMm: answers.lengthMm!,
        ...(answers.shownMm !== undefined && { shownMm: answers.shownMm }),
      });
      if ('blocked' in found) return found;
      const along = Object.entries(POSITION_NAME).flatMap(([name, label]): Result[] => {
        const mm = found.positions[name]?.alongMm;
        return mm === undefined
          ? []
          : [{ label: `${label}, from the raw top edge`, value: mm, unit: 'mm', main: name === 'bottomStop' }];
      });
      const across = (['rightFold', 'rightRow'] as const).flatMap((name): Result[] => {
        const mm = found.positions[name]?.acrossMm;
        const label = name === 'rightFold' ? 'Fold, from the middle' : 'Row, from the middle';
        return mm === undefined ? [] : [{ label, value: mm, unit: 'mm' }];
      });
      const rows = Object.entries(found.stitches).flatMap(([name, row]): Result[] =>
        ROW_NAME[name]
          ? [{ label: ROW_NAME[name], value: `${row.count} stitches of ${row.lengthMm.toFixed(2)} mm` }]
          : [],
      );
      const tape = found.tapeFromRawEdgeMm;
      return {
        results: [
          ...along,
          ...across,
          ...rows,
          {
            label: tape < 0 ? 'The tape overhangs the raw edge by' : 'Tape edge from the raw edge',
            value: Math.abs(tape),
            unit: 'mm',
          },
        ],
      };
    },
    sewn: [
      sewnAs('centred', 'zip-centred', 'row'),
      sewnAs('concealed', 'zip-concealed', null),
      sewnAs('exposed', 'zip-exposed', 'row'),
      sewnAs('lapped', 'zip-lapped', 'lap'),
    ],
  },
  {
    id: 'zip-to-buy',
    rests: 'common-practice',
    name: 'Which zip to buy',
    group: 'Seams and zips',
    about: 'A zip is sold by the length of its teeth, top stop to bottom stop, not by its tape or the opening.',
    asks: [
      choice(
        'kind',
        'How it is set',
        ZIP_KINDS.map((kind) => ZIP_NAME[kind]),
      ),
      length('openingMm', 'Raw top edge to the end of the opening', 200, 40, 2000),
      length('topMm', 'Raw top edge to the top stop', 20, 0, 300),
      choice('sold', 'Zips are sold by the', ['centimetre', 'inch']),
    ],
    work: ({ kind, openingMm, topMm, sold }) => {
      const by = SOLD[sold!];
      const found = zipToBuy({ kind: ZIP_KINDS[kind!], openingMm: openingMm!, topMm: topMm!, sold: by });
      if ('blocked' in found) return found;
      const { buyMm, leastMm, teethMm, tooLongMm, then } = found;
      return {
        results: [
          { label: 'Buy', value: buyMm === null ? 'by the metre' : printed(buyMm, by), main: true },
          { label: 'Teeth needed for the opening', value: teethMm, unit: 'mm' },
          { label: 'The zip measures at least', value: leastMm, unit: 'mm' },
          ...(tooLongMm > 0 ? [{ label: 'Longer than needed by', value: tooLongMm, unit: 'mm' } as const] : []),
          { label: 'Lengths on sale', value: SOLD_MM[by].map((mm) => printed(mm, by).split(' ')[0]).join(', ') },
        ],
        notes: [THEN[then]],
      };
    },
    sewn: [
      bought('centred', 'zip-centred', 'opening'),
      bought('concealed', 'zip-concealed', 'opening'),
      bought('exposed', 'zip-exposed', null),
      bought('lapped', 'zip-lapped', null),
      bought('between-folds', 'zip-between-folds', null),
    ],
  },
];
