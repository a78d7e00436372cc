import { lowerFirst } from '@/core/units';

/** Several things alike, or one. */
const of = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;

/** What a project takes. */
export const BUDGET_TEXT = {
  none: 'No seam yet, so it takes nothing.',
  notYet: 'Thread, bobbins and needles are counted once a seam has its fabric and its settings.',
  how: (operations: number) =>
    `Thread is worked out from the stitch, with tails and a tenth for unpicking. ${
      operations === 0
        ? 'Times are typical ones until you have sewn a few seams step by step.'
        : `Times are at your own pace, from ${of(operations, 'seam', 'seams')} sewn step by step.`
    }`,
  thread: 'Thread',
  columns: {
    colour: 'Colour',
    needle: 'On top',
    bobbin: 'Bobbin',
    hand: 'By hand',
    unpick: 'Unpicking',
    total: 'Total',
    owned: 'You have',
  },
  anyColour: 'any colour',
  byHandNone: '–',
  howMuchLeft: 'You have this: how much is left?',
  checkSpool: (thread: string, needed: string) => `You have ${thread}. This takes ${needed}: is that much left?`,
  noteIt: 'Note it in the workroom',

  bobbins: 'Bobbins',
  full: (thread: string, used: string) => `of ${thread}, ${used}`,
  first: (seam: string) => `Wind one before “${seam}”`,
  next: (seam: string) => `Put the next one in before “${seam}”`,
  runsOut: (seam: string, percent: string) => `; it runs out ${percent}% of the way through “${seam}”`,
  setAside: (left: string) => `; take it out with ${left} left, so that no visible row has a join`,
  usedUpIn: (seams: readonly string[]) => `; use it up in ${seams.map((seam) => `“${seam}”`).join(', ')}`,

  needles: 'Needles',
  takes: (time: string) => `about ${time} of sewing`,
  hoursIdle: 'does not depend on hours',
  hoursLeft: (hours: string) => `${hours} h left in your needles`,
  get: (count: number) => `get ${count}`,
  enough: 'enough',

  time: 'Time',
  left: 'left',
  byTimer: 'in all, by the timer',
  soFar: (time: string) => `${time} so far, by the timer.`,
  allSewn: (needle: string) => `Everything is sewn. The machine ran for about ${needle}.`,
  likely: (low: string, high: string) => `Most likely between ${low} and ${high}.`,
  parts: (changes: string, needle: string) =>
    `Changing the machine over: ${changes}. The machine itself runs for about ${needle}.`,
  pace: (factor: string, operations: number) => (operations === 0 ? '' : `You take ${factor} times the typical time.`),

  toGet: 'To get',
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
  pressWhatIsSewn: 'press what is sewn so far',
  on: 'On',
  aMachineToBe: 'a machine to be chosen',
  leftTo: (minutes: string, low: string, high: string, notes: string) =>
    `; ${minutes} left, ${low} to ${high}. ${notes}`,
  ofThem: (count: number) => `, ${count} of them`,
  from: (fromMin: string) => `from ${fromMin}`,
  bobbins: (join: string, join2: string) => `${join}. Bobbins: ${join2}.`,
  of: (totalMm: string, threadName: string, ending: string) => `${totalMm} of ${threadName}${ending}`,
  enoughForTodayWhat: 'Enough for today. What follows is for another day.',
  move: (name: string) => `Move ${name}`,
  noCloth: 'no cloth',
  proveIt: 'Prove it',
  goOn: 'Go on',
  sewIt: 'Sew it',
  done: 'Done',
  toTheIronFirst: 'to the iron first',
  dials: (join: string) => `dials: ${join}`,
  for: (forSeams: number, ending: string) => `for ${forSeams} ${ending}`,
  scrapBegun: 'scrap begun',
  ofThem2: (count: number) => `${count} of them`,
  proven: '✓ proven',
  stitchTested: 'stitch tested',
  byHand: 'by hand',
  waitsFor: (join: string) => `waits for ${join}`,
} as const;

/** A job out of a file. */
export const IMPORT_JOB_TEXT = {
  notHereSoChoose: (join: string) => `Not here, so choose them: ${join}.`,
  imported: (name: string) => `“${name}” imported`,
  importAJob: 'Import a job',
  itWasNotImported: 'It was not imported',
  nothingHereHasChanged: (problem: string) => `${problem} Nothing here has changed.`,
} as const;

/** A new job. */
export const NEW_JOB_TEXT = {
  beginAJob: 'Begin a job',
  whatIsMade: 'What is made',
  somethingElseFromNothing: 'Something else, from nothing',
  name: 'Name',
  leftEmpty: (name: string) => `Left empty: ${name}`,
  whatYouCallIt: 'What you call it',
  begin: 'Begin',
  chooseLater: 'choose later',
  cloth: 'Cloth',
  noneIsInThe: 'None is in the drawer yet; it can be chosen later',
  secondClothFor: (second: string) => `Second cloth, for ${second}`,
  machine: 'Machine',
  threadColour: 'Thread colour',
  asItIsCalled: 'As it is called on the spool; it can be decided later',
  added: (name: string) => `“${name}” added`,
} as const;

