/** Texts of the simulated machine. */
export const SIMULATED_TEXT = {
  which: 'Simulated machine',
  one: (number: number) => `Simulated machine ${number}`,
  ask: 'No machine at hand?',
  about:
    'A simulated machine can sew this line, to practise reading a scrap. Each has its own quirks, some hide a fault, and ' +
    'none tells. What it sews is marked as simulated and proves nothing for a real machine.',
  sew: 'Let it sew this line',
  failed: (why: string) => `The simulated machine could not sew this line: ${why}`,
  stopped: 'Sewing stopped before the end of the line: nothing there to measure.',
  by: (number: number) => `Sewn by simulated machine ${number}.`,
  sides: 'Front above, back below; needle thread red, bobbin thread blue.',
  picture: 'The simulated scrap: front above, back below',
  passed: 'Passed on a simulated machine: the card is marked as simulated.',
  passedHere: 'It passed on a simulated machine. Sew it on your own, and it becomes a card.',
  testLine: (number: number, ending: string) => `Test line ${number} ${ending}`,
  leftOut: 'left out',
  sewThisLineNow: 'Sew this line now',
  thisLineIsA: 'This line is a card: see it in the Ledger',
  failedNextLine: 'Failed: next line',
  takeItUpAgain: 'Take it up again',
  sewItOnceMore: 'Sew it once more',
  skipThisLine: 'Skip this line',
  leaveItOut: 'Leave it out',
  deleteThisLine: 'Delete this line',
  ofThePlanStill: 'of the plan still to come.',
  passedTheCardIs: 'Passed. The card is in the Ledger.',
  passTheCardIs: 'Pass: the card is proven again',
  passKeepItAs: 'Pass: keep it as a card',
} as const;

/** What a scrap says of the operation it is sewn for. */
export const FOR_TEXT = {
  testedFor: (name: string) => `Sewn for: ${name}.`,
  backTo: 'Back to it',
} as const;

/** What is said where stitches are compared. */
export const STITCHES_TEXT = {
  offer: 'Try three stitches',
  added: (names: readonly string[]) => `Lines planned: ${names.join(', ')}.`,
  none: 'No other stitch of this machine serves this seam.',
  failed: (why: string) => `The lines could not be planned: ${why}`,
} as const;

/** The page that says what every sign means. */
export const SIGNS_TEXT = {
  title: 'What a line can show',
  about:
    'Above the line the front, below it, hatched, the back. Open a sign to read why it happens and what to try, the most usual first. On your own scrap the fabric, the settings and the needle decide, and Bobbet names the one thing to change.',
  all: 'All scraps',
  find: 'Find a sign or a cause',
  none: 'Nothing on the list is called that.',
  why: 'Why it happens',
  tries: 'What to try',
  causes: 'What can be behind it',
  showsAs: 'How it shows',
  whatDoYouSee: 'What do you see?',
  aboveTheLineThe: 'Above the line the front, below it, hatched, the back. Press again for worse.',
  whatTheyMean: 'What they mean',
  nothingWrong: 'Nothing wrong',
  looked: '✓ looked',
  otherSigns: (value: number) => `Other signs (${value})`,
  where: 'Where',
  notSaid: 'not said',
  where2: (sign: string) => `Where: ${sign}`,
} as const;

/** Every scrap, newest first, with how it stands. */
export const SCRAP_LIST_TEXT = {
  noScrapYetMachine:
    'No scrap yet. Machine, cloth, needle and thread answer differently every time, so every setting is tried on the same cloth first.',
  matchACloth: 'Match a cloth',
  thenChooseTestOn: ', then choose Test on scrap.',
  nothingSewnYet: 'nothing sewn yet',
  halfTested: 'half tested',
} as const;

/** Anything else worth remembering of a line. */
export const NOTES_TEXT = {
  notes: 'Notes',
} as const;

/** Whether the machine is set for this line. */
export const AS_SET_TEXT = {
  theMachineIsSet: '✓ The machine is set for this line.',
  notTickedOffOn: (names: string) =>
    `Not ticked off on the machine bar yet: ${names}. Was the line sewn as the machine is now?`,
  takeWhatIsOn: 'Take what is on the machine',
} as const;

/** What the line has to meet, each with a shape, a word and what is known. */
export const CRITERIA_TEXT = {
  notMet: 'not met',
  stillOpen: 'still open',
  itPassesWhen: 'It passes when',
} as const;

/** What can be measured on the line. */
export const MEASURES_TEXT = {
  smoothSlightPuckersPlain: '5 smooth, 4 slight puckers, 3 plain, 2 and 1 bad',
  stitchesIn: (markedMm: string) => `Stitches in ${markedMm}`,
  trueLengthMm: (lengthMm: string) => `true length ${lengthMm} mm`,
  countTheHolesBetween: 'count the holes between the marks',
  afterSewing: 'After sewing',
  topLayerBehind: 'Top layer behind',
  overTheMinusIf: (markedMm: string) => `over the ${markedMm}; minus if ahead`,
  puckerGrade: 'Pucker grade',
  ridgeBetweenRows: 'Ridge between rows',
  itsHeightAboveThe: 'its height above the cloth',
  betweenTheSameMarks: 'between the same marks',
  mustReach: (must: string) => `must reach ${must}`,
  onlyIfItHas: 'only if it has to stretch',
  poppedAt: 'Popped at',
  pulledToHeld: 'Pulled to, held',
  theThreadPopped: 'the thread popped',
} as const;

