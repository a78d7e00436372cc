import { idsOf, rowsOf, type Origin, tableOf } from '../result';
import { needleName } from '../kit';
import type { Setup } from '../setup';
import { formatNumber } from '../units';
import type { Cause } from './causes';
import type { Condition } from './facts';

/** What a change does to the setting; nothing for what is done with hands or cleaned. */
export type RemedyEdit =
  /** To the size that suits the fabric, at least one size that way. */
  | { kind: 'needle-size'; steps: number }
  | { kind: 'needle-gap' }
  | { kind: 'needle-point'; point: Setup['needle']['point']; twin?: Setup['needle']['point'] }
  | { kind: 'thread-finer' }
  | { kind: 'thread-elastic' }
  | { kind: 'thread-cotton' }
  | { kind: 'dial'; dial: 'tensionSteps' | 'widthMm'; by: number }
  /** To the length that Match wants, as counted; where it is that already, by so much. */
  | { kind: 'length'; by: number }
  | { kind: 'pressure'; by: -1 | 1 }
  | { kind: 'foot'; foot: Setup['foot'] }
  | { kind: 'plate-straight' }
  | { kind: 'stitch-that-gives' };

/** One change: what it is, how long it takes, and the probability that it cures each cause. */
interface RemedyRow {
  kind: 'check' | 'technique' | 'setting' | 'question';
  text: string;
  minutes: number;
  cures: Partial<Record<Cause, number>>;
  edit?: RemedyEdit;
  /** Only offered when these hold. */
  when?: readonly Condition[];
  /** May be done again when it helped: one step more. */
  again?: boolean;
  caution?: string;
}

const OFF = 'Switch the machine off first.';

// Minutes and cures: common practice put into numbers (model).
const TRIED: Origin = {
  provenance: 'model',
  source: 'What people try: common practice; minutes and probabilities are set by us.',
};

