import type { Procedure } from '@/core/procedure';

interface Reads {
  stitch: string;
  length: string;
  width: string | null;
  needle: string;
  thread: string;
  foot: string;
}

interface Takes {
  thread: string;
  time: string | null;
  steps: number;
  pieces: number;
}

/** What the groups of operations are called. */
export const GROUP_TEXT: Readonly<Record<Procedure['group'], string>> = {
  prepare: 'Cutting and preparing',
  seam: 'Seams',
  zip: 'Zips',
  hem: 'Hems',
  band: 'Bands',
  'curve and corner': 'Curves and corners',
  topstitch: 'Topstitching',
  strips: 'Strips',
  'by hand': 'By hand',
};

/** How an operation went, in the log. */
export const OUTCOME_TEXT = { good: '✓ good', 'will-do': '○ acceptable', unpick: '✗ unpicked' } as const;

/** What Sew says. */
export const TEXT = {
  title: 'Sew',
  lost: 'This has been deleted.',
  goOn: 'Carry on',
  sewn: 'Sewn',
  notJudged: 'no result noted',
  notBegun: 'not started',
  atStep: (step: number, row: { piece: number; pieces: number } | null) =>
    `${row ? `${row.piece} of ${row.pieces}, ` : ''}step ${step}`,
  chooseFabric: 'Choose a fabric first so that Bobbet can work out the numbers.',
  matchFabric: 'Find settings for a fabric',
  another: 'Another fabric or machine',
  provenFor: 'What this card was tested for',
  find: 'Find an operation',
  foundNothing: 'No operation found with that name.',

  steps: (count: number) => `${count} steps`,
  withCare: 'take care',
  notThis: (instead: string | undefined) => (instead ? `instead: ${instead.toLowerCase()}` : 'not for this fabric'),
  changedTo: (name: string) => `Changed to ${name}`,
  onItsOwn: 'In the calculator:',
  setTo: (stitch: string) => `Set the machine to ${stitch}.`,
  check: 'Check:',
  how: { press: 'Iron', begin: 'First', sew: 'Then', end: 'Last' },
  ownScale: 'The two views are drawn to different scales.',
  colours: 'Red: sew or do this now. Green: done. Grey: later.',
  print: 'Print',
  stepOf: (at: number, of: number, cloth: string) => `step ${at} of ${of}, ${cloth}`,
  pieceOf: (at: number, of: number) => `, ${at} of ${of}`,
  progress: (at: number, of: number) => `Step ${at} of ${of}`,
  stepsChanged: 'Bobbet’s steps have been rewritten since you started this. Go back or on until you are at your step.',
  next: 'Done, next',
  nextPiece: 'Done, next piece',
  last: 'Done',
  wrong: 'Something’s wrong',
  whatSeen: 'What do you see?',
  otherSigns: 'Other faults, with pictures',
  findSign: 'Find a fault',
  noSign: 'No fault found with that name.',
  somethingElse: 'None of these: make a note',
  whatHappened: 'What happened',
  keepNote: 'Save the note and carry on',
  noteKept: 'Saved in the notes for this operation.',
  noted: (step: number, text: string) => `Step ${step}: ${text}`,
  backTo: (change: string, step: number) => `${change} You are still at step ${step}.`,
  doIt: 'Do it and go back to this step',
  backToStep: (step: number) => `Back to step ${step}`,
  back: 'Go back',
  keys: 'Space, → or a foot switch for next; ← goes back',
  inFront: ' so far',
  needleTime: (time: string) => `, about ${time} of sewing`,
  soFar: '.',
  leave: 'Stop for now',
  leaveMeans: '. You can carry on from this step.',

  before: 'Before the first stitch',
  on: (cloth: string, machine: string) => `On ${cloth}, with ${machine}.`,
  all: 'All operations',
  begin: 'Start step 1',
  putAway: 'Cancel',
  cutWith: 'Cut with',
  cutWithNone: 'nothing from my list',
  cutLength: (length: string) => `about ${length} of cutting, counted for this blade`,
  bladeDue: (name: string, then: 'change' | 'sharpen') =>
    then === 'change' ? `${name}: put in a new blade first` : `${name}: have them sharpened first`,
  cancelled: (name: string) => `${name} cancelled`,
  whichZip: 'Which zip is this?',
  doNotAgree: 'These numbers don’t fit together',
  bandFabric: 'Cut the band from',
  pieces: 'How many of these, one after another',
  haveReady: 'Have ready',
  takes: ({ thread, time, steps, pieces }: Takes) =>
    `${thread} of thread${time === null ? '' : `, needle and bobbin together; about ${time} of sewing`}, in ${steps} steps${pieces > 1 ? `, ${pieces} times over` : ''}.`,

  sewnWith: 'Sewn with',
  reads: ({ stitch, length, width, needle, thread, foot }: Reads) =>
    `${stitch}, ${length}${width === null ? '' : ` × ${width}`}; ${needle}, ${thread}, ${foot.toLowerCase()} foot.`,
  machineGone: 'Its machine is no longer in your workroom.',
  noSetting: 'Match finds no safe settings. It says why.',
  looking: 'Finding the settings.',
  stillLooking: 'Its settings are still being worked out.',
  rowBlocked: (row: string, why: string) => `${row}: no safe settings. ${why}`,
  wantsTwin: 'This is sewn with a twin needle, but Match found none that fits. It says why.',
  wantsOne: 'This is sewn with one needle: put in a single needle.',
  noScrap: 'No test needed.',
  proven: 'Tested on scrap for this.',
  stitchProven: 'This stitch is tested on this fabric, but this row is not.',
  notProven: 'Not tested yet: this is an estimate.',
  outOfDate: (why: string) => `Its card is out of date. ${why}`,
  theCard: 'The card',
  testFirst: 'Test it first',
  whole: {
    operation: (name: string) => `“${name}” is tested, sewn exactly like this.`,
    stitch: (name: string) => `The stitch is tested; “${name}” is not.`,
    nothing: (name: string) => `“${name}” is not tested yet: keep a scrap beside you.`,
  },
  drawing: 'Drawing',
  besides: 'Time, voice and print',
  questions: 'Questions',
  itWillDo: 'Acceptable',
  toBeUnpicked: 'Needs unpicking',
  sewn2: (name: string) => `${name}: sewn`,
  onWithMinIn: (clothName: string, machineName: string, minutes: number) =>
    `On ${clothName}, with ${machineName}; ${minutes < 1 ? 'less than a minute' : `${minutes} min`} altogether`,
  inARow: (pieces: number) => `, ${pieces} in a row`,
  howDidItGo: 'How did it go?',
  notes: 'Notes',
  example: 'An example from the template: type yours',
  logItAndSew: (seam: string) => `Save to the log and sew ${seam}`,
  started: (seam: string) => `Started ${seam}`,
  logItAndBack: 'Save to the log and go back to the project',
  logItAndChoose: 'Save to the log and choose the next',
  theSameAgain: 'Sew another',
  takeItOutOf: 'Don’t log it',
  takenOutOfThe: (name: string) => `${name} removed from the log`,
  step: 'Step',
};