/** Every job with how far it is, and a way to begin another. */
export const JOB_LIST_TEXT = {
  jobs: 'Jobs',
  thatJobIsNot: 'That job is not here any more.',
  noJobYetA:
    'No job yet. A job is a thing being made: its pieces, its seams, the order that changes the machine least, and what it takes of thread, bobbins and time. Begin one from a template, or from nothing.',
  done: 'Done',
  done2: (doneAt: string) => `done ${doneAt}`,
  nextSeam: (name: string) => `next seam: ${name}`,
  nothingLeftToSew: 'nothing left to sew',
  ofSeams: (done: number, seams: number) => `${done} of ${seams} seams`,
  begun: (addedAt: string) => `begun ${addedAt}`,
} as const;

/** The cloths of a job, each changed for all of it at once. */
export const JOB_CLOTHS_TEXT = {
  cloths: 'Cloths',
  withoutACloth: (counted: string) => `${counted} without a cloth.`,
  whatTheyAreSewn: 'What they are sewn with, and what it takes, is known once it is chosen.',
  noCloth: 'no cloth',
  insteadOf: (value: string, value2: string) => `${value} instead of ${value2}`,
  thereIsNoCloth: 'There is no cloth in the drawer yet.',
  describeOneFirst: 'Describe one first',
  clothFor: (hangs: string) => `Cloth for ${hangs}`,
  clothOf: (hangs: string) => `Cloth of ${hangs}`,
  notInTheDrawer: 'not in the drawer',
} as const;

/** What is made, on which machine, in which colour. */
export const ABOUT_TEXT = {
  piece: (value: number) => `Piece ${value}`,
  pieces: 'Pieces',
  namesAndSizesOf:
    'Names and sizes of what is cut. Seams on the same piece have to do with each other: the order is suggested from that.',
  addAPiece: 'Add a piece',
  theJob: 'The job',
  name: 'Name',
  machine: 'Machine',
  chooseLater: 'choose later',
  threadColour: 'Thread colour',
  whereASeamSays: 'Where a seam says nothing else',
  notes: 'Notes',
  pieceDeleted: (name: string) => `Piece “${name}” deleted`,
  piece2: 'Piece',
  wide: 'Wide',
  long: 'Long',
  count: 'Count',
  cloth: 'Cloth',
  delete: (name: string) => `Delete ${name}`,
  delete2: 'Delete',
} as const;

/** What is there already of zips, tape and elastic, and what else the maker wants to remember. */
export const NOTION_LIST_TEXT = {
  something: (value: number) => `Something ${value}`,
  zipsTapeAndThe: 'Zips, tape and the rest',
  addSomethingToThe: 'Add something to the list',
  thereIs: (label: string) => `${label}: there is`,
  wanted: (ending: string) => `${ending} wanted`,
  takenOffTheList: (name: string) => `“${name}” taken off the list`,
  what: 'What',
  countedIn: 'Counted in',
  wanted2: 'Wanted',
  thereIs2: 'There is',
  takeItOffThe: 'Take it off the list',
} as const;

/** The job along the time. */
export const TIMELINE_DRAWING_TEXT = {
  timelineOf: (totalMin: string) => `Timeline of ${totalMin}`,
  seams: 'Seams',
} as const;

/** What can be done with a job as a whole. */
export const JOB_ACTIONS_TEXT = {
  openItAgain: 'Open it again',
  callItDone: 'Call it done',
  print: 'Print',
  export: 'Export',
  makeItAgain: 'Make it again',
  delete: 'Delete',
  done: (name: string) => `“${name}” done`,
  openAgain: (name: string) => `“${name}” open again`,
  added: (name: string) => `“${name}” added`,
  deleted: (name: string) => `“${name}” deleted`,
} as const;

/** The seams as a table, out to a spreadsheet and back from one. */
export const SEAM_CSV_TEXT = {
  readFrom: (count: number, ending: string, name: string) => `${count} ${ending} read from ${name}`,
  exportAsCsv: 'Export as CSV',
  importCsv: 'Import CSV',
  importSeamsAsCsv: 'Import seams as CSV',
  theColumnsOfThis: 'The columns of this table',
  nothingWasRead: 'Nothing was read',
  row: (row: number, column: string, message: string) => `Row ${row}, ${column}: ${message}.`,
} as const;

