import type { CareKind, Needle, NeedleUse, SpentReason } from '../kit';

/** A cloth of the drawer, as far as the ledger asks. */
export interface KnownCloth {
  id: string;
  cloth: { name: string };
}

/** A machine, as far as the ledger asks. */
export interface KnownMachine {
  id: string;
  machine: { name: string };
}

/** A needle of the stock with its life. */
export interface KnownNeedle {
  id: string;
  needle: Needle;
  sewn: readonly NeedleUse[];
  spent: SpentReason | null;
  addedAt: string;
}

/** Something done to keep a machine well. */
export interface KnownCare {
  id: string;
  machineId: string;
  kind: CareKind;
  at: string;
  atHours: number;
  notes: string;
}
