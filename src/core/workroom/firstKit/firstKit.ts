import {
  type KitRecord,
  type MachineRecord,
  type NeedleRecord,
  needleRecordSchema,
  type ThreadRecord,
  threadRecordSchema,
} from '../../file';
import {
  FEET,
  FOOT,
  type Foot,
  MACHINE_KIND,
  type MachineKind,
  type Needle,
  PACK_OF,
  PLAIN_MACHINE,
  type Thread,
} from '../../kit';

/** A spool as it is picked: what thread, and what is printed on it. */
export interface FirstSpool {
  thread: Thread;
  printed: string;
  colour: string;
}

/** What a person says of their machine and kit; each part may be left out. */
export interface FirstAnswers {
  kind: MachineKind | null;
  /** What they call it; empty for the name of its kind. */
  name: string;
  /** Null while nobody has ticked any. */
  feet: readonly Foot[] | null;
  packs: readonly Needle[];
  spools: readonly FirstSpool[];
}

/** What comes of it: a machine, and what is owned. */
export interface FirstKit {
  machine: MachineRecord | null;
  kit: Partial<KitRecord>;
  needles: NeedleRecord[];
  threads: ThreadRecord[];
}

/** What nobody has said yet which of it is owned: any of it on sale is assumed. */
export type NotTold = 'needle' | 'thread' | 'foot';

/** What of a kit nobody has said yet, in the order in which it is asked for. */
export function notTold({ needles, threads, feet }: Pick<KitRecord, 'needles' | 'threads' | 'feet'>): NotTold[] {
  return [
    ...(needles === 'any' ? ['needle' as const] : []),
    ...(threads === 'any' ? ['thread' as const] : []),
    ...(feet === null ? ['foot' as const] : []),
  ];
}

/** Whether nobody has said anything of a machine yet: it stands for one. */
export const isAssumed = ({ machine, sewn }: MachineRecord): boolean =>
  sewn.length === 0 && JSON.stringify({ ...machine, name: '' }) === JSON.stringify({ ...PLAIN_MACHINE, name: '' });

/**
 * A workroom's first machine and kit, out of three answers. What is left out is left as it was: everything on sale may then be
 * recommended.
 *
 * @param answers - what was picked
 * @param machines - what there is already; the one that only stands for a machine is taken over
 * @param made - new keys, and the moment
 */
export function firstKit(
  { kind, name, feet, packs, spools }: FirstAnswers,
  machines: readonly MachineRecord[],
  made: { newId: () => string; at: string },
): FirstKit {
  const row = kind === null ? null : MACHINE_KIND[kind];
  const stands = machines.find(isAssumed);
  const machine: MachineRecord | null = row && {
    ...(stands ?? { id: made.newId(), addedAt: made.at, sewn: [] }),
    machine: { ...row.machine, name: name.trim() || row.name },
  };
  // What is built into the machine is owned with it, and nobody is asked.
  const builtIn = row ? row.feet.filter((foot) => FOOT[foot].builtIn) : [];
  return {
    machine,
    kit: {
      ...(feet && { feet: [...feet, ...builtIn] }),
      ...(row && { plates: [...row.machine.plates] }),
      ...(packs.length > 0 && { needles: 'owned' as const }),
      ...(spools.length > 0 && { threads: 'owned' as const }),
    },
    needles: packs.flatMap((needle) =>
      Array.from({ length: PACK_OF }, () =>
        needleRecordSchema.parse({ id: made.newId(), needle, pack: `pack of ${PACK_OF}`, addedAt: made.at }),
      ),
    ),
    threads: spools.map((spool) => threadRecordSchema.parse({ id: made.newId(), ...spool, addedAt: made.at })),
  };
}

/** Feet that are asked after by picture: what is built in comes with the machine. */
export const ASKED_FEET: readonly Foot[] = FEET.filter((foot) => !FOOT[foot].builtIn);
