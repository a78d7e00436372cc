/** Texts beside the readings of a setting. */
export const READINGS_TEXT = {
  ifYouHave: 'Needle, thread, foot and plate are suggested if you have them: you have not said what you own.',
  threads: 'Thread, top and bobbin',
  threadAbove: 'Top thread',
  bobbin: (name: string) => `Bobbin: ${name}`,
  tex: (name: string, tex: string) => `${name}, Tex ${tex}`,
  onTheOfThe: (footSide: string) => `on the ${footSide} of the needle`,
  stitch: 'Stitch',
  stitch2: (stitch: string) => `stitch ${stitch}`,
  needle: 'Needle',
  mmApart: (gapMm: number) => `${gapMm} mm apart`,
  foot: 'Foot',
  plate: 'Plate',
  needle2: (needlePosition: string) => `needle ${needlePosition}`,
  sewsMm: (lengthMm: string) => `sews ${lengthMm} mm, `,
  length: 'Length',
  width: 'Width',
  thisStitchHasNo: 'this stitch has no width',
  wholeSwing: 'full width',
  tension: 'Tension',
  of: (max: string) => `of ${max}`,
  pressure: 'Pressure',
  of2: (heaviest: string) => `of ${heaviest}`,
  thisMachinesNormal: 'this machine’s normal',
  normal: (abs: string, ending: string, normal: string) => `${abs} ${ending} normal ${normal}`,
  dialFrom: (far: string, min: number) => `${far} (dial from ${min})`,
  noDialOnThis: 'no dial on this machine',
  theLightest: 'the lightest',
} as const;

/** Texts where a setting chosen by hand stands against the recommended one. */
export const CONTRAST_TEXT = {
  why: 'Why not',
  nothingAgainst: 'Nothing speaks against it: it works just as well.',
  costs: 'What it costs',
  costsNothing: 'No extra thread, time or unpicking.',
  settles: 'How to decide',
} as const;

/** Texts of the first question. */
export const START_TEXT = {
  /** Which machine is matched, none where nobody has said; and what of the kit nobody has said. */
  assumed: (machine: string | null, any: readonly string[]) => {
    const list = any.length > 1 ? `${any.slice(0, -1).join(', ')} and ${any.at(-1)}` : any[0];
    if (machine === null && any.length === 3) return `A plain modern machine and any ${list} on sale are assumed.`;
    const kit =
      any.length === 0
        ? 'what you own'
        : any.length === 3
          ? `any ${list} on sale`
          : `what you own and any ${list} on sale`;
    return `Settings will be for ${machine === null ? 'a plain modern machine' : `“${machine}”`} and ${kit}.`;
  },
  sayKit: 'Say what you sew with',
  changeKit: 'Change what you own',
  title: 'What fabric is it?',
  twoFacts: 'Two facts are enough to start. Measure more later for a better answer.',
  name: 'What it is called',
  reach: (system: 'metric' | 'inch') =>
    system === 'inch'
      ? 'Mark 4 in. Stretched, how long is it, in inches?'
      : 'Mark 10 cm. Stretched, how long is it, in cm?',
  reachHelp: (assumed: number | null) =>
    assumed === null
      ? 'Mark it along a fold and stretch until it resists. Leave this empty if the fabric does not stretch.'
      : `Mark it along a fold and stretch until it resists. If you leave this empty, Bobbet assumes ${assumed}%, usual for this knit.`,
  find: 'Find my settings',
  added: (name: string) => `Fabric “${name}” added`,
  cm: (number: string) => `${number} cm`,
} as const;

/** The sentence that asks. */
export const SENTENCE_TEXT = {
  give: 'How far the seam must stretch',
  giveHelp: 'Leave it empty and Bobbet works it out from how far the fabric stretches.',
  of: 'of',
  that: 'that',
  mustGive: 'must stretch ',
  needNotStretch: 'need not stretch',
  assumed: ' (assumed)',
  on: ', on',
  noMachine: 'no machine',
  findAFabric: 'Find a fabric',
  measureThisOne: 'Measure this fabric',
  anotherCloth: 'Another fabric',
} as const;

