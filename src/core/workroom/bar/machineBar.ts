import { type ClothRecord, type MachineRecord, type NeedleRecord, type OnMachine, setForName } from '../../file';
import { checkInterlocks } from '../../interlock';
import { canBeSet, type ReadingChange, type Reading, READINGS, settingReadings, setupChanges } from '../../setup';
import type { MachineTarget } from './machineTarget';
import { needleNow, type NeedleNow } from './needleToPutIn';

/** What is known where the machine bar is worked out. */
export interface BarFacts {
  machine: MachineRecord;
  /** What is on it; null when nobody has said. */
  on: OnMachine | null;
  /** The setting that was chosen last, for whichever machine. */
  target: MachineTarget | null;
  stock: readonly NeedleRecord[];
  cloths: readonly ClothRecord[];
  /** Hours a needle is kept; null where hours do not decide. */
  lifeHours: number | null;
  /** Whether a moment is of today, where the person is. */
  isToday: (moment: string) => boolean;
}

/** What the machine bar says. */
export interface BarState {
  /** The target, where it is for this machine. */
  target: MachineTarget | null;
  /** What it reads, without those nobody has looked at; null when nobody has said anything. */
  readings: Partial<Record<Reading, string>> | null;
  /** What differs from the target, in the order to do it. */
  changes: ReadingChange[];
  /** What it is set for, as that fabric is called now; null when that is not known. */
  clothName: string | null;
  /** Fabrics it may be set for, where an older note says only a name that does not tell which; empty otherwise. */
  which: ClothRecord[];
  /** The fabric it is still set for, when the fabric or the day has changed since; null otherwise. */
  leftOver: string | null;
  /** What would strike with what is on the machine now; null when nothing would. */
  clash: string | null;
  needle: NeedleNow;
}

/**
 * What is on a machine now, and what has to change for the chosen setting.
 *
 * @param facts - machine, what is on it, the chosen setting, needles and fabrics
 */
export function machineBar({ machine, on, target, stock, cloths, lifeHours, isToday }: BarFacts): BarState {
  const own = target?.machineId === machine.id ? target : null;
  const changes = own ? setupChanges(machine.machine, on?.setup ?? null, own.setup, on?.unsure) : [];
  const clothName = setForName(on, cloths);
  return {
    target: own,
    readings: on ? knownReadings(machine, on) : null,
    changes,
    clothName,
    which: on?.clothNamed === undefined ? [] : candidates(on.clothNamed, cloths),
    leftOver: on && isLeftOver(on, own, changes, isToday) ? clothName : null,
    clash: on ? clashOf(machine, on) : null,
    needle: needleNow(on, stock, lifeHours),
  };
}

/** What a machine reads, as far as somebody has looked; what cannot be set needs no look once the stitch is known. */
function knownReadings({ machine }: MachineRecord, { setup, unsure }: OnMachine): BarState['readings'] {
  const all = settingReadings(machine, setup);
  const isFixed = (one: Reading) => !canBeSet(one, machine, setup) && (one !== 'width' || !unsure.includes('stitch'));
  const known = READINGS.filter((one) => !unsure.includes(one) || isFixed(one));
  return Object.fromEntries(known.map((one) => [one, all[one]]));
}

/** Whether it is still set for another fabric, or since another day. */
function isLeftOver(
  on: OnMachine,
  target: MachineTarget | null,
  changes: readonly ReadingChange[],
  isToday: BarFacts['isToday'],
): boolean {
  if (on.clothId === null && on.clothNamed === undefined) return false;
  const otherCloth = target !== null && changes.length > 0 && on.clothId !== target.clothId;
  return otherCloth || !isToday(on.since);
}

/** The fabrics that answer to a name; all of them where none does. */
function candidates(name: string, cloths: readonly ClothRecord[]): ClothRecord[] {
  const called = cloths.filter((one) => one.cloth.name === name);
  return called.length > 0 ? called : [...cloths];
}

/** Thickness belongs to a seam; what clashes here does so with any. */
const clashOf = ({ machine }: MachineRecord, on: OnMachine): string | null =>
  checkInterlocks({ setup: on.setup, machine, thicknessMm: 0 })[0]?.text ?? null;
