import { type Structure, STRUCTURES } from '../cloth';
import { bobbinCapacity, PACKING, POINT, POINTS, THREAD_FIBRES, threadNeedle } from '../kit';
import type { Provenance } from '../result';
import { cannot, SEAM_USE, SEAM_USES, seamStrength } from '../seam';
import { threadUse } from '../stitch';
import { formatNeedleSize, formatNumber, NEEDLE_SIZES, texFrom, THREAD_SYSTEMS, threadNumbers } from '../units';
import {
  choice,
  FIBRE_ASK,
  length,
  number,
  optional,
  SEWN_THICKNESS,
  STITCH_ASK,
  STITCH_CHOICE,
  STITCH_LENGTH,
  STITCH_WIDTH,
  stitchMm,
} from './asks';
import type { Calculation } from './types';

/** The numbering systems, as they are printed. */
const SYSTEM_NAME: Readonly<Record<(typeof THREAD_SYSTEMS)[number], string>> = {
  tex: 'Tex',
  denier: 'denier',
  ticket: 'number or ticket (polyester)',
  weight: 'weight (wt)',
  cottonCount: 'cotton count (Ne)',
  metricCount: 'metric count (Nm)',
  cottonTicket: 'number or ticket (cotton)',
};
const VERDICT = {
  sloppy: 'loose in the eye: use a finer needle',
  good: 'a good fit',
  tight: 'tight: sew slowly',
  shreds: 'too tight: it will shred',
} as const;

/** What is said of which breaks first. */
const FIRST = {
  thread: 'the thread, as it should: you can sew a seam again',
  fabric: 'the fabric: use a finer thread or a longer stitch',
} as const;
/** Ways a fabric is built, as they are asked for. */
const BUILT: Readonly<Record<Structure, string>> = {
  woven: 'woven',
  knit: 'knitted',
  foam: 'foam, such as neoprene',
  hide: 'leather or suede',
  coated: 'coated, such as vinyl',
  layered: 'quilted or layered',
};

/** A definition, or what spools are labelled by; tickets and weights of makers stand in their handbooks alone. */
export const OF_SYSTEM: Readonly<Record<(typeof THREAD_SYSTEMS)[number], Provenance>> = {
  tex: 'standard',
  denier: 'standard',
  cottonCount: 'standard',
  metricCount: 'standard',
  ticket: 'handbook',
  weight: 'handbook',
  cottonTicket: 'handbook',
};