/** Whether what is asked for is right for the fabric. */
export const FITS_TEXT = {
  notForIt: (fabric: string) => `Not for ${fabric}.`,
  takeCare: 'Take care on this fabric.',
  instead: (name: string) => `Sew instead: ${name}`,
} as const;

/** What each part of a setting and its plan is called where its reason stands. */
export const PART_NAMES: Readonly<Record<string, string>> = {
  tested: 'Tested by you',
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
  'plan.start': 'Starting',
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
  level: (level: number) => `${Math.round(100 * level)}%`,
  levels: { slight: 'low', plain: 'some', likely: 'high' },
  otherWays: 'Other ways',
  gives: (percent: number) => `stretches ${percent}%`,
  sure: 'Confidence',
  of100: (percent: string) => `${percent}%`,
  ruledOut: (count: number) => `Ruled out, and why (${count})`,
  measureNext: 'Measure next',
  measureIt: 'Measure it',
  then: (measures: readonly string[]) => `Then: ${measures.join(', ')}.`,
  oneMore: 'Worth buying',
} as const;

/** Two or three settings side by side. */
export const COMPARE_TEXT = {
  to: (floor: number, floor2: number) => `${floor} to ${floor2}%`,
  measured: (measured: string) => `${measured}%, measured`,
  of: (sign: string, round: number) => `${sign}, ${round}%`,
  noneAboveSlight: 'all low',
  givesNeeds: (required: string) => `Seam stretch (needs ${required}%)`,
  worstRisk: 'Main risk',
  take: (title: string) => `Use ${title}`,
  takeThis: 'Use these',
  putAway: (title: string) => `Remove ${title} from the comparison`,
  putAway2: 'Remove',
  theyDiffer: '(different)',
} as const;

/** How much the stitch would give at other widths and lengths, against what the seam needs. */
export const GIVE_CHART_TEXT = {
  giveAtOtherWidths: 'Seam stretch at other widths and lengths',
  cautiousGiveByThe: (along: string, required: number, name: number) =>
    `Cautious seam stretch by ${along}: the seam needs ${required} percent; these settings give ${name} percent.`,
  mm: (along: string) => `${along}, mm`,
  givesAtLeast: 'stretches at least, %',
  thisStitch: 'this stitch',
  mmLong: (lengthMm: string) => `${lengthMm} mm long`,
  needs: (required: string) => `needs ${required}%`,
} as const;

/** Nothing safe is possible. */
export const IMPOSSIBLE_TEXT = {
  notWithThisMachine: 'Not with this machine and kit',
  whatWouldHelp: 'What would help',
} as const;

/** The stitch on the cloth, to be pulled by a slider until the thread would go. */
export const PICTURE_TEXT = {
  mmLongDrawnTo: (name: string, lengthMm: number, ending: string, name2: string) =>
    `${name}, ${lengthMm} mm long${ending}, drawn to scale on ${name2}`,
  mmWide: (widthMm: number) => `, ${widthMm} mm wide`,
  pullTheSeam: 'Stretch the seam:',
  theThreadWouldGo: 'the thread would break',
  theThreadMayTake: 'the thread may take the load',
  theThreadStillHas: 'the thread still has slack',
  atRest: 'relaxed',
  percent: (pulled: number) => `${pulled} percent`,
  howFarTheSeam: 'How far the seam can stretch before the thread takes the load',
} as const;

/** What may stand in for a part of the setting. */
export const PART_CHOICE_TEXT = {
  notWithTheRest: (text: string) => `Does not work with the other settings: ${text}`,
} as const;

/** Why a setting was refused, drawn. */
export const REFUSAL_TEXT = {
  thatWouldBreakA: 'That would break a needle',
  thatCannotBeSet: 'That cannot be set',
  theSettingStaysAs: (text: string) => `${text} The settings have not changed.`,
  allRight: 'OK',
} as const;

