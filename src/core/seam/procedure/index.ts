import { ABUTTED } from './abuttedSeam';
import { CORNER } from './corner';
import { CURVED_SEAM } from './curvedSeam';
import { FLAT_FELLED } from './flatFelled';
import { FRENCH } from './frenchSeam';
import { HEM_JEANS } from './hemJeans';
import { HEM_TWIN } from './hemTwin';
import { NECK_BAND } from './neckBand';
import { PLAIN_OPEN } from './plainOpen';
import { STRIP_SET } from './stripSet';
import { TOPSTITCH_EDGE } from './topstitchEdge';
import type { Procedure } from './types';
import { ZIP_CENTRED } from './zipCentred';
import { ZIP_CONCEALED } from './zipConcealed';

export type { Point, Scene, SceneCloth, SceneDim, SceneLine } from './scene';
export { type Ask, type Given, type Numbers, type Procedure, PROCEDURE_GROUPS, type Step } from './types';
export { OUTCOMES, type Run, runSchema } from './run';
export * from './workOut';

/** Every operation that can be run, in the order of its group. */
export const PROCEDURES: readonly Procedure[] = [
  PLAIN_OPEN,
  FRENCH,
  FLAT_FELLED,
  ABUTTED,
  ZIP_CENTRED,
  ZIP_CONCEALED,
  HEM_TWIN,
  HEM_JEANS,
  NECK_BAND,
  CURVED_SEAM,
  CORNER,
  TOPSTITCH_EDGE,
  STRIP_SET,
];
