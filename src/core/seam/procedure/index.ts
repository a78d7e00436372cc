import { ABUTTED } from './abuttedSeam';
import { CUFF, ELASTIC_CASING, WAIST_RIB } from './bandsMore';
import { CORNER } from './corner';
import { CURVED_SEAM } from './curvedSeam';
import { FLAT_FELLED } from './flatFelled';
import { FRENCH } from './frenchSeam';
import { BAR_TACK, BASTE, DART } from './details';
import { DOUBLE_ROW, MOCK_FELLED, PLAIN_FINISHED } from './finishedSeams';
import { HEM_JEANS } from './hemJeans';
import { HEM_TWIN } from './hemTwin';
import { NECK_BAND } from './neckBand';
import { HEM_ROLLED, HEM_TRIPLE, HEM_ZIGZAG } from './plainHems';
import { PLAIN_OPEN } from './plainOpen';
import { DITCH, GATHER, QUILT_LINES, STAY_STITCH, UNDERSTITCH } from './rowWork';
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
