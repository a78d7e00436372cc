import { type ClothProfile, FAMILY, isFineSlippery, loftOf, STRUCTURE } from '../../cloth';
import { OPENED } from './plan';

type Two = readonly ClothProfile[];

/** How a plain seam is built where two different cloths meet: the first row that fits both. */
interface PairSeam {
  when: (first: ClothProfile, second: ClothProfile) => boolean;
  seam: (profiles: Two, names: readonly string[]) => string;
}

/** Whichever of two it is true of. */
const either = (is: (one: ClothProfile) => boolean) => (first: ClothProfile, second: ClothProfile) =>
  is(first) || is(second);
const both = (is: (one: ClothProfile) => boolean) => (first: ClothProfile, second: ClothProfile) =>
  is(first) && is(second);

const isPile = (one: ClothProfile) =>
  FAMILY[one.family].pile === true || (one.structure !== 'hide' && one.traits.includes('napped'));
const isSkin = ({ structure }: ClothProfile) => STRUCTURE[structure].skin === true;
const isFoam = ({ structure }: ClothProfile) => structure === 'foam';
const frays = ({ traits }: ClothProfile) => traits.includes('frays');
/** French seams are for cloth that is fine and thin, mm. */
const FRENCH_TO_MM = 0.5;
const isFrench = (one: ClothProfile) => isFineSlippery(one) && frays(one) && one.thicknessMm.value <= FRENCH_TO_MM;

/** The name of the one it is true of. */
const nameOf = (profiles: Two, names: readonly string[], is: (one: ClothProfile) => boolean) =>
  names[profiles.findIndex(is)];
/** The name of the heavier one: allowances are pressed away from it. */
const thinner = (profiles: Two, names: readonly string[]) =>
  names[profiles[0].thicknessMm.value <= profiles[1].thicknessMm.value ? 0 : 1];

/** Common practice, in the order of what can be spoilt. */
export const PAIR_SEAMS: readonly PairSeam[] = [
  {
    when: both(isFoam),
    seam: () => 'Lay the edges side by side, without allowance, and centre the stitch over the join',
  },
  {
    when: either(isFoam),
    seam: (profiles, names) =>
      `Plain seam, right sides together, ${OPENED.place}, the allowance of ${nameOf(profiles, names, isFoam)} trimmed back; or lap its raw edge over the other fabric`,
  },
  {
    when: either(isSkin),
    seam: (profiles, names) =>
      `Plain seam, right sides together, ${OPENED.place}; ${profiles.some(frays) ? `finish only the edge of ${nameOf(profiles, names, frays)}` : 'leave the edges as they are'}`,
  },
  {
    when: both(isPile),
    seam: () =>
      'Plain seam, piles facing each other: tack twice, close together, then sew with the nap; pick the pile out of the seam afterwards',
  },
  {
    when: either(isPile),
    seam: (profiles, names) =>
      `Plain seam, right sides together, ${nameOf(profiles, names, isPile)} on top, each edge finished separately, ${OPENED.place}`,
  },
  { when: both(isFrench), seam: () => 'French seam: wrong sides together first, then right sides' },
  {
    when: (first, second) => frays(first) !== frays(second),
    seam: (profiles, names) =>
      `Plain seam, right sides together, finish the edge of ${nameOf(profiles, names, frays)}; press the allowances towards ${thinner(profiles, names)}`,
  },
  {
    when: either((one) => loftOf(one) >= 0.5),
    seam: () =>
      `Plain seam, right sides together, each edge finished separately, ${OPENED.place}; grade the bulkier allowance`,
  },
  {
    when: both(frays),
    seam: (profiles, names) =>
      `Plain seam, right sides together, edges finished, press the allowances towards ${thinner(profiles, names)}`,
  },
  {
    when: () => true,
    seam: (profiles, names) =>
      `Plain seam, right sides together, leave the edges, fold the allowances towards ${thinner(profiles, names)}`,
  },
];