/** What to change after a line that shows something. */
export const WHAT_NEXT_TEXT = {
  doItLine: (number: number) => `Do it: line ${number}`,
} as const;

/** The dials of this line. */
export const ONE_CHANGE_TEXT = {
  oneChangeFromThe: (made: string) => `One change from the line before. ${made}`,
  theSameAsThe: 'The same as the line before: change one thing.',
  changesAtOnceIf: (changed: number) => `${changed} changes at once: if it works you will not know which one did it.`,
  onlyTheDirectionDiffers: 'Only the direction differs from the line before.',
  oneChangeFromThe2: 'One change from the line before. Everything else stays.',
} as const;

/** The line in hand. */
export const LINE_PANEL_TEXT = {
  onTheBiasOf: 'On the bias of',
  line: (number: number) => `Line ${number}`,
  line2: (number: number, stitchAndSize: string) => `Line ${number}: ${stitchAndSize}`,
  stillToCome: (direction: string) => `Still to come, ${direction}`,
  theCloth: 'the cloth.',
} as const;

/** The scrap at true scale, to lay the cloth on and mark it from, with a label for every line. */
export const PRINT_SHEET_TEXT = {
  onBegunPrintAt: (name: string, date: string) => `, on ${name}, begun ${date}. Print at 100 %, then measure the bar.`,
  cutWithTheLines: 'cut with the lines across the cloth, selvedge to selvedge',
  cutWithTheLines2: 'cut with the lines along the selvedge',
  cutWithTheLines3: 'cut with the lines on the bias',
  theCloth: (join: string, direction: string) => `${join}; ${direction} the cloth.`,
} as const;

/** The scrap as it should be marked and sewn. */
export const SCRAP_DRAWING_TEXT = {
  theScrapAndIts: 'The scrap and its lines',
  betweenTheMarks: (length: string) => `${length} between the marks`,
  roomForTheNext: 'room for the next line',
  line: (number: number, title: string) => `Line ${number}: ${title}`,
  passed: '✓ passed',
  failed: '✗ failed',
  mm: (lengthMm: string, ending: string) => `${lengthMm}${ending} mm`,
  toCome: 'to come',
  theCloth: (direction: string) => `${direction} the cloth`,
  simulated: (seed: number) => `simulated, ${seed}`,
  givenUp: 'given up',
  poppedAt: (percent: string) => `popped at ${percent} %`,
  sewingNow: 'sewing now',
} as const;

/** Two lines side by side with what differs marked, and what the lines show over the dials that were varied. */
export const COMPARE_TEXT = {
  compareLines: 'Compare lines',
  line: (number: number) => `Line ${number}`,
  oneLine: 'One line',
  theOther: 'The other',
  twoLinesSideBy: 'Two lines side by side',
  what: 'What',
  differs: '≠ differs',
  aChartComesOf:
    'A chart comes of itself once two lines differ in one dial alone and the same thing was measured on both.',
  line2: (line: number, value: string, unit: string) => `line ${line}: ${value} ${unit}`,
  over: (measure: string, reading: string) => `${measure} over ${reading}`,
  over2: (measure: string, reading: string, told: string) => `${measure} over ${reading}. ${told}.`,
  line3: (dialled: string, line: number) => `${dialled} (line ${line})`,
} as const;

/** One scrap. */
export const SCRAP_PAGE_TEXT = {
  scrap: 'Scrap',
  on: (name: string, name2: string) => `, ${name}, on ${name2}`,
  whereTheScrapIs: 'Where the scrap is kept',
  printTheScrapAt: 'Print the scrap at true scale',
  noLineOnThis: 'No line on this scrap. Start again from Match.',
  onePlannedLineTries: 'One planned line tries',
  plannedLinesTry: (open: number) => `${open} planned lines try`,
  whatAMeasurementWould: 'what a measurement would tell:',
  measure: (join: string) => `measure ${join}`,
  andLeave: ', and leave',
  out: 'out.',
  allScraps: 'All scraps',
  deleteThisSwatch: 'Delete this swatch',
  swatchDeleted: (name: string) => `Swatch “${name}” deleted`,
  cardsMadeFromIt: 'Cards made from it stay.',
  cutTheScrapFrom: (name: string, marked: string, round: string) =>
    `Cut the scrap from ${name}, the same number of layers as the real seam. Mark ${marked} and sew about ${round}, through both marks. Swings are drawn wider than they are.`,
} as const;

/** Swatch. */
export const SWATCH_STATION_TEXT = {
  thisSwatch: 'This swatch',
  swatch: 'Swatch',
  thatScrapIsNot: 'That scrap is not here any more.',
} as const;
