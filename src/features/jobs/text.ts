import { countOf, lowerFirst } from '@/core/units';

/** What a project takes. */
export const BUDGET_TEXT = {
  none: 'Add a seam to see thread and time.',
  notYet: 'Thread, bobbins and needles are worked out once a seam has its fabric and settings.',
  how: (operations: number) =>
    `Thread is worked out from the stitch, plus tails and 10% for unpicking. ${
      operations === 0
        ? 'Based on typical times until you have sewn a few.'
        : `Times are at your own pace, from ${countOf(operations, 'seam')} sewn step by step.`
    }`,
  thread: 'Thread',
  columns: {
    colour: 'Colour',
    needle: 'On top',
    bobbin: 'Bobbin',
    hand: 'Sewn by hand',
    unpick: 'Unpicking',
    total: 'Total',
    owned: 'You have',
  },
  anyColour: 'any colour',
  byHandNone: '–',
  howMuchLeft: 'You have this: how much is left on the spool?',
  notNoted: 'not noted',
  checkSpool: (thread: string, needed: string) =>
    `You have ${thread}. You need ${needed}: is there enough on the spool?`,
  noteIt: 'Enter it in the workroom',

  bobbins: 'Bobbins',
  full: (thread: string, used: string) => `of ${thread}, ${used}`,
  first: (seam: string) => `Wind one before “${seam}”`,
  next: (seam: string) => `Put the next one in before “${seam}”`,
  runsOut: (seam: string, percent: string) => `; it runs out ${percent}% of the way through “${seam}”`,
  setAside: (left: string) => `; change it with ${left} left, so that no visible row has a join`,
  usedUpIn: (seams: readonly string[]) => `; use up the rest in ${seams.map((seam) => `“${seam}”`).join(', ')}`,

  needles: 'Needles',
  needleColumns: { name: 'Needle', sewing: 'Sewing', left: 'Yours', buy: 'To buy' },
  hoursIdle: 'not worn by hours',
  hoursLeft: (hours: string) => `${hours} h left`,
  get: (count: number) => `buy ${count}`,
  enough: 'enough',

  time: 'Time',
  left: 'left',
  byTimer: 'altogether, by the timer',
  soFar: (time: string) => `${time} so far, by the timer.`,
  allSewn: (needle: string) => `Everything is sewn. The machine ran for about ${needle}.`,
  likely: (low: string, high: string) => `Probably between ${low} and ${high}.`,
  parts: (changes: string, needle: string) =>
    `Changing the machine over takes ${changes}. The machine itself runs for about ${needle}.`,
  pace: (factor: string, operations: number) => (operations === 0 ? '' : `You take ${factor} times the typical time.`),

  toGet: 'To buy',
  amount: (amount: string, what: string) => `${amount} of ${what}`,
  pieces: (count: number, what: string) => `${count} × ${what}`,
  complete: '✓ You have everything.',
} as const;

/** What a template says of the fabric chosen for it. */
export const TEMPLATE_TEXT = {
  unsuitable: (seam: string, why: string, instead: string | undefined) =>
    `“${seam}”: ${why}${instead ? ` Sewn instead: ${instead.toLowerCase()}.` : ''}`,
} as const;

/** What the order of work says. */
export const WORK_TEXT = {
  forRow: (row: string) => `then, for ${lowerFirst(row)}:`,
  pressWhatIsSewn: 'press what you have sewn so far',
  on: 'On',
  aMachineToBe: 'no machine chosen yet',
  leftTo: (minutes: string, low: string, high: string, notes: string) =>
    `; ${minutes} left, ${low} to ${high}. ${notes}`,
  ofThem: (count: number) => `, ${count} of these`,
  from: (fromMin: string) => `from ${fromMin}`,
  bobbins: (join: string, join2: string) => `${join}. Bobbins: ${join2}.`,
  of: (totalMm: string, threadName: string, ending: string) => `${totalMm} of ${threadName}${ending}`,
  enoughForTodayWhat: 'That is enough for today. Leave the rest for another day.',
  move: (name: string) => `Move ${name}`,
  noCloth: 'no fabric',
  proveIt: 'Test it',
  goOn: 'Carry on',
  sewIt: 'Sew it',
  done: 'Done',
  toTheIronFirst: 'press first',
  dials: (join: string) => `dials: ${join}`,
  for: (forSeams: number, ending: string) => `for ${forSeams} ${ending}`,
  scrapBegun: 'swatch started',
  ofThem2: (count: number) => `${count} of these`,
  proven: '✓ tested',
  stitchTested: 'stitch tested',
  byHand: 'by hand',
  waitsFor: (join: string) => `waits for ${join}`,
} as const;

