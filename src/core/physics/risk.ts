import { clamp } from '../numbers';
import * as z from 'zod';
import { SIGNS } from '../stitch';

/** How likely a fault is, by the sign it would show as. 0 none … 1 sure to show. */
export const riskSchema = z.strictObject({
  sign: z.enum(SIGNS),
  level: z.number().min(0).max(1),
  why: z.string(),
});
export type Risk = z.infer<typeof riskSchema>;

/** A risk whose explanation is only put into words when somebody asks: the search weighs thousands of them. */
export interface Hazard {
  sign: Risk['sign'];
  level: number;
  why: () => string;
}

/**
 * Hazards worth telling, put into words, the worst first; of two with the same sign the higher one counts.
 *
 * @param hazards - from the models
 * @param from - the lowest level worth telling
 * @returns risks
 * @example
 * tellRisks([{ sign: 'wavy', level: 0.2, why: () => 'a' }, { sign: 'holes', level: 0.001, why: () => 'b' }]) // => [{ sign: 'wavy', level: 0.2, why: 'a' }]
 */
export function tellRisks(hazards: readonly Hazard[], from = 0.02): Risk[] {
  const worst = new Map<Risk['sign'], Hazard>();
  for (const hazard of hazards) {
    if (hazard.level >= from && hazard.level > (worst.get(hazard.sign)?.level ?? 0)) worst.set(hazard.sign, hazard);
  }
  return [...worst.values()]
    .map(({ sign, level, why }) => ({ sign, level: Math.round(level * 1000) / 1000, why: why() }))
    .sort((a, b) => b.level - a.level || (a.sign < b.sign ? -1 : 1));
}

/**
 * A level kept within 0 … 1.
 *
 * @param level - any finite number
 * @example
 * riskLevel(1.7) // => 1
 */
export function riskLevel(level: number): number {
  return clamp(level, 0, 1);
}
