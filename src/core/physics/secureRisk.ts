import { isFineSlippery, STRUCTURE } from '../cloth';
import type { Sign } from '../stitch';
import { type Hazard } from './risk';
import type { SeamContext } from './seamContext';

/** The ways an end is held. */
export const SECURES = ['back-stitch', 'lock', 'knot', 'short-stitch', 'tails-to-back', 'none'] as const;
export type Secure = (typeof SECURES)[number];

/** How rough each way is: what is tied by hand, or not held at all, sews nothing twice (common practice). */
const ROUGH: Record<Secure, number> = {
  'back-stitch': 1,
  lock: 0.85,
  'short-stitch': 0.6,
  knot: 0,
  'tails-to-back': 0,
  none: 0,
};

/**
 * What securing an end does to the cloth.
 *
 * Sewing back over the same holes chews fine silk and tears cloth whose holes stay (common practice).
 *
 * @param profile - the cloth
 * @param secure - how the end is held
 * @returns one risk, 0 for sturdy cloth
 * @example
 * secureRisk({ family: 'silk', structure: 'woven', traits: [], massGsm: { value: 45 } }, 'back-stitch').level // => 0.6
 * secureRisk({ family: 'silk', structure: 'woven', traits: [], massGsm: { value: 45 } }, 'knot').level // => 0
 */
export function secureRisk(
  profile: Pick<SeamContext['profile'], 'family' | 'structure' | 'traits' | 'massGsm'>,
  secure: Secure,
): Hazard {
  const holed = STRUCTURE[profile.structure].holesStay !== undefined;
  const tender = holed || isFineSlippery(profile);
  const sign: Sign = holed ? 'perforated' : 'chewed';
  const why = () =>
    holed
      ? 'Sewing back over the same holes tears this fabric.'
      : 'Sewing back and forth at the end chews up fabric this fine.';
  return { sign, level: tender ? 0.6 * ROUGH[secure] : 0, why };
}
