import { holdText } from '../../kit';
import { lowerFirst } from '../../units';
import type { SewingPlan } from './plan';

const SECURE: Record<SewingPlan['secure'], string> = {
  'back-stitch': 'End with three stitches back.',
  lock: 'End with the lock stitch.',
  knot: 'Leave the tails and knot them by hand; no backstitch.',
  'short-stitch': 'End with a few very short stitches.',
  'tails-to-back': 'Pull the tails to the back and knot them there; no backstitch.',
  none: 'Leave the tails: nothing secures these ends.',
};

/**
 * How a line of stitching is ended, as one sentence.
 *
 * @example
 * secureText('lock') // => 'End with the lock stitch.'
 */
export const secureText = (secure: SewingPlan['secure']): string => SECURE[secure];

const SPEED: Record<SewingPlan['speed'], string> = { slow: 'slowly', steady: 'slow and even', free: 'freely' };

/**
 * How fast a line is sewn, as one sentence.
 *
 * @example
 * speedText('slow') // => 'Sew slowly: guide, never pull.'
 */
export const speedText = (speed: SewingPlan['speed']): string => `Sew ${SPEED[speed]}: guide, never pull.`;

/** Each part of a plan as one sentence. */
export interface PlanText {
  cut: string;
  mark: string;
  hold: string;
  speed: string;
  secure: string;
  press: string;
}

/** A plan in sentences, for every screen that shows one. */
export function planText({ cut, mark, hold, pins, tissue, speed, secure, press }: SewingPlan): PlanText {
  const steam = { no: 'no steam', little: 'little steam', yes: 'with steam' }[press.steam];
  return {
    cut: `Cut ${cut.layers === 'single' ? 'one layer at a time' : 'folded'} with ${cut.tool}${cut.sandwich ? ', between sheets of tissue' : ''}${cut.oneWay ? ', all pieces one way' : ''}.`,
    mark: `Mark: ${lowerFirst(mark)}.`,
    hold: `Hold with ${hold.map((way) => holdText(way, pins)).join(' or ')}${tissue ? ', tissue under' : ''}.`,
    speed: speedText(speed),
    secure: secureText(secure),
    press:
      press.maxSolePlateC === 0
        ? 'Do not iron.'
        : `Press at ${press.maxSolePlateC} °C at most${press.pressCloth ? ', through a press cloth' : ''}, ${steam}.`,
  };
}
