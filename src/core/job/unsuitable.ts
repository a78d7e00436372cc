import { type Cloth, clothProfile } from '../cloth';
import { procedureOf, type ProcedureId, suits } from '../procedure';
import type { JobSeam } from './job';

/** A seam whose operation is not for its fabric. */
export interface Unsuitable {
  seamId: string;
  name: string;
  why: string;
  instead?: ProcedureId;
}

/**
 * Seams of a job that are not for their fabric, each with what is sewn instead.
 *
 * @param seams - of the job, or of a template filled in
 * @param clothOf - null for a fabric that is not chosen yet: of that nothing is said
 */
export function unsuitableSeams(seams: readonly JobSeam[], clothOf: (id: string | null) => Cloth | null): Unsuitable[] {
  return seams.flatMap(({ id, name, procedureId, clothId, bandClothId }) => {
    const [cloth, band] = [clothOf(clothId), clothOf(bandClothId)];
    const procedure = procedureOf(procedureId);
    if (!cloth || !procedure) return [];
    const found = suits(procedure.id, { fabric: clothProfile(cloth), ...(band && { band: clothProfile(band) }) });
    if (found.verdict !== 'not-this' || !found.why) return [];
    return [{ seamId: id, name, why: found.why, ...(found.instead && { instead: found.instead }) }];
  });
}