/** Needle and thread. */
export const THREAD: readonly Calculation[] = [
  {
    id: 'thread',
    rests: 'standard',
    name: 'Thread numbers',
    group: 'Needle and thread',
    about: 'The number on a spool in every other system.',
    asks: [
      number('number', 'Number on the spool', 'count', 120, 1, 5000),
      choice(
        'system',
        'It is a',
        THREAD_SYSTEMS.map((system) => SYSTEM_NAME[system]),
        THREAD_SYSTEMS.indexOf('ticket'),
      ),
      number('plies', 'Yarns twisted together', 'count', 1, 1, 12),
    ].map((ask) =>
      ask.key === 'plies'
        ? {
            ...ask,
            only: ['system', [THREAD_SYSTEMS.indexOf('cottonCount'), THREAD_SYSTEMS.indexOf('metricCount')]] as const,
          }
        : ask,
    ),
    work: ({ number: value, system, plies = 1 }) => {
      const all = threadNumbers(texFrom(THREAD_SYSTEMS[system!], value!) * plies);
      return {
        results: THREAD_SYSTEMS.map((name) => ({
          label: SYSTEM_NAME[name],
          value: formatNumber(all[name], 1),
          main: name === 'tex',
          rests: OF_SYSTEM[name],
        })),
        notes: ['Labels round, so the number on a spool is only near these.'],
      };
    },
  },
  {
    id: 'thread-needle',
    rests: 'model',
    name: 'Thread in the needle’s eye',
    group: 'Needle and thread',
    about: 'Whether a thread fits a needle, and which sizes fit it well.',
    asks: [
      number('tex', 'Thread, Tex', 'count', 27, 5, 400),
      FIBRE_ASK,
      choice(
        'size',
        'Needle size',
        NEEDLE_SIZES.map(({ nm }) => formatNeedleSize(nm)),
        4,
      ),
      choice(
        'point',
        'Needle point',
        POINTS.map((id) => POINT[id].name),
      ),
    ],
    work: ({ tex, fibre, size, point }) => {
      const found = threadNeedle({
        tex: tex!,
        fibre: THREAD_FIBRES[fibre!],
        nm: NEEDLE_SIZES[size!].nm,
        point: POINTS[point!],
      });
      return {
        results: [
          { label: 'Fit', value: VERDICT[found.verdict], main: true },
          { label: 'The thread fills', value: 100 * found.fill, unit: 'percent', digits: 0 },
          {
            label: 'Sizes that fit well',
            value: found.bestNm.length === 0 ? 'none on sale' : found.bestNm.map(formatNeedleSize).join(', '),
          },
          { label: 'Thread across', value: found.threadMm, unit: 'stitch-mm', digits: 2 },
        ],
        notes: ['An estimate: real thread is hairy and flattens.'],
      };
    },
  },
  {
    id: 'thread-use',
    rests: 'model',
    name: 'Thread in a seam',
    group: 'Needle and thread',
    about: 'How much thread a seam uses, top and bobbin.',
    asks: [
      length('seamMm', 'How long is the seam', 1000, 10, 100_000),
      STITCH_ASK,
      STITCH_LENGTH,
      STITCH_WIDTH,
      SEWN_THICKNESS,
    ],
    work: ({ seamMm, stitch, lengthMm, widthMm, thicknessMm }) => {
      const found = threadUse({
        stitch: STITCH_CHOICE[stitch!],
        lengthMm: lengthMm!,
        widthMm: widthMm!,
        thicknessMm: thicknessMm!,
        seamMm: seamMm!,
      });
      return {
        results: [
          { label: 'Both threads together', value: found.totalMm, unit: 'thread', main: true },
          { label: 'On top', value: found.needleMm, unit: 'thread' },
          { label: 'Bobbin', value: found.bobbinMm, unit: 'thread' },
          { label: 'Times the seam', value: found.ratio, unit: 'count', digits: 2 },
        ],
        notes: ['Tails are not counted: add {150 mm} at each end.'],
      };
    },
  },
  {
    id: 'bobbin',
    rests: 'model',
    name: 'Thread on a bobbin',
    group: 'Needle and thread',
    about: 'How much a full bobbin holds, from its size.',
    asks: [
      length('outerMm', 'Bobbin across', 20.3, 8, 60),
      length('hubMm', 'Core across', 7, 2, 40),
      length('widthMm', 'Inside width', 9, 2, 40),
      number('tex', 'Thread, Tex', 'count', 27, 5, 400),
      FIBRE_ASK,
    ],
    work: ({ outerMm, hubMm, widthMm, tex, fibre }) => {
      if (hubMm! >= outerMm!)
        return cannot('calculator.core', 'The core is smaller than the bobbin.', outerMm!, hubMm!);
      const { metres } = bobbinCapacity({
        outerMm: outerMm!,
        hubMm: hubMm!,
        widthMm: widthMm!,
        tex: tex!,
        fibre: THREAD_FIBRES[fibre!],
        packing: PACKING,
      });
      return {
        results: [{ label: 'A full bobbin holds about', value: metres * 1000, unit: 'thread', main: true }],
        notes: ['Plan with nine tenths of it: a bobbin is never quite full.'],
      };
    },
  },
  {
    id: 'seam-strength',
    rests: 'handbook',
    name: 'How strong a seam is',
    group: 'Needle and thread',
    about: 'How much load an inch of seam takes, compared with its use and the fabric.',
    asks: [
      stitchMm('lengthMm', 'Stitch length', 2.5, 0.5, 6),
      number('tex', 'Thread, Tex', 'count', 27, 5, 400),
      FIBRE_ASK,
      choice(
        'use',
        'The seam is for',
        SEAM_USES.map((id) => SEAM_USE[id].name),
        1,
      ),
      choice(
        'structure',
        'The fabric is',
        STRUCTURES.map((id) => BUILT[id]),
      ),
      optional(number('massGsm', 'Weight of the fabric', 'gsm', 150, 10, 1500)),
    ],
    work: ({ lengthMm, tex, fibre, use, structure, massGsm }) => {
      const found = seamStrength({
        lengthMm: lengthMm!,
        thread: { fibre: THREAD_FIBRES[fibre!], tex: tex! },
        hold: 'lockstitch',
        use: SEAM_USES[use!],
        ...(massGsm !== undefined && { fabric: { structure: STRUCTURES[structure!], massGsm } }),
      });
      return {
        results: [
          { label: 'An inch (2.5 cm) of seam takes', value: found.perInchN, unit: 'newton', main: true },
          { label: 'That use needs', value: found.use!.needsN, unit: 'newton', rests: 'model' },
          {
            label: 'So it is',
            value: found.use!.isEnough ? 'strong enough' : 'too weak: shorter stitches or stronger thread',
            rests: 'model',
          },
          ...(found.fabric
            ? [
                {
                  label: 'An inch of the fabric takes',
                  value: found.fabric.tearsN,
                  unit: 'newton' as const,
                  rests: 'model' as const,
                },
                { label: 'What breaks first', value: FIRST[found.fabric.breaksFirst], rests: 'model' as const },
              ]
            : []),
        ],
        notes: [
          'Thread makers’ rule for a straight stitch: stitches per inch × strength of the thread × 1.5. How strong thread and fabric are is estimated.',
        ],
      };
    },
  },
];
