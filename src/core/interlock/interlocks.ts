import { atLeast, atMost, isAbove } from '../numbers';
import { FOOT, footOpening, isTwin, type Machine, PLATE, pressureSteps, trueLengthMm, trueWidthMm } from '../kit';
import { type Blocked, type BlockedCode, idsOf, type Origin } from '../result';
import type { Setup } from '../setup';
import { STITCH, stitchFacts } from '../stitch';
import { needleReach } from './needleReach';

/** What an interlock looks at. Thickness is the total, stitched down, in mm. */
export interface Interlocked {
  setup: Setup;
  machine: Machine;
  thicknessMm: number;
}

type InterlockCode = Extract<BlockedCode, `interlock.${string}`>;

/** One thing that would break a needle, a machine or the seam; it can never be overridden silently. */
interface InterlockRow extends Origin {
  /** True when the needle would hit metal. */
  strike: boolean;
  check: (input: Interlocked) => Omit<Blocked, 'code'> | null;
}
export interface Interlock extends InterlockRow {
  code: InterlockCode;
}

const METAL: Origin = {
  provenance: 'common-practice',
  source: 'A needle that meets metal breaks; see the machine’s manual.',
};
const MADE_SO: Origin = { provenance: 'common-practice', source: 'What the machine’s manual says it can do.' };
const ROOM: Origin = {
  provenance: 'model',
  source: 'The slot is as wide as the widest stitch; the clearance is set by us.',
};

/** Free space past the widest swing at each end of a slot, mm (model). */
export const SLOT_CLEARANCE_MM = 0.65;

