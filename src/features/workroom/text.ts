import { countOf } from '@/core/units';

/** Texts of the workroom’s machines. */
export const MACHINE_TEXT = {
  shank: 'Shank',
  shankHelp:
    'Lower the foot and measure from the needle plate to the middle of the screw that holds the foot. A foot for another shank does not fit.',
  labels: 'Stitch names on your machine',
  labelsWhy:
    'The number or letter printed beside the stitch on your machine, such as 07. Bobbet then shows it wherever the stitch comes up.',
  stitch: 'Stitch',
  printed: 'Printed on the machine',
  labelOf: (stitch: string) => `Printed beside ${stitch.toLowerCase()}`,
  feet: 'Feet that fit it',
  anyFoot: 'Any foot I own fits this machine',
  needleStop: 'It can stop with the needle down',
  autoLock: 'It ties off automatically at both ends',
  tooLong: 'At most 12 letters or digits.',
  longestStitch: 'Longest stitch',
  lengthInStepsOf: 'Length goes in steps of',
  widestSwing: 'Widest stitch',
  ifItSewsStraight: '0 if it only sews straight',
  widthInStepsOf: 'Width goes in steps of',
  needlePositions: 'Needle positions',
  ifTheNeedleStands: '1 if the needle stays in the centre',
  holeOfTheStraight: 'Straight-stitch hole',
  minusForLeftIn: 'from the centre; minus for left',
  footLift: 'Foot lift',
  extraLift: 'Extra-high foot lift',
  topSpeed: 'Top speed',
  nickname: 'Nickname',
  stitchesItHas: 'Stitches it has',
  needlePlatesThatFit: 'Needle plates that fit it',
  itSewsInReverse: 'It sews in reverse',
} as const;

/** The number of a spool: as it is printed, and what it was taken as. */
export const SPOOL_TEXT = {
  fibre: 'Fibre',
  number: 'Number on the spool',
  left: 'Thread left',
  leftHelp: 'leave it empty if you don’t know',
  emptyMeans: (tex: string) => `in any system; Tex ${tex} if left empty`,
  any: 'in any system',
  aNumber: 'Type the number as printed, such as 120, Tex 27, 40 wt, 50/2 or 243 den.',
  is: (tex: number) => `Tex ${Math.round(tex * 10) / 10}`,
  takenAs: (as: string, tex: number) =>
    as.startsWith('Tex') ? `Read as ${as}.` : `Read as ${as}: Tex ${Math.round(tex * 10) / 10}.`,
  orIsIt: (as: string, tex: number) => `No, ${as} (Tex ${Math.round(tex * 10) / 10})`,
  bobbin: 'Bobbin',
  windABobbinFull:
    'Wind a full bobbin, then pull the thread off along a tape measure and enter the length. Or weigh it full and empty: grams ÷ Tex × 1000 is metres.',
  woundOff: 'Length wound off',
  threadNumber: 'Thread number',
  keepThisBobbin: 'Save this bobbin',
  aFullBobbinHolds: 'A full bobbin holds about',
  of: (threadName: string) => `of ${threadName}, `,
  fromTheSizeOf: 'based on the most common bobbin size',
  measured: (ending: string) => `measured ${ending}`,
  times: (measured: number) => `${measured} times`,
  plansUseNineTenths: '. Plans use nine tenths of it.',
  theSpoolIsNoted: 'Spool added.',
  aSpool: 'A spool',
  colourInWords: 'Colour in words',
  colour: 'Colour',
  whereItIsKept: 'Where you keep it',
  noteIt: 'Add spool',
  for: 'For',
  quality: 'Quality',
  removeThisSpool: 'Delete this spool',
} as const;

