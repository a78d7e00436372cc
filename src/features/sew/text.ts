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
export const OUTCOME_TEXT = { good: '✓ good', 'will-do': '○ will do', unpick: '✗ unpicked' } as const;

/** What Sew says. */
export const TEXT = {
  title: 'Sew',
  lost: 'That is not here any more.',
  goOn: 'Go on',
  sewn: 'Sewn',
  notJudged: 'not judged',
  notBegun: 'not begun',
  atStep: (step: number, row: { piece: number; pieces: number } | null) =>
    `${row ? `${row.piece} of ${row.pieces}, ` : ''}step ${step}`,
  chooseFabric: 'Choose a fabric first, so that the numbers can be worked out.',
  matchFabric: 'Match a fabric',
  another: 'Another fabric or machine',
  provenFor: 'What this card was proven for',
  find: 'Find an operation',
  foundNothing: 'No operation is called that.',

  steps: (count: number) => `${count} steps`,
  withCare: 'with care',
  notThis: (instead: string | undefined) => (instead ? `instead: ${instead.toLowerCase()}` : 'not for this fabric'),
  changedTo: (name: string) => `Changed to ${name}`,
  onItsOwn: 'In the calculator:',
  setTo: (stitch: string) => `Set the machine to ${stitch}.`,
  check: 'Check:',
  how: { press: 'Iron', begin: 'First', sew: 'Then', end: 'Last' },
  colours: 'Red is sewn or done now, green is done, grey is to come.',
  print: 'Print',
  stepOf: (at: number, of: number, cloth: string) => `step ${at} of ${of}, ${cloth}`,
  pieceOf: (at: number, of: number) => `, ${at} of ${of}`,
  progress: (at: number, of: number) => `Step ${at} of ${of}`,
  stepsChanged:
    'Bobbet’s steps have been rewritten since you began this. Check that this is your step; go back or on until it is.',
  next: 'Done, next',
  nextPiece: 'Done, the next piece',
  last: 'Done',
  wrong: 'Something’s wrong',
  whatSeen: 'What do you see?',
  otherSigns: 'Something else in pictures',
  findSign: 'Find a sign',
  noSign: 'No sign is called that.',
  somethingElse: 'None of these: write it down',
  whatHappened: 'What happened',
  keepNote: 'Keep the note, and go on',
  noteKept: 'Kept in the notes of this operation.',
  noted: (step: number, text: string) => `Step ${step}: ${text}`,
  backTo: (change: string, step: number) => `${change} You are still at step ${step}.`,
  doIt: 'Do it, and back to this step',
  backToStep: (step: number) => `Back to step ${step}`,
  back: 'Back a step',
  keys: 'Space, →, or a foot switch; ← goes back',
  inFront: ' so far',
  needleTime: (time: string) => `, about ${time} of sewing`,
  soFar: ' so far.',
  leave: 'Leave it here',
  leaveMeans: ': it goes on at this step.',

  before: 'Before the first stitch',
  on: (cloth: string, machine: string) => `On ${cloth}, with ${machine}.`,
  all: 'All operations',
  begin: 'Begin',
  putAway: 'Put it away',
  cutWith: 'Cut with',
  cutWithNone: 'nothing that is counted',
  cutLength: (length: string) => `about ${length} of cutting, counted against the blade`,
  bladeDue: (name: string, then: 'change' | 'sharpen') =>
    then === 'change' ? `${name}: put a new blade in first` : `${name}: have them sharpened first`,
  cancelled: (name: string) => `${name} cancelled`,
  whichZip: 'Which zip is this?',
  doNotAgree: 'These numbers do not go together',
  bandFabric: 'The band is cut from',
  pieces: 'How many of these, one after the other',
  haveReady: 'Have ready',
  takes: ({ thread, time, steps, pieces }: Takes) =>
    `${thread} of thread${time === null ? '' : `, needle and bobbin together; about ${time} of sewing`}, in ${steps} steps${pieces > 1 ? `, ${pieces} times over` : ''}.`,

  sewnWith: 'Sewn with',
  reads: ({ stitch, length, width, needle, thread, foot }: Reads) =>
    `${stitch}, ${length}${width === null ? '' : ` × ${width}`}; ${needle}, ${thread}, ${foot.toLowerCase()} foot.`,
  machineGone: 'Its machine is not in the workroom any more.',
  noSetting: 'Match finds no safe setting: look there why.',
  looking: 'Looking for the setting.',
  stillLooking: 'Its setting is still being worked out.',
  rowBlocked: (row: string, why: string) => `${row}: no safe setting. ${why}`,
  wantsTwin: 'This is sewn with a twin needle, and Match found none that fits: look there why.',
  wantsOne: 'This is sewn with one needle: put a single one in.',
  noScrap: 'Needs no scrap.',
  proven: 'Tested on scrap for this.',
  stitchProven: 'This stitch is tested on this fabric; this row is not.',
  notProven: 'Not tested yet: this is Match’s estimate.',
  outOfDate: (why: string) => `Its card is out of date. ${why}`,
  theCard: 'The card',
  testFirst: 'Test it first',
  whole: {
    operation: (name: string) => `“${name}” is tested as it is sewn here.`,
    stitch: (name: string) => `The stitch is tested; “${name}” is not.`,
    nothing: (name: string) => `Nothing of “${name}” is tested yet: keep a scrap beside you.`,
  },
  drawing: 'Drawing',
  questions: 'Questions',
  itWillDo: 'It will do',
  toBeUnpicked: 'To be unpicked',
  sewn2: (name: string) => `${name}: sewn`,
  onWithMinIn: (clothName: string, machineName: string, number: string) =>
    `On ${clothName}, with ${machineName}; ${number} min in all`,
  inARow: (pieces: number) => `, ${pieces} in a row`,
  howDidItGo: 'How did it go?',
  notes: 'Notes',
  logItAndBack: 'Log it, and back to the job',
  logItAndChoose: 'Log it, and choose the next',
  theSameAgain: 'The same again',
  takeItOutOf: 'Take it out of the log',
  takenOutOfThe: (name: string) => `${name} taken out of the log`,
  step: 'Step',
};