/** A job out of a file. */
export const IMPORT_JOB_TEXT = {
  notHereSoChoose: (join: string) => `Not in your workroom, so choose them: ${join}.`,
  imported: (name: string) => `“${name}” imported`,
  importAJob: 'Import a project',
  itWasNotImported: 'It was not imported',
  nothingHereHasChanged: (problem: string) => `${problem} Nothing has changed.`,
} as const;

/** A new job. */
export const NEW_JOB_TEXT = {
  beginAJob: 'New project',
  whatIsMade: 'What are you making?',
  somethingElseFromNothing: 'Something else, from scratch',
  name: 'Name',
  leftEmpty: (name: string) => `${name} if left empty`,
  whatYouCallIt: 'Your name for it',
  begin: 'Start the project',
  chooseLater: 'choose later',
  cloth: 'Fabric',
  noneIsInThe: 'You have no fabrics yet; choose one later',
  secondClothFor: (second: string) => `Second fabric, for ${second}`,
  machine: 'Machine',
  threadColour: 'Thread colour',
  asItIsCalled: 'As printed on the spool; you can choose it later',
  added: (name: string) => `“${name}” added`,
} as const;

/** Every job with how far it is, and a way to begin another. */
export const JOB_LIST_TEXT = {
  jobs: 'Projects',
  means: 'A project is one thing you are making. Each of its seams is one operation, such as a zip or a hem.',
  thatJobIsNot: 'This project has been deleted.',
  noJobYetA:
    'No project yet. A project is one thing you are making: its pieces, its seams, the sewing order with the fewest changes on the machine, and the thread, bobbins and time it needs. Start from a template or from scratch.',
  done: 'Done',
  done2: (doneAt: string) => `done ${doneAt}`,
  nextSeam: (name: string) => `next seam: ${name}`,
  nothingLeftToSew: 'nothing left to sew',
  ofSeams: (done: number, seams: number) => `${done} of ${seams} seams`,
  begun: (addedAt: string) => `started ${addedAt}`,
} as const;

/** The cloths of a job, each changed for all of it at once. */
export const JOB_CLOTHS_TEXT = {
  cloths: 'Fabrics',
  withoutACloth: (counted: string) => `${counted} without a fabric.`,
  whatTheyAreSewn: 'Choose one to see the settings and what it needs.',
  noCloth: 'no fabric',
  insteadOf: (value: string, value2: string) => `${value} instead of ${value2}`,
  thereIsNoCloth: 'You have no fabrics yet.',
  describeOneFirst: 'Add one first',
  clothFor: (hangs: string) => `Fabric for ${hangs}`,
  clothOf: (hangs: string) => `Fabric of ${hangs}`,
  notInTheDrawer: 'not in your fabrics',
} as const;

/** What is made, on which machine, in which colour. */
export const ABOUT_TEXT = {
  piece: (value: number) => `Piece ${value}`,
  pieces: 'Pieces',
  namesAndSizesOf:
    'Names and sizes of the cut pieces. Bobbet suggests the sewing order from which seams share a piece.',
  addAPiece: 'Add a piece',
  theJob: 'The project',
  name: 'Name',
  machine: 'Machine',
  chooseLater: 'choose later',
  threadColour: 'Thread colour',
  whereASeamSays: 'Used unless a seam has its own',
  notes: 'Notes',
  pieceDeleted: (name: string) => `Piece “${name}” deleted`,
  piece2: 'Piece',
  wide: 'Wide',
  long: 'Long',
  example: 'An example: type yours',
  count: 'Count',
  cloth: 'Fabric',
  delete: (name: string) => `Delete ${name}`,
  delete2: 'Delete',
} as const;