/** Feet, plates, pins, clips and blades. */
export const TOOL_TEXT = {
  anyFeet:
    'Nothing is ticked, so Match suggests from every foot and plate sold. Tick what you own: Match then uses only those and says what one more would gain you.',
  tickFeet: 'Tick what I own',
  feet: 'Feet',
  plates: 'Needle plates',
  overlocker: 'An overlocker',
  untickFeet: 'Untick all: suggest from everything sold',
  archived: 'archived: tick it to use it again',
  theFoot: (name: string) => `the ${name} foot`,
  archive: 'Archive',
  archiveMeans: 'Match no longer suggests it. It stays on the list; tick it to use it again.',
  removeMeans: 'You no longer own it. Cards stay as they are, but you can’t sew them without it.',
  pins: 'Pins, clips and weights',
  anyPins: 'Nothing is ticked, so steps may ask for any kind of pin. Tick what you own, and they only ask for those.',
  tick: 'Tick the pins I own',
  untick: 'Untick all pins',
  blades: 'Shears and cutters',
  keptIn: 'kept in',
  keptWhere: (name: string) => `Where ${name} is kept`,
  tooLong: 'Use at most 120 letters.',
  kind: 'Kind',
  add: 'Add',
  keeps: 'Good for',
  cutOf: (cut: string, keeps: string, since?: string) => `${cut} of ${keeps} cut${since ? ` since ${since}` : ''}.`,
  due: { change: 'Put in a new blade.', sharpen: 'Have it sharpened.' },
  fresh: { change: 'New blade today', sharpen: 'Sharpened today' },
  worn: (name: string) => `${name}: how worn it is`,
  cut: 'Add cutting',
  cutWith: (name: string) => `${name}: add cutting`,
  howMuch: 'Length cut',
  addCut: 'Add',
  delete: 'Delete',
  deleteOf: (name: string) => `Delete ${name.toLowerCase()}`,
} as const;

/** A pack of needles that was bought. */
export const NEEDLES_TEXT = {
  form: 'A pack of needles',
  fields: { point: 'Point', gap: 'Twin gap', nm: 'Size', count: 'How many', where: 'Kept in' },
  usual: (count: number) => `${count} if left empty`,
  tooLong: 'Use at most 120 letters.',
  packOf: (count: number) => `pack of ${count}`,
  add: 'Add needles',
  added: (count: number, needle: string) => `${count} × ${needle} ${count === 1 ? 'is' : 'are'} in your needle stock.`,
  mm: (mm: number) => `${mm} mm`,
} as const;

/** Care. */
export const CARE_TEXT = {
  care: 'Care',
  theManualOfThe:
    'Your machine’s manual comes first. Switch off and unplug the machine before you clean it, oil it or change a bulb. Anything inside the housing is for a qualified technician.',
  notedFor: (name: string, name2: string) => `${name} recorded for ${name2}`,
  hSewn: (hours: string) => `${hours} h sewn`,
  doneSoFar: (log: number) => `Done so far: ${log}`,
  atH: (at: string, atHours: string, name: string) => `${at}, at ${atHours} h: ${name}`,
  due: (why: string | null) => `Due: ${why}`,
  inHOfSewing: (leftHours: string) => `in ${leftHours} h of sewing`,
  whenItIsNeeded: 'when it is needed',
  last: (at: string) => `; last ${at}`,
  neverNoted: '; never done',
  doneToday: (name: string) => `${name}: done today`,
  doneToday2: 'Done today',
  every: 'Every',
} as const;

/** Lists out to a spreadsheet and back. */
export const CSV_FILES_TEXT = {
  rowsOf: (file: string) => `Rows of ${file}`,
  faultsOf: (file: string) => `Cells to correct in ${file}`,
  what: 'Item',
  does: 'Here',
  change: { added: 'new', changed: 'changed', same: 'unchanged' },
  rowNumber: 'Row',
  column: 'Column',
  wrong: 'What is wrong',
  cloths: 'Fabrics',
  needles: 'Needles',
  feetPlatesAndThreads: 'Feet, plates and threads',
  spreadsheets: 'Spreadsheets',
  listsAsCsvFor:
    'Lists as CSV for a spreadsheet, and back again. Each row keeps its key: export it, change it, import it, and the same item is changed.',
  asCsvInYour: (name: string) => `${name} as CSV: in your downloads.`,
  exportAsCsv: (name: string) => `Export ${name} as CSV`,
  exportCsv: 'Export CSV',
  importCsv: 'Import CSV',
  importFromCsv: (name: string) => `Import ${name} from CSV`,
  itsColumns: (columns: number) => `Its ${columns} columns`,
  wasNotImported: (fileName: string) => `${fileName} was not imported`,
  cellIs: 'cell is',
  cellsAre: 'cells are',
  wrongNothingHereHas: 'wrong. Nothing here has changed. Correct them and import the file again.',
  allRight: 'OK',
  imported: (fileName: string) => `${fileName} imported`,
  would: (fileName: string) => `Importing ${fileName} would`,
  add: 'add',
  andChange: 'and change',
  leftOutSinceNothing: (join: string) => ` Skipped, because nothing here has that name: ${join}.`,
  importIt: 'Import these rows',
  leaveIt: 'Cancel',
} as const;

