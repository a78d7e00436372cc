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

/**
 * The setting after one change.
 *
 * @param edit - what the change does
 * @param to - setting, machine, kit and cloth
 * @returns the new setting, or null when machine or kit cannot do it, nothing would change, or an interlock closes on it
 */
export function applyEdit(edit: RemedyEdit, to: ApplyTo): Setup | null {
  const next = edited(edit, to);
  if (!next || JSON.stringify(next) === JSON.stringify(to.setup)) return null;
  const { thicknessMm } = seamContext(to.cloth, to.operation);
  return checkInterlocks({ setup: next, machine: to.machine, thicknessMm }).length === 0 ? next : null;
}

function edited(edit: RemedyEdit, to: ApplyTo): Setup | null {
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
      return to.kit.feet.includes(edit.foot) ? { ...setup, foot: edit.foot, footSide: undefined } : null;
    case 'plate-straight':
      return to.kit.plates.includes('straight') && to.machine.plates.includes('straight')
        ? { ...setup, plate: 'straight' }
        : null;
    case 'stitch-that-gives':
      return stitchThatGives(to);
  }
}

function otherSize({ setup, kit }: ApplyTo, steps: number): Setup | null {
  const { point, nm, gapMm } = setup.needle;
  const sizes = POINT[point].sizes.filter((size) =>
    kit.needles.some((n) => n.point === point && n.nm === size && n.gapMm === gapMm),
  );
  const next = steps < 0 ? sizes.filter((s) => s < nm).at(-1) : sizes.find((s) => s > nm);
  return next === undefined ? null : { ...setup, needle: { ...setup.needle, nm: next } };
}

function otherPoint({ setup, kit }: ApplyTo, point: Setup['needle']['point']): Setup | null {
  if (point === setup.needle.point) return null;
  const owned = kit.needles.filter((n) => n.point === point && n.gapMm === setup.needle.gapMm);
  const near = [...owned].sort((a, b) => Math.abs(a.nm - setup.needle.nm) - Math.abs(b.nm - setup.needle.nm))[0];
  return near ? { ...setup, needle: near } : null;
}

function withThread({ setup, kit }: ApplyTo, fits: (thread: Thread) => boolean): Setup | null {
  if (setup.thread.fibre === 'elastic-polyester' && fits(setup.thread)) return null;
  const [thread] = kit.threads.filter(fits).sort((a, b) => b.tex - a.tex);
  return thread ? { ...setup, thread } : null;
}

const clean = (value: number) => Number(value.toFixed(4));

function turned({ setup, machine }: ApplyTo, dial: 'tensionSteps' | 'lengthMm' | 'widthMm', by: number): Setup | null {
  const value = clean(setup[dial] + by);
  const most = {
    tensionSteps: 10,
    lengthMm: trueLengthMm(machine, machine.maxLengthMm),
    widthMm: trueWidthMm(machine, machine.maxWidthMm),
  };
  const least = { tensionSteps: -10, lengthMm: 0.4, widthMm: 0.5 };
  return isAbove(value, most[dial]) || isBelow(value, least[dial]) ? null : { ...setup, [dial]: value };
}

function pressed({ setup, machine }: ApplyTo, by: -1 | 1): Setup | null {
  const marks = pressureSteps(machine).map((step) => step.pressure);
  const next =
    by < 0 ? marks.filter((p) => isBelow(p, setup.pressure)).at(-1) : marks.find((p) => isAbove(p, setup.pressure));
  return next === undefined ? null : { ...setup, pressure: next };
}

/** Stitches tried in this order: the plainest that gives enough is taken. */
const GIVERS: readonly StitchId[] = ['zigzag', 'lightning', 'three-step-zigzag', 'triple-straight', 'overlock-like'];
const SIZES = { lengthMm: [2.5, 2, 1.5], widthMm: [1.5, 2.5, 3.5, 5] };

function stitchThatGives({ cloth, operation, setup, machine }: ApplyTo): Setup | null {
  const seam = seamContext(cloth, operation);
  const plate = machine.plates.includes('standard') ? ('standard' as const) : setup.plate;
  const now = giveOfSetup(seam, setup)[0];
  for (const stitch of GIVERS.filter((one) => STITCHES.includes(one) && machine.stitches.includes(one))) {
    for (const widthMm of stitchFacts(stitch).swings ? SIZES.widthMm.filter((w) => w <= machine.maxWidthMm) : [0]) {
      for (const lengthMm of SIZES.lengthMm.filter((l) => l <= machine.maxLengthMm)) {
        const next: Setup = { ...setup, stitch, lengthMm, widthMm, plate, foot: openFoot(setup.foot) };
        const [least] = giveOfSetup(seam, next);
        if (least >= seam.required.percent && least > now + 1) return next;
      }
    }
  }
  return null;
}

/** A foot with a hole for a straight stitch only cannot stay on. */
const openFoot = (foot: Setup['foot']): Setup['foot'] =>
  foot === 'straight' || foot === 'quarter-inch' ? 'standard' : foot;
