import { countOf } from '@/core/units';

/** Texts where a newer Bobbet would answer a card's question differently. */
export const KNOWLEDGE_TEXT = {
  title: 'Bobbet would recommend something different now',
  stays: 'Your tested settings stay as they are. Without them, and with what you own today, Bobbet would start from:',
  instead: (name: string, now: string, was: string) => `${name}: ${now} instead of ${was}.`,
  understood: 'Got it, don’t show this again',
  edit: (name: string) => `Suggestion for “${name}” read`,
} as const;

/** Which thread a card was sewn with: one above and below, or two. */
export const THREAD_TEXT = {
  seam: 'Seam',
  fabric: 'Fabric',
  both: 'Thread, top and bobbin',
  above: 'Top thread',
  bobbin: (name: string) => `Bobbin: ${name}`,
  allCards: 'All cards',
  passedOnASimulated: 'Passed on a simulated machine only',
  outOfDateProven: '! Out of date: tested',
  proven: '✓ Tested',
  onScrap: (passedAt: string) => `on a swatch ${passedAt}`,
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
  theMachineBarBelow: 'The machine bar below shows what to change for these settings.',
  setTheMachineTo: 'Set the machine to this',
  sewWithIt: 'Sew with these settings',
  deleteThisCard: 'Delete this card',
  testedFor: 'Tested for',
  theStitchAlone: 'the stitch only',
  layers: (name: string, layersOf: number) => `${name}, ${layersOf} layers`,
  assumed: ' (assumed)',
  stretchAcross: 'Stretch across',
  poppedAt: 'Thread popped at',
  heldTo: 'Held to',
  lengthAfterSewing: 'Length after sewing',
  trueStitchLength: 'True stitch length',
  mmCountedOver: (lengthMm: string, markedMm: string) => `${lengthMm} mm, counted over ${markedMm}`,
  provenAgain: 'Confirmed again',
  after: (join: string) => `, after: ${join}`,
  whatItWasProven: 'What it was tested on',
} as const;

/** Where the scrap itself is kept, and its photo. */
export const KEEPSAKES_TEXT = {
  theScrapItself: 'The swatch itself',
  whereTheScrapIs: 'Where you keep it',
  theScrapOfPhotographed: (name: string) => `Photo of the swatch of ${name}`,
  photoOfTheScrap: 'Photo of the swatch',
  takeThePhotoAway: 'Delete the photo',
} as const;

/** What is otherwise than when this setting last worked. */
export const SINCE_TEXT = {
  whatChangedSinceIt: 'What has changed since it last worked',
  nothingTheMachineStands: '✓ Nothing: the machine is as it was.',
  then: 'Then',
  now: 'Now',
} as const;

/** Why a card no longer holds, and the one line that would prove it again. */
export const STALENESS_TEXT = {
  outOfDateSomething: 'Out of date: something has changed since this test.',
  swatchStarted: (name: string) => `Swatch “${name}” started`,
  testItAgainWith: 'Test it again: one row',
} as const;

/** Cards on paper, eight to a page, with lines to cut along. */
export const CARD_SHEETS_TEXT = {
  code: (code: string) => `Code ${code}`,
  scrap: (where: string) => `Swatch: ${where}`,
  foldOverTheEdge: 'fold over the edge of the swatch',
} as const;

/** Cards side by side. */
export const COMPARE_TEXT = {
  differs: ', differs',
} as const;

/** What can be done with the cards that are picked. */
export const WITH_PICKED_TEXT = {
  pickCardsToCompare: 'Select cards to compare or print them.',
  compare: (cards: number) => `Compare ${cards}`,
  printCards: (cards: number) => (cards === 1 ? 'Print the card' : 'Print the cards'),
  printLabels: 'Print labels to cut out',
  labelSheet: 'Labels for a label sheet',
  sheet: { cards: 'Settings cards', labels: 'Labels to cut out' },
  pickNone: 'Clear selection',
} as const;

/** Ready-cut labels: how they lie on their sheet. */
export const LABEL_SHEET_TEXT = {
  title: 'Labels for a label sheet',
  about: 'Type what the packet of your labels says. Bobbet remembers it. Print the file at 100%, first on plain paper.',
  paper: 'Paper',
  across: 'Labels side by side',
  down: 'Rows',
  sideMm: 'Margin left and right',
  topMm: 'Margin at top and bottom',
  gapMm: 'Gap between labels',
  preview: (count: number, sheets: number) =>
    `${countOf(count, 'label')} on ${countOf(sheets, 'sheet')}; the filled ones are used.`,
  making: 'Making the file',
  file: 'Labels',
  save: 'Save the PDF',
  cancel: 'Cancel',
} as const;