/** A folder that copies are written into, where the browser can do that. */
export const FOLDER_TEXT = {
  theFileWasNot: (message: string) => `The file was not saved: ${message}`,
} as const;

/** The dials as a person sees them on the machine, standing where they stand now. */
export const DIAL_FACES_TEXT = {
  itsDialsNow: (ending: string) => `Its dials now${ending}`,
  setFor: (setFor: string) => `, set for ${setFor}`,
  itsDialsAtNormal: 'Its dials at normal',
  length: 'Length',
  width: 'Width',
  tension: 'Tension',
  of: (tension: string, max: string) => `${tension} of ${max}`,
  normalIs: (normal: string) => `normal is ${normal}`,
  aGlideOrWalking: 'use a glide or walking foot, tissue or starch instead',
  pressure: 'Pressure',
  normalIsLightest: (normal: string | number, marks: string) => `normal is ${normal}, lightest ${marks}`,
  placesAcrossMm: (needlePositions: number, maxWidthMm: string) =>
    `${needlePositions} positions across ${maxWidthMm} mm`,
  standsInTheCentre: 'centre only',
  needlePosition: 'Needle position',
  needlePositionLeftTo: 'Needle position, left to right',
  thisStitchDoesNot: 'this stitch has no width',
  trulyMm: (trueMm: string) => `actually ${trueMm} mm`,
  asPrintedOnThe: 'as printed on the dial',
  mm: (reads: string) => `${reads} mm`,
} as const;

/** Tension and pressure as they are printed on the machine. */
export const DIALS_TEXT = {
  normal: 'normal',
  tensionFrom: 'Tension from',
  inStepsOf: 'in steps of',
  expectedTwoMarksOr: 'Enter two or more marks with commas between them.',
  expectedEachMarkOnce: 'Enter each mark once.',
  pressureCanBeSet: 'Pressure can be set',
  marksLightestToHeaviest: 'Marks, lightest to heaviest',
  numbersLettersOrWords: 'numbers, letters or words as printed',
} as const;

/** Takes a machine out of the workroom. */
export const PUT_MACHINE_AWAY_TEXT = {
  archived: (name: string) => `${name} archived`,
  deleted: (name: string) => `${name} deleted`,
  deleteThisMachine: 'Delete this machine',
  itLeavesTheChoices: 'It leaves the choices. Its swatches, cards and measurements stay, and you can unarchive it.',
  itsSwatchesTheirTest: 'Its swatches, their tests and its care log are deleted too. Settings cards stay.',
} as const;

/** What the cards of a machine taught of it. */
export const TAUGHT_TEXT = {
  needleTension: 'Needle tension',
  matchStartsThisMuch: 'Match starts this much higher or lower than the usual rules.',
  presserPressure: 'Presser pressure',
  ofItsRange: '% of its range',
  matchStartsThisMuch2: 'Match starts this much heavier or lighter than the usual rules.',
  stitchLength: 'Stitch length',
  againstTheDial: '% against the dial',
  fromTheStitchesCounted:
    'From the stitches counted in tests that passed. Calibrate the dial, and Match allows for it.',
  forgottenWhatTheCards: (name: string) => `Deleted: what the cards taught about ${name}`,
  newCardsTeachAgain: 'New cards teach it again.',
  whatItsCardsTaught: 'What your cards taught',
  nothingYetEverySetting: 'Nothing yet. Every settings card teaches Bobbet a little about this machine.',
  forget: (name: string) => `Forget ${name}`,
  forget2: 'Forget',
  restsOnOneCard: 'from one card: counts for a third',
  restsOnCardsSpread: (count: number, number: string) => `from ${count} cards, spread ± ${number}`,
} as const;

/** Measures so far. */
export const MEASURE_LIST_TEXT = {
  measuredSoFar: 'Measured so far',
  removeMeasure: (value: number) => `Delete measurement ${value}`,
  remove: 'Delete',
} as const;

