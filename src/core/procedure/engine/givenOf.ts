import { type Cloth, type ClothProfile, clothProfile, isFineSlippery, type Trait } from '../../cloth';
import { type Machine, PLAIN_MACHINE } from '../../kit';
import { layerShiftMm, seamContext } from '../../physics';
import { type Operation, type Schools, type Setup, USUAL_SCHOOLS } from '../../setup';
import { PACE_SHARE } from '../../stitch';
import type { UnitSystem } from '../../units';
import { rowsOfProcedure } from './rows';
import type { RowSetups } from './stepSetup';
import { type Given, MAIN_ROW, type Procedure, type Row, type RowSize } from './types';
import type { SewnWith } from './workOut';

/** Up to these masses, g/m², a cloth is light or medium in the hand (common practice). */
const WEIGHT_GSM = { light: 130, medium: 280 };

/** Stitch length and stitch where no setting was found yet: the plainest. */
const PLAIN_STITCH = { stitch: 'straight', lengthMm: 2.5, widthMm: 0, foot: 'standard', pressure: 0.5 } as const;

/** What is known of the person who sews. */
export interface Person {
  creep?: number;
  schools?: Schools;
  system?: UnitSystem;
}

/** What rows and their kinds are known by. */
export type WithRows = Pick<Procedure, 'name' | 'kind' | 'main' | 'rows'>;

/** A row as it is asked of match, before any fabric is named. */
export const operationOfRow = ({ kind, layers }: Pick<Row, 'kind' | 'layers'>): Operation => ({
  kind,
  ...(layers !== undefined && { layers }),
});

/**
 * What is known of an operation before anything is asked: from cloth, machine and the setting of each row.
 *
 * @param cloth - what is sewn
 * @param procedure - the operation
 * @param machine - the machine; a plain one when it is not there any more
 * @param setups - the setting of each row; a plain straight stitch while there is none
 * @param person - `creep`: how much more than the model their machine lets the top layer creep, 1 until that was measured; `schools`: which they follow; `system`: what they measure in
 * @param band - the fabric of the band, where one is sewn on
 * @returns what the operation is worked out from, and how its seams are sewn
 */
export function givenOf(
  cloth: Cloth,
  procedure: WithRows,
  machine: Machine | null,
  setups: RowSetups | null,
  { creep = 1, schools = USUAL_SCHOOLS, system = 'metric' }: Person = {},
  band: Cloth | null = null,
): { given: Given; how: SewnWith } {
  const profile = clothProfile(cloth);
  const rows = rowsOfProcedure(procedure);
  const stitched = Object.fromEntries(
    Object.entries(rows).map(([id, row]) => [id, seamContext(cloth, operationOfRow(row), creep)]),
  );
  const seam = stitched[MAIN_ROW];
  const { footLiftMm, extraLiftMm, maxLengthMm, speedSpm } = machine ?? PLAIN_MACHINE;
  const { stitch, lengthMm, widthMm, foot, pressure } = setups?.[MAIN_ROW] ?? PLAIN_STITCH;
  const mass = profile.massGsm.value;
  return {
    given: {
      thicknessMm: profile.thicknessMm.value,
      squash: Math.min(1, seam.thicknessMm / (seam.layers * profile.thicknessMm.value)),
      stretch: profile.stretchAcross.value,
      recovery: profile.recovery.value,
      ...(band && { band: springOf(clothProfile(band)) }),
      weight: mass < WEIGHT_GSM.light ? 'light' : mass < WEIGHT_GSM.medium ? 'medium' : 'heavy',
      frays: flag(profile, 'frays', 'loose'),
      slides: isFineSlippery(profile) ? 1 : 0,
      oneWay: flag(profile, 'napped'),
      holesStay: flag(profile, 'holes-stay'),
      lengthMm,
      widthMm,
      ...(setups && { rows: sizesOf(setups) }),
      footLiftMm,
      extraLiftMm,
      topSpm: speedSpm,
      longestMm: maxLengthMm,
      shiftMm: layerShiftMm(seam, foot, pressure),
      schools,
      system,
    },
    how: {
      stitch,
      widthMm,
      stitchedMm: seam.thicknessMm,
      speedSpm: speedSpm * PACE_SHARE,
      rowsStitchedMm: Object.fromEntries(Object.entries(stitched).map(([id, { thicknessMm }]) => [id, thicknessMm])),
    },
  };
}

const springOf = ({ stretchAcross, recovery }: ClothProfile) => ({
  stretch: stretchAcross.value,
  recovery: recovery.value,
});

/** 1 where the fabric has one of these traits. */
const flag = ({ traits }: ClothProfile, ...any: readonly Trait[]): number =>
  traits.some((trait) => any.includes(trait)) ? 1 : 0;

const sizesOf = (setups: RowSetups): Record<string, RowSize> =>
  Object.fromEntries(
    Object.entries(setups).map(([row, { stitch, lengthMm, widthMm }]: [string, Setup]) => [
      row,
      { stitch, lengthMm, widthMm },
    ]),
  );
