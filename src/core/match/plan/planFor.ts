import { FAMILY, IRON_STEPS } from '../../cloth';
import { pivotEvery } from '../../geometry';
import { PIN, sameThread } from '../../kit';
import { ALIKE_STRETCH } from '../../physics';
import type { Setup } from '../../setup';
import { threadUse } from '../../stitch';
import { mm, threadMm } from '../../units';
import { pairNames } from './joinPlans';
import {
  FUSES_FROM_C,
  FUSIBLE,
  IN_FROM_EDGE,
  OPENED,
  PRESS_FLAT,
  PRESS_PILE,
  type SewingPlan,
  STEAM_BACK,
  UNKNOWN_FIBRE,
} from './plan';
import type { Question } from '../question';

/**
 * The plan of the rules, with what only this cloth, machine and setting can tell.
 *
 * @param question - opened question
 * @param setup - the chosen setting; null when nothing safe is possible
 * @returns the whole plan
 */
export function planFor(question: Question, setup: Setup | null): SewingPlan {
  const { plan } = question.aims;
  const press = pressFor(question);
  const iron = press.maxSolePlateC > 0;
  const fit = (note: string) =>
    (iron || !IRONING.some(saidIn(note))) && (press.steam !== 'no' || !saidIn(note)(STEAM_BACK));
  return {
    ...plan,
    seam: seamFor(plan.seam, press.maxSolePlateC),
    start: startFor(plan),
    press,
    notes: setup ? [...plan.notes.filter(fit), ...notesFor(question, setup)] : [],
  };
}

/** How the seam is built, with the iron where it may go, else with a thumb. */
function seamFor(seam: string, maxSolePlateC: number): string {
  const opened = seam.replace(OPENED.place, maxSolePlateC > 0 ? OPENED.byIron : OPENED.byHand);
  const taped = maxSolePlateC >= FUSES_FROM_C ? opened : opened.replace(FUSIBLE.tape, FUSIBLE.coolTape);
  if (maxSolePlateC > 0) return taped;
  return taped
    .replace(/(?<!finger-|never )\bpress(ed)?\b/g, 'finger-press$1')
    .replace(', and cool under a clapper', '');
}

/** What only an iron can do. */
const IRONING = [PRESS_FLAT, STEAM_BACK, PRESS_PILE, UNKNOWN_FIBRE];
/** Whether a note is this one, the name of its cloth before it or not. */
const saidIn = (note: string) => (said: string) => note.toLowerCase().endsWith(said.toLowerCase());

/** How a line goes on from where it was begun, by how its ends are held. */
const HELD: Readonly<Record<SewingPlan['secure'], string>> = {
  'back-stitch': 'Two stitches forward, two back, then carry on.',
  lock: 'Let the machine tie off, then carry on.',
  'short-stitch': 'Sew the first few stitches at 1 mm, then full length.',
  knot: 'Leave tails of {100 mm} to knot.',
  'tails-to-back': 'Leave tails of {100 mm} to pull to the back.',
  none: 'Leave tails of {100 mm}: this end is left open.',
};

/** Where and how a line is begun: never back over what must not be sewn twice. */
function startFor({ start, secure }: SewingPlan): string[] {
  if (!start.includes(IN_FROM_EDGE))
    return start.some((step) => /leave tails/.test(step)) ? start : [...start, HELD[secure]];
  if (secure === 'back-stitch') return [...start, 'Sew back to the edge, then forward.'];
  const onTissue = start.map((step) => (step === IN_FROM_EDGE ? 'Start on tissue laid under the edge.' : step));
  return [...onTissue, HELD[secure]];
}

/** At one dot steam is advised against (ISO 3758:2012): a plate so cool drips, and what takes no more heat may take no steam. */
const [DRY_UP_TO_C] = IRON_STEPS;

/** The iron follows the most delicate fibre as well as the family. */
function pressFor({ aims, seam, input }: Question): SewingPlan['press'] {
  const { press } = aims.plan;
  const { ceilingC, from } = seam.profile.heat;
  const maxSolePlateC = Math.min(press.maxSolePlateC, ceilingC);
  // A pile is never ironed, nor what is sewn to it: steam is held above, unless its fibre is known to stand none.
  const hasPile = [input.cloth, input.operation.second].some((cloth) => cloth && FAMILY[cloth.family].pile);
  const isHeldAbove = hasPile && from === 'unknown';
  return {
    maxSolePlateC,
    // A fibre that nobody knows is ironed through a cloth, whatever its family would take.
    pressCloth: press.pressCloth || (from === 'unknown' && maxSolePlateC > 0),
    steam: maxSolePlateC <= DRY_UP_TO_C && !isHeldAbove ? 'no' : press.steam,
  };
}