/** Measures of one kind. */
export const MEASURES_TEXT = {
  measurementDeleted: 'Measurement deleted',
} as const;

/** What the dial says against what it does. */
export const DIAL_CHART_TEXT = {
  gives: (dialMm: string, trueMm: string) => `${dialMm} gives ${trueMm}`,
  whatTheDialSays: (what: string, far: string) => `What the ${what} dial says and what you really get: ${far} mm.`,
  onTheDialMm: (what: string) => `${what} on the dial, mm`,
  trulyMm: 'measured, mm',
  aTrueDial: 'an accurate dial',
  thisMachine: 'this machine',
} as const;

/** Stitches counted between two marks at three dial lengths. */
export const DIAL_CALIBRATION_TEXT = {
  withThisDialWould: (pair: number, pair2: number) =>
    `By these figures, dial ${pair} gives less than dial ${pair2}: measure one of them again.`,
  length: 'Length',
  straightStitchOnFirm: (usualOver: string) =>
    `Sew a straight stitch on two layers of firm fabric. Mark ${usualOver}, sew past both marks, and count the stitches between them. Do it at dial 2, 3 and 4; repeat any of them to see the spread.`,
  dialSays: 'Dial says',
  ifLeftEmpty: (next: number) => `${next} if left empty`,
  stitchesCounted: 'Stitches counted',
  betweenMarks: 'Between the marks',
  ifLeftEmpty2: (usualOver: string) => `${usualOver} if left empty`,
  keepThisCount: 'Save this count',
  dialSews: (dialMm: string) => `dial ${dialMm} sews`,
  mm: (counted: string) => `${counted} mm`,
  dialStitchesIn: (dialMm: string, stitches: number, overMm: string) =>
    `dial ${dialMm}: ${stitches} stitches in ${overMm}`,
  mm2: (number: string) => `${number} mm`,
  width: 'Width',
  zigzagAtMmLength:
    'Sew a zigzag, 1.5 mm long, on firm fabric. Measure from the leftmost hole to the rightmost, at dial 2, 3 and 4.',
  wholeSwing: 'Full width',
  keepThisWidth: 'Save this width',
  dial: (dialMm: string) => `dial ${dialMm}`,
  mm3: (trueMm: string) => `${trueMm} mm`,
  untilThenBobbetAssumes: 'Until then Bobbet assumes the dial is accurate.',
  asItSays: 'as it says',
  aboutThanItSays: (abs: string, ending: string) => `about ${abs}% ${ending} than it says`,
  thisDialGivesFor: (said: string, name: string) => `This dial gives ${said}. For a ${name} of`,
  setItTo: ', set it to',
  matchAndTheMachine: '. Match and the machine bar now do this for you.',
  spreadMm: (spreadMm: string) => ` Spread ± ${spreadMm} mm.`,
  ofPlacesSoFar: (curve: number) => ` ${curve} of 3 places measured so far: the rest is estimated.`,
} as const;

/** Two equal strips sewn 300 mm. */
export const FEED_CALIBRATION_TEXT = {
  fabric: 'Fabric',
  whichFoot: 'Foot',
  pressure: 'Pressure',
  feed: 'Feed',
  cutTwoStripsLong: (value: string, usualOver: string) =>
    `Cut two strips ${value} long from one fabric, along the grain. Sew ${usualOver} of them together from one end, guiding without pulling. Measure how far the top one ends behind the bottom one; minus if it ends ahead.`,
  topBehindBy: 'Top behind by',
  over: 'Over',
  ifLeftEmpty: (usualOver: string) => `${usualOver} if left empty`,
  keepThisLine: 'Save this test',
  putAClothInto: 'Add a fabric first: the estimate depends on what you sew.',
  foot: (clothName: string, name: string, overMm: string) => `${clothName}, ${name} foot, ${overMm}`,
  theModel: (factor: string) => `, ${factor} × the estimate`,
  thisMachineLetsThe: 'This machine lets the top layer creep',
  times: (creepFactor: string) => `${creepFactor} times`,
  asMuchAsThe: 'as much as estimated, and Match allows for it.',
  untilThenTheModel: 'Until then Bobbet uses its estimate. ',
  aSetOfStrips: (value: string, value2: string, bow: string) =>
    `A set of strips ${value} wide and ${value2} long, all sewn from the same end, would bow about ${bow}. Start alternate seams from the other end.`,
} as const;

