import { bandFor, bandWarnings, felledSeam, frenchSeam } from '../seam';
import { ALLOWANCE, length, number, optional, THICKNESS } from './asks';
import type { Calculation } from './types';

const WARNING = {
  overstretched: 'The band would be stretched by more than half its limit, so it may pucker. Cut it longer.',
  gapes: 'It recovers poorly and may gape.',
  'stays-stretched': 'It does not recover and stays stretched. Use another fabric for the band.',
} as const;

/** Widths that add up, and bands. */
export const SEAMS: readonly Calculation[] = [
  {
    id: 'french',
    rests: 'common-practice',
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
    rests: 'common-practice',
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
    rests: 'common-practice',
    name: 'Band or rib',
    group: 'Seams and zips',
    about: 'How long to cut a band, and whether it goes over the head.',
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
      const passes = { true: 'yes', false: 'no: cut it longer, or use a band that stretches more' };
      return {
        results: [
          { label: 'Cut the band', value: found.cutMm, unit: 'mm', main: true },
          { label: 'Band as a share of the opening', value: 100 * found.ratio, unit: 'percent', digits: 0 },
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
];
