import { idsOf, type Origin, tableOf } from '../result';
import type { Foot } from './feet';
import { type Machine, PLAIN_MACHINE } from './machine';

/** A kind of machine a person recognises theirs by, and what is assumed of it until they say otherwise. */
interface MachineKindRow {
  name: string;
  /** How it is recognised. */
  plain: string;
  machine: Machine;
  /** What such a machine comes with. */
  feet: readonly Foot[];
}

const USUAL: Origin = {
  provenance: 'model',
  source: 'What such machines can do: common practice; the numbers: set by us, to be corrected from the manual.',
};
const COMES_WITH: readonly Foot[] = ['standard', 'zip', 'buttonhole'];

/** Turned by hand, in half steps; one plate, and as a rule nothing to set the pressure with. */
const BY_DIALS: Machine = {
  ...PLAIN_MACHINE,
  maxLengthMm: 4,
  lengthStepMm: 0.5,
  maxWidthMm: 5,
  widthStepMm: 0.5,
  plates: ['standard'],
  pressureDial: null,
  needlePositions: 3,
};
const BY_BUTTONS: Machine = { ...PLAIN_MACHINE, plates: ['standard'], autoLock: true, needleStop: true };

/** Kinds of home machines by what can be seen on them. */
export const MACHINE_KIND = tableOf<MachineKindRow>()({
  'straight-only': {
    ...USUAL,
    name: 'Straight stitch only',
    plain: 'no zigzag; often fast, with a knee lift',
    machine: {
      ...PLAIN_MACHINE,
      stitches: ['straight'],
      maxLengthMm: 6,
      lengthStepMm: 0.5,
      maxWidthMm: 0,
      plates: ['straight'],
      needlePositions: 1,
      footLiftMm: 6,
      extraLiftMm: 3,
      speedSpm: 1500,
    },
    feet: ['standard', 'zip'],
  },
  basic: {
    ...USUAL,
    name: 'Basic, with dials',
    plain: 'a dial with a few stitches: straight, zigzag, blind hem, buttonhole',
    machine: {
      ...BY_DIALS,
      stitches: ['straight', 'zigzag', 'three-step-zigzag', 'blind', 'satin', 'buttonhole'],
    },
    feet: COMES_WITH,
  },
  stretch: {
    ...USUAL,
    name: 'With dials and stretch stitches',
    plain: 'a dial with two rows of stitches; the second row sews forward and back',
    machine: {
      ...BY_DIALS,
      stitches: [
        ...(['straight', 'zigzag', 'triple-straight', 'lightning', 'three-step-zigzag', 'step-cross'] as const),
        ...(['overlock-like', 'blind', 'stretch-blind', 'satin', 'buttonhole'] as const),
      ],
    },
    feet: COMES_WITH,
  },
  computerised: {
    ...USUAL,
    name: 'Computerised',
    plain: 'a screen or buttons choose the stitch; it stops with the needle down',
    machine: BY_BUTTONS,
    feet: COMES_WITH,
  },
  'dual-feed': {
    ...USUAL,
    name: 'Computerised, feeds from above too',
    plain: 'a small arm behind the foot moves the top layer; it clicks into the foot',
    machine: {
      ...BY_BUTTONS,
      plates: ['standard', 'straight'],
      shank: 'built-in',
    },
    feet: [...COMES_WITH, 'dual-feed'],
  },
  old: {
    ...USUAL,
    name: 'Old, with a pressure screw',
    plain: 'cast metal; a screw or knob on top sets how hard the foot presses',
    machine: {
      ...BY_DIALS,
      stitches: ['straight', 'zigzag', 'satin'],
      pressureDial: { positions: ['light', 'normal', 'heavy'], normal: 'normal' },
      footLiftMm: 6,
      extraLiftMm: 1,
      speedSpm: 900,
    },
    feet: ['standard', 'zip'],
  },
});
export type MachineKind = keyof typeof MACHINE_KIND;
export const MACHINE_KINDS = idsOf(MACHINE_KIND);
