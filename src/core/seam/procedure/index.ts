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
export { OUTCOMES, type Run, runSchema } from './run';
export * from './workOut';

/** Every operation that can be run, in the order of its group. */
export const PROCEDURES: readonly Procedure[] = [
  PLAIN_OPEN,
  PLAIN_FINISHED,
  DOUBLE_ROW,
  FRENCH,
  FLAT_FELLED,
  MOCK_FELLED,
  ABUTTED,
  BASTE,
  ZIP_CENTRED,
  ZIP_CONCEALED,
  ZIP_EXPOSED,
  ZIP_LAPPED,
  HEM_TWIN,
  HEM_ZIGZAG,
  HEM_TRIPLE,
  HEM_ROLLED,
  HEM_JEANS,
  NECK_BAND,
  CUFF,
  WAIST_RIB,
  ELASTIC_CASING,
  CURVED_SEAM,
  CORNER,
  DART,
  TOPSTITCH_EDGE,
  DITCH,
  UNDERSTITCH,
  STAY_STITCH,
  GATHER,
  BAR_TACK,
  STRIP_SET,
  QUILT_LINES,
];