/** Everything about one seam, changed in place. */
export const SEAM_EDITOR_TEXT = {
  chooseLater: 'choose later',
  name: 'Name',
  operation: 'Operation',
  cloth: 'Cloth',
  secondCloth: 'Second cloth',
  howManyAlike: 'How many alike',
  whereInTheWork: 'Where in the work',
  colourOnTop: 'Colour on top',
  leftEmptyAsThe: (colour: string) => `Left empty: ${colour}, as the job`,
  notDecided: 'Not decided',
  colourInTheBobbin: 'Colour in the bobbin',
  leftEmptyAsOn: 'Left empty: as on top',
  theOtherQuestionsOf: (others: number) => `The other questions of this operation (${others})`,
  atYourPaceOf: (minutesAtPace: string, threadInAllMm: string) =>
    `${minutesAtPace} at your pace, ${threadInAllMm} of thread.`,
  piecesItTouches: 'Pieces it touches',
  sewnAfter: 'Sewn after',
  itWaitsForNothing: 'It waits for nothing.',
  itNeedNotWait: (value: string) => `It need not wait for ${value}`,
  takeOut: 'Take out',
  itWaitsFor: 'It waits for',
  seamDeleted: (name: string) => `Seam “${name}” deleted`,
  itIsNotDone: 'It is not done after all',
  itIsDone: 'It is done',
  takeThisSeamOut: 'Take this seam out',
} as const;

/** Every seam of the job, one of them open to be changed. */
export const SEAMS_PLACE_TEXT = {
  seamsOfIt: 'Seams of this job',
  seamName: 'Seam',
  operation: 'Operation',
  fabric: 'Fabric',
  tested: 'Tested',
  sewnAfter: 'Sewn after',
  seam: (value: number) => `Seam ${value}`,
  seams: 'Seams',
  theseWaitForEach: 'These wait for each other in a ring',
  takeOneOfThe: (join: string) => `${join}. Take one of the “after” out, and the order can be worked out.`,
  addASeam: 'Add a seam',
  proven: '✓ proven',
  stitchTested: 'stitch tested',
  cardIsOutOf: '! card is out of date',
  needsASwatch: 'needs a swatch',
  byHand: 'by hand',
  noProofNeeded: 'no proof needed',
  sewn: (proof: string) => `✓ sewn, ${proof}`,
  sewn2: '✓ sewn',
  ofThem: (count: number) => `, ${count} of them`,
  noClothYet: 'no cloth yet',
  and: (name: string) => ` and ${name}`,
  after: (join: string) => `after ${join}`,
  waitsForNothing: 'waits for nothing',
  usualOrderPutIn: 'Usual order put in',
  whatUsuallyComesFirst: 'What usually comes first',
  before: (value: string, value2: string, why: string) => `“${value}” before “${value2}”: ${why}.`,
  andMore: (value: number) => `and ${value} more`,
  usualOrder: 'Use the usual order',
} as const;

/** What a change costs this person, and how long there is today. */
export const COSTS_TEXT = {
  newNeedle: 'New needle',
  threadOnTop: 'Thread on top',
  eachDial: 'Each dial',
  walkToTheIron: 'Walk to the iron',
  minutes: 'Minutes',
  timeThereIsToday: 'Time there is today',
  whatEachChangeTakes: 'What each change takes you',
} as const;

/** What the order costs in changes, and a search for a better one, which can be stopped. */
export const FIND_ORDER_TEXT = {
  changesOnTheMachine: 'Changes on the machine',
  findTheBestOrder: 'Find the best order',
  searching: 'Searching',
  stop: 'Stop',
  stoppedTheOrderIs: 'Stopped. The order is as it was.',
  orderChanged: 'Order changed',
  theOrderCouldNot: (message: string) => `The order could not be worked out: ${message}`,
} as const;

/** Why a seam cannot go where it was dropped, and the way out. */
export const BROKEN_PLATE_TEXT = {
  itCannotGoThere: 'It cannot go there',
  waitsFor: (value: string, value2: string) => `“${value}” waits for “${value2}”`,
  itsSettingIsProven: ': its setting is proven on scrap first',
  itNeedNotWait: 'It need not wait: put it there',
  leaveItWhereIt: 'Leave it where it was',
} as const;

/** The order of work as a list. */
export const STOP_LIST_TEXT = {
  dragASeamBy: 'Drag a seam by its handle, or lift it with space and move it with the arrow keys.',
  hereItWouldCome: 'Here it would come before something it has to wait for.',
  hereItCostsNothing: 'Here it costs nothing more.',
  hereItCostsMin: (more: string) => `Here it costs ${more} min more.`,
  hereItSavesMin: (value: string) => `Here it saves ${value} min.`,
  orderChanged: 'Order changed',
} as const;

/** The order of work. */
export const WORK_PLACE_TEXT = {
  noSeamYetUnder: 'No seam yet. Under “Seams” the first one is put in; its order follows.',
  settingsAreBeingWorked: 'Settings are being worked out.',
  whatIsDoneWhen: 'What is done when',
  noMachineIsChosen: 'No machine is chosen for this job: under “Pieces and notes” it can be.',
  everythingIsSewn: '✓ Everything is sewn.',
  theJobIsDone: 'The job is done.',
  pressItALast: 'Press it a last time, look it over, then call it done.',
} as const;

/** One job. */
export const JOB_PAGE_TEXT = {
  orderOfWork: 'Order of work',
  seams: 'Seams',
  whatItTakes: 'What it takes',
  piecesAndNotes: 'Pieces and notes',
  inThisJob: 'In this job',
  allJobs: 'All jobs',
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