/** What of a setting this machine cannot do, or what would strike its needle. */
export const CLASHES_TEXT = {
  notLikeThisOn: 'Not like this on your machine',
} as const;

/** A line drawn by walking it. */
export const DRAWN_ASK_TEXT = {
  straightFor: 'Straight for',
  radiusForACorner: 'Radius, 0 for a corner',
  turnsRightByLeft: 'Turns right by, left with a minus',
  takePieceOut: (value: number) => `Take piece ${value} out`,
  takeOut: 'Take out',
  addAStraight: 'Add a straight',
  addATurn: 'Add a turn',
  itClosesStraightBack: 'It closes: straight back to where it began',
} as const;

/** A common shape and its sizes, at the seam line. */
export const SHAPE_ASK_TEXT = {
  shape: 'Shape',
} as const;

/** A line from a picture file. */
export const SVG_ASK_TEXT = {
  oneUnitOfThe: 'One unit of the file is',
  asTheFileSays: 'as the file says, where it says so',
  thisSvgCannotBe: (message: string) => `This SVG cannot be taken: ${message}.`,
  chooseAnSvg: 'Choose an SVG',
  anSvgWithThe: 'An SVG with the line',
  notTaken: 'Not taken',
  itsFirstPath: (name: string) => `${name}: its first path.`,
} as const;

/** The line to be sewn. */
export const OUTLINE_ASK_TEXT = {
  pickAShape: 'Pick a shape',
  drawItByNumbers: 'Draw it by numbers',
  loadAnSvg: 'Load an SVG',
  theLine: 'The line',
  allowanceOnTheOther: 'Allowance on the other side of the line',
} as const;

/** Every step with its check and caution, and a drawing wherever it changes. */
export const STEP_SHEET_TEXT = {
  on: (clothName: string, machineName: string) => `${clothName}, on ${machineName}.`,
  check: (check: string) => `Check: ${check}`,
  takeCare: (caution: string) => `Take care: ${caution}`,
} as const;

/** The line with its allowance, cuts and corners at true scale, over as many sheets as it takes. */
export const TEMPLATE_SHEETS_TEXT = {
  printAtThenMeasure: (clothName: string) => `, ${clothName}. Print at 100 %, then measure the bar.`,
  sheetOfRowOf: (value: number, tiles: number, value2: number, rows: number, value3: number, columns: number) =>
    ` Sheet ${value} of ${tiles}: row ${value2} of ${rows}, column ${value3} of ${columns}; neighbours overlap up to the dotted lines.`,
} as const;

/** The steps with their drawings on paper, and the line at true scale where there is one. */
export const PRINTING_TEXT = {
  paper: 'Paper',
  printTheSteps: 'Print the steps',
  printTheTemplate: 'Print the template',
} as const;

/** Reads each step aloud, if it is wanted and the browser has a voice. */
export const SPOKEN_TEXT = {
  readTheStepsAloud: 'Read the steps aloud',
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
