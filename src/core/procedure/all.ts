import { CLOSE_GAP } from './byHand/closeGap';
import { HAND_BASTE } from './byHand/handBaste';
import { KNOT_TAILS } from './byHand/knotTails';
import { TAILORS_TACKS } from './byHand/tailorsTacks';
import { BIND_EDGE } from './bands/binding';
import { BOUND_SEAM } from './seams/boundSeam';
import { BUTTONHOLES } from './topstitching/buttonhole';
import { EASE } from './curves/easing';
import { ELASTIC_SEWN_ON } from './bands/elasticSewnOn';
import { HEM_BLIND } from './hems/hemBlind';
import { HEM_RAW } from './hems/hemRaw';
import { LAPPED_RAW } from './seams/lappedSeam';
import { OVERLOCK_LOOK } from './seams/overlockLook';
import { PATCH_POCKET } from './topstitching/patchPocket';
import { PIPING } from './zips/piping';
import { REINFORCE } from './topstitching/reinforce';
import { STRIPE_MATCH } from './strips/stripeMatch';
import { ABUTTED } from './seams/abuttedSeam';
import { CUFF, WAIST_RIB } from './bands/ribRing';
import { ELASTIC_CASING } from './bands/elasticCasing';
import { CORNER } from './curves/corner';
import { CURVED_SEAM } from './curves/curvedSeam';
import { FLAT_FELLED } from './seams/flatFelled';
import { FRENCH } from './seams/frenchSeam';
import { DART } from './curves/dart';
import { BAR_TACK } from './topstitching/barTack';
import { BASTE } from './seams/basting';
import { PLAIN_FINISHED } from './seams/plainFinished';
import { DOUBLE_ROW } from './seams/doubleRow';
import { MOCK_FELLED } from './seams/mockFelled';
import { HEM_JEANS } from './hems/hemJeans';
import { HEM_TWIN } from './hems/hemTwin';
import { NECK_BAND } from './bands/neckBand';
import { HEM_TRIPLE, HEM_ZIGZAG } from './hems/oneRowHem';
import { HEM_ROLLED } from './hems/rolledHem';
import { PLAIN_OPEN } from './seams/plainOpen';
import { ENCLOSED, OUTLINE_SEAM } from './curves/outlineSeam';
import { STAY_STITCH } from './topstitching/stayStitch';
import { UNDERSTITCH } from './topstitching/understitch';
import { DITCH } from './topstitching/ditch';
import { GATHER } from './topstitching/gather';
import { QUILT_LINES } from './strips/quiltLines';
import { STRIP_SET } from './strips/stripSet';
import { TOPSTITCH_EDGE } from './topstitching/topstitchEdge';
import { BIAS_SEAM } from './seams/biasSeam';
import { COAT_HEM } from './hems/coatHem';
import { FACING } from './curves/facing';
import { HEM_DOUBLE } from './hems/hemDouble';
import { HEM_HAND_ROLLED } from './hems/hemHandRolled';
import { INSEAM_POCKET } from './topstitching/inseamPocket';
import { INTERFACING } from './preparing/interfacing';
import { LAY_AND_CUT } from './preparing/layAndCut';
import { PRINCESS_SEAM } from './curves/princessSeam';
import { SLEEVE_FLAT, SLEEVE_ROUND } from './curves/sleeves';
import { UNPICK } from './preparing/unpicking';
import { WAISTBAND_FOLDED, WAISTBAND_SINGLE } from './bands/waistband';
import { ZIP_SHORTEN } from './preparing/zipShorten';
import type { Proves } from '../card';
import { lowerFirst } from '../units';
import { rowsOfProcedure } from './engine/rows';
import { MAIN_ROW, type Procedure } from './engine/types';
import { ZIP_BETWEEN_FOLDS } from './zips/zipBetweenFolds';
import { ZIP_CENTRED } from './zips/zipCentred';
import { ZIP_CONCEALED } from './zips/zipConcealed';
import { ZIP_EXPOSED } from './zips/zipExposed';
import { ZIP_LAPPED } from './zips/zipLapped';

/** Every operation that can be run, in the order of its group. */
const ALL = [
  PLAIN_OPEN,
  PLAIN_FINISHED,
  OVERLOCK_LOOK,
  DOUBLE_ROW,
  FRENCH,
  FLAT_FELLED,
  MOCK_FELLED,
  BOUND_SEAM,
  LAPPED_RAW,
  ABUTTED,
  BIAS_SEAM,
  BASTE,
  ZIP_CENTRED,
  ZIP_CONCEALED,
  ZIP_EXPOSED,
  ZIP_LAPPED,
  ZIP_BETWEEN_FOLDS,
  PIPING,
  HEM_DOUBLE,
  HEM_TWIN,
  HEM_ZIGZAG,
  HEM_TRIPLE,
  HEM_ROLLED,
  HEM_HAND_ROLLED,
  HEM_JEANS,
  HEM_BLIND,
  COAT_HEM,
  HEM_RAW,
  NECK_BAND,
  CUFF,
  WAIST_RIB,
  WAISTBAND_FOLDED,
  WAISTBAND_SINGLE,
  ELASTIC_CASING,
  ELASTIC_SEWN_ON,
  BIND_EDGE,
  CURVED_SEAM,
  PRINCESS_SEAM,
  FACING,
  CORNER,
  OUTLINE_SEAM,
  ENCLOSED,
  EASE,
  SLEEVE_FLAT,
  SLEEVE_ROUND,
  DART,
  TOPSTITCH_EDGE,
  PATCH_POCKET,
  INSEAM_POCKET,
  DITCH,
  UNDERSTITCH,
  STAY_STITCH,
  GATHER,
  BAR_TACK,
  REINFORCE,
  BUTTONHOLES,
  STRIP_SET,
  STRIPE_MATCH,
  QUILT_LINES,
  LAY_AND_CUT,
  INTERFACING,
  ZIP_SHORTEN,
  UNPICK,
  TAILORS_TACKS,
  HAND_BASTE,
  KNOT_TAILS,
  CLOSE_GAP,
] as const;

/** The id of an operation. */
export type ProcedureId = (typeof ALL)[number]['id'];

/** Every operation that can be run, in the order of its group. */
export const PROCEDURES: readonly Procedure<ProcedureId>[] = ALL;

/** The operation of a key; undefined for one that this version does not know. */
export const procedureOf = (id: string): Procedure<ProcedureId> | undefined => PROCEDURES.find((p) => p.id === id);

/** What an operation is called; its key where this version does not know it. */
export const procedureName = (id: string): string => procedureOf(id)?.name ?? id;

/**
 * What a scrap or a card was sewn for, in words.
 *
 * @param proves - the operation, and which of its rows
 * @returns its name, with the row where it has several
 * @example
 * provenName({ procedureId: 'flat-felled', row: 'top' }) // => 'Flat-felled seam: the topstitching'
 * provenName({ procedureId: 'plain-open', row: null }) // => 'Plain seam, pressed open'
 */
export function provenName({ procedureId, row }: Proves): string {
  const procedure = procedureOf(procedureId);
  if (!procedure?.rows) return procedureName(procedureId);
  const { name } = rowsOfProcedure(procedure)[row ?? MAIN_ROW] ?? {};
  return name ? `${procedure.name}: ${lowerFirst(name)}` : procedure.name;
}
