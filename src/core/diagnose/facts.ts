import { atLeast, isBelow } from '../numbers';
import { type Cloth, type ClothProfile, STRUCTURE } from '../cloth';
import { mapTable } from '../result';
import { type Machine, needleThreadFit, PLAIN_MACHINE, FIBRE, FOOT } from '../kit';
import {
  elasticSkipRisk,
  giveOfSetup,
  pointRisk,
  type SeamContext,
  seamContext,
  thickSeamNm,
  usualNm,
} from '../physics';
import { type Operation, OPERATION, type Setup } from '../setup';

/** What is known of a line that did not come out right. */
export interface Case {
  cloth: Cloth;
  operation: Operation;
  setup: Setup;
  machine?: Machine;
  needleHours?: number;
  threadQuality?: 'good' | 'unknown' | 'cheap';
  trueLengthMm?: number;
  /** Another needle tension put one sign right and brought another. */
  traded?: boolean;
  /** Needle, thread and threading have been tried. */
  basicsTried?: boolean;
  /** The line ended with a broken needle. */
  needleBroke?: boolean;
}

/** A line as its facts are read from it. */
interface Seen {
  given: Case;
  setup: Setup;
  seam: SeamContext;
  profile: ClothProfile;
  /** The cautious give of the setting, percent. */
  least: number;
}

const yes = (is: boolean) => (is ? 1 : 0);

/** What the graph may ask about a line before any sign is looked at: plain numbers, 0 or 1 for yes and no; undefined where nobody knows. */
const FACT = {
  needleHours: ({ given }) => given.needleHours,
  needleOff: ({ setup, seam, profile }) => setup.needle.nm - usualNm(profile) - thickSeamNm(seam.thicknessMm),
  pointUnfit: ({ setup, seam }) =>
    Math.max(pointRisk(seam, setup.needle.point).level, elasticSkipRisk(seam, setup.needle.point).level),
  eyeFill: ({ setup }) => needleThreadFit(setup.thread, setup.needle).fill,
  tensionSteps: ({ setup, seam }) => setup.tensionSteps - seam.operation.tensionSteps,
  pressure: ({ setup }) => setup.pressure,
  drag: ({ setup }) => FOOT[setup.foot].drag,
  giveShort: ({ seam, least }) => seam.required.percent - least,
  giveAsked: ({ seam }) => seam.required.percent,
  threadExtension: ({ setup }) => FIBRE[setup.thread.fibre].extension,
  lengthMm: ({ given, setup }) => given.trueLengthMm ?? setup.lengthMm,
  perforates: ({ profile }) => yes(STRUCTURE[profile.structure].holesStay !== undefined),
  sheer: ({ profile }) => yes(profile.traits.includes('sheer')),
  tightness: ({ seam }) => seam.tightness,
  compliance: ({ seam }) => seam.compliance,
  lightness: ({ seam }) => seam.lightness,
  thicknessMm: ({ seam }) => seam.thicknessMm,
  knit: ({ profile }) => yes(profile.structure === 'knit'),
  napped: ({ profile }) => yes(profile.traits.includes('napped')),
  twin: ({ setup }) => yes(setup.needle.gapMm !== undefined),
  straightStitch: ({ setup }) => yes(setup.stitch === 'straight'),
  straightPlate: ({ setup }) => yes(setup.plate === 'straight'),
  threadCheap: ({ given }) => yes(given.threadQuality === 'cheap'),
  threadGood: ({ given }) => yes(given.threadQuality === 'good'),
  /** The counted stitch length as a share of what the dial was set to. */
  lengthShare: ({ given, setup }) =>
    given.trueLengthMm === undefined ? undefined : given.trueLengthMm / setup.lengthMm,
  skin: ({ profile }) => yes(STRUCTURE[profile.structure].skin === true),
  cottonKnit: ({ profile }) => yes(profile.structure === 'knit' && profile.allCotton),
  strips: ({ given }) => yes(given.operation.kind === 'strip-join'),
  twoFabrics: ({ given }) => yes(given.operation.second !== undefined),
  gapMm: ({ setup }) => setup.needle.gapMm,
  fixedPressure: ({ given }) => yes(machineOf(given).pressureDial === null),
  /** Another needle tension put loops right and brought puckers or a gape: both threads are off together. */
  traded: ({ given }) => yes(given.traded === true),
  /** Needle, thread and threading have been tried. */
  basicsTried: ({ given }) => yes(given.basicsTried === true),
  zip: ({ given }) => yes(OPERATION[given.operation.kind].group === 'Zips'),
  needleBroke: ({ given }) => yes(given.needleBroke === true),
} satisfies Record<string, (seen: Seen) => number | undefined>;
export type Fact = keyof typeof FACT;

/** The facts of one line; what nobody knows moves nothing. */
export type Facts = Partial<Record<Fact, number>>;

/**
 * The facts of a line, from its cloth, seam and setting.
 *
 * @param given - the line
 * @returns numbers; `needleHours` is undefined when nobody counted them
 */
export function factsOf(given: Case): Facts {
  const { setup } = given;
  const seam = seamContext(given.cloth, given.operation);
  const seen: Seen = { given, setup, seam, profile: seam.profile, least: giveOfSetup(seam, setup)[0] };
  return mapTable<Fact, (seen: Seen) => number | undefined, number | undefined>(FACT, (factOf) => factOf(seen));
}

/** The machine of a line: the one given, or a plain domestic one. */
export const machineOf = (given: Pick<Case, 'machine'>): Machine => given.machine ?? PLAIN_MACHINE;

/** One condition on a fact; all of a list must hold. A fact nobody knows holds no condition. */
export type Condition = readonly [fact: Fact, is: '>=' | '<', value: number];

/**
 * Whether every condition of a list holds.
 *
 * @param facts - the line's facts
 * @param conditions - all of them must hold
 * @example
 * holds({ pressure: 0.5 }, [['pressure', '>=', 0.5]]) // => true
 * holds({}, [['needleHours', '<', 1]]) // => false
 */
export function holds(facts: Facts, conditions: readonly Condition[]): boolean {
  return conditions.every(([fact, is, value]) => {
    const known = facts[fact];
    if (known === undefined) return false;
    return is === '>=' ? atLeast(known, value) : isBelow(known, value);
  });
}
