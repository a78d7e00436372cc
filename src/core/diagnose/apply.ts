import { isAbove, isBelow } from '../numbers';
import type { Cloth } from '../cloth';
import { checkInterlocks } from '../interlock';
import { type Kit, type Machine, POINT, pressureSteps, type Thread, trueLengthMm, trueWidthMm } from '../kit';
import { giveOfSetup, seamContext } from '../physics';
import type { Operation, Setup } from '../setup';
import { STITCHES, stitchFacts, type StitchId } from '../stitch';
import type { RemedyEdit } from './remedies';

/** What a change works on. */
export interface ApplyTo {
  cloth: Cloth;
  operation: Operation;
  setup: Setup;
  machine: Machine;
  kit: Kit;
}

/** Why a remedy cannot be applied. */
export type CannotApply =
  /** The kit has no such needle, thread, foot or plate. */
  | 'not-owned'
  /** The machine has no such plate or stitch, or its pressure is fixed. */
  | 'not-on-machine'
  /** The dial, or the sizes a needle is made in, end before it. */
  | 'end-of-range'
  /** It is so already. */
  | 'nothing-to-change'
  /** No stitch of the machine gives more. */
  | 'gives-no-more'
  /** The new setting would strike. */
  | 'interlock';

/** The setting after a remedy, or why it cannot be applied. */
export type Applied = { setup: Setup; cannot?: never } | { setup?: never; cannot: CannotApply };

const cannot = (why: CannotApply): Applied => ({ cannot: why });

/**
 * The setting after one remedy.
 *
 * @param edit - what the remedy does
 * @param to - setting, machine, kit and cloth
 * @returns the new setting, or why machine or kit cannot do it
 */
export function applyEdit(edit: RemedyEdit, to: ApplyTo): Applied {
  const next = edited(edit, to);
  if (!next.setup) return next;
  if (JSON.stringify(next.setup) === JSON.stringify(to.setup)) return cannot('nothing-to-change');
  const { underFootMm: thicknessMm } = seamContext(to.cloth, to.operation);
  const closed = checkInterlocks({ setup: next.setup, machine: to.machine, thicknessMm });
  return closed.length === 0 ? next : cannot('interlock');
}

function edited(edit: RemedyEdit, to: ApplyTo): Applied {
  const { setup } = to;
  switch (edit.kind) {
    case 'needle-size':
      return otherSize(to, edit.steps);
    case 'needle-point':
      return otherPoint(to, setup.needle.gapMm === undefined ? edit.point : (edit.twin ?? edit.point));
    case 'thread-finer':
      return withThread(to, (thread) => thread.fibre === setup.thread.fibre && thread.tex < setup.thread.tex - 0.5);
    case 'thread-elastic':
      return withThread(to, (thread) => thread.fibre === 'elastic-polyester');
    case 'dial':
      return turned(to, edit.dial, edit.by);
    case 'pressure':
      return pressed(to, edit.by);
    case 'foot':
      return to.kit.feet.includes(edit.foot)
        ? { setup: { ...setup, foot: edit.foot, footSide: undefined } }
        : cannot('not-owned');
    case 'plate-straight':
      if (!to.machine.plates.includes('straight')) return cannot('not-on-machine');
      return to.kit.plates.includes('straight') ? { setup: { ...setup, plate: 'straight' } } : cannot('not-owned');
    case 'stitch-that-gives':
      return stitchThatGives(to);
  }
}

function otherSize({ setup, kit }: ApplyTo, steps: number): Applied {
  const { point, nm, gapMm } = setup.needle;
  const beyond = POINT[point].sizes.filter((size) => (steps < 0 ? size < nm : size > nm));
  if (beyond.length === 0) return cannot('end-of-range');
  const owned = beyond.filter((size) =>
    kit.needles.some((n) => n.point === point && n.nm === size && n.gapMm === gapMm),
  );
  const next = steps < 0 ? owned.at(-1) : owned[0];
  return next === undefined ? cannot('not-owned') : { setup: { ...setup, needle: { ...setup.needle, nm: next } } };
}

function otherPoint({ setup, kit }: ApplyTo, point: Setup['needle']['point']): Applied {
  if (point === setup.needle.point) return cannot('nothing-to-change');
  const owned = kit.needles.filter((n) => n.point === point && n.gapMm === setup.needle.gapMm);
  const near = [...owned].sort((a, b) => Math.abs(a.nm - setup.needle.nm) - Math.abs(b.nm - setup.needle.nm))[0];
  return near ? { setup: { ...setup, needle: near } } : cannot('not-owned');
}

function withThread({ setup, kit }: ApplyTo, fits: (thread: Thread) => boolean): Applied {
  if (setup.thread.fibre === 'elastic-polyester' && fits(setup.thread)) return cannot('nothing-to-change');
  const [thread] = kit.threads.filter(fits).sort((a, b) => b.tex - a.tex);
  return thread ? { setup: { ...setup, thread } } : cannot('not-owned');
}

const clean = (value: number) => Number(value.toFixed(4));

function turned({ setup, machine }: ApplyTo, dial: 'tensionSteps' | 'lengthMm' | 'widthMm', by: number): Applied {
  const value = clean(setup[dial] + by);
  const most = {
    tensionSteps: 10,
    lengthMm: trueLengthMm(machine, machine.maxLengthMm),
    widthMm: trueWidthMm(machine, machine.maxWidthMm),
  };
  const least = { tensionSteps: -10, lengthMm: 0.4, widthMm: 0.5 };
  const ends = isAbove(value, most[dial]) || isBelow(value, least[dial]);
  return ends ? cannot('end-of-range') : { setup: { ...setup, [dial]: value } };
}

function pressed({ setup, machine }: ApplyTo, by: -1 | 1): Applied {
  if (machine.pressureDial === null) return cannot('not-on-machine');
  const marks = pressureSteps(machine).map((step) => step.pressure);
  const next =
    by < 0 ? marks.filter((p) => isBelow(p, setup.pressure)).at(-1) : marks.find((p) => isAbove(p, setup.pressure));
  return next === undefined ? cannot('end-of-range') : { setup: { ...setup, pressure: next } };
}

/** Stitches tried in this order: the plainest that gives enough is taken. */
const GIVERS: readonly StitchId[] = ['zigzag', 'lightning', 'three-step-zigzag', 'triple-straight', 'overlock-like'];
const SIZES = { lengthMm: [2.5, 2, 1.5], widthMm: [1.5, 2.5, 3.5, 5] };

function stitchThatGives({ cloth, operation, setup, machine }: ApplyTo): Applied {
  const seam = seamContext(cloth, operation);
  const plate = machine.plates.includes('standard') ? ('standard' as const) : setup.plate;
  const now = giveOfSetup(seam, setup)[0];
  for (const stitch of GIVERS.filter((one) => STITCHES.includes(one) && machine.stitches.includes(one))) {
    for (const widthMm of stitchFacts(stitch).swings ? SIZES.widthMm.filter((w) => w <= machine.maxWidthMm) : [0]) {
      for (const lengthMm of SIZES.lengthMm.filter((l) => l <= machine.maxLengthMm)) {
        const next: Setup = { ...setup, stitch, lengthMm, widthMm, plate, foot: openFoot(setup.foot) };
        const [least] = giveOfSetup(seam, next);
        if (least >= seam.required.percent && least > now + 1) return { setup: next };
      }
    }
  }
  return cannot('gives-no-more');
}

/** A foot with a hole for a straight stitch only cannot stay on. */
const openFoot = (foot: Setup['foot']): Setup['foot'] =>
  foot === 'straight' || foot === 'quarter-inch' ? 'standard' : foot;