/** What can be done about a line, each one thing, by its id. */
// prettier-ignore
export const REMEDY = tableOf<RemedyRow>()({
  'new-needle': { ...TRIED, kind: 'check', text: 'Put in a new needle of the same kind, flat side as the manual shows, pushed right up.', minutes: 2, cures: { 'needle-worn': 0.95, 'needle-inserted-wrong': 0.9 }, caution: OFF },
  'smaller-needle': { ...TRIED, kind: 'setting', text: 'Put in a new needle, finer: {nm}.', minutes: 2.2, cures: { 'needle-too-big': 0.85, 'needle-worn': 0.85, 'needle-inserted-wrong': 0.8 }, edit: { kind: 'needle-size', steps: -1 }, again: true, when: [['needleOff', '>=', -4]], caution: OFF },
  'larger-needle': { ...TRIED, kind: 'setting', text: 'Put in a new needle, thicker: {nm}.', minutes: 2.2, cures: { 'needle-too-small': 0.85, 'thread-too-thick': 0.5, 'needle-worn': 0.8 }, edit: { kind: 'needle-size', steps: 1 }, again: true, when: [['needleOff', '<', 5]], caution: OFF },
  'ballpoint-needle': { ...TRIED, kind: 'setting', text: 'Put in a new ballpoint needle: it slips between the loops.', minutes: 2.2, cures: { 'wrong-point': 0.75, 'needle-worn': 0.85, 'needle-inserted-wrong': 0.8 }, edit: { kind: 'needle-point', point: 'ballpoint', twin: 'twin-stretch' }, when: [['knit', '>=', 1], ['pointUnfit', '>=', 0.12]], caution: OFF },
  'stretch-needle': { ...TRIED, kind: 'setting', text: 'Put in a new stretch needle: the hook catches its loop in elastic fabric.', minutes: 2.2, cures: { 'wrong-point': 0.8, 'needle-worn': 0.85, 'needle-inserted-wrong': 0.8 }, edit: { kind: 'needle-point', point: 'stretch', twin: 'twin-stretch' }, when: [['knit', '>=', 1]], caution: OFF },
  'sharp-needle': { ...TRIED, kind: 'setting', text: 'Put in a new sharp needle: it pierces exactly where it lands.', minutes: 2.2, cures: { 'wrong-point': 0.7, 'needle-worn': 0.85, 'needle-inserted-wrong': 0.8 }, edit: { kind: 'needle-point', point: 'sharp' }, when: [['knit', '<', 1], ['twin', '<', 1], ['pointUnfit', '>=', 0.05]], caution: OFF },
  'better-thread': { ...TRIED, kind: 'check', text: 'Change to a smooth, fresh thread of the same size, top and bobbin.', minutes: 3, cures: { 'thread-poor': 0.92, 'thread-old': 0.92, 'thread-too-thick': 0.5, 'rethread-needed': 0.85, 'bobbin-wound-badly': 0.85, 'bobbin-wrong-way': 0.8 } },
  'finer-thread': { ...TRIED, kind: 'setting', text: 'Change to the next finer thread.', minutes: 3, cures: { 'thread-too-thick': 0.85, 'rethread-needed': 0.8, 'thread-poor': 0.6, 'thread-old': 0.8, 'bobbin-wound-badly': 0.8, 'bobbin-wrong-way': 0.7 }, edit: { kind: 'thread-finer' } },
  'elastic-thread': { ...TRIED, kind: 'setting', text: 'Change to slightly elastic thread, and keep a stitch that stretches.', minutes: 4, cures: { 'thread-no-give': 0.85, 'stitch-no-give': 0.3 }, edit: { kind: 'thread-elastic' }, when: [['giveAsked', '>=', 15], ['straightStitch', '<', 1]] },
  rethread: { ...TRIED, kind: 'check', text: 'Take the top thread out and thread it again with the foot up, through every guide and the take-up lever.', minutes: 1.2, cures: { 'rethread-needed': 0.93 } },
  'lever-up-hold-tails': { ...TRIED, kind: 'technique', text: 'Start with the take-up lever at its highest and the foot down, and hold both tails for three stitches.', minutes: 0.5, cures: { 'lever-not-up': 0.95, 'tails-loose': 0.92 } },
  'clean-feed': { ...TRIED, kind: 'check', text: 'Take the plate off and brush the lint out of the feed teeth and around the hook.', minutes: 3, cures: { 'lint-in-feed': 0.93 }, caution: 'Switch the machine off and unplug it first.' },
  'tension-down': { ...TRIED, kind: 'setting', text: 'Turn the needle tension down {steps}.', minutes: 0.4, cures: { 'upper-tension-high': 0.7, 'thread-too-thick': 0.15 }, edit: { kind: 'dial', dial: 'tensionSteps', by: -1 }, again: true },
  'tension-up': { ...TRIED, kind: 'setting', text: 'Turn the needle tension up {steps}.', minutes: 0.4, cures: { 'upper-tension-low': 0.7 }, edit: { kind: 'dial', dial: 'tensionSteps', by: 1 }, again: true },
  'bobbin-tension': { ...TRIED, kind: 'setting', text: 'Turn the screw of the bobbin case by an eighth, and note where it was.', minutes: 6, cures: { 'bobbin-tension': 0.75 }, caution: 'Last resort, when everything else has failed: follow the manual. It is hard to find the old setting again.' },
  'pressure-down': { ...TRIED, kind: 'setting', text: 'Set the presser pressure one mark lighter.', minutes: 0.4, cures: { 'pressure-high': 0.7, 'foot-drag': 0.1, 'sole-sticks': 0.1 }, edit: { kind: 'pressure', by: -1 }, again: true },
  'pressure-up': { ...TRIED, kind: 'setting', text: 'Set the presser pressure one mark heavier.', minutes: 0.4, cures: { 'pressure-low': 0.75 }, edit: { kind: 'pressure', by: 1 }, again: true },
  'walking-foot': { ...TRIED, kind: 'setting', text: 'Fit the walking foot: it feeds the top layer too.', minutes: 1.8, cures: { 'foot-drag': 0.88, 'pressure-high': 0.25, 'sole-sticks': 0.75, 'unequal-cloths': 0.3 }, edit: { kind: 'foot', foot: 'walking' }, when: [['drag', '>=', 0.3]], caution: `${OFF} Tighten its screw and the needle clamp.` },
  'glide-foot': { ...TRIED, kind: 'setting', text: 'Fit a foot with a slippery sole.', minutes: 1.5, cures: { 'foot-drag': 0.6, 'sole-sticks': 0.85, 'pressure-high': 0.15 }, edit: { kind: 'foot', foot: 'glide' }, when: [['drag', '>=', 0.6]], caution: OFF },
  'straight-plate': { ...TRIED, kind: 'setting', text: 'Fit the straight-stitch plate: its small hole supports the fabric.', minutes: 2.5, cures: { 'plate-slot-wide': 0.92, 'plate-worn': 0.9 }, edit: { kind: 'plate-straight' }, when: [['straightStitch', '>=', 1], ['twin', '<', 1]], caution: OFF },
  'start-inside': { ...TRIED, kind: 'technique', text: 'Start {10 mm} in from the edge, sew back to the edge, then forward.', minutes: 0.4, cures: { 'start-at-edge': 0.85 } },
  leader: { ...TRIED, kind: 'technique', text: 'Start on a leader scrap and run on to the fabric.', minutes: 0.8, cures: { 'start-at-edge': 0.85, 'plate-slot-wide': 0.35, 'tails-loose': 0.5 } },
  tissue: { ...TRIED, kind: 'technique', text: 'Lay white tissue under the seam, and tear it away afterwards.', minutes: 1.5, cures: { 'plate-slot-wide': 0.6, 'plate-worn': 0.6, 'foot-drag': 0.15, 'thread-stronger-than-cloth': 0.1 } },
  starch: { ...TRIED, kind: 'technique', text: 'Starch the edge and let it dry.', minutes: 6, cures: { 'foot-drag': 0.3, 'pressure-high': 0.3, 'soft-hem': 0.25 } },
  'hem-tape': { ...TRIED, kind: 'technique', text: 'Fuse a strip of stretch tape into the fold.', minutes: 4, cures: { 'soft-hem': 0.88, 'gap-wide': 0.4 } },
  shorter: { ...TRIED, kind: 'setting', text: 'Sew shorter stitches: {length}.', minutes: 0.4, cures: { 'stitch-too-long': 0.85 }, edit: { kind: 'length', by: -0.5 }, again: true },
  longer: { ...TRIED, kind: 'setting', text: 'Sew longer stitches: {length}.', minutes: 0.4, cures: { 'stitch-too-short': 0.85, 'dial-off': 0.7, 'pressure-high': 0.1 }, edit: { kind: 'length', by: 0.5 }, again: true },
  wider: { ...TRIED, kind: 'setting', text: 'Sew {0.5 mm} wider.', minutes: 0.4, cures: { 'stitch-no-give': 0.5 }, edit: { kind: 'dial', dial: 'widthMm', by: 0.5 }, again: true, when: [['straightStitch', '<', 1]] },
  narrower: { ...TRIED, kind: 'setting', text: 'Sew {0.5 mm} narrower.', minutes: 0.4, cures: { 'upper-tension-low': 0.2 }, edit: { kind: 'dial', dial: 'widthMm', by: -0.5 }, when: [['straightStitch', '<', 1]] },
  'other-stitch': { ...TRIED, kind: 'setting', text: 'Change to a stitch that stretches more.', minutes: 0.6, cures: { 'stitch-no-give': 0.85 }, edit: { kind: 'stitch-that-gives' }, when: [['giveAsked', '>=', 3]] },
  'do-not-pull': { ...TRIED, kind: 'technique', text: 'Let the feed move the fabric: only guide it, and hold up its weight.', minutes: 0.5, cures: { pulled: 0.88 } },
  slower: { ...TRIED, kind: 'technique', text: 'Sew more slowly and evenly.', minutes: 0.5, cures: { pulled: 0.3, 'eyes-on-needle': 0.3 } },
  shim: { ...TRIED, kind: 'technique', text: 'Stop with the needle down, lift the foot, and put a folded scrap behind it so that it is level.', minutes: 1, cures: { 'hump-step': 0.88 } },
  'hand-wheel': { ...TRIED, kind: 'technique', text: 'Turn the handwheel, stitch by stitch, over metal and bulky places. Take every pin out first.', minutes: 1, cures: { 'hit-metal': 0.85, 'hump-step': 0.35 }, caution: 'Wear glasses. If the needle hits something, find every fragment and check the plate for a burr.' },
  'press-cloth': { ...TRIED, kind: 'technique', text: 'Use a press cloth and an iron one dot cooler.', minutes: 1, cures: { heat: 0.85 } },
  'steam-back': { ...TRIED, kind: 'technique', text: 'Hold the iron {25 mm} above the seam and steam it back.', minutes: 1.5, cures: { pulled: 0.2, 'pressure-high': 0.1 } },
  'fence-tape': { ...TRIED, kind: 'technique', text: 'Stick a strip of tape on the plate as a guide, and look at it, not at the needle.', minutes: 0.8, cures: { 'eyes-on-needle': 0.85 } },
  'wider-allowance': { ...TRIED, kind: 'technique', text: 'Give the seam a wider allowance, or tape it.', minutes: 2, cures: { 'allowance-narrow': 0.85 } },
  'zip-overlap': { ...TRIED, kind: 'technique', text: 'Start the rest of the seam {12 mm} up, overlapping the zip stitching and right beside it.', minutes: 2, cures: { 'zip-gap': 0.88 } },
  'clear-fragments': { ...TRIED, kind: 'check', text: 'Find every piece of the broken needle. Feel the plate, the foot and the hook for a burr with a bit of cotton wool, then put in a new needle.', minutes: 3, cures: { 'needle-worn': 0.95, 'needle-inserted-wrong': 0.9, burr: 0.2 }, when: [['needleBroke', '>=', 1]], caution: `${OFF} Pieces of needle fly and stab: wear glasses, and count the pieces.` },
  'bobbin-round': { ...TRIED, kind: 'check', text: 'Take the bobbin out and put it back so that it turns the way the manual shows, with its thread in the slot.', minutes: 0.8, cures: { 'bobbin-wrong-way': 0.95, 'rethread-needed': 0.05 } },
  'rewind-bobbin': { ...TRIED, kind: 'check', text: 'Wind a fresh bobbin, evenly and not too fast, and put it in the way the manual shows.', minutes: 2.5, cures: { 'bobbin-wound-badly': 0.93, 'bobbin-wrong-way': 0.85 } },
  'smooth-burr': { ...TRIED, kind: 'check', text: 'Feel plate, foot and hook with a bit of cotton wool. Smooth a small burr on the plate or foot with the finest emery; leave the hook to a technician.', minutes: 5, cures: { burr: 0.65, 'plate-worn': 0.3 }, caution: OFF },
  'new-plate': { ...TRIED, kind: 'check', text: 'Check the hole of the needle plate. If it is nicked or worn, fit a new plate for this machine.', minutes: 5, cures: { 'plate-worn': 0.92, burr: 0.3 }, caution: OFF },
  'foot-down': { ...TRIED, kind: 'check', text: 'Lower the presser foot: while it is up, there is no tension on the thread.', minutes: 0.1, cures: { 'foot-up': 0.97 } },
  'feed-up': { ...TRIED, kind: 'check', text: 'Raise the feed teeth: find the lever or slide that lowers them for darning.', minutes: 0.3, cures: { 'feed-lowered': 0.97 } },
  'length-up': { ...TRIED, kind: 'check', text: 'Check the stitch length dial: set it to the length you want, and see that it stays there.', minutes: 0.2, cures: { 'length-zero': 0.95 } },
  'clean-sole': { ...TRIED, kind: 'technique', text: 'Wipe the sole of the foot clean and stick a strip of matt tape under it.', minutes: 1.5, cures: { 'sole-sticks': 0.75, 'foot-drag': 0.15 }, caution: OFF },
  'roller-foot': { ...TRIED, kind: 'setting', text: 'Fit the roller foot: it rolls over sticky fabric.', minutes: 1.5, cures: { 'sole-sticks': 0.85, 'foot-drag': 0.4 }, edit: { kind: 'foot', foot: 'roller' }, when: [['drag', '>=', 0.6]], caution: OFF },
  'tissue-on-top': { ...TRIED, kind: 'technique', text: 'Lay white tissue on top, between foot and fabric, and tear it away afterwards.', minutes: 1.5, cures: { 'sole-sticks': 0.75, 'foot-drag': 0.45, 'pressure-high': 0.45 } },
  'starch-tissue': { ...TRIED, kind: 'technique', text: 'Starch the edge, let it dry, and lay tissue above and below.', minutes: 8, cures: { 'pressure-high': 0.55, 'foot-drag': 0.5, 'plate-slot-wide': 0.6, 'soft-hem': 0.2 } },
  'other-end': { ...TRIED, kind: 'technique', text: 'Sew each strip from the opposite end to the one before.', minutes: 0.3, cures: { 'same-end-sewn': 0.92 } },
  'cool-first': { ...TRIED, kind: 'technique', text: 'Press the seam flat, let it cool where it is, and do not pull it while it is hot.', minutes: 2, cures: { 'pressed-hot': 0.88 } },
  'match-layers': { ...TRIED, kind: 'technique', text: 'Cut both layers from the same fabric, on the same grain. If they must differ, put the stretchier one underneath and match marks every {50 mm}.', minutes: 4, cures: { 'unequal-cloths': 0.85, 'foot-drag': 0.15 } },
  'narrower-gap': { ...TRIED, kind: 'setting', text: 'Change to a twin needle with a narrower gap.', minutes: 2.2, cures: { 'gap-wide': 0.85, 'needle-worn': 0.85 }, edit: { kind: 'needle-gap' }, when: [['twin', '>=', 1]], caution: OFF },
  'cotton-thread': { ...TRIED, kind: 'setting', text: 'Change to cotton thread: in an all-cotton knit it breaks before the fabric does.', minutes: 3, cures: { 'thread-stronger-than-cloth': 0.85, 'thread-poor': 0.5, 'thread-old': 0.8, 'rethread-needed': 0.8 }, edit: { kind: 'thread-cotton' }, when: [['cottonKnit', '>=', 1]] },
  'band-longer': { ...TRIED, kind: 'technique', text: 'Cut the band a little longer, and quarter it again.', minutes: 6, cures: { 'band-too-short': 0.88 } },
  'band-shorter': { ...TRIED, kind: 'technique', text: 'Cut the band a little shorter, or use fabric with better recovery.', minutes: 6, cures: { 'band-too-long': 0.88 } },
  'mark-hem': { ...TRIED, kind: 'technique', text: 'Mark the fold all round, press it along that line, and tack or pin it before you sew.', minutes: 5, cures: { 'hem-skewed': 0.88, 'foot-drag': 0.15 } },
  'ease-zip': { ...TRIED, kind: 'technique', text: 'Tack the zip with the fabric flat and a little ease in it, and sew both sides in the same direction.', minutes: 5, cures: { 'zip-stretched': 0.88 } },
  'flatten-below': { ...TRIED, kind: 'technique', text: 'Turn it over and check before you sew. Keep the layer underneath flat with a finger, well away from the needle.', minutes: 1, cures: { 'layer-slipped': 0.85 } },
  'grade-and-flatten': { ...TRIED, kind: 'technique', text: 'Grade the allowances at the bulky place and tap it flat with a hammer on a board.', minutes: 4, cures: { 'hump-step': 0.75 } },
  'hand-needle': { ...TRIED, kind: 'technique', text: 'Sew this place by hand, with a strong needle.', minutes: 6, cures: { 'hump-step': 0.9, 'hit-metal': 0.9 } },
  technician: { ...TRIED, kind: 'check', text: 'Take the machine to a qualified technician: the rest is inside it.', minutes: 240, cures: { 'hook-timing': 0.97, burr: 0.9, 'plate-worn': 0.9, 'dial-off': 0.9 } },
  nothing: { ...TRIED, kind: 'check', text: 'There is nothing to change.', minutes: 0, cures: {} },
});
export type RemedyId = keyof typeof REMEDY;
export type RemedyFacts = (typeof REMEDY)[RemedyId];
export const REMEDIES = idsOf(REMEDY);
export const REMEDY_LIST: readonly RemedyFacts[] = rowsOf(REMEDY);

