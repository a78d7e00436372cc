import type { Origin } from '../../result';
import type { Cannot } from '../../seam';
import type { Given, Numbers, Procedure, Step, StepOnMachine } from './types';

/** How operations are sewn step by step. */
export const SEWN_SO: Origin = {
  provenance: 'common-practice',
  source: 'How the operation is usually sewn at home; sizes start from usual ones.',
};

/** A step that speaks only of numbers the operation works out. */
interface StepOf<Name extends string> extends Omit<Step, 'sews' | 'atMm' | 'handThread' | 'when' | 'machine'> {
  sews?: Name;
  atMm?: Name;
  handThread?: Name;
  when?: Name | `!${Name}`;
  machine?: Omit<StepOnMachine, 'widthMm'> & { widthMm?: Name };
}

/** The name in a place such as `{trim}`, `{count:n}` or `{slits:n slit|slits}`; a rule of thumb such as `{10 mm}` names none. */
type NameIn<Place extends string> = Place extends `${string} mm`
  ? never
  : Place extends `${infer Name}:${string}`
    ? Name
    : Place;

/** Every name that a text has a place for. */
type NamesIn<Text> = Text extends `${string}{${infer Place}}${infer Rest}` ? NameIn<Place> | NamesIn<Rest> : never;

/** Steps whose texts name only numbers that are there; another name shows as a property that is missing. */
type Told<Steps extends readonly unknown[], Name extends string> = {
  [Index in keyof Steps]: Steps[Index] extends { do: infer Does; check: infer Check }
    ? [Exclude<NamesIn<Does> | NamesIn<Check>, Name>] extends [never]
      ? unknown
      : { noSuchNumber: Exclude<NamesIn<Does> | NamesIn<Check>, Name> }
    : unknown;
};

/** Everything of an operation but its id, its numbers known by name. */
type Facts<Worked extends Numbers, Steps> = Omit<Procedure, 'id' | 'work' | 'steps' | 'views'> & {
  work: (values: Numbers, given: Given) => Worked | Cannot;
  views: Procedure['views'];
  steps: Steps;
};

/**
 * An operation with its own id, so that the list of operations knows every id there is, and with steps that can only speak of
 * numbers it works out: a slip in `{name}`, `sews`, `atMm` or `when` does not compile.
 *
 * @param id - never renamed once it was stored
 * @param facts - everything else
 */
export const procedure = <
  Id extends string,
  Worked extends Numbers,
  const Steps extends readonly StepOf<NoInfer<keyof Worked & string>>[],
>(
  id: Id,
  facts: Facts<Worked, Steps & Told<Steps, keyof NoInfer<Worked> & string>>,
): Procedure<Id> => ({ id, ...facts }) as Procedure<Id>;