/** Every setting that passed. */
export const CARD_LIST_TEXT = {
  noCardYetA:
    'No settings cards yet. A card keeps settings that passed a test, with the fabric, the machine and what you measured.',
  matchACloth: 'Find settings',
  andTestIt: 'and test them.',
  means: 'A settings card keeps settings that passed a test, so that you can sew with them again.',
  findACard: 'Find a card',
  of: (found: number, cards: number) => `${found} of ${cards} ${cards === 1 ? 'card' : 'cards'}`,
  cards: 'Cards',
  picked: 'Selected',
  card: 'Card',
  stitch: 'Stitch',
  needle: 'Needle',
  thread: 'Thread',
  foot: 'Foot',
  fabric: 'Fabric',
  machine: 'Machine',
  give: 'Stretched',
  gave: (popped: boolean, percent: string) => `${popped ? 'popped at' : 'held to'} ${percent}%`,
  proof: 'Tested',
  when: 'When',
  simulated: 'simulated',
  pick: (name: string) => `Select ${name}`,
  longWide: (width: string) => ` long, ${width} wide`,
  outOfDate: '! out of date',
  proven: '✓ tested',
} as const;

/** What is let through. */
export const FILTERS_TEXT = {
  everyCloth: 'all fabrics',
  everyMachine: 'all machines',
  find: 'Find',
  cloth: 'Fabric',
  machine: 'Machine',
  howItWent: 'Result',
  howeverItWent: 'any result',
  good: 'good',
  bad: 'failed',
  more: (on: number) => (on === 0 ? 'More filters' : `More filters (${on} on)`),
  from: 'From',
  until: 'Until',
  kinds: 'Kinds',
} as const;

/** Filters with a name. */
export const SAVED_VIEWS_TEXT = {
  viewDeleted: (name: string) => `View “${name}” deleted`,
  show: 'Show',
  unnamed: 'your own filters',
  everything: 'Everything',
  keepThisView: 'Save this view',
  forgetThisView: 'Delete this view',
  nameOfThisView: 'Name of this view',
  keepIt: 'Save',
} as const;

/** Everything that happened, to be searched and filtered. */
export const EVERYTHING_TEXT = {
  what: 'What',
  detail: 'Details',
  kind: 'Kind',
  when: 'When',
  outcome: 'Result',
  fabric: 'Fabric',
  machine: 'Machine',

  readingTheLedger: 'Opening the sewing log.',
  nothingHasHappenedYet:
    'Nothing has happened yet. Cards, tests, seams, needles and machine care are recorded here as you go.',
  matchACloth: 'Find settings',
  toBegin: 'to start.',
  of: (entries: number) => `of ${entries}`,
  whatHappened: 'What happened',
} as const;

/** Charts that answer a question each, from what was sewn here. */
export const CHARTS_TEXT = {
  needleColumns: { at: 'Needle', value: 'Hours' },
  faultColumns: { at: 'Fault', value: 'Tests' },
  feeds: (machine: string, meanPercent: string, tests: number) =>
    `${machine} feeds ${meanPercent}% (${countOf(tests, 'test')})`,
  whichMachineFeedsTruer: 'How accurate is each machine’s stitch length over time?',
  ofTheStitchLength: (join: string) => `${join} of the stitch length you asked for.`,
  countTheStitchesOf: 'Count the stitches of a test row to see this.',
  ofTheWantedLength: 'of the wanted length, %',
  whichNeedlesDoThe: 'Which needles do the most work?',
  mostOfItHours: (name: string) => `Mostly ${name}. Hours sewn, worn-out needles included.`,
  noNeedleOfThe: 'None of your needles has sewn yet.',
  needleHoursByKind: 'Needle hours by kind',
  whatFaultsComeBack: 'Which faults come back on which fabric?',
  linesOnWhichIt: 'Tests in which it was seen.',
  noFaultWasNoted: 'No faults noted in any test.',
  faultsByCloth: 'Faults by fabric',
  whereDoesTheTension: 'What tension suits how much fabric?',
  cardsProvenOn: (value: string) => `Cards tested on ${value}.`,
  thereIsNoMachine: 'You have no machine yet.',
  machine: 'Machine',
  noCardWasProven: 'No card was tested on it yet.',
  allLayersMm: 'all layers, mm',
  tensionDial: 'tension dial',
  doesAWiderStitch: 'Does a wider stitch stretch as much as predicted?',
  whatHeldGaveAt: 'A row that held stretched at least that far. The prediction is the middle of the estimate.',
  pullALineOn: 'Stretch a test row until the thread pops, or as far as it must go.',
  mmWideMeasuredPredicted: (widthMm: number, measured: string, predicted: string) =>
    `${widthMm} mm wide: measured ${measured}%, predicted ${predicted}%`,
  stitchWidthMm: 'stitch width, mm',
  give: 'seam stretch, %',
} as const;

/** Ledger. */
export const LEDGER_STATION_TEXT = {
  everything: 'Everything',
  cards: 'Cards',
  charts: 'Charts',
  thisCard: 'This card',
  title: 'Sewing log',
  means: 'Everything that has happened: tests, settings cards, seams, needles, machine care.',
  thatCardIsNot: 'This card has been deleted.',
  inTheLedger: 'In the log',
} as const;
