/** Texts where a newer Bobbet would answer a card's question differently. */
export const KNOWLEDGE_TEXT = {
  title: 'Bobbet would recommend something else now',
  stays: 'Your tested setting stays as it is. Without it, with what you own today, Bobbet would now start from:',
  instead: (name: string, now: string, was: string) => `${name}: ${now} instead of ${was}.`,
  understood: 'Got it, do not show again',
  edit: (name: string) => `Note on card “${name}” read`,
} as const;

/** Which thread a card was sewn with: one above and below, or two. */
export const THREAD_TEXT = {
  both: 'Thread, both',
  above: 'Thread above',
  bobbin: (name: string) => `Bobbin: ${name}`,
  allCards: 'All cards',
  passedOnASimulated: 'Passed on a simulated machine only',
  outOfDateProven: '! Out of date: proven',
  proven: '✓ Proven',
  onScrap: (passedAt: string) => `on scrap ${passedAt}`,
  on: ', on',
  onPaper: 'On paper',
  stitch: 'Stitch',
  length: 'Length',
  width: 'Width',
  tension: 'Tension',
  pressure: 'Pressure',
  needle: 'Needle',
  foot: 'Foot',
  plate: 'Plate',
  cardDeleted: (name: string) => `Card “${name}” deleted`,
  cardChosen: (name: string) => `Card “${name}” chosen`,
  theMachineBarBelow: 'The machine bar below leads to this setting.',
  setTheMachineTo: 'Set the machine to this',
  sewWithIt: 'Sew with it',
  deleteThisCard: 'Delete this card',
  testedFor: 'Tested for',
  theStitchAlone: 'the stitch alone',
  layers: (name: string, layersOf: number) => `${name}, ${layersOf} layers`,
  assumed: ' (assumed)',
  stretchAcross: 'Stretch across',
  poppedAt: 'Popped at',
  heldTo: 'Held to',
  lengthAfterSewing: 'Length after sewing',
  trueStitchLength: 'True stitch length',
  mmCountedOver: (lengthMm: string, markedMm: string) => `${lengthMm} mm, counted over ${markedMm}`,
  provenAgain: 'Proven again',
  after: (join: string) => `, after: ${join}`,
  whatItWasProven: 'What it was proven on',
} as const;

/** Where the scrap itself is kept, and its photo. */
export const KEEPSAKES_TEXT = {
  theScrapItself: 'The scrap itself',
  whereTheScrapIs: 'Where the scrap is kept',
  theScrapOfPhotographed: (name: string) => `The scrap of ${name}, photographed`,
  photoOfTheScrap: 'Photo of the scrap',
  takeThePhotoAway: 'Take the photo away',
} as const;

/** What is otherwise than when this setting last worked. */
export const SINCE_TEXT = {
  whatChangedSinceIt: 'What changed since it last worked',
  nothingTheMachineStands: '✓ Nothing: the machine stands as it did.',
  then: 'Then',
  now: 'Now',
} as const;

/** Why a card no longer holds, and the one line that would prove it again. */
export const STALENESS_TEXT = {
  outOfDateSomething: 'Out of date: something has changed since this test.',
  swatchStarted: (name: string) => `Swatch “${name}” started`,
  testItAgainWith: 'Test it again with one line',
} as const;

/** Cards on paper, eight to a page, with lines to cut along. */
export const CARD_SHEETS_TEXT = {
  scrap: (where: string) => `Scrap: ${where}`,
  foldOverTheEdge: 'fold over the edge of the scrap',
} as const;

/** Cards side by side. */
export const COMPARE_TEXT = {
  differs: ', differs',
} as const;

/** What can be done with the cards that are picked. */
export const WITH_PICKED_TEXT = {
  pickCardsToCompare: 'Pick cards to compare or to print them.',
  theFileCouldNot: (message: string) => `The file could not be made: ${message}. Print from here, or try again.`,
  lettersTheFileHas: (lost: string) =>
    `Letters the file has no type for stand as "?": ${lost}. Printing from here keeps them.`,
  compare: (cards: number) => `Compare ${cards}`,
  print: 'Print',
  theCard: 'the card',
  theCards: 'the cards',
  printLabels: 'Print labels',
  cardsAsPdf: 'Cards as PDF',
  labelsAsPdf: 'Labels as PDF',
  pickNone: 'Pick none',
} as const;

