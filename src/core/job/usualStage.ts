import { type Procedure, procedureOf } from '../procedure';
import type { Stage } from './stages';

/** The stage of most operations of a group; where one differs it is named below. */
const OF_GROUP: Readonly<Record<Procedure['group'], Stage>> = {
  prepare: 'cut',
  seam: 'close',
  zip: 'zip',
  hem: 'hem',
  band: 'band',
  'curve and corner': 'close',
  topstitch: 'topstitch',
  strips: 'flat',
  'by hand': 'finish',
};

const OF_OPERATION: Readonly<Partial<Record<string, Stage>>> = {
  baste: 'mark',
  'tailors-tacks': 'mark',
  'hand-baste': 'mark',
  'stay-stitch': 'shape',
  dart: 'shape',
  gather: 'shape',
  ease: 'flat',
  'patch-pocket': 'attach',
  piping: 'attach',
  buttonholes: 'attach',
  'strip-set': 'flat',
  'lapped-raw': 'flat',
  abutted: 'flat',
  reinforce: 'close',
  understitch: 'topstitch',
  'bar-tack': 'finish',
  'inseam-pocket': 'attach',
  interfacing: 'mark',
  'sleeve-flat': 'flat',
  unpick: 'finish',
  'zip-shorten': 'mark',
};

/**
 * Where an operation usually belongs.
 *
 * @param procedureId - the operation
 * @returns its stage; one that nobody knows closes the thing
 */
export function usualStage(procedureId: string): Stage {
  const procedure = procedureOf(procedureId);
  return OF_OPERATION[procedureId] ?? (procedure ? OF_GROUP[procedure.group] : 'close');
}
