import type { Family } from '../src/core/cloth';
import type { Plate } from '../src/core/kit';
import { PLAIN_MACHINE } from '../src/core/kit';
import type { CheckInput, MatchRequest } from '../src/core/match';
import type { Accepts } from './teacherTypes';

/** What one case accepts beside or instead of what the teacher's table says of its cloth and seam. */
export interface Wanted extends Partial<Accepts> {
  plate?: Plate;
  /** It is really a cloth of this family. */
  as?: Family;
  hold?: RegExp;
  /** Words that must be said somewhere in plan, notes or cautions, and words that must not. */
  says?: RegExp;
  never?: RegExp;
  /** Nothing safe is possible, for this reason. */
  blocked?: string;
  /** What the answer must name as worth having. */
  missing?: RegExp;
}

/** One case: what is asked, what is accepted, and why that is right. */
export interface Case {
  ask: string;
  request: MatchRequest;
  wanted: Wanted;
  /** What it rests on. */
  why: string;
  /** The wrong answer it would refute, where its cloth and seam do not say it already. */
  refutes?: string;
}

/** One setting to be refused, and why. */
export interface Refusal {
  ask: string;
  setup: Partial<CheckInput['setup']>;
  machine?: Partial<typeof PLAIN_MACHINE>;
  layers?: number;
  code: string;
  why: string;
}

export type Cloth = MatchRequest['cloth'];
type Kind = MatchRequest['operation']['kind'];
type More = Pick<MatchRequest, 'machine' | 'kit' | 'schools'> &
  Pick<MatchRequest['operation'], 'layers' | 'requiredGive' | 'radiusMm' | 'direction' | 'second'>;
export const one = (ask: string, cloth: Cloth, kind: Kind, wanted: Wanted, why: string, more: More = {}): Case => {
  const { layers, requiredGive, radiusMm, direction, second, ...rest } = more;
  return {
    ask,
    request: { cloth, operation: { kind, layers, requiredGive, radiusMm, direction, second }, ...rest },
    wanted,
    why,
  };
};
export const knit = (family: Cloth['family'], more: Partial<Cloth> = {}): Cloth => ({
  structure: 'knit',
  family,
  ...more,
});
export const woven = (family: Cloth['family'], more: Partial<Cloth> = {}): Cloth => ({
  structure: 'woven',
  family,
  ...more,
});
