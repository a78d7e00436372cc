import { idsOf, type Origin, tableOf } from '../result';

const GROUPS = ['Seams', 'Hems and edges', 'Bands and elastic', 'Zips', 'Lines', 'Shape', 'Reinforcing'] as const;
export type OperationGroup = (typeof GROUPS)[number];

/** What an operation asks of a setting. */
interface OperationRow {
  /** Its name in a sentence: "a side seam". */
  name: string;
  /** Under what a person would look for it. */
  group: OperationGroup;
  /** Layers unless said otherwise. */
  layers: number;
  /** Share of the give in wear that this operation has to follow, a plain seam being 1. */
  giveShare: number;
  /** Cloth layers are joined here for the first time, so they can creep on each other. */
  joins?: true;
  /** Taken out again, or hidden within an allowance: nobody sews a scrap of it first. */
  noScrap?: true;
  /** The stitching is meant to be seen. */
  shows?: true;
  /** Twin needles make sense here. */
  twin?: true;
  /** Holes this close are what the operation is for (a bar tack, a buttonhole), not a fault of it. */
  dense?: true;
  /** Steps of needle tension from normal that the operation itself asks for: loose rows are pulled up or out again. */
  tensionSteps: number;
  allowanceMm: number;
  /**
   * How it follows the cloth: as one straight line that has to give nothing, as a seam that joins, as a line that shows or
   * lies beside a seam, or in a way of its own.
   */
  line: 'straight' | 'seam' | 'shown' | 'own';
  hem?: true;
  /** The fabric is gathered by it, so its own stretch is no limit. */
  gathers?: true;
}

// Layers are the contract's defaults; shares, allowances and tension are common practice.
const ASKED: Origin = {
  provenance: 'model',
  source: 'Layers and allowance: common practice; share of the stretch and tension: set by us.',
};

