import { countOf } from '@/core/units';

/** Texts of the simulated machine. */
export const SIMULATED_TEXT = {
  which: 'Simulated machine',
  one: (number: number) => `Simulated machine ${number}`,
  ask: 'No machine to hand?',
  about:
    'A simulated machine can sew this test so that you can practise reading a swatch. Each one has its own quirks, and some have a hidden fault. ' +
    'What it sews is marked as simulated and proves nothing for a real machine.',
  sew: 'Let it sew this test',
  failed: (why: string) => `The simulated machine could not sew this test: ${why}`,
  stopped: 'It stopped before the end of the row, so there is nothing to measure.',
  by: (number: number) => `Sewn by simulated machine ${number}.`,
  sides: 'Front above, back below. Needle thread red, bobbin thread blue.',
  picture: 'The simulated swatch: front above, back below',
  passed: 'It passed on a simulated machine, so the card is marked as simulated.',
  passedHere: 'It passed on a simulated machine. Sew it on your own machine to get a card.',
  testLine: (number: number, ending: string) => `Test ${number} ${ending}`,
  leftOut: 'skipped',
  sewThisLineNow: 'Sew this test now',
  thisLineIsA: 'Open its settings card',
  failedNextLine: 'Failed: next test',
  takeItUpAgain: 'Test it again',
  sewItOnceMore: 'Sew it once more',
  skipThisLine: 'Skip this test',
  leaveItOut: 'Skip it',
  deleteThisLine: 'Delete this test',
  toCome: (tests: number) => `${countOf(tests, 'test')} planned and not sewn yet.`,
  passedTheCardIs: 'Passed. The settings card is in the sewing log.',
  passTheCardIs: 'Pass: confirm the card again',
  passKeepItAs: 'Pass: save a settings card',
} as const;

/** The way on once a test has passed. */
export const AFTER_PASS_TEXT = {
  seam: 'Sew the seam now',
  of: (seam: string, project: string) => `Sew ${seam} of ${project} now`,
  goOn: (operation: string) => `Go on with ${operation}`,
  started: (seam: string) => `Started ${seam}`,
} as const;

/** What a scrap says of the operation it is sewn for. */
export const FOR_TEXT = {
  testedFor: (name: string) => `Sewn for: ${name}.`,
  backTo: 'Back to it',
} as const;

/** What is said where stitches are compared. */
export const STITCHES_TEXT = {
  offer: 'Try three stitches',
  added: (names: readonly string[]) => `Tests planned: ${names.join(', ')}.`,
  none: 'No other stitch of this machine serves this seam.',
  failed: (why: string) => `The tests could not be planned: ${why}`,
} as const;

/** The page that says what every sign means. */
export const SIGNS_TEXT = {
  title: 'Faults a test can show',
  about:
    'Above the line: the front. Below it, hatched: the back. Open a fault to read why it happens and what to try, most likely first. For your own swatch, Bobbet looks at the fabric, the settings and the needle and names the one thing to change.',
  all: 'All swatches',
  find: 'Find a fault or a cause',
  none: 'Nothing found with that name.',
  why: 'Why it happens',
  tries: 'What to try',
  causes: 'What can cause it',
  showsAs: 'How it shows',
  whatDoYouSee: 'What do you see?',
  aboveTheLineThe: 'Above the line: the front. Below it, hatched: the back. Press again for a worse one.',
  whatTheyMean: 'What they mean',
  nothingWrong: 'Nothing wrong',
  looked: '✓ looked',
  otherSigns: (value: number) => `Other faults (${value})`,
  where: 'Where',
  notSaid: 'not said',
  where2: (sign: string) => `Where: ${sign}`,
} as const;

/** Every scrap, newest first, with how it stands. */
export const SCRAP_LIST_TEXT = {
  test: 'test',
  noScrapYetMachine:
    'No swatch yet. Machine, fabric, needle and thread vary, so try the settings on a scrap of the same fabric first.',
  matchACloth: 'Find settings',
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
  theMachineIsSet: '✓ The machine is set for this test.',
  notTickedOffOn: (names: string) =>
    `Not ticked off on the machine bar yet: ${names}. Did you sew this test with the machine as it is now?`,
  takeWhatIsOn: 'Yes: use what is on the machine',
} as const;

/** What the line has to meet, each with a shape, a word and what is known. */
export const CRITERIA_TEXT = {
  notMet: 'not met',
  stillOpen: 'not measured yet',
  itPassesWhen: 'To pass',
} as const;

/** What can be measured on the line. */
export const MEASURES_TEXT = {
  smoothSlightPuckersPlain: '5 smooth, 4 slight puckers, 3 clear, 2 and 1 bad',
  stitchesIn: (markedMm: string) => `Stitches in ${markedMm}`,
  trueLengthMm: (lengthMm: string) => `true length ${lengthMm} mm`,
  countTheHolesBetween: 'count between the marks',
  afterSewing: 'Length after sewing',
  topLayerBehind: 'Top layer shifted',
  overTheMinusIf: (markedMm: string) => `over ${markedMm}; minus if it crept ahead`,
  puckerGrade: 'Pucker grade',
  ridgeBetweenRows: 'Ridge between rows',
  itsHeightAboveThe: 'height above the fabric',
  betweenTheSameMarks: 'between the same marks',
  mustReach: (must: string) => `must reach ${must}`,
  onlyIfItHas: 'only for seams that stretch',
  poppedAt: 'Thread popped at',
  pulledToHeld: 'Stretched to',
  theThreadPopped: 'thread popped',
} as const;

