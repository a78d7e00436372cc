import type { Foot } from '../src/core/kit';
import type { SewingPlan } from '../src/core/match';
import type { OperationKind } from '../src/core/setup';
import type { Accepts, FamilyAccepts } from './teacherTypes';

const KNOT = ['knot'] as const;
export const FEED: readonly Foot[] = ['standard', 'walking', 'dual-feed', 'glide', 'knit', 'straight', 'roller'];
export const LINE: readonly [number, number] = [0, 0];

/** What the operation changes of that, by the kind of cloth. */
type Change = (of: FamilyAccepts) => Partial<Accepts>;
const line = (more: Partial<Accepts>): Partial<Accepts> => ({ stitch: ['straight'], widthMm: LINE, ...more });
const zip =
  (seam: RegExp): Change =>
  () =>
    line({ foot: ['zip'], lengthMm: [1.8, 3.5], seam });
const shown: readonly SewingPlan['secure'][] = ['tails-to-back'];

export const KINDS: Readonly<Partial<Record<OperationKind, Change>>> = {
  join: ({ kind }) =>
    kind === 'knit'
      ? { stitch: ['zigzag', 'three-step-zigzag', 'triple-straight', 'lightning', 'overlock-like'], widthMm: [0, 6] }
      : kind === 'foam'
        ? { stitch: ['zigzag', 'bridging'], widthMm: [3, 6] }
        : line({}),
  hem: ({ kind, tex }) =>
    kind === 'knit'
      ? {
          point: ['twin-stretch', 'twin', 'ballpoint', 'stretch'],
          stitch: ['straight', 'zigzag', 'triple-straight', 'three-step-zigzag'],
          lengthMm: [2, 3.5],
          widthMm: [0, 4],
          seam: /fold|edge/i,
        }
      : kind === 'woven'
        ? {
            stitch: ['straight', 'blind', 'zigzag'],
            lengthMm: [1.5, 4],
            widthMm: [0, 4],
            foot: [...FEED, 'blind-hem'],
            seam: /^Fold twice|^Turn once|edge/,
            tex,
          }
        : line({ lengthMm: [2.5, 4], seam: /fold|edge/i }),
  topstitch: ({ kind, tex, fine: tender }) => ({
    ...(kind === 'knit'
      ? {
          point: ['twin-stretch', 'twin', 'ballpoint', 'stretch'] as const,
          stitch: ['straight', 'zigzag'] as const,
          widthMm: [0, 3] as const,
          lengthMm: [1, 4] as const,
        }
      : line({
          lengthMm: tender ? [1.8, 4] : [1.8, 4],
          point: ['sharp', 'universal', 'topstitch', 'jeans', 'leather', 'quilting'],
        })),
    seam: /an even distance/,
    secure: shown,
    tex: [tex[0], 80],
    bobbinTex: [14, 60],
  }),
  'rolled-hem': () => ({
    foot: ['rolled-hem'],
    stitch: ['straight', 'zigzag'],
    lengthMm: [1.5, 2.5],
    widthMm: [0, 3],
    seam: /rolled/,
  }),
  'blind-hem': ({ kind }) => ({
    foot: ['blind-hem'],
    stitch: kind === 'knit' ? ['stretch-blind', 'blind'] : ['blind'],
    lengthMm: [1.5, 3],
    widthMm: [2, 4],
    seam: /side stitch catches/,
  }),
  'edge-finish': ({ kind }) =>
    kind === 'skin' || kind === 'foam'
      ? line({ seam: /None needed/, lengthMm: [2.5, 4] })
      : {
          stitch: ['zigzag', 'three-step-zigzag', 'overlock-like'],
          lengthMm: [0.8, 3],
          widthMm: [2, 7],
          seam: /raw edge|overlocker/i,
        },
  band: ({ kind }) => ({
    seam: /stretch only the band/,
    ...(kind === 'knit'
      ? { stitch: ['zigzag', 'lightning', 'three-step-zigzag', 'triple-straight'] as const, widthMm: [0, 6] as const }
      : line({})),
  }),
  elastic: () => ({
    stitch: ['three-step-zigzag', 'zigzag'],
    lengthMm: [1, 3.5],
    widthMm: [3, 7],
    seam: /quarters of the elastic/,
  }),
  casing: ({ kind }) => ({
    stitch: kind === 'knit' ? ['zigzag', 'straight', 'three-step-zigzag'] : ['straight'],
    lengthMm: [1.8, 4],
    widthMm: [0, 4],
    seam: /leaving a gap/,
  }),
  binding: ({ kind }) => ({
    foot: ['binding', 'standard', 'walking'],
    stitch: kind === 'knit' ? ['zigzag', 'three-step-zigzag'] : ['straight'],
    lengthMm: [2, 3.5],
    widthMm: [0, 5],
    seam: /the back is caught/,
  }),
  'zip-centred': zip(/zip face down/),
  'zip-concealed': () => line({ foot: ['concealed-zip', 'zip'], lengthMm: [1.8, 3], seam: /12 mm above the pull/ }),
  'zip-exposed': zip(/window/),
  'zip-lapped': zip(/lap the other/),
  piping: zip(/Cord in a bias strip/),
  ditch: () => line({ foot: ['ditch', 'standard', 'walking'], lengthMm: [2.2, 3], seam: /lower side/ }),
  'quilt-lines': () => line({ foot: ['walking', 'dual-feed'], lengthMm: [2.5, 3.5], seam: /every row the same way/ }),
  baste: ({ tex }) => line({ lengthMm: [4, 6], tensionSteps: [-2, 0], secure: ['none'], seam: /pulled out/, tex }),
  stay: () => line({ lengthMm: [1.5, 2.5], seam: /inside the seam line/ }),
  understitch: ({ kind }) =>
    kind === 'knit' ? { seam: /stitched through all/ } : line({ lengthMm: [2, 3], seam: /stitched through all/ }),
  gather: () => line({ lengthMm: [4, 5], tensionSteps: [-2.5, -1], secure: ['none'], seam: /Two rows/ }),
  dart: () => line({ lengthMm: [1.8, 2.8], secure: KNOT, seam: /wide end to the point/ }),
  reinforce: () => line({ lengthMm: [0.5, 1.6], seam: /Very short/ }),
  'bar-tack': ({ kind }) =>
    kind === 'skin' || kind === 'foam'
      ? line({ foot: ['grooved', 'standard'], lengthMm: [2.5, 4], secure: shown, seam: /bar/ })
      : {
          foot: ['grooved', 'standard'],
          stitch: ['satin', 'zigzag'],
          lengthMm: [0.3, 0.6],
          widthMm: [1.5, 4],
          tensionSteps: [-2, 0.5],
          secure: shown,
          seam: /bar/,
        },
  buttonhole: ({ kind }) =>
    kind === 'skin' || kind === 'foam'
      ? line({
          foot: ['buttonhole', 'standard', 'grooved'],
          lengthMm: [2.5, 4],
          tensionSteps: [-2, 2],
          secure: shown,
          seam: /cut slit/,
        })
      : {
          foot: ['buttonhole'],
          stitch: ['buttonhole'],
          lengthMm: [0.3, 0.6],
          widthMm: [4, 6],
          tensionSteps: [-2, 0],
          secure: shown,
          seam: /stabiliser/,
        },
  'strip-join': () =>
    line({ foot: ['quarter-inch', 'walking', 'standard', 'straight'], lengthMm: [1.5, 2.2], seam: /narrow allowance/ }),
};

/** An operation that has to be looked for beside a seam takes a sharper point, and a bar or a hole a finer thread. */
export const SHARPER: readonly OperationKind[] = ['strip-join', 'buttonhole', 'quilt-lines'];
