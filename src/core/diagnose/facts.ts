import { atLeast, isBelow } from '../numbers';
import { type Cloth, STRUCTURE } from '../cloth';
import { type Machine, needleThreadFit, PLAIN_MACHINE, FIBRE, FOOT } from '../kit';
import { elasticSkipRisk, giveOfSetup, pointRisk, seamContext, thickSeamNm, usualNm } from '../physics';
import type { Operation, Setup } from '../setup';

/** What the graph may ask about a line before any sign is looked at: plain numbers, 0 or 1 for yes and no. */
export const FACTS = [
  'needleHours',
  'needleOff',
  'pointUnfit',
  'eyeFill',
  'tensionSteps',
  'pressure',
  'drag',
  'giveShort',
  'giveAsked',
  'threadExtension',
  'lengthMm',
  'perforates',
  'sheer',
  'tightness',
  'compliance',
  'lightness',
  'thicknessMm',
  'knit',
  'napped',
  'twin',
  'straightStitch',
  'straightPlate',
  'threadCheap',
  'threadGood',
  'tried',
] as const;
export type Fact = (typeof FACTS)[number];

/** The facts of one line; what nobody knows is absent and then moves nothing. */
export type Facts = Partial<Record<Fact, number>>;

/** What is known of a line that did not come out right. */
export interface Case {
  cloth: Cloth;
  operation: Operation;
  setup: Setup;
  machine?: Machine;
  needleHours?: number;
  threadQuality?: 'good' | 'unknown' | 'cheap';
  trueLengthMm?: number;
  tried: number;
}

/**
 * The facts of a line, from its cloth, seam and setting.
 *
 * @param given - the line
 * @returns numbers; `needleHours` is absent when nobody counted them
 */
export function factsOf(given: Case): Facts {
  const { setup } = given;
  const seam = seamContext(given.cloth, given.operation);
  const { profile } = seam;
  const [least] = giveOfSetup(seam, setup);
  const yes = (is: boolean) => (is ? 1 : 0);
  return {
    ...(given.needleHours !== undefined && { needleHours: given.needleHours }),
    needleOff: setup.needle.nm - usualNm(profile) - thickSeamNm(seam.thicknessMm),
    pointUnfit: Math.max(pointRisk(seam, setup.needle.point).level, elasticSkipRisk(seam, setup.needle.point).level),
    eyeFill: needleThreadFit(setup.thread, setup.needle).fill,
    tensionSteps: setup.tensionSteps - seam.operation.tensionSteps,
    pressure: setup.pressure,
    drag: FOOT[setup.foot].drag,
    giveShort: seam.required.percent - least,
    giveAsked: seam.required.percent,
    threadExtension: FIBRE[setup.thread.fibre].extension,
    lengthMm: given.trueLengthMm ?? setup.lengthMm,
    perforates: yes(STRUCTURE[profile.structure].holesStay !== undefined),
    sheer: yes(profile.traits.includes('sheer')),
    tightness: seam.tightness,
    compliance: seam.compliance,
    lightness: seam.lightness,
    thicknessMm: seam.thicknessMm,
    knit: yes(profile.structure === 'knit'),
    napped: yes(profile.traits.includes('napped')),
    twin: yes(setup.needle.gapMm !== undefined),
    straightStitch: yes(setup.stitch === 'straight'),
    straightPlate: yes(setup.plate === 'straight'),
    threadCheap: yes(given.threadQuality === 'cheap'),
    threadGood: yes(given.threadQuality === 'good'),
    tried: given.tried,
  };
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
