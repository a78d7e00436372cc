import type { Structure } from '../cloth';
import type { SeamContext } from '../physics';
import { OPERATION, type OperationKind, type Setup } from '../setup';
import { type Sign, SIGNS } from '../stitch';

/** What cloth of each build shows most often, in the order people look (common practice). */
const USUAL: Readonly<Record<Structure, readonly Sign[]>> = {
  knit: [
    'skipped',
    'wavy',
    'popped',
    'uneven-layers',
    'loops-below',
    'loops-above',
    'holes',
    'chewed',
    'grinning',
    'pucker-line',
    'nest',
  ],
  woven: [
    'pucker-line',
    'loops-below',
    'loops-above',
    'skipped',
    'pucker-away',
    'uneven-layers',
    'chewed',
    'nest',
    'slippage',
    'uneven-length',
    'wandering',
  ],
  foam: [
    'skipped',
    'marks',
    'perforated',
    'loops-below',
    'loops-above',
    'popped',
    'uneven-layers',
    'uneven-length',
    'no-feed',
    'shreds',
    'nest',
  ],
  hide: [
    'perforated',
    'no-feed',
    'skipped',
    'marks',
    'loops-below',
    'loops-above',
    'uneven-length',
    'thread-broke',
    'wandering',
    'shreds',
    'nest',
  ],
  coated: [
    'perforated',
    'no-feed',
    'uneven-length',
    'marks',
    'skipped',
    'loops-below',
    'loops-above',
    'pucker-line',
    'wandering',
    'shreds',
    'nest',
  ],
  layered: [
    'uneven-layers',
    'skipped',
    'loops-below',
    'loops-above',
    'pucker-line',
    'uneven-length',
    'shreds',
    'hump-stall',
    'wandering',
    'thread-broke',
    'nest',
  ],
};

/** Where an edge is folded over. */
const HEMS: readonly OperationKind[] = ['hem', 'blind-hem', 'rolled-hem'];
/** Where a shorter edge is stretched onto a longer one. */
const BANDS: readonly OperationKind[] = ['band', 'elastic'];

/** Signs that only some seams can show, and then are looked for first. */
const ONLY: Partial<Record<Sign, (seam: SeamContext, setup: Setup) => boolean>> = {
  tunnel: (_, { needle }) => needle.gapMm !== undefined,
  'one-needle-missing': (_, { needle }) => needle.gapMm !== undefined,
  'zip-bubble': ({ asked }) => OPERATION[asked.kind].group === 'Zips',
  'zip-rippled': ({ asked }) => OPERATION[asked.kind].group === 'Zips',
  'hem-roped': ({ asked }) => HEMS.includes(asked.kind),
  'band-gapes': ({ asked }) => BANDS.includes(asked.kind),
  'band-puckers': ({ asked }) => BANDS.includes(asked.kind),
  bowed: ({ asked }) => asked.kind === 'strip-join',
};

/** Signs to be picked from: the ones this seam shows most often, and every other one it can show. */
export interface SignsToLookFor {
  usual: readonly Sign[];
  others: readonly Sign[];
}

/**
 * What to look for on a line.
 *
 * @param seam - cloth and operation
 * @param setup - what the line is sewn with
 * @returns the usual signs of such cloth with what only this kind of seam shows, and the others; none twice, none that cannot be
 */
export function signsToLookFor(seam: SeamContext, setup: Setup): SignsToLookFor {
  const can = (sign: Sign) => ONLY[sign]?.(seam, setup) ?? true;
  const usual = [...USUAL[seam.profile.structure], ...SIGNS.filter((sign) => ONLY[sign] && can(sign))];
  return { usual, others: SIGNS.filter((sign) => can(sign) && !usual.includes(sign)) };
}
