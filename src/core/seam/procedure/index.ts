import { CLOSE_GAP } from './closeGap';
import { HAND_BASTE } from './handBaste';
import { KNOT_TAILS } from './knotTails';
import { TAILORS_TACKS } from './tailorsTacks';
import { BIND_EDGE } from './binding';
import { BOUND_SEAM } from './boundSeam';
import { BUTTONHOLES } from './buttonhole';
import { EASE } from './easing';
import { ELASTIC_SEWN_ON } from './elasticSewnOn';
import { HEM_BLIND } from './hemBlind';
import { HEM_RAW } from './hemRaw';
import { LAPPED_RAW } from './lappedSeam';
import { OVERLOCK_LOOK } from './overlockLook';
import { PATCH_POCKET } from './patchPocket';
import { PIPING } from './piping';
import { REINFORCE } from './reinforce';
import { STRIPE_MATCH } from './stripeMatch';
import { ABUTTED } from './abuttedSeam';
import { CUFF, WAIST_RIB } from './ribRing';
import { ELASTIC_CASING } from './elasticCasing';
import { CORNER } from './corner';
import { CURVED_SEAM } from './curvedSeam';
import { FLAT_FELLED } from './flatFelled';
import { FRENCH } from './frenchSeam';
import { DART } from './dart';
import { BAR_TACK } from './barTack';
import { BASTE } from './basting';
import { PLAIN_FINISHED } from './plainFinished';
import { DOUBLE_ROW } from './doubleRow';
import { MOCK_FELLED } from './mockFelled';
import { HEM_JEANS } from './hemJeans';
import { HEM_TWIN } from './hemTwin';
import { NECK_BAND } from './neckBand';
import { HEM_TRIPLE, HEM_ZIGZAG } from './oneRowHem';
import { HEM_ROLLED } from './rolledHem';
import { PLAIN_OPEN } from './plainOpen';
import { ENCLOSED, OUTLINE_SEAM } from './outlineSeam';
import { STAY_STITCH } from './stayStitch';
import { UNDERSTITCH } from './understitch';
import { DITCH } from './ditch';
import { GATHER } from './gather';
import { QUILT_LINES } from './quiltLines';
import { STRIP_SET } from './stripSet';
import { TOPSTITCH_EDGE } from './topstitchEdge';
import type { Procedure } from './types';
import { ZIP_CENTRED } from './zipCentred';
import { ZIP_CONCEALED } from './zipConcealed';
import { ZIP_EXPOSED } from './zipExposed';
import { ZIP_LAPPED } from './zipLapped';

export type { Point, Scene, SceneCloth, SceneDim, SceneLine } from './scene';
export { type Ask, type Given, type Numbers, type Procedure, PROCEDURE_GROUPS, type Step } from './types';
export { givenOf } from './givenOf';
export { stepSetup } from './stepSetup';
export { toolAt, type ToolAt } from './toolAt';
export { type LineStitch, stitchAlong } from './stitchAlong';
export { needlesFit, sewnByMachine } from './sewnBy';
export { stepsOf, usualSteps } from './stepsOf';
export { newRun, OUTCOMES, type Run, runSchema, type RunStart } from './run';
export * from './workOut';

/** Every operation that can be run, in the order of its group. */
export const PROCEDURES: readonly Procedure[] = [
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
  BASTE,
  ZIP_CENTRED,
  ZIP_CONCEALED,
  ZIP_EXPOSED,
  ZIP_LAPPED,
  PIPING,
  HEM_TWIN,
  HEM_ZIGZAG,
  HEM_TRIPLE,
  HEM_ROLLED,
  HEM_JEANS,
  HEM_BLIND,
  HEM_RAW,
  NECK_BAND,
  CUFF,
  WAIST_RIB,
  ELASTIC_CASING,
  ELASTIC_SEWN_ON,
  BIND_EDGE,
  CURVED_SEAM,
  CORNER,
  OUTLINE_SEAM,
  ENCLOSED,
  EASE,
  DART,
  TOPSTITCH_EDGE,
  PATCH_POCKET,
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
  TAILORS_TACKS,
  HAND_BASTE,
  KNOT_TAILS,
  CLOSE_GAP,
];

/** The operation of a key; undefined for one that this version does not know. */
export const procedureOf = (id: string): Procedure | undefined => PROCEDURES.find((p) => p.id === id);

/** What an operation is called; its key where this version does not know it. */
export const procedureName = (id: string): string => procedureOf(id)?.name ?? id;
