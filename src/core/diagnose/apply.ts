import { isAbove, isBelow } from '../numbers';
import type { Cloth } from '../cloth';
import { checkInterlocks } from '../interlock';
import {
  type Kit,
  type Machine,
  POINT,
  pressureSteps,
  type Thread,
  trueLengthMm as trueLengthOf,
  trueWidthMm,
} from '../kit';
import { openQuestion } from '../match';
import { giveOfSetup, seamContext, thickSeamNm, usualNm } from '../physics';
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
  /** Stitch length as counted, mm. */
  trueLengthMm?: number;
  /** The worst of what was seen, 0 … 3: what is plainly wrong is turned farther. */
  worst?: number;
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
    case 'needle-gap':
      return closerTwin(to);
    case 'thread-cotton':
      return withThread(to, (thread) => thread.fibre === 'cotton');
    case 'length':
      return toLength(to, edit.by);
    case 'thread-elastic':
      return withThread(to, (thread) => thread.fibre === 'elastic-polyester');
    case 'dial':
      return turned(to, edit.dial, edit.dial === 'tensionSteps' && to.worst === BAD ? 2 * edit.by : edit.by);
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

/** A bad sign is worth two steps of the tension dial at once. */
const BAD = 3;

/** The size that suits the fabric, at least one size that way: what is owned and comes nearest. */
function otherSize({ cloth, operation, setup, kit }: ApplyTo, steps: number): Applied {
  const { point, nm, gapMm } = setup.needle;
  const { profile, thicknessMm } = seamContext(cloth, operation);
  const aim = usualNm(profile) + thickSeamNm(thicknessMm);
  const beyond = POINT[point].sizes.filter((size) => (steps < 0 ? size < nm : size > nm));
  if (beyond.length === 0) return cannot('end-of-range');
  const owned = beyond.filter((size) =>
    kit.needles.some((n) => n.point === point && n.nm === size && n.gapMm === gapMm),
  );
  const [next] = [...owned].sort(
    (a, b) => Math.abs(a - aim) - Math.abs(b - aim) || Math.abs(a - nm) - Math.abs(b - nm),
  );
  return next === undefined ? cannot('not-owned') : { setup: { ...setup, needle: { ...setup.needle, nm: next } } };
}

function otherPoint({ setup, kit }: ApplyTo, point: Setup['needle']['point']): Applied {
  if (point === setup.needle.point) return cannot('nothing-to-change');
  const owned = kit.needles.filter((n) => n.point === point && n.gapMm === setup.needle.gapMm);
  const near = [...owned].sort((a, b) => Math.abs(a.nm - setup.needle.nm) - Math.abs(b.nm - setup.needle.nm))[0];
  return near ? { setup: { ...setup, needle: near } } : cannot('not-owned');
}

/** The next gap below, in the same size where it is sold so: one change makes one difference. */
function closerTwin({ setup, kit }: ApplyTo): Applied {
  const { point, nm, gapMm } = setup.needle;
  if (gapMm === undefined) return cannot('nothing-to-change');
  const closer = kit.needles.filter((n) => n.point === point && n.gapMm !== undefined && n.gapMm < gapMm);
  const [next] = [...closer].sort((a, b) => Math.abs(a.nm - nm) - Math.abs(b.nm - nm) || b.gapMm! - a.gapMm!);
  return next ? { setup: { ...setup, needle: next } } : cannot('not-owned');
}

/** Nearer than this to what is wanted a length is as wanted, mm. */
const AS_WANTED_MM = 0.25;

/** To the length that Match wants, as it comes out on the fabric; where it is that already, by so much more or less. */
function toLength(
  { cloth, operation, setup, machine, kit, trueLengthMm = setup.lengthMm }: ApplyTo,
  by: number,
): Applied {
  const { aims } = openQuestion({ cloth, operation, machine, kit });
  const { ideal } = aims.length[setup.stitch].aim;
  const isAhead = by > 0 ? ideal > trueLengthMm + AS_WANTED_MM : ideal < trueLengthMm - AS_WANTED_MM;
  const wanted = isAhead ? ideal : trueLengthMm + by;
  const dial = (wanted * setup.lengthMm) / trueLengthMm;
  // A dial that is far off may end before it: then as far as it goes.
  const most = Math.floor(trueLengthOf(machine, machine.maxLengthMm) * 10) / 10;
  const to = Math.min(most, Math.round(dial * 10) / 10);
  return to === setup.lengthMm
    ? cannot('end-of-range')
    : turned({ setup, machine }, 'lengthMm', clean(to - setup.lengthMm));
}

function withThread({ setup, kit }: ApplyTo, fits: (thread: Thread) => boolean): Applied {
  if (setup.thread.fibre === 'elastic-polyester' && fits(setup.thread)) return cannot('nothing-to-change');
  const [thread] = kit.threads.filter(fits).sort((a, b) => b.tex - a.tex);
  return thread ? { setup: { ...setup, thread } } : cannot('not-owned');
}

const clean = (value: number) => Number(value.toFixed(4));

function turned(
  { setup, machine }: Pick<ApplyTo, 'setup' | 'machine'>,
  dial: 'tensionSteps' | 'lengthMm' | 'widthMm',
  by: number,
): Applied {
  const value = clean(setup[dial] + by);
  const most = {
    tensionSteps: 10,
    lengthMm: trueLengthOf(machine, machine.maxLengthMm),
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
