import { bandFor, bandWarnings, felledSeam, frenchSeam, ZIP_KINDS, zipPlan } from '../seam';
import { ALLOWANCE, choice, length, number, optional, STITCH_LENGTH, THICKNESS } from './asks';
import type { Calculation, Result, SewnAs } from './types';

const WARNING = {
  overstretched: 'It would be stretched by more than half of what it can: it may pucker. Cut it longer.',
  gapes: 'It recovers badly and may gape.',
  'stays-stretched': 'It does not recover: it will stay stretched. Take another fabric for the band.',
} as const;

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

/** Widths that add up, bands and zips. */
export const SEAMS: readonly Calculation[] = [
  {
    id: 'french',
    name: 'French seam',
    group: 'Seams and zips',
    about: 'How to split the allowance into the two rows.',
    asks: [ALLOWANCE, length('trimMm', 'Trimmed to, after the first row', 3, 1.5, 10), THICKNESS],
    work: ({ allowanceMm, trimMm, thicknessMm }) => {
      const found = frenchSeam({ allowanceMm: allowanceMm!, trimMm: trimMm!, thicknessMm: thicknessMm! });
      if ('blocked' in found) return found;
      return {
        results: [
          { label: 'First row, wrong sides together', value: found.firstMm, unit: 'mm', main: true },
          { label: 'Trim to', value: found.trimMm, unit: 'mm' },
          { label: 'Second row, right sides together', value: found.secondMm, unit: 'mm' },
        ],
        adds: [{ parts: [found.firstMm, found.secondMm], whole: allowanceMm! }],
      };
    },
    sewn: [{ procedure: 'french', takes: { allowanceMm: 'allowance', trimMm: 'trim' } }],
  },
  {
    id: 'felled',
    name: 'Flat-felled seam',
    group: 'Seams and zips',
    about: 'The widths of a flat-felled seam in your fabric.',
    asks: [
      { ...ALLOWANCE, usual: 16 },
      length('trimMm', 'Under edge trimmed to', 6, 2, 20),
      { ...THICKNESS, usual: 0.8 },
    ],
    work: ({ allowanceMm, trimMm, thicknessMm }) => {
      const found = felledSeam({ allowanceMm: allowanceMm!, trimMm: trimMm!, thicknessMm: thicknessMm! });
      if ('blocked' in found) return found;
      return {
        results: [
          { label: 'Finished band', value: found.bandMm, unit: 'mm', main: true },
          { label: 'Tucked under', value: found.tuckMm, unit: 'mm' },
          { label: 'Topstitch from the fold', value: found.topstitchFromFoldMm, unit: 'mm' },
        ],
      };
    },
    sewn: [{ procedure: 'flat-felled', takes: { allowanceMm: 'allowance', trimMm: 'trim' } }],
  },
  {
    id: 'band',
    name: 'Band or rib',
    group: 'Seams and zips',
    about: 'How long to cut a band, and whether it passes over the head.',
    asks: [
      length('openingMm', 'Round the opening, at the seam line', 600, 100, 3000),
      optional(length('bandWidthMm', 'Finished width of the band', 20, 5, 200)),
      optional(number('stretch', 'The band stretches', 'percent', 60, 0, 400)),
      optional(number('recovery', 'It recovers', 'percent', 90, 0, 100)),
      optional(length('girthMm', 'It has to pass', 570, 60, 2000)),
      length('joinAllowanceMm', 'Seam allowance at each end', 10, 0, 50),
    ],
    work: ({ openingMm, bandWidthMm, stretch, recovery, girthMm, joinAllowanceMm }) => {
      const found = bandFor({
        openingMm: openingMm!,
        joinAllowanceMm: joinAllowanceMm!,
        ...(bandWidthMm !== undefined && { bandWidthMm }),
        ...(stretch !== undefined && { stretch }),
        ...(girthMm !== undefined && { girthMm }),
      });
      const passes = { true: 'yes', false: 'no: cut it longer, or take a band that stretches more' };
      return {
        results: [
          { label: 'Cut the band', value: found.cutMm, unit: 'mm', main: true },
          { label: 'Band to opening', value: 100 * found.ratio, unit: 'percent', digits: 0 },
          { label: 'Quarter marks on the band, every', value: found.quarterBandMm, unit: 'mm' },
          { label: 'and on the opening, every', value: found.quarterOpeningMm, unit: 'mm' },
          ...(found.passesGirth === undefined
            ? []
            : [
                {
                  label: 'Does it pass',
                  value: found.passesGirth === null ? null : passes[`${found.passesGirth}`],
                },
              ]),
        ],
        notes: bandWarnings(found.ratio, stretch, recovery).map((warning) => WARNING[warning]),
      };
    },
    sewn: [
      {
        procedure: 'neck-band',
        takes: { openingMm: 'opening', bandWidthMm: 'width', stretch: 'stretch', girthMm: 'girth' },
      },
    ],
  },
  {
    id: 'zip',
    name: 'Zip',
    group: 'Seams and zips',
    about: 'Where everything of a zip goes, measured from the raw top edge.',
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
];