/** What to change after a line that shows something. */
export const WHAT_NEXT_TEXT = {
  doItLine: (number: number) => `Do this in test ${number}`,
} as const;

/** The dials of this line. */
export const ONE_CHANGE_TEXT = {
  oneChangeFromThe: (made: string) => `One change from the last test. ${made}`,
  theSameAsThe: 'Same settings as the last test: change one thing.',
  changesAtOnceIf: (changed: number) => `${changed} changes at once: if it works, you will not know which one did it.`,
  onlyTheDirectionDiffers: 'Only the direction differs from the last test.',
  oneChangeFromThe2: 'One change from the last test. The rest stays the same.',
} as const;

/** The current test. */
export const LINE_PANEL_TEXT = {
  whatThisTestShows: 'What this test shows',
  measure: 'Measure',
  look: 'Look',
  onTheBiasOf: 'On the bias of',
  line: (number: number) => `Test ${number}`,
  line2: (number: number, stitchAndSize: string) => `Test ${number}: ${stitchAndSize}`,
  stillToCome: (direction: string) => `Next, ${direction}`,
  theCloth: 'the fabric.',
} as const;

/** The scrap at true scale, to lay the cloth on and mark it from, with a label for every line. */
export const PRINT_SHEET_TEXT = {
  sewnOn: (layers: number, name: string, date: string) =>
    `, ${countOf(layers, 'layer')}, on ${name}, started ${date}. Print at 100%, then measure the bar.`,
  cutWithTheLines: 'cut so that the rows run across the fabric, selvedge to selvedge',
  cutWithTheLines2: 'cut so that the rows run along the selvedge',
  cutWithTheLines3: 'cut so that the rows run on the bias',
  theCloth: (join: string, direction: string) => `${join}; ${direction} the fabric.`,
} as const;

/** The scrap as it should be marked and sewn. */
export const SCRAP_DRAWING_TEXT = {
  theScrapAndIts: 'The swatch and its tests',
  betweenTheMarks: (length: string) => `${length} between the marks`,
  roomForTheNext: 'room for the next test',
  line: (number: number, title: string) => `Test ${number}: ${title}`,
  passed: '✓ passed',
  failed: '✗ failed',
  mm: (lengthMm: string, ending: string) => `${lengthMm}${ending} mm`,
  toCome: 'to come',
  theCloth: (direction: string) => `${direction} the fabric`,
  simulated: (seed: number) => `simulated, ${seed}`,
  givenUp: 'skipped',
  poppedAt: (percent: string) => `popped at ${percent}%`,
  sewingNow: 'sewing now',
} as const;

/** Two lines side by side with what differs marked, and what the lines show over the dials that were varied. */
export const COMPARE_TEXT = {
  compareLines: 'Compare tests',
  line: (number: number) => `Test ${number}`,
  oneLine: 'One test',
  theOther: 'The other',
  twoLinesSideBy: 'Two tests side by side',
  what: 'What',
  differs: '≠ differs',
  aChartComesOf: 'A chart appears when two tests differ in one setting only and the same thing was measured on both.',
  line2: (line: number, value: string, unit: string) => `test ${line}: ${value}${unit === '%' ? '' : ' '}${unit}`,
  over: (measure: string, reading: string) => `${measure} by ${reading}`,
  over2: (measure: string, reading: string, told: string) => `${measure} by ${reading}. ${told}.`,
  line3: (dialled: string, line: number) => `${dialled} (test ${line})`,
} as const;

/** One scrap. */
export const SCRAP_PAGE_TEXT = {
  about: 'Cut, compare, keep and print this swatch',
  scrap: 'Swatch',
  on: (layers: number, seam: string, machine: string) => `${countOf(layers, 'layer')}, ${seam}, on ${machine}`,
  whereTheScrapIs: 'Where you keep it',
  printTheScrapAt: 'Print the swatch',
  noLineOnThis: 'No test on this swatch. Start again from Match.',
  couldMeasure: (open: number) =>
    open === 1
      ? 'One planned test finds out what you could measure instead:'
      : `${open} planned tests find out what you could measure instead:`,
  measure: (join: string) => `measure ${join}`,
  andSkip: (open: number) => `, and skip ${open === 1 ? 'it' : 'them'}.`,
  allScraps: 'All swatches',
  deleteThisSwatch: 'Delete this swatch',
  swatchDeleted: (name: string) => `Swatch “${name}” deleted`,
  cardsMadeFromIt: 'Cards made from it stay.',
  cutTheScrapFrom: (name: string, marked: string, round: string) =>
    `Cut a scrap from ${name}, with as many layers as the real seam. Mark ${marked} and sew about ${round}, through both marks. The stitches are drawn wider than they are.`,
} as const;

/** Swatch. */
export const SWATCH_STATION_TEXT = {
  thisSwatch: 'This swatch',
  swatch: 'Test',
  means: 'A swatch is a scrap of the same fabric. Each row you sew on it is a test.',
  thatScrapIsNot: 'This swatch has been deleted.',
} as const;