/**
 * The probability that a change puts a cause right, 0 … 1.
 *
 * @example
 * cureOf('rethread', 'rethread-needed') // => 0.93
 * cureOf('rethread', 'burr') // => 0
 */
export const cureOf = (id: RemedyId, cause: Cause): number =>
  (REMEDY[id].cures as Partial<Record<Cause, number>>)[cause] ?? 0;

/**
 * What a change asks for, in words.
 *
 * @param id - a change as a line keeps it
 * @returns its sentence; null for one that is not known
 * @example
 * changeText('tension-down') // => 'Turn the needle tension down.'
 * changeText('pray') // => null
 */
export function changeText(id: string): string | null {
  const text = REMEDY_LIST.find((row) => row.id === id)?.text;
  return text === undefined ? null : text.replace(/:? \{(nm|steps|length)\}/, '');
}

/**
 * A change in words, with what it makes of the setting in them.
 *
 * @param remedy - the change
 * @param to - the setting it makes; `from` the one it was
 */
export function remedyText({ text }: Pick<RemedyFacts, 'text'>, from: Setup, to: Setup): string {
  const steps = Math.abs(to.tensionSteps - from.tensionSteps);
  return text
    .replace('{nm}', needleName(to.needle))
    .replace('{steps}', steps >= 2 ? 'two steps' : 'one step')
    .replace('{length}', `${formatNumber(to.lengthMm)} mm`);
}