/** What is there already of zips, tape and elastic, and what else the maker wants to remember. */
export const NOTION_LIST_TEXT = {
  something: (value: number) => `Item ${value}`,
  zipsTapeAndThe: 'Zips, tape and other notions',
  addSomethingToThe: 'Add to the list',
  thereIs: (label: string) => `${label}: have`,
  wanted: (ending: string) => `${ending} needed`,
  takenOffTheList: (name: string) => `“${name}” deleted from the list`,
  what: 'What',
  countedIn: 'Counted in',
  wanted2: 'Needed',
  thereIs2: 'Have',
  takeItOffThe: 'Delete from the list',
} as const;

/** The job along the time. */
export const TIMELINE_DRAWING_TEXT = {
  now: 'now',
  throughout: 'Always',
  timelineOf: (totalMin: string) => `Timeline of ${totalMin}`,
  seams: 'Seams',
} as const;

/** What can be done with a job as a whole. */
export const JOB_ACTIONS_TEXT = {
  openItAgain: 'Mark as not done',
  callItDone: 'Mark as done',
  print: 'Print',
  sheet: (name: string) => `${name}: order of work`,
  export: 'Export',
  makeItAgain: 'Copy this project',
  delete: 'Delete',
  done: (name: string) => `“${name}” done`,
  openAgain: (name: string) => `“${name}” marked as not done`,
  added: (name: string) => `“${name}” added`,
  deleted: (name: string) => `“${name}” deleted`,
} as const;

/** The seams as a table, out to a spreadsheet and back from one. */
export const SEAM_CSV_TEXT = {
  readFrom: (count: number, ending: string, name: string) => `${count} ${ending} read from ${name}`,
  exportAsCsv: 'Export as CSV',
  importCsv: 'Import CSV',
  importSeamsAsCsv: 'Import seams as CSV',
  theColumnsOfThis: 'Columns of this table',
  nothingWasRead: 'Nothing was imported',
  row: (row: number, column: string, message: string) => `Row ${row}, ${column}: ${message}.`,
} as const;

/** Everything about one seam, changed in place. */
export const SEAM_EDITOR_TEXT = {
  chooseLater: 'choose later',
  name: 'Name',
  operation: 'Operation',
  cloth: 'Fabric',
  secondCloth: 'Second fabric',
  howManyAlike: 'How many of these',
  whereInTheWork: 'Where on the project',
  colourOnTop: 'Top thread colour',
  leftEmptyAsThe: (colour: string) => `${colour} if left empty, as for the project`,
  notDecided: 'Not chosen yet',
  colourInTheBobbin: 'Bobbin thread colour',
  leftEmptyAsOn: 'Same as the top if left empty',
  theOtherQuestionsOf: (others: number) => `More questions about this operation (${others})`,
  atYourPaceOf: (minutesAtPace: string, threadInAllMm: string) =>
    `${minutesAtPace} at your pace, ${threadInAllMm} of thread.`,
  piecesItTouches: 'Pieces it joins',
  sewnAfter: 'Sewn after',
  itWaitsForNothing: 'It can be sewn at any time.',
  itNeedNotWait: (value: string) => `Don’t wait for ${value}`,
  takeOut: 'Remove',
  itWaitsFor: 'Sewn after',
  seamDeleted: (name: string) => `Seam “${name}” deleted`,
  itIsNotDone: 'Mark as not sewn',
  itIsDone: 'Mark as sewn',
  takeThisSeamOut: 'Delete this seam',
} as const;