/** Where good practitioners differ on this seam. */
export const SCHOOLS_TEXT = {
  whereGoodSewistsDiffer: 'Different approaches',
  askingEverySchool: 'Working out each approach …',
  youFollow: 'You use:',
  theUsualOne: 'the usual one',
  beside: 'Others use:',
  oneOfThemHas: 'One of these has no safe settings here.',
  beside2: (name: string, name2: string) => `${name} and ${name2} side by side`,
  seam: 'Seam',
  ends: 'Ends',
  holding: 'Holding',
  notes: 'Notes',
  noneMore: 'no others',
} as const;

/** The plan beside the dials, in the order it is done, and the way on. */
export const SEW_LIKE_THIS_TEXT = {
  sewItLikeThis: 'How to sew it',
  testOnScrap: 'Test on scrap',
  keepToCompare: 'Keep to compare',
} as const;

/** One dial under the hand. */
export const TURN_DIAL_TEXT = {
  mm: ' mm',
  byHand: (reading: string) => `${reading} by hand`,
  done: 'Done',
  hatchedNotPossibleOn: 'Hatched: not possible on this machine.',
  noRiskChangesAlong: 'this setting does not change any risk',
  onTheDial: (reading: string, value: string) => `${reading} on the dial${value}`,
  noRiskChangesAlong2: (name: string) => `${name}: this setting does not change any risk.`,
  of: (sign: string, round: number) => `${sign} ${round}%`,
  risksAlongTheDial: (name: string, now: string, join: string) => `Risks along the ${name} dial. At ${now}: ${join}.`,
} as const;

/** What a person has put aside to compare on this screen. */
export const KEEPING_TEXT = {
  onScreen: 'Shown now',
} as const;

/** The person's own cards nearest to this question. */
export const EVIDENCE_TEXT = {
  yourCards: 'Your cards',
  theSameFabricAnd: 'the same fabric and seam',
  alike: (alikePercent: number) => `${alikePercent}% alike`,
  thisMachine: 'this machine',
  anotherMachine: 'another machine',
  outOfDate: (text: string) => `out of date: ${text}`,
  holds: '✓ holds',
  simulated: 'simulated',
} as const;

/** The answer. */
export const ANSWER_TEXT = {
  movedByHandNot: 'You changed this.',
  backToTheBest: 'Use the recommended settings',
  settingsSideBySide: 'Settings side by side',
} as const;

/** Match. */
export const MATCH_STATION_TEXT = {
  openingTheWorkroom: 'Opening the workroom',
  thisCouldNotBe: 'Bobbet could not work this out',
  nothingIsLostChange: (failed: string) => `${failed}. Nothing is lost; change any part of the sentence to ask again.`,
} as const;

/** In the shop. */
export const SHOP_TEXT = {
  title: 'In the shop',
  about: 'Three facts and what the pattern asks: is it for your machine, and what else do you need?',
  name: 'What does the label call it?',
  nameHelp: 'for example cotton jersey, stretch denim, silk crepe',
  field: {
    reach: START_TEXT.reach,
    weight: (system: 'metric' | 'inch') => (system === 'inch' ? 'Weight, oz per square yard' : 'Weight, g/m²'),
    demand: (system: 'metric' | 'inch') => `The pattern wants ${system === 'inch' ? '4 in' : '10 cm'} to reach`,
  },
  help: {
    reach: 'across it, along a fold; may be left empty',
    weight: 'if it is on the label; may be left empty',
    demand: 'a length, or a stretch such as 50%; may be left empty',
  },
  pattern: 'The pattern:',
  verdict: 'Can it be sewn?',
  yes: (machine: string) => `Yes, on ${machine}`,
  no: (machine: string) => `Not safely on ${machine}`,
  owned: 'With what you own:',
  anyKit: 'If you have them (you have not said what you own):',
  buy: 'Worth buying with it',
  howMuch: 'How much to buy, with shrinkage and nap, is worked out on its page once you have added it.',
  keep: 'I bought it: add it to my fabrics',
} as const;
