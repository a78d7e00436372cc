import { idsOf, rowsOf, type Origin, tableOf } from '../result';
import type { Setup } from '../setup';
import type { Cause } from './causes';
import type { Condition } from './facts';

/** What a change does to the setting; nothing for what is done with hands or cleaned. */
export type RemedyEdit =
  | { kind: 'needle-size'; steps: number }
  | { kind: 'needle-point'; point: Setup['needle']['point']; twin?: Setup['needle']['point'] }
  | { kind: 'thread-finer' }
  | { kind: 'thread-elastic' }
  | { kind: 'dial'; dial: 'tensionSteps' | 'lengthMm' | 'widthMm'; by: number }
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
  'new-needle': { ...TRIED, kind: 'check', text: 'Put in a new needle of the same kind, flat side as the manual shows, right up to the stop.', minutes: 2, cures: { 'needle-worn': 0.95, 'needle-inserted-wrong': 0.9 }, caution: OFF },
  'smaller-needle': { ...TRIED, kind: 'setting', text: 'Put in a new needle one size finer.', minutes: 2.2, cures: { 'needle-too-big': 0.75, 'needle-worn': 0.85, 'needle-inserted-wrong': 0.8 }, edit: { kind: 'needle-size', steps: -1 }, again: true, when: [['needleOff', '>=', -4]], caution: OFF },
  'larger-needle': { ...TRIED, kind: 'setting', text: 'Put in a new needle one size thicker.', minutes: 2.2, cures: { 'needle-too-small': 0.75, 'thread-too-thick': 0.55, 'needle-worn': 0.8 }, edit: { kind: 'needle-size', steps: 1 }, again: true, when: [['needleOff', '<', 5]], caution: OFF },
  'ballpoint-needle': { ...TRIED, kind: 'setting', text: 'Put in a new ballpoint needle: it slips between the loops.', minutes: 2.2, cures: { 'wrong-point': 0.75, 'needle-worn': 0.85, 'needle-inserted-wrong': 0.8 }, edit: { kind: 'needle-point', point: 'ballpoint', twin: 'twin-stretch' }, when: [['knit', '>=', 1], ['pointUnfit', '>=', 0.12]], caution: OFF },
  'stretch-needle': { ...TRIED, kind: 'setting', text: 'Put in a new stretch needle: the hook catches its loop in elastic cloth.', minutes: 2.2, cures: { 'wrong-point': 0.8, 'needle-worn': 0.85, 'needle-inserted-wrong': 0.8 }, edit: { kind: 'needle-point', point: 'stretch', twin: 'twin-stretch' }, when: [['knit', '>=', 1]], caution: OFF },
  'sharp-needle': { ...TRIED, kind: 'setting', text: 'Put in a new sharp needle: it pierces where it stands.', minutes: 2.2, cures: { 'wrong-point': 0.7, 'needle-worn': 0.85, 'needle-inserted-wrong': 0.8 }, edit: { kind: 'needle-point', point: 'sharp' }, when: [['knit', '<', 1], ['twin', '<', 1], ['pointUnfit', '>=', 0.05]], caution: OFF },
  'better-thread': { ...TRIED, kind: 'check', text: 'Change to a smooth, fresh thread of the same size, above and below.', minutes: 3, cures: { 'thread-poor': 0.92, 'rethread-needed': 0.85 } },
  'finer-thread': { ...TRIED, kind: 'setting', text: 'Change to the next finer thread.', minutes: 3, cures: { 'thread-too-thick': 0.85, 'rethread-needed': 0.8, 'thread-poor': 0.4 }, edit: { kind: 'thread-finer' } },
  'elastic-thread': { ...TRIED, kind: 'setting', text: 'Change to slightly elastic thread, still with a stitch that gives.', minutes: 4, cures: { 'thread-no-give': 0.85, 'stitch-no-give': 0.3 }, edit: { kind: 'thread-elastic' }, when: [['giveAsked', '>=', 15], ['straightStitch', '<', 1]] },
  rethread: { ...TRIED, kind: 'check', text: 'Take the upper thread out and thread it again with the foot up, through every guide and the lever.', minutes: 1.2, cures: { 'rethread-needed': 0.93 } },
  'lever-up-hold-tails': { ...TRIED, kind: 'technique', text: 'Begin with the take-up lever at its highest, foot down, and hold both tails for three stitches.', minutes: 0.5, cures: { 'lever-not-up': 0.95, 'tails-loose': 0.92 } },
  'clean-feed': { ...TRIED, kind: 'check', text: 'Take the plate off and brush the lint out of the feed teeth and round the hook.', minutes: 3, cures: { 'lint-in-feed': 0.93 }, caution: 'Switch the machine off and unplug it first.' },
  'tension-down': { ...TRIED, kind: 'setting', text: 'Needle tension one step down.', minutes: 0.4, cures: { 'upper-tension-high': 0.7, 'thread-too-thick': 0.15 }, edit: { kind: 'dial', dial: 'tensionSteps', by: -1 }, again: true },
  'tension-up': { ...TRIED, kind: 'setting', text: 'Needle tension one step up.', minutes: 0.4, cures: { 'upper-tension-low': 0.7 }, edit: { kind: 'dial', dial: 'tensionSteps', by: 1 }, again: true },
  'bobbin-tension': { ...TRIED, kind: 'setting', text: 'Turn the screw of the bobbin case an eighth, and note where it stood.', minutes: 6, cures: { 'bobbin-tension': 0.75 }, caution: 'Last resort: only as the manual shows, and only when everything else has failed. It is hard to find the way back.' },
  'pressure-down': { ...TRIED, kind: 'setting', text: 'Presser pressure one mark lighter.', minutes: 0.4, cures: { 'pressure-high': 0.7, 'foot-drag': 0.15 }, edit: { kind: 'pressure', by: -1 }, again: true },
  'pressure-up': { ...TRIED, kind: 'setting', text: 'Presser pressure one mark heavier.', minutes: 0.4, cures: { 'pressure-low': 0.75 }, edit: { kind: 'pressure', by: 1 }, again: true },
  'walking-foot': { ...TRIED, kind: 'setting', text: 'Put the walking foot on: the top layer is fed too.', minutes: 1.8, cures: { 'foot-drag': 0.88, 'pressure-high': 0.3 }, edit: { kind: 'foot', foot: 'walking' }, when: [['drag', '>=', 0.3]], caution: `${OFF} Tighten its screw and the needle clamp.` },
  'glide-foot': { ...TRIED, kind: 'setting', text: 'Put a foot with a slippery sole on.', minutes: 1.5, cures: { 'foot-drag': 0.6 }, edit: { kind: 'foot', foot: 'glide' }, when: [['drag', '>=', 0.6]], caution: OFF },
  'straight-plate': { ...TRIED, kind: 'setting', text: 'Put the straight-stitch plate on: its small hole holds the cloth up.', minutes: 2.5, cures: { 'plate-slot-wide': 0.92 }, edit: { kind: 'plate-straight' }, when: [['straightStitch', '>=', 1], ['twin', '<', 1]], caution: OFF },
  'start-inside': { ...TRIED, kind: 'technique', text: 'Begin {10 mm} in from the edge, back to the edge, then forward.', minutes: 0.4, cures: { 'start-at-edge': 0.85 } },
  leader: { ...TRIED, kind: 'technique', text: 'Begin on a leader scrap and run on to the cloth.', minutes: 0.8, cures: { 'start-at-edge': 0.85, 'plate-slot-wide': 0.35, 'tails-loose': 0.5 } },
  tissue: { ...TRIED, kind: 'technique', text: 'Lay white tissue under the seam, and tear it away afterwards.', minutes: 1.5, cures: { 'plate-slot-wide': 0.6, 'foot-drag': 0.3, 'pressure-high': 0.25 } },
  starch: { ...TRIED, kind: 'technique', text: 'Starch the edge and let it dry.', minutes: 6, cures: { 'foot-drag': 0.3, 'pressure-high': 0.25, 'soft-hem': 0.25 } },
  'hem-tape': { ...TRIED, kind: 'technique', text: 'Fuse a strip of stretch tape into the fold.', minutes: 4, cures: { 'soft-hem': 0.88 } },
  shorter: { ...TRIED, kind: 'setting', text: 'Stitches half a millimetre shorter.', minutes: 0.4, cures: { 'stitch-too-long': 0.7 }, edit: { kind: 'dial', dial: 'lengthMm', by: -0.5 }, again: true },
  longer: { ...TRIED, kind: 'setting', text: 'Stitches half a millimetre longer.', minutes: 0.4, cures: { 'stitch-too-short': 0.7 }, edit: { kind: 'dial', dial: 'lengthMm', by: 0.5 }, again: true },
  wider: { ...TRIED, kind: 'setting', text: 'Half a millimetre wider.', minutes: 0.4, cures: { 'stitch-no-give': 0.5 }, edit: { kind: 'dial', dial: 'widthMm', by: 0.5 }, again: true, when: [['straightStitch', '<', 1]] },
  narrower: { ...TRIED, kind: 'setting', text: 'Half a millimetre narrower.', minutes: 0.4, cures: { 'upper-tension-low': 0.2 }, edit: { kind: 'dial', dial: 'widthMm', by: -0.5 }, when: [['straightStitch', '<', 1]] },
  'other-stitch': { ...TRIED, kind: 'setting', text: 'Another stitch, one that gives more.', minutes: 0.6, cures: { 'stitch-no-give': 0.85 }, edit: { kind: 'stitch-that-gives' }, when: [['giveAsked', '>=', 3]] },
  'do-not-pull': { ...TRIED, kind: 'technique', text: 'Let the feed take it: guide only, and hold the weight of the cloth up.', minutes: 0.5, cures: { pulled: 0.88 } },
  slower: { ...TRIED, kind: 'technique', text: 'Sew slower and evenly.', minutes: 0.5, cures: { pulled: 0.3, 'eyes-on-needle': 0.3 } },
  shim: { ...TRIED, kind: 'technique', text: 'Stop needle down, lift the foot, put a folded scrap behind it so that it stands level.', minutes: 1, cures: { 'hump-step': 0.88 } },
  'hand-wheel': { ...TRIED, kind: 'technique', text: 'Over metal and humps turn the hand-wheel, stitch by stitch.', minutes: 1, cures: { 'hit-metal': 0.7, 'hump-step': 0.35 }, caution: 'Glasses on. After a strike, find every fragment and look at the plate for a burr.' },
  'press-cloth': { ...TRIED, kind: 'technique', text: 'Press through a cloth, one dot cooler.', minutes: 1, cures: { heat: 0.85 } },
  'steam-back': { ...TRIED, kind: 'technique', text: 'Hold the iron {25 mm} above and steam the seam back.', minutes: 1.5, cures: { pulled: 0.2, 'pressure-high': 0.1 } },
  'fence-tape': { ...TRIED, kind: 'technique', text: 'Stick a strip of tape on the plate as a fence, and look at it, not at the needle.', minutes: 0.8, cures: { 'eyes-on-needle': 0.85 } },
  'wider-allowance': { ...TRIED, kind: 'technique', text: 'Give the seam a wider allowance, or tape it.', minutes: 2, cures: { 'allowance-narrow': 0.85 } },
  'zip-overlap': { ...TRIED, kind: 'technique', text: 'Start the rest of the seam {12 mm} up, overlapping and hugging the stitching of the zip.', minutes: 2, cures: { 'zip-gap': 0.88 } },
  technician: { ...TRIED, kind: 'check', text: 'Take the machine to a qualified technician: hook timing is set inside.', minutes: 240, cures: { 'hook-timing': 0.97 } },
});
export type RemedyId = keyof typeof REMEDY;
export type RemedyFacts = (typeof REMEDY)[RemedyId];
export const REMEDIES = idsOf(REMEDY);
export const REMEDY_LIST: readonly RemedyFacts[] = rowsOf(REMEDY);

/**
 * What a change asks for, in words.
 *
 * @param id - a change as a line keeps it
 * @returns its sentence; null for one that is not known
 * @example
 * changeText('tension-down') // => 'Needle tension one step down.'
 * changeText('pray') // => null
 */
export function changeText(id: string): string | null {
  return REMEDY_LIST.find((row) => row.id === id)?.text ?? null;
}