/** Every seam of the job, one of them open to be changed. */
export const SEAMS_PLACE_TEXT = {
  seamsOfIt: 'Seams of this project',
  seamName: 'Seam',
  operation: 'Operation',
  fabric: 'Fabric',
  tested: 'Tested',
  sewnAfter: 'Sewn after',
  seam: (value: number) => `Seam ${value}`,
  seams: 'Seams',
  theseWaitForEach: 'These seams wait for each other',
  takeOneOfThe: (join: string) => `${join}. Remove one of the “after” links to get an order.`,
  addASeam: 'Add a seam',
  proven: '✓ tested',
  stitchTested: 'stitch tested',
  cardIsOutOf: '! card out of date',
  needsASwatch: 'needs a swatch',
  byHand: 'by hand',
  noProofNeeded: 'no test needed',
  sewn: (proof: string) => `✓ sewn, ${proof}`,
  sewn2: '✓ sewn',
  ofThem: (count: number) => `, ${count} of these`,
  noClothYet: 'no fabric yet',
  and: (name: string) => ` and ${name}`,
  after: (join: string) => `after ${join}`,
  waitsForNothing: 'any time',
  usualOrderPutIn: 'Usual order applied',
  whatUsuallyComesFirst: 'The usual order',
  before: (value: string, value2: string, why: string) => `“${value}” before “${value2}”: ${why}.`,
  andMore: (value: number) => `and ${value} more`,
  usualOrder: 'Use the usual order',
} as const;

/** What a change costs this person, and how long there is today. */
export const COSTS_TEXT = {
  newNeedle: 'New needle',
  threadOnTop: 'Top thread',
  eachDial: 'Each dial',
  walkToTheIron: 'Going to the iron',
  minutes: 'Minutes',
  timeThereIsToday: 'Sewing time today',
  whatEachChangeTakes: 'How long each change takes you',
} as const;

/** What the order costs in changes, and a search for a better one, which can be stopped. */
export const FIND_ORDER_TEXT = {
  changesOnTheMachine: 'Changes on the machine',
  findTheBestOrder: 'Find the quickest order',
  searching: 'Searching …',
  stoppedTheOrderIs: 'Stopped. The order has not changed.',
  orderChanged: 'Order changed',
  theOrderCouldNot: (message: string) => `The order could not be worked out: ${message}`,
} as const;

/** Why a seam cannot go where it was dropped, and the way out. */
export const BROKEN_PLATE_TEXT = {
  itCannotGoThere: 'It can’t go there',
  waitsFor: (value: string, value2: string) => `“${value}” waits for “${value2}”`,
  itsSettingIsProven: ': test its settings on scrap first',
  itNeedNotWait: 'It need not wait: move it there',
  leaveItWhereIt: 'Leave it where it was',
} as const;

/** The order of work as a list. */
export const STOP_LIST_TEXT = {
  dragASeamBy: 'Drag a seam by its handle, or pick it up with Space and move it with the arrow keys.',
  hereItWouldCome: 'Here it would come before something it has to wait for.',
  hereItCostsNothing: 'No extra time here.',
  hereItCostsMin: (more: string) => `${more} min longer here.`,
  hereItSavesMin: (value: string) => `${value} min quicker here.`,
  orderChanged: 'Order changed',
} as const;

/** The order of work. */
export const WORK_PLACE_TEXT = {
  noSeamYetUnder: 'No seam yet. Add the first one under “Seams”, and the order follows.',
  settingsAreBeingWorked: 'Working out the settings.',
  whatIsDoneWhen: 'Timeline',
  noMachineIsChosen: 'This project has no machine yet. Choose one under “Pieces and notes”.',
  everythingIsSewn: '✓ Everything is sewn.',
  theJobIsDone: 'This project is done.',
  pressItALast: 'Give it a last press, check it over, then mark it as done.',
} as const;

/** One job. */
export const JOB_PAGE_TEXT = {
  orderOfWork: 'Sewing order',
  seams: 'Seams',
  whatItTakes: 'Thread and time',
  piecesAndNotes: 'Pieces and notes',
  inThisJob: 'In this project',
  allJobs: 'All projects',
  on: (name: string) => `· on ${name}`,
  of: (done: number, seams: number) => `${done} of ${seams}`,
  seams2: 'seams',
  left: 'left',
  to: (low: string, high: string) => `(${low} to ${high})`,
} as const;

/** Jobs. */
export const JOBS_STATION_TEXT = {
  thisProject: 'This project',
} as const;