/** The machines. */
export const MACHINES_TEXT = {
  whichMachine: 'Which machine',
  hSewn: (sewnHours: string) => `${sewnHours} h sewn`,
  anotherMachine: 'Another machine',
  whichKind: 'What kind is it? It can be matched at once; correct what it can do when you have the manual at hand.',
  inUse: 'in use · ',
  notInUse: (name: string, inUse: string) => `You are looking at ${name}. Settings are for ${inUse}.`,
  useThis: 'Use this machine',
  assumed: 'Nothing has been said about this machine yet: a plain modern one is assumed.',
  say: 'Say what you sew with',
  aboutThisMachine: 'About this machine',
  calibrate: 'Calibrate',
  whatItCanDo: 'What it can do',
  noMachineAddOne: 'No machine yet. Add one to see what to dial.',
  putAway: 'Archived:',
  bringItBack: (name: string) => `${name}: unarchive`,
} as const;

/** Whether Match chooses from what is owned, or from everything on sale. */
export const OWNED_TEXT = {
  matchChoosesFromThese: (count: number) => `Only suggest needles I own (${count})`,
} as const;

/** The spools. */
export const SPOOLS_TEXT = {
  colour: 'Colour',
  thread: 'Thread',
  for: 'For',
  left: 'Left',
  m: (metres: string) => `${metres} m`,
  keptIn: 'Kept in',

  threads: 'Threads',
  findAThread: 'Find a thread',
  of: (found: number, all: number) => `${found} of ${countOf(all, 'spool')}`,
  spools: 'Spools',
  threadDeleted: (colourName: string) => `Thread “${colourName}” deleted`,
  threadDeleted2: 'Thread deleted',
  printed: (printed: string) => `, printed ${printed}`,
  cheapMaySkipOn: ', cheap: may skip on knits',
  good: ', good',
} as const;

/** The needle tin. */
export const NEEDLE_STOCK_TEXT = {
  needle: 'Needle',
  state: 'State',
  sewedFor: 'Last sewn',
  keptIn: 'Kept in',

  needles: 'Needles',
  findANeedle: 'Find a needle',
  ofNeedles: (found: number, all: number) => `${found} of ${all} needles;`,
  hoursDoNotDecide: 'hours are not counted',
  eachIsKeptHours: (life: number) => `each is used for ${life} hours`,
  yourSchoolOnMatch: '(your choice, in Match)',
  needlesInTheTin: 'Needle stock',
  new: 'new',
  newOnes: (count: number) => `${count} new`,
  spentOnes: (count: number) => `${count} used up`,
  times: (count: number) => `× ${count}`,
  oneOf: (number: number, said: string) => `Needle ${number}: ${said}`,
  states: { new: 'new', good: 'good', near: 'nearly worn out', past: 'past its hours', spent: 'used up' },
  nearlyDone: 'nearly worn out',
  pastItsHours: 'past its hours',
  spent: (spent: string) => `used up: ${spent}`,
  h: (hours: string) => `${hours} h`,
  needleDeleted: (needleName: string) => `Needle ${needleName} deleted`,
  sewed: (join: string) => `Sewed ${join}.`,
  hours: 'Hours',
  whereItIsKept: 'Where you keep it',
  pack: 'Pack',
  spent2: 'Used up:',
  findEveryFragmentLook:
    'Find every fragment, check the plate for burrs, and never use this needle again. Put used needles in a closed container.',
  notSpentAfterAll: 'It is still good',
  takeItOutOf: 'Delete',
} as const;

/** Workroom. */
export const WORKROOM_STATION_TEXT = {
  machines: 'Machines',
  care: 'Care',
  feetPinsAndBlades: 'Feet, pins and blades',
  needles: 'Needles',
  threads: 'Threads',
  files: 'Files',
  running: 'How it runs',
  workroom: 'Workroom',
  inTheWorkroom: 'In the workroom',
  due: (due: number) => `${due} due`,
} as const;

/** Where the whole of a machine is measured in one go. */
export const CHECK_UP_LINK_TEXT = {
  link: 'Check the whole machine in half an hour',
  gains: 'It is one sheet to sew by and one form. Or measure one thing at a time here.',
};
