/** Texts beside the readings of a setting. */
export const READINGS_TEXT = {
  threads: 'Thread, both',
  threadAbove: 'Thread above',
  bobbin: (name: string) => `Bobbin: ${name}`,
} as const;

/** Texts where a setting chosen by hand stands against the recommended one. */
export const CONTRAST_TEXT = {
  why: 'Why not',
  nothingAgainst: 'Nothing speaks against it: it does as well.',
  costs: 'What it costs',
  costsNothing: 'No more thread, time or unpicking.',
  settles: 'What settles it',
} as const;

/** Texts of the first question. */
export const START_TEXT = {
  title: 'What cloth is it?',
  twoFacts: 'Two facts are enough for a first setting. Measure more later and it gets surer.',
  name: 'What it is called',
  reach: (system: 'metric' | 'inch') =>
    `${system === 'inch' ? '4 inches' : '10 cm'} pulled: how far does it reach, ${system === 'inch' ? 'in' : 'cm'}`,
  reachHelp: (assumed: number | null) =>
    assumed === null
      ? 'Mark it along a fold and pull until it resists. Leave it empty if the fabric does not stretch.'
      : `Mark it along a fold and pull until it resists. Left empty, ${assumed}% is assumed: usual for this knit.`,
  find: 'Find my setting',
  added: (name: string) => `Fabric “${name}” added`,
} as const;

/** The sentence that asks. */
export const SENTENCE_TEXT = {
  give: 'How far the seam must stretch',
  giveHelp: 'Leave it empty and it is worked out from how far the fabric stretches.',
} as const;

/** Whether what is asked for is right for the fabric. */
export const FITS_TEXT = {
  notForIt: (fabric: string) => `Not for ${fabric}.`,
  takeCare: 'On this fabric, take care.',
  instead: (name: string) => `Sew instead: ${name}`,
} as const;

/** What each part of a setting and its plan is called where its reason stands. */
export const PART_NAMES: Readonly<Record<string, string>> = {
  tested: 'Your own proof',
  'needle.point': 'Point',
  'needle.nm': 'Needle size',
  'needle.gapMm': 'Needle gap',
  'thread.fibre': 'Thread',
  'thread.tex': 'Thread size',
  bobbin: 'Bobbin',
  foot: 'Foot',
  plate: 'Plate',
  stitch: 'Stitch',
  lengthMm: 'Length',
  widthMm: 'Width',
  needlePositionMm: 'Needle position',
  tensionSteps: 'Tension',
  pressure: 'Pressure',
  'plan.seam': 'Seam',
  'plan.start': 'Start',
  'plan.secure': 'Ends',
  'plan.hold': 'Holding',
  'plan.pins': 'Pins',
  'plan.leader': 'Leader scrap',
  'plan.tissue': 'Tissue',
  'plan.cut': 'Cutting',
  'plan.mark': 'Marking',
  'plan.press': 'Pressing',
  'plan.speed': 'Speed',
  'plan.notes': 'First of all',
};

/** Why the setting is what it is, and what else there is. */
export const WHY_TEXT = {
  label: 'Why, and other ways',
  why: 'Why',
  more: (count: number) => `All other reasons (${count})`,
  remains: 'What could still go wrong',
  allLow: 'Estimated risks are all low.',
  level: (level: number) => `${Math.round(100 * level)} of 100`,
  levels: { slight: 'slight', plain: 'plain', likely: 'likely' },
  otherWays: 'Other ways',
  gives: (percent: number) => `gives ${percent}%`,
  sure: 'How sure',
  of100: (percent: string) => `${percent} of 100`,
  ruledOut: (count: number) => `Ruled out, and why (${count})`,
  measureNext: 'Measure next',
  measureIt: 'Measure it',
  then: (measures: readonly string[]) => `Then: ${measures.join(', ')}.`,
  oneMore: 'One thing more',
} as const;