/** Everything that is sewn, by its id. */
// prettier-ignore
export const OPERATION = tableOf<OperationRow>()({
  join: { ...ASKED, name: 'a plain seam', group: 'Seams', layers: 2, giveShare: 1, allowanceMm: 10, joins: true, tensionSteps: 0, line: 'seam' },
  'strip-join': { ...ASKED, name: 'a strip seam', group: 'Seams', layers: 2, giveShare: 0, allowanceMm: 6.35, joins: true, tensionSteps: 0, line: 'straight' },
  topstitch: { ...ASKED, name: 'topstitching', group: 'Lines', layers: 3, giveShare: 0.8, allowanceMm: 6, shows: true, twin: true, tensionSteps: 0, line: 'shown' },
  hem: { ...ASKED, name: 'a hem', group: 'Hems and edges', layers: 2, giveShare: 0.8, allowanceMm: 20, shows: true, twin: true, tensionSteps: 0, line: 'shown', hem: true },
  'rolled-hem': { ...ASKED, name: 'a rolled hem', group: 'Hems and edges', layers: 2, giveShare: 0.4, allowanceMm: 3, shows: true, tensionSteps: 0, line: 'own', hem: true },
  'blind-hem': { ...ASKED, name: 'a blind hem', group: 'Hems and edges', layers: 2, giveShare: 0.5, allowanceMm: 30, tensionSteps: 0, line: 'own', hem: true },
  'edge-finish': { ...ASKED, name: 'an edge finish', group: 'Hems and edges', layers: 2, giveShare: 1, allowanceMm: 3, tensionSteps: 0, line: 'own' },
  band: { ...ASKED, name: 'a neckband or cuff', group: 'Bands and elastic', layers: 2, giveShare: 1.2, allowanceMm: 6, joins: true, tensionSteps: 0, line: 'seam' },
  elastic: { ...ASKED, name: 'elastic sewn on', group: 'Bands and elastic', layers: 2, giveShare: 1.4, allowanceMm: 6, joins: true, tensionSteps: 0, line: 'own', gathers: true },
  casing: { ...ASKED, name: 'a casing', group: 'Bands and elastic', layers: 2, giveShare: 0.8, allowanceMm: 15, shows: true, tensionSteps: 0, line: 'shown', gathers: true },
  binding: { ...ASKED, name: 'a binding', group: 'Hems and edges', layers: 2, giveShare: 0.6, allowanceMm: 6, shows: true, joins: true, tensionSteps: 0, line: 'own' },
  'zip-centred': { ...ASKED, name: 'a centred zip', group: 'Zips', layers: 2, giveShare: 0, allowanceMm: 15, shows: true, tensionSteps: 0, line: 'straight' },
  'zip-concealed': { ...ASKED, name: 'a concealed zip', group: 'Zips', layers: 2, giveShare: 0, allowanceMm: 15, joins: true, tensionSteps: 0, line: 'straight' },
  'zip-exposed': { ...ASKED, name: 'an exposed zip', group: 'Zips', layers: 2, giveShare: 0, allowanceMm: 10, shows: true, tensionSteps: 0, line: 'straight' },
  'zip-lapped': { ...ASKED, name: 'a lapped zip', group: 'Zips', layers: 2, giveShare: 0, allowanceMm: 15, shows: true, tensionSteps: 0, line: 'straight' },
  piping: { ...ASKED, name: 'piping', group: 'Seams', layers: 2, giveShare: 0, allowanceMm: 15, joins: true, tensionSteps: 0, line: 'straight' },
  ditch: { ...ASKED, name: 'stitching in the ditch', group: 'Lines', layers: 2, giveShare: 0.6, allowanceMm: 10, tensionSteps: 0, line: 'shown' },
  'quilt-lines': { ...ASKED, name: 'quilting lines', group: 'Lines', layers: 3, giveShare: 0, allowanceMm: 25, shows: true, joins: true, tensionSteps: 0, line: 'straight' },
  baste: { ...ASKED, noScrap: true, name: 'tacking', group: 'Lines', layers: 2, giveShare: 0, allowanceMm: 10, joins: true, tensionSteps: -1, line: 'straight' },
  stay: { ...ASKED, noScrap: true, name: 'stay-stitching', group: 'Lines', layers: 2, giveShare: 0, allowanceMm: 10, tensionSteps: 0, line: 'straight' },
  understitch: { ...ASKED, name: 'understitching', group: 'Lines', layers: 2, giveShare: 0.4, allowanceMm: 10, tensionSteps: 0, line: 'shown' },
  gather: { ...ASKED, noScrap: true, name: 'gathering rows', group: 'Shape', layers: 2, giveShare: 0, allowanceMm: 10, tensionSteps: -1.5, line: 'straight' },
  dart: { ...ASKED, name: 'a dart', group: 'Shape', layers: 2, giveShare: 0, allowanceMm: 10, joins: true, tensionSteps: 0, line: 'own' },
  reinforce: { ...ASKED, name: 'a reinforced line', group: 'Reinforcing', layers: 2, giveShare: 0, allowanceMm: 10, dense: true, tensionSteps: 0, line: 'straight' },
  'bar-tack': { ...ASKED, name: 'a bar tack', group: 'Reinforcing', layers: 2, giveShare: 0, allowanceMm: 10, shows: true, dense: true, tensionSteps: -0.5, line: 'own' },
  buttonhole: { ...ASKED, name: 'a buttonhole', group: 'Reinforcing', layers: 2, giveShare: 0, allowanceMm: 15, shows: true, dense: true, tensionSteps: -1, line: 'own' },
});
export type OperationKind = keyof typeof OPERATION;
export type OperationFacts = (typeof OPERATION)[OperationKind];
export const OPERATION_KINDS = idsOf(OPERATION);

/** The groups with what is in each, as they are shown. */
export const OPERATION_GROUPS: readonly { name: OperationGroup; kinds: readonly OperationKind[] }[] = GROUPS.map(
  (name) => ({ name, kinds: OPERATION_KINDS.filter((kind) => OPERATION[kind].group === name) }),
);

/**
 * What is sewn, without an article: for a title after the name of a fabric, a table or a list.
 *
 * @param kind - of the operation
 * @example
 * operationTitle('join') // => 'plain seam'
 */
export const operationTitle = (kind: OperationKind): string => OPERATION[kind].name.replace(/^an? /, '');