/** What is looked at before a setting may be sewn, by the name it is refused with. Most serious first. */
export const INTERLOCK: Readonly<Record<InterlockCode, InterlockRow>> = {
  'interlock.plate-needs-straight': {
    ...METAL,
    strike: true,
    check: ({ setup }) =>
      setup.plate === 'straight' && setup.stitch !== 'straight'
        ? {
            text: `The straight-stitch plate has one small hole: ${STITCH[setup.stitch].name.toLowerCase()} would hit it. Change the plate first.`,
          }
        : null,
  },
  'interlock.plate-needs-one-needle': {
    ...METAL,
    strike: true,
    check: ({ setup }) =>
      setup.plate === 'straight' && isTwin(setup.needle.point)
        ? { text: 'Two needles cannot pass the one hole of the straight-stitch plate.' }
        : null,
  },
  'interlock.needle-off-hole': {
    ...METAL,
    strike: true,
    check: ({ setup, machine }) => {
      if (setup.plate !== 'straight') return null;
      const off = Math.abs(setup.needlePositionMm - machine.straightHoleMm);
      const free = PLATE.straight.holeMm! - setup.needle.nm / 200;
      return isAbove(off, free)
        ? {
            text: 'The needle is not over the hole of the straight-stitch plate.',
            limit: machine.straightHoleMm,
            actual: setup.needlePositionMm,
            unit: 'mm',
          }
        : null;
    },
  },
  'interlock.foot-needs-straight': {
    ...METAL,
    strike: true,
    check: ({ setup }) => {
      const hole = footOpening(setup.foot, setup.footSide);
      return hole && hole.left < 1 && hole.right < 1 && setup.stitch !== 'straight'
        ? {
            text: `The ${FOOT[setup.foot].name.toLowerCase()} foot has one small hole: only a straight stitch fits through it.`,
          }
        : null;
    },
  },
  'interlock.foot-opening': {
    ...METAL,
    strike: true,
    check: ({ setup }) => {
      const hole = footOpening(setup.foot, setup.footSide);
      if (!hole) return null;
      const reach = needleReach(setup);
      const actual = Math.max(reach.right - hole.right, reach.left - hole.left);
      return isAbove(actual, 0)
        ? {
            text: `The needle would hit the ${FOOT[setup.foot].name.toLowerCase()} foot: its opening is too narrow for this width and needle position.`,
            limit: hole.left + hole.right,
            actual: reach.left + reach.right,
            unit: 'mm',
          }
        : null;
    },
  },
  'interlock.twin-slot': {
    ...METAL,
    strike: true,
    check: ({ setup, machine }) => {
      if (setup.needle.gapMm === undefined) return null;
      const actual = setup.needle.gapMm + setup.widthMm;
      return isAbove(actual, machine.maxWidthMm)
        ? {
            text: 'The slot is too narrow for needles this far apart at this stitch width.',
            limit: machine.maxWidthMm,
            actual,
            unit: 'mm',
          }
        : null;
    },
  },
  'interlock.slot-reach': {
    ...ROOM,
    strike: true,
    check: ({ setup, machine }) => {
      if (setup.plate === 'straight') return null;
      const half = machine.maxWidthMm / 2 + SLOT_CLEARANCE_MM;
      const reach = needleReach(setup);
      const actual = Math.max(reach.left, reach.right);
      return isAbove(actual, half)
        ? { text: 'The needle would reach past the end of the slot.', limit: half, actual, unit: 'mm' }
        : null;
    },
  },
  'interlock.needle-position': {
    ...MADE_SO,
    strike: false,
    check: ({ setup, machine }) =>
      machine.needlePositions === 1 && setup.needlePositionMm !== 0
        ? {
            text: 'This machine’s needle stays in the centre.',
            limit: 0,
            actual: setup.needlePositionMm,
            unit: 'mm',
          }
        : null,
  },
  'interlock.stitch-missing': {
    ...MADE_SO,
    strike: false,
    check: ({ setup, machine }) =>
      machine.stitches.includes(setup.stitch)
        ? null
        : { text: `This machine has no ${STITCH[setup.stitch].name.toLowerCase()} stitch.` },
  },
  'interlock.plate-missing': {
    ...MADE_SO,
    strike: false,
    check: ({ setup, machine }) =>
      machine.plates.includes(setup.plate)
        ? null
        : { text: `No ${PLATE[setup.plate].name.toLowerCase()} plate fits this machine.` },
  },
  'interlock.foot-missing': {
    ...MADE_SO,
    strike: false,
    check: ({ setup, machine }) =>
      !machine.feet || FOOT[setup.foot].builtIn || machine.feet.includes(setup.foot)
        ? null
        : { text: `The ${FOOT[setup.foot].name.toLowerCase()} foot does not fit this machine.` },
  },
  'interlock.width-on-line': {
    ...MADE_SO,
    strike: false,
    check: ({ setup }) =>
      !stitchFacts(setup.stitch).swings && setup.widthMm > 0
        ? {
            text: `${STITCH[setup.stitch].name} has no width: set it to 0.`,
            limit: 0,
            actual: setup.widthMm,
            unit: 'mm',
          }
        : null,
  },
  'interlock.length-range': {
    ...MADE_SO,
    strike: false,
    check: ({ setup, machine }) => {
      const limit = trueLengthMm(machine, machine.maxLengthMm);
      return isAbove(setup.lengthMm, limit)
        ? { text: 'The stitch is longer than this machine can sew.', limit, actual: setup.lengthMm, unit: 'mm' }
        : null;
    },
  },
  'interlock.width-range': {
    ...MADE_SO,
    strike: false,
    check: ({ setup, machine }) => {
      const limit = trueWidthMm(machine, machine.maxWidthMm);
      return isAbove(setup.widthMm, limit)
        ? { text: 'The stitch is wider than this machine can sew.', limit, actual: setup.widthMm, unit: 'mm' }
        : null;
    },
  },
  'interlock.tension-range': {
    ...MADE_SO,
    strike: false,
    check: ({ setup, machine }) => {
      const { min, max, normal } = machine.tensionDial;
      const actual = normal + setup.tensionSteps + (machine.offsets?.tensionSteps ?? 0);
      if (atLeast(actual, min) && atMost(actual, max)) return null;
      return { text: 'The tension dial does not go that far.', limit: actual > max ? max : min, actual };
    },
  },
  'interlock.pressure-range': {
    ...MADE_SO,
    strike: false,
    check: ({ setup, machine }) => {
      const reachable = pressureSteps(machine).map((step) => step.pressure);
      const limit = Math.max(...reachable);
      const fixed = reachable.length === 1 && Math.abs(setup.pressure - limit) > 0.01;
      return fixed || setup.pressure > limit + 0.01
        ? {
            text: fixed ? 'This machine’s pressure cannot be changed.' : 'This machine cannot press that hard.',
            limit,
            actual: setup.pressure,
          }
        : null;
    },
  },
  'interlock.layers-over-lift': {
    ...MADE_SO,
    strike: false,
    check: ({ machine, thicknessMm }) => {
      const limit = machine.footLiftMm + machine.extraLiftMm;
      return isAbove(thicknessMm, limit)
        ? { text: 'The layers are thicker than the foot can be lifted.', limit, actual: thicknessMm, unit: 'mm' }
        : null;
    },
  },
};

/** Every interlock, most serious first. */
export const INTERLOCKS: readonly Interlock[] = idsOf(INTERLOCK).map((code) => ({ code, ...INTERLOCK[code] }));
