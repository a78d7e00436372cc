import type { Condition } from './facts';

/** What can be behind a sign. */
export const CAUSES = [
  'needle-worn',
  'needle-too-big',
  'needle-too-small',
  'wrong-point',
  'needle-inserted-wrong',
  'thread-poor',
  'thread-too-thick',
  'rethread-needed',
  'lever-not-up',
  'tails-loose',
  'upper-tension-high',
  'upper-tension-low',
  'bobbin-tension',
  'pressure-high',
  'pressure-low',
  'pulled',
  'stitch-too-short',
  'stitch-too-long',
  'stitch-no-give',
  'lint-in-feed',
  'foot-drag',
  'plate-slot-wide',
  'start-at-edge',
  'thread-no-give',
  'soft-hem',
  'hook-timing',
  'hump-step',
  'hit-metal',
  'heat',
  'eyes-on-needle',
  'allowance-narrow',
  'zip-gap',
  'something-else',
] as const;
export type Cause = (typeof CAUSES)[number];

/** How a fact moves the odds of a cause before any sign is looked at. */
export interface Moved {
  when: readonly Condition[];
  times: number;
}

/** One cause: what it is called, how often it is the one (against the others), and what makes it likelier. */
export interface CauseFacts {
  id: Cause;
  text: string;
  base: number;
  moved: readonly Moved[];
}

const at = (...when: Condition[]) => when;

