import * as z from 'zod';
import { type Blocked, type BlockedCode, blockedSchema } from '../result';

/** What a seam's arithmetic returns when the numbers cannot work: which one to change, and to what. */
export interface Cannot {
  blocked: Blocked[];
}

/** The same, for the border. */
export const cannotSchema = z.strictObject({ blocked: z.array(blockedSchema) });

/** One thing in the way, in mm unless said otherwise, rounded as a hand could measure it. */
export function cannot(code: BlockedCode, text: string, limit?: number, actual?: number, unit = 'mm'): Cannot {
  const round = (value: number) => Math.round(value * 100) / 100;
  if (limit === undefined || actual === undefined) return { blocked: [{ code, text }] };
  return { blocked: [{ code, text, limit: round(limit), actual: round(actual), unit }] };
}