/** Every setting that passed. */
export const CARD_LIST_TEXT = {
  noCardYetA:
    'No card yet. A card is a setting that passed on scrap, kept with the cloth, the machine and what was measured.',
  matchACloth: 'Match a cloth',
  andTestIt: 'and test it.',
  findACard: 'Find a card',
  of: (found: number, cards: number) => `${found} of ${cards} ${cards === 1 ? 'card' : 'cards'}`,
  cards: 'Cards',
  picked: 'Picked',
  card: 'Card',
  stitch: 'Stitch',
  needle: 'Needle',
  thread: 'Thread',
  foot: 'Foot',
  fabric: 'Fabric',
  machine: 'Machine',
  give: 'Gave',
  gave: (popped: boolean, percent: string) => `${popped ? 'gave' : 'held'} ${percent} %`,
  proof: 'Tested',
  when: 'When',
  simulated: 'simulated',
  pick: (name: string) => `Pick ${name}`,
  longWide: (width: string) => ` long, ${width} wide`,
  outOfDate: '! out of date',
  proven: '✓ proven',
} as const;

/** What is let through. */
export const FILTERS_TEXT = {
  everyCloth: 'every cloth',
  everyMachine: 'every machine',
  find: 'Find',
  cloth: 'Cloth',
  machine: 'Machine',
  howItWent: 'How it went',
  howeverItWent: 'however it went',
  from: 'From',
  until: 'Until',
  kinds: 'Kinds',
} as const;

/** Filters with a name. */
export const SAVED_VIEWS_TEXT = {
  viewDeleted: (name: string) => `View “${name}” deleted`,
  savedViews: 'Saved views',
  everything: 'Everything',
  keepThisView: 'Keep this view',
  forgetThisView: 'Forget this view',
  nameOfThisView: 'Name of this view',
  keepIt: 'Keep it',
} as const;

/** Everything that happened, to be searched and filtered. */
export const EVERYTHING_TEXT = {
  what: 'What',
  detail: 'Details',
  kind: 'Kind',
  when: 'When',
  outcome: 'How it went',
  fabric: 'Fabric',
  machine: 'Machine',

  readingTheLedger: 'Reading the ledger.',
  nothingHasHappenedYet:
    'Nothing has happened yet. Cards, lines on scrap, seams, needles and machine care are kept here as they come.',
  matchACloth: 'Match a cloth',
  toBegin: 'to begin.',
  of: (entries: number) => `of ${entries}`,
  whatHappened: 'What happened',
} as const;

/** Charts that answer a question each, from what was sewn here. */
export const CHARTS_TEXT = {
  needleColumns: { at: 'Needle', value: 'Hours' },
  faultColumns: { at: 'Sign', value: 'Lines' },
  feeds: (machine: string, meanPercent: string, lines: string) => `${machine} feeds ${meanPercent} % (${lines})`,
  whichMachineFeedsTruer: 'Which machine feeds truer over time?',
  ofTheStitchLength: (join: string) => `${join} of the stitch length that was wanted.`,
  countTheStitchesOf: 'Count the stitches of a line on scrap, and it stands here.',
  ofTheWantedLength: 'of the wanted length, %',
  whichNeedlesDoThe: 'Which needles do the work?',
  mostOfItHours: (name: string) => `Most of it ${name}. Hours sewn, spent needles too.`,
  noNeedleOfThe: 'No needle of the tin has sewn yet.',
  needleHoursByKind: 'Needle hours by kind',
  whatFaultsComeBack: 'What faults come back on which cloth?',
  linesOnWhichIt: 'Lines on which it was seen.',
  noFaultWasNoted: 'No fault was noted on any line.',
  faultsByCloth: 'Faults by cloth',
  whereDoesTheTension: 'Where does the tension stand for how much cloth?',
  cardsProvenOn: (value: string) => `Cards proven on ${value}.`,
  thereIsNoMachine: 'There is no machine in the workroom.',
  machine: 'Machine',
  noCardWasProven: 'No card was proven on it yet.',
  allLayersMm: 'all layers, mm',
  tensionDial: 'tension dial',
  doesAWiderStitch: 'Does a wider stitch give as much as predicted?',
  whatHeldGaveAt: 'What held gave at least that much; the prediction is the middle of the estimate.',
  pullALineOn: 'Pull a line on scrap until it pops, or as far as it must go.',
  mmWideMeasuredPredicted: (widthMm: number, measured: string, predicted: string) =>
    `${widthMm} mm wide: measured ${measured} %, predicted ${predicted} %`,
  stitchWidthMm: 'stitch width, mm',
  give: 'give, %',
} as const;

/** Ledger. */
export const LEDGER_STATION_TEXT = {
  everything: 'Everything',
  cards: 'Cards',
  charts: 'Charts',
  thisCard: 'This card',
  ledger: 'Ledger',
  thatCardIsNot: 'That card is not here any more.',
  inTheLedger: 'In the ledger',
} as const;
