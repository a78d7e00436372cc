import { FIBRE, type Thread, threadDiameterMm } from '../kit';
import { type Hazard, riskLevel } from './risk';
import type { SeamContext } from './seamContext';

/** Thread that is stronger than the yarns of an all-cotton knit cuts them (common practice). */
const STRONGER_THAN_COTTON = ['polyester', 'elastic-polyester', 'nylon'] as const;
/** A seam asked for more than this needs the stretch of polyester more than the mercy of cotton, percent. */
const GIVES_WITH_COTTON = 30;
/** A seam that must give this much leaves ordinary thread behind, percent (model). */
const OUTSTRETCHES = { from: 35, over: 35, thread: 0.2 };

/**
 * What a thread does to the cloth, whatever needle carries it.
 *
 * Models: thread stronger than the yarns cuts them along the seam; thread that stretches less than very elastic cloth
 * is what gives way in wear; thick thread pushes the yarns of a light cloth apart.
 *
 * @param seam - cloth and operation
 * @param thread - needle thread
 * @returns risks, each 0 … 1
 * @example
 * threadRisks({ lightness: 0, required: { percent: 70 }, profile: { structure: 'knit', allCotton: false, massGsm: { value: 190 } } }, { fibre: 'polyester', tex: 27 })[1].level // => 0.45
 */
export function threadRisks(
  seam: Pick<SeamContext, 'lightness'> & {
    required: Pick<SeamContext['required'], 'percent'>;
    profile: Pick<SeamContext['profile'], 'structure' | 'allCotton'> & { massGsm: { value: number } };
  },
  thread: Thread,
): Hazard[] {
  const { profile, lightness, required } = seam;
  const knit = profile.structure === 'knit';
  const strong = (STRONGER_THAN_COTTON as readonly string[]).includes(thread.fibre);
  const stretch = riskLevel((required.percent - OUTSTRETCHES.from) / OUTSTRETCHES.over);
  const stiff = riskLevel(1 - FIBRE[thread.fibre].extension / OUTSTRETCHES.thread);
  const room = 0.15 + 0.06 * (1 - lightness) + Math.max(0, profile.massGsm.value - 130) / 2000;
  return [
    {
      sign: 'holes',
      level: knit && profile.allCotton && strong ? (required.percent > GIVES_WITH_COTTON ? 0.15 : 0.4) : 0,
      why: () => 'This thread is stronger than the cotton yarns and cuts them along the seam.',
    },
    {
      sign: 'popped',
      level: knit && required.percent > 0 ? riskLevel(0.9 * stretch * stiff) : 0,
      why: () => 'This thread stretches less than the fabric, so the thread breaks first.',
    },
    {
      sign: 'pucker-line',
      level: riskLevel((threadDiameterMm(thread) - room) / 0.12),
      why: () => 'Thread this thick pushes the fabric’s yarns apart.',
    },
  ];
}