/**
 * The fibre that lowers the iron below what the family would take.
 *
 * @param question - opened question
 * @returns its name and ceiling in °C; null when the family's own rule is the lower one
 */
export function loweringFibre({ aims, seam }: Question): { fibre: string; ceilingC: number } | null {
  const { fibre, ceilingC } = seam.profile.heat;
  return fibre === null || ceilingC >= aims.plan.press.maxSolePlateC ? null : { fibre, ceilingC };
}

/** Ends that a machine must not tie off by itself. */
const LEFT_LOOSE: readonly SewingPlan['secure'][] = ['knot', 'tails-to-back', 'none'];

function notesFor({ seam, machine, aims, lacksPins }: Question, setup: Setup): string[] {
  const notes: string[] = [...seam.profile.notes];
  if (lacksPins.length > 0)
    notes.push(`You have no ${lacksPins.map((kind) => PIN[kind].many).join(' or ')}: tack it by hand, or buy some.`);
  if (seam.each.length > 0) notes.push(...pairNotes(seam));
  const seamMm = seam.asked.lengthMm;
  if (seamMm !== undefined) {
    const use = threadUse({ ...setup, thicknessMm: seam.thicknessMm, seamMm });
    notes.push(`Needle thread: about ${threadMm(use.needleMm)}, plus the same in the bobbin, plus tails.`);
  }
  if (setup.bobbin && !sameThread(setup.thread, setup.bobbin))
    notes.push(
      'Thick thread on top, all-purpose below: start from normal tension. If loops show below, turn the needle tension up. If the top thread lies straight on the fabric, turn it down.',
    );
  const { radiusMm } = seam.asked;
  if (radiusMm !== undefined) notes.push(...curveNotes(radiusMm, setup.lengthMm, machine.needleStop));
  if (machine.autoLock && LEFT_LOOSE.includes(aims.plan.secure))
    notes.push('Turn off automatic tie-off: these ends are left long.');
  if (setup.lengthMm >= 3.5)
    notes.push('A stitch this long may need one step less tension: look at both sides of the test.');
  if (seam.underFootMm > machine.footLiftMm && seam.underFootMm <= machine.footLiftMm + machine.extraLiftMm)
    notes.push('These layers only fit under the foot with its extra lift.');
  return notes;
}

/** How far a line that is turned on the needle may leave its curve, mm (model). */
const PIVOT_TOLERANCE_MM = 0.5;

/** A curve that turns more than hands can steer is turned on the needle. */
function curveNotes(radiusMm: number, lengthMm: number, needleStop: boolean): string[] {
  const every = pivotEvery(radiusMm, lengthMm, PIVOT_TOLERANCE_MM);
  if (every === null) return [];
  const when = every === 1 ? 'after every stitch' : `every ${every} stitches`;
  return [
    `A radius of ${mm(radiusMm)} is too tight to steer by hand: ${needleStop ? 'set the needle to stop down; ' : ''}${when} stop with the needle down, lift the foot and turn the fabric a little.`,
  ];
}

/** Of two cloths the one that moves more lies where the feed can hold it, and a pile lies on top. */
function pairNotes({ each }: Question['seam']): string[] {
  const profiles = each.map(({ profile }) => profile);
  const names = pairNames(profiles);
  const piles = profiles.map(({ structure, traits }) => structure !== 'hide' && traits.includes('napped'));
  const bothPile = piles[0] && piles[1];
  const onTop = piles[0] !== piles[1] ? piles.indexOf(true) : null;
  const [first, second] = each.map(({ clothGive }) => clothGive);
  const creepier = profiles.findIndex(({ traits }) => traits.includes('slippery'));
  const below = Math.abs(first - second) > ALIKE_STRETCH ? Number(second > first) : creepier === -1 ? null : creepier;
  if (bothPile) return ['Both have a pile: tack them twice, and sew in the direction of the nap.'];
  if (onTop !== null) return [`Sew with ${names[onTop]} on top, pile up, and ${names[1 - onTop]} on the feed.`];
  if (below !== null) return [`Put ${names[below]} underneath, on the feed: it shifts more, and the feed eases it in.`];
  return [`Put the longer of ${names[0]} and ${names[1]} underneath, on the feed, which eases it in.`];
}