// How often each is the one is common practice put into numbers (model); what moves it is common practice of trade and handbook.
// prettier-ignore
const ROWS: [Cause, string, number, ([Condition[], number])[]?][] = [
  ['needle-worn', 'the needle is worn, bent or blunt', 1, [[at(['needleHours', '<', 0.5]), 0.12], [at(['needleHours', '<', 2]), 0.6], [at(['needleHours', '>=', 4]), 1.8], [at(['needleHours', '>=', 6]), 2]]],
  ['needle-too-big', 'the needle is too thick for the cloth', 0.55, [[at(['needleOff', '>=', 7]), 3], [at(['needleOff', '>=', 15]), 2], [at(['needleOff', '<', 0]), 0.25]]],
  ['needle-too-small', 'the needle is too thin and bends aside', 0.3, [[at(['needleOff', '<', -7]), 3], [at(['needleOff', '<', -15]), 2], [at(['needleOff', '>=', 0]), 0.2]]],
  ['wrong-point', 'the point is the wrong one for this cloth', 0.6, [[at(['pointUnfit', '>=', 0.2]), 3.2], [at(['pointUnfit', '<', 0.06]), 0.35]]],
  ['needle-inserted-wrong', 'the needle is in crooked, turned or not up to the stop', 0.22],
  ['thread-poor', 'the thread is fuzzy, old or uneven', 0.4, [[at(['threadCheap', '>=', 1]), 6], [at(['threadGood', '>=', 1]), 0.2], [at(['knit', '>=', 1]), 1.4]]],
  ['thread-too-thick', 'the thread is too thick for the eye or the cloth', 0.3, [[at(['eyeFill', '>=', 0.76]), 4], [at(['eyeFill', '<', 0.6]), 0.35]]],
  ['rethread-needed', 'the upper thread is not in its discs or its lever', 0.9],
  ['lever-not-up', 'the take-up lever was not at its highest', 0.5],
  ['tails-loose', 'the tails were not held at the start', 0.5],
  ['upper-tension-high', 'the needle tension is too high', 0.65, [[at(['tensionSteps', '>=', 1]), 2.6], [at(['tensionSteps', '<', -0.5]), 0.35], [at(['lightness', '>=', 0.4]), 1.4]]],
  ['upper-tension-low', 'the needle tension is too low', 0.55, [[at(['tensionSteps', '<', -0.5]), 2.6], [at(['tensionSteps', '>=', 1]), 0.35]]],
  ['bobbin-tension', 'the bobbin tension is out', 0.08],
  ['pressure-high', 'the foot presses too hard', 0.6, [[at(['pressure', '>=', 0.5], ['compliance', '>=', 0.2]), 1.6], [at(['pressure', '>=', 0.75]), 2.2], [at(['pressure', '<', 0.3]), 0.35]]],
  ['pressure-low', 'the foot presses too lightly', 0.3, [[at(['pressure', '<', 0.2]), 2], [at(['pressure', '>=', 0.5]), 0.35]]],
  ['pulled', 'the cloth was pulled or pushed', 0.5],
  ['stitch-too-short', 'the stitches are too short', 0.4, [[at(['lengthMm', '<', 1.6]), 2.2], [at(['perforates', '>=', 1], ['lengthMm', '<', 3]), 5], [at(['tightness', '>=', 0.5], ['lengthMm', '<', 2.3]), 2], [at(['lengthMm', '>=', 3]), 0.25]]],
  ['stitch-too-long', 'the stitches are too long', 0.35, [[at(['lengthMm', '>=', 3.5]), 2.2], [at(['sheer', '>=', 1], ['lengthMm', '>=', 2.2]), 3], [at(['lengthMm', '<', 2]), 0.2]]],
  ['stitch-no-give', 'the stitch does not give enough', 0.5, [[at(['giveShort', '>=', 1]), 4], [at(['giveShort', '<', -15]), 0.2], [at(['giveAsked', '<', 3]), 0.05], [at(['straightStitch', '>=', 1], ['giveAsked', '>=', 15]), 3]]],
  ['lint-in-feed', 'lint sits in the feed or under the plate', 0.45],
  ['foot-drag', 'the foot drags on the upper layer', 0.5, [[at(['drag', '>=', 0.8]), 1.4], [at(['drag', '<', 0.35]), 0.2], [at(['napped', '>=', 1]), 1.6], [at(['compliance', '>=', 0.2]), 1.3]]],
  ['plate-slot-wide', 'the wide slot lets the cloth go down', 0.35, [[at(['straightPlate', '>=', 1]), 0.03], [at(['lightness', '>=', 0.3]), 2.2]]],
  ['start-at-edge', 'the seam was begun at the very edge', 0.5, [[at(['lightness', '>=', 0.3]), 1.4], [at(['knit', '>=', 1]), 1.3]]],
  ['thread-no-give', 'the thread itself does not give', 0.25, [[at(['giveAsked', '>=', 40], ['threadExtension', '<', 0.2]), 3], [at(['giveAsked', '<', 15]), 0.15], [at(['threadExtension', '>=', 0.2]), 0.1]]],
  ['soft-hem', 'the hem is too soft to stay flat', 0.35, [[at(['twin', '>=', 1]), 2], [at(['twin', '<', 1]), 0.2]]],
  ['hook-timing', 'the hook does not meet the needle: the machine is out of time', 0.04, [[at(['tried', '>=', 3]), 3], [at(['tried', '>=', 5]), 3]]],
  ['hump-step', 'the foot tips at a step in thickness', 0.4, [[at(['thicknessMm', '>=', 2.5]), 2]]],
  ['hit-metal', 'the needle met metal or a pin', 0.35],
  ['heat', 'the iron was too hot or too bare', 0.4],
  ['eyes-on-needle', 'the eye followed the needle instead of the guide', 0.4],
  ['allowance-narrow', 'the allowance is too narrow for so loose a cloth', 0.3],
  ['zip-gap', 'the two stitchings at the end of the zip do not meet', 0.4],
  ['something-else', 'something else', 0.3],
];

/** Every cause by its id. Provenance: common practice, put into numbers by a model. */
export const CAUSE: Readonly<Record<Cause, CauseFacts>> = Object.fromEntries(
  ROWS.map(([id, text, base, moved = []]) => [
    id,
    { id, text, base, moved: moved.map(([when, times]) => ({ when, times })) } satisfies CauseFacts,
  ]),
) as unknown as Record<Cause, CauseFacts>;
