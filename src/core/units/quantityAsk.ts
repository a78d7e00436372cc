import type { UnitSystem } from './format';
import type { QuantityKind } from './quantityKinds';

/** A number that is asked for: its kind, what a plain number is in, and between what it must be. */
export interface QuantityAsk {
  kind: QuantityKind;
  /** The unit of a number without one: of a length or a weight as the field says; the base unit of the kind otherwise. */
  bare?: string;
  system: UnitSystem;
  least?: number;
  most?: number;
  whole?: boolean;
  /** It may lie on either side of a mark. */
  signed?: boolean;
  /** A usual answer, for the message beside the field. */
  usual?: number;
}
