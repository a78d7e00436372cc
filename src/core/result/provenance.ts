import * as z from 'zod';

/** Where a statement comes from, strongest first. */
export const provenanceSchema = z.enum(['measured', 'standard', 'handbook', 'common-practice', 'model', 'memory']);
export type Provenance = z.infer<typeof provenanceSchema>;

/** Each provenance in words for a screen. */
export const PROVENANCE_TEXT: Record<Provenance, string> = {
  measured: 'measured',
  standard: 'published standard',
  handbook: 'handbook',
  'common-practice': 'common practice',
  model: 'estimate',
  memory: 'from memory',
};

/**
 * Whose word an entry of a table is. Asked for at every entry, with no default: a number that we made up is `model`, even
 * where the choice it steers is common practice.
 */
export interface Origin {
  provenance: Provenance;
  /** Which standard, which handbook, whose practice, what is modelled. */
  source: string;
}
