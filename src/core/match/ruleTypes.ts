import type { Family, Structure, Trait } from '../cloth';
import type { Foot, Plate, Point, ThreadFibre } from '../kit';
import type { Provenance } from '../result';
import type { OperationKind, SchoolChoice } from '../setup';
import type { StitchId } from '../stitch';
import type { Plan } from './plan';

/** When a rule speaks: every condition named must hold. Lists mean any of them. */
export interface When {
  structure?: readonly Structure[];
  family?: readonly Family[];
  kind?: readonly OperationKind[];
  traits?: readonly Trait[];
  massFrom?: number;
  massBelow?: number;
  thicknessFrom?: number;
  stretchFrom?: number;
  elastaneFrom?: number;
  recoveryBelow?: number;
  recoveryFrom?: number;
  giveFrom?: number;
  giveUpTo?: number;
  allCotton?: boolean;
  /** The machine has reverse. */
  reverse?: boolean;
  /** The machine's pressure cannot be set. */
  fixedPressure?: boolean;
  /** The workroom has an overlocker. */
  overlocker?: boolean;
  layersFrom?: number;
  direction?: readonly ('across' | 'along' | 'bias')[];
  school?: SchoolChoice;
}

/** A wanted value with the limits that practice keeps to. */
export interface Aim {
  min: number;
  ideal: number;
  max: number;
}

/** Cost of each choice, 0 the usual one; null takes it out altogether. */
export type Costs<T extends string> = Partial<Record<T, number | null>>;

/** What a rule does to one parameter. */
export type Effect =
  | { parameter: 'needle.point'; costs: Costs<Point> }
  | { parameter: 'thread.fibre'; costs: Costs<ThreadFibre> }
  | { parameter: 'thread.tex'; aim: Aim }
  | { parameter: 'foot'; costs: Costs<Foot> }
  | { parameter: 'plate'; costs: Costs<Plate> }
  | { parameter: 'stitch'; costs: Costs<StitchId> }
  | { parameter: 'lengthMm'; aim: Aim; stitches?: readonly StitchId[] }
  | { parameter: 'widthMm'; aim: Aim; stitches?: readonly StitchId[] }
  | { parameter: 'pressure'; ideal: number }
  | { parameter: 'needlePosition'; foot: Foot; mm: number; footSide: 'left' | 'right' }
  | { [K in keyof Plan]: { parameter: `plan.${K}`; value: Plan[K] } }[keyof Plan];

/** One rule of the trade: when, what, how strongly, why, and from where. */
export interface Rule {
  id: string;
  when: When;
  effect: Effect;
  strength: 'must' | 'should' | 'may';
  text: string;
  provenance: Provenance;
}

/** A rule with the usual strength and provenance filled in. */
export function rule(
  id: string,
  when: When,
  effect: Effect,
  text: string,
  more: { strength?: Rule['strength']; provenance?: Provenance } = {},
): Rule {
  return {
    id,
    when,
    effect,
    text,
    strength: more.strength ?? 'should',
    provenance: more.provenance ?? 'common-practice',
  };
}