/** What of a setting this machine cannot do, or what would strike its needle. */
export const CLASHES_TEXT = {
  notLikeThisOn: 'Your machine can’t sew it like this',
} as const;

/** A line drawn by walking it. */
export const DRAWN_ASK_TEXT = {
  straightFor: 'Straight for',
  radiusForACorner: 'Radius (0 for a corner)',
  turnsRightByLeft: 'Turns right by (minus for left)',
  takePieceOut: (value: number) => `Delete piece ${value}`,
  takeOut: 'Delete',
  addAStraight: 'Add a straight',
  addATurn: 'Add a turn',
  itClosesStraightBack: 'It closes with a straight line back to the start',
} as const;

/** A common shape and its sizes, at the seam line. */
export const SHAPE_ASK_TEXT = {
  shape: 'Shape',
} as const;

/** A line from a picture file. */
export const SVG_ASK_TEXT = {
  oneUnitOfThe: 'One unit of the file is',
  asTheFileSays: 'whatever the file says',
  thisSvgCannotBe: (message: string) => `Bobbet cannot use this SVG: ${message}.`,
  chooseAnSvg: 'Choose an SVG',
  anSvgWithThe: 'An SVG with the line',
  notTaken: 'Cannot be used',
  itsFirstPath: (name: string) => `${name}: its first path.`,
} as const;

/** The line to be sewn. */
export const OUTLINE_ASK_TEXT = {
  pickAShape: 'Choose a shape',
  drawItByNumbers: 'Draw it by numbers',
  loadAnSvg: 'Load an SVG',
  theLine: 'The line',
  allowanceOnTheOther: 'Allowance is on the other side of the line',
} as const;

/** Every step with its check and caution, and a drawing wherever it changes. */
export const STEP_SHEET_TEXT = {
  on: (clothName: string, machineName: string) => `${clothName}, on ${machineName}.`,
  check: (check: string) => `Check: ${check}`,
  takeCare: (caution: string) => `Take care: ${caution}`,
} as const;

/** The line with its allowance, cuts and corners at true scale, over as many sheets as it takes. */
export const TEMPLATE_SHEETS_TEXT = {
  printAtThenMeasure: (clothName: string) => `, ${clothName}. Print at 100%, then measure the bar.`,
  sheetOfRowOf: (value: number, tiles: number, value2: number, rows: number, value3: number, columns: number) =>
    ` Sheet ${value} of ${tiles}: row ${value2} of ${rows}, column ${value3} of ${columns}; sheets overlap up to the dotted lines.`,
} as const;

/** The steps with their drawings on paper, and the line at true scale where there is one. */
export const PRINTING_TEXT = {
  printTheSteps: 'Print the steps',
  printTheTemplate: 'Print the template',
  sheet: {
    steps: (operation: string) => `${operation}: the steps`,
    template: (operation: string) => `${operation}: the template`,
  },
} as const;

/** For when both hands hold the fabric. */
export const HANDS_FULL_TEXT = {
  big: 'Big steps, for a screen a metre away',
  footSwitch: 'A foot switch or clicker moves the steps',
  whereItLies:
    'Put it under your other foot or on the table, never beside the machine’s own pedal: a foot that takes one for the other starts the needle.',
} as const;

/** Reads each step aloud, if it is wanted and this device has a voice. */
export const SPOKEN_TEXT = {
  readTheStepsAloud: 'Read the steps aloud',
  pace: 'How fast',
} as const;

/** Time in front of this operation, while its page is seen. */
export const TIMER_TEXT = {
  timeSoFar: 'Time so far',
} as const;

/** On and back from the step as it is stored, so that quick presses all count. */
export const STEPS_TEXT = {
  stepDone: (name: string) => `${name}: step done`,
  oneStepBack: (name: string) => `${name}: one step back`,
} as const;
