import type { Origin } from '../../result';
import type { ProcedureId } from '../all';
import type { Fabrics, SuitabilityFacts } from './types';

export const PRACTICE: Origin = {
  provenance: 'common-practice',
  source: 'How home sewists choose operations by fabric.',
};
export const MODEL: Origin = {
  provenance: 'model',
  source: 'The limit is set by us; the direction is common practice.',
};

/** Hide and coated fabric: every hole stays, and close stitches tear out like a stamp. */
export const SKINS: Fabrics = { structure: ['hide', 'coated'] };
/** Holes stay in them. */
export const MARKED_FOR_EVER: Fabrics = { structure: ['hide', 'coated', 'foam'] };
export const FOAM: Fabrics = { structure: ['foam'] };
export const KNITS: Fabrics = { structure: ['knit'] };
export const WOVENS: Fabrics = { structure: ['woven'] };
/** What stands up from the ground: it shows every row and every iron. */
export const PILE: Fabrics = { family: ['velvet', 'corduroy', 'terry', 'faux-fur'] };
export const FRAYS: Fabrics = { structure: ['woven'], traits: ['frays', 'loose'] };
export const QUILTED: Fabrics = { family: ['quilt-sandwich'] };
export const SEQUINS: Fabrics = { family: ['sequins'] };
export const KNIT_HEMS: readonly ProcedureId[] = ['hem-twin', 'hem-zigzag', 'hem-triple'];
export const BANDS: readonly ProcedureId[] = ['neck-band', 'cuff', 'waist-rib'];
export const FOLDED_ZIPS: readonly ProcedureId[] = ['zip-centred', 'zip-lapped', 'zip-between-folds'];

export const not = (
  procedures: readonly ProcedureId[],
  fabrics: Fabrics,
  why: string,
  ...instead: readonly ProcedureId[]
): SuitabilityFacts => ({ procedures, fabrics, verdict: 'not-this', why, instead });
export const care = (procedures: readonly ProcedureId[], fabrics: Fabrics, why: string): SuitabilityFacts => ({
  procedures,
  fabrics,
  verdict: 'with-care',
  why,
  instead: [],
});
export const row = (facts: SuitabilityFacts, origin: Origin = PRACTICE) => ({ ...facts, ...origin });

/** Over this a French seam is a rope, mm. */
export const FRENCH_MM = 0.5;
/** Over these two layers a fold lies like a board, mm of one layer. */
export const BULKY_MM = 1.2;
