/** Texts of the workroom’s machines. */
export const MACHINE_TEXT = {
  shank: 'Shank',
  shankHelp:
    'Foot down, measure from the needle plate up to the middle of the screw that holds the foot. A foot for another shank does not fit.',
  labels: 'What the machine calls each stitch',
  labelsWhy:
    'The number or letter beside the stitch on the machine, such as 07. It then stands beside the stitch everywhere.',
  stitch: 'Stitch',
  printed: 'Printed beside it',
  labelOf: (stitch: string) => `Printed beside ${stitch.toLowerCase()}`,
  feet: 'Feet that fit it',
  anyFoot: 'Any foot I own fits this machine',
  needleStop: 'It can stop with the needle down',
  autoLock: 'It ties off by itself at both ends',
  tooLong: 'At most 12 letters or digits.',
  longestStitch: 'Longest stitch',
  lengthInStepsOf: 'Length in steps of',
  widestSwing: 'Widest swing',
  ifItSewsStraight: '0 if it sews straight only',
  widthInStepsOf: 'Width in steps of',
  needlePositions: 'Needle positions',
  ifTheNeedleStands: '1 if the needle stands in the centre only',
  holeOfTheStraight: 'Hole of the straight-stitch plate, from centre',
  minusForLeftIn: 'minus for left; 0 in the centre',
  footLift: 'Foot lift',
  extraLift: 'Extra lift',
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
    as.startsWith('Tex') ? `Taken as ${as}.` : `Taken as ${as}: Tex ${Math.round(tex * 10) / 10}.`,
  orIsIt: (as: string, tex: number) => `No, ${as} (Tex ${Math.round(tex * 10) / 10})`,
  bobbin: 'Bobbin',
  windABobbinFull:
    'Wind a bobbin full, then pull the thread off along a tape: note how much there is. Or weigh it full and empty: grams ÷ Tex × 1000 is metres.',
  woundOff: 'Wound off',
  threadNumber: 'Thread number',
  keepThisBobbin: 'Keep this bobbin',
  aFullBobbinHolds: 'A full bobbin holds about',
  of: (threadName: string) => `of ${threadName},`,
  fromTheSizeOf: 'from the size of the most common bobbin',
  measured: (ending: string) => `measured ${ending}`,
  times: (measured: number) => `${measured} times`,
  plansUseNineTenths: '. Plans use nine tenths of it.',
  theSpoolIsNoted: 'The spool is noted.',
  aSpool: 'A spool',
  colourInWords: 'Colour in words',
  colour: 'Colour',
  whereItIsKept: 'Where it is kept',
  noteIt: 'Note it',
  for: 'For',
  quality: 'Quality',
  removeThisSpool: 'Remove this spool',
} as const;

/** Feet, plates, pins, clips and blades. */
export const TOOL_TEXT = {
  anyFeet:
    'Nothing is ticked, so Match chooses from every foot and plate on sale. Tick what you own, and it chooses from that and says what one thing more would gain.',
  tickFeet: 'Tick what I own',
  feet: 'Feet',
  plates: 'Needle plates',
  overlocker: 'An overlocker',
  untickFeet: 'Untick all: choose from everything on sale',
  archived: 'archived: tick it to use it again',
  theFoot: (name: string) => `the ${name} foot`,
  archive: 'Archive',
  archiveMeans: 'Match does not choose it any more; it stays in the list, and a tick brings it back.',
  removeMeans: 'You don’t own it any more. Cards stay as they are, but you cannot sew what they say.',
  pins: 'Pins, clips and weights',
  anyPins: 'Nothing is ticked, so steps may ask for any kind of pin. Tick what you own, and they ask for that.',
  tick: 'Tick the pins I own',
  untick: 'Untick all pins',
  blades: 'Shears and cutters',
  keptIn: 'kept in',
  keptWhere: (name: string) => `Where ${name} is kept`,
  tooLong: 'Expected at most 120 letters.',
  kind: 'Kind',
  add: 'Add it',
  keeps: 'Good for',
  cutOf: (cut: string, keeps: string, since?: string) => `${cut} of ${keeps} cut${since ? ` since ${since}` : ''}.`,
  due: { change: 'Put a new blade in.', sharpen: 'Have it sharpened.' },
  fresh: { change: 'New blade today', sharpen: 'Sharpened today' },
  worn: (name: string) => `${name}: how worn it is`,
  cut: 'I cut something',
  cutWith: (name: string) => `${name}: I cut something`,
  howMuch: 'Length cut',
  addCut: 'Add',
  delete: 'Delete',
  deleteOf: (name: string) => `Delete ${name.toLowerCase()}`,
} as const;

/** A pack of needles that was bought. */
export const NEEDLES_TEXT = {
  form: 'A pack of needles',
  fields: { point: 'Point', gap: 'Gap', nm: 'Size', count: 'How many', where: 'Kept in' },
  usual: (count: number) => `${count} if left empty`,
  tooLong: 'At most 120 letters here.',
  packOf: (count: number) => `pack of ${count}`,
  add: 'Into the tin',
  added: (count: number, needle: string) => `${count} × ${needle} ${count === 1 ? 'is' : 'are'} in the tin.`,
  mm: (mm: number) => `${mm} mm`,
} as const;

/** Care. */
export const CARE_TEXT = {
  care: 'Care',
  theManualOfThe:
    'The manual of the machine comes first. Switch it off and unplug it before you clean, oil or change a bulb; what is inside the housing is for a qualified technician.',
  notedFor: (name: string, name2: string) => `${name} noted for ${name2}`,
  hSewn: (hours: string) => `${hours} h sewn`,
  doneSoFar: (log: number) => `Done so far: ${log}`,
  atH: (at: string, atHours: string, name: string) => `${at}, at ${atHours} h: ${name}`,
  due: (why: string | null) => `Due: ${why}`,
  inHOfSewing: (leftHours: string) => `in ${leftHours} h of sewing`,
  whenItIsNeeded: 'when it is needed',
  last: (at: string) => `; last ${at}`,
  neverNoted: '; never noted',
  doneToday: (name: string) => `${name}: done today`,
  doneToday2: 'Done today',
  every: 'Every',
} as const;

/** Lists out to a spreadsheet and back. */
export const CSV_FILES_TEXT = {
  rowsOf: (file: string) => `Rows of ${file}`,
  faultsOf: (file: string) => `Wrong cells of ${file}`,
  what: 'What',
  does: 'Here',
  change: { added: 'new', changed: 'changed', same: 'stays as it is' },
  rowNumber: 'Row',
  column: 'Column',
  wrong: 'What is wrong',
  cloths: 'Cloths',
  needles: 'Needles',
  feetPlatesAndThreads: 'Feet, plates and threads',
  spreadsheets: 'Spreadsheets',
  listsAsCsvFor:
    'Lists as CSV, for a spreadsheet and back from one. A row keeps its key: exported, changed and imported again, it changes the same thing.',
  asCsvInYour: (name: string) => `${name} as CSV: in your downloads.`,
  exportAsCsv: (name: string) => `Export ${name} as CSV`,
  exportCsv: 'Export CSV',
  importCsv: 'Import CSV',
  importFromCsv: (name: string) => `Import ${name} from CSV`,
  itsColumns: (columns: number) => `Its ${columns} columns`,
  wasNotImported: (fileName: string) => `${fileName} was not imported`,
  cellIs: 'cell is',
  cellsAre: 'cells are',
  wrongNothingHereHas: 'wrong; nothing here has changed. Put them right and import the file again.',
  allRight: 'All right',
  imported: (fileName: string) => `${fileName} imported`,
  would: (fileName: string) => `${fileName} would`,
  add: 'add',
  andChange: 'and change',
  leftOutSinceNothing: (join: string) => ` Left out, since nothing here is called so: ${join}.`,
  importIt: 'Import it',
  leaveIt: 'Leave it',
} as const;

/** A folder that copies are written into, where the browser can do that. */
export const FOLDER_TEXT = {
  theFileWasNot: (message: string) => `The file was not written: ${message}`,
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
  aGlideOrWalking: 'a glide or walking foot, tissue or starch stand in for it',
  pressure: 'Pressure',
  normalIsLightest: (normal: string | number, marks: string) => `normal is ${normal}, lightest ${marks}`,
  placesAcrossMm: (needlePositions: number, maxWidthMm: string) => `${needlePositions} places across ${maxWidthMm} mm`,
  standsInTheCentre: 'stands in the centre only',
  needlePosition: 'Needle position',
  needlePositionLeftTo: 'Needle position, left to right',
  thisStitchDoesNot: 'this stitch does not swing',
  trulyMm: (trueMm: string) => `truly ${trueMm} mm`,
  asPrintedOnThe: 'as printed on the dial',
  mm: (reads: string) => `${reads} mm`,
} as const;

/** Tension and pressure as they are printed on the machine. */
export const DIALS_TEXT = {
  tensionFrom: 'Tension from',
  inStepsOf: 'in steps of',
  expectedTwoMarksOr: 'Expected two marks or more, with commas between them.',
  expectedEachMarkOnce: 'Expected each mark once.',
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
  itsSwatchesTheirTest: 'Its swatches, their test lines and its care log are deleted too. Settings cards stay.',
} as const;

/** What the cards of a machine taught of it. */
export const TAUGHT_TEXT = {
  needleTension: 'Needle tension',
  matchStartsThisMuch: 'Match starts this much higher or lower than the rules say.',
  presserPressure: 'Presser pressure',
  ofItsRange: '% of its range',
  matchStartsThisMuch2: 'Match starts this much heavier or lighter than the rules say.',
  stitchLength: 'Stitch length',
  againstTheDial: '% against the dial',
  fromTheStitchesCounted:
    'From the stitches counted on passed lines. Calibrate the dial, and Match takes it into account.',
  forgottenWhatTheCards: (name: string) => `Forgotten: what the cards taught about ${name}`,
  newCardsTeachAgain: 'New cards teach again.',
  whatItsCardsTaught: 'What its cards taught',
  nothingYetEverySetting: 'Nothing yet. Every setting that passes on scrap teaches a little of this machine.',
  forget: (name: string) => `Forget ${name}`,
  forget2: 'Forget',
  restsOnOneCard: 'rests on one card: a third of what it says',
  restsOnCardsSpread: (count: number, number: string) => `rests on ${count} cards, spread ± ${number}`,
} as const;

/** Measures so far. */
export const MEASURE_LIST_TEXT = {
  measuredSoFar: 'Measured so far',
  removeMeasure: (value: number) => `Remove measure ${value}`,
  remove: 'Remove',
} as const;

/** Measures of one kind. */
export const MEASURES_TEXT = {
  measurementDeleted: 'Measurement deleted',
} as const;

/** What the dial says against what it does. */
export const DIAL_CHART_TEXT = {
  gives: (dialMm: string, trueMm: string) => `${dialMm} gives ${trueMm}`,
  whatTheDialSays: (what: string, far: string) => `What the ${what} dial says against what it truly gives: ${far} mm.`,
  onTheDialMm: (what: string) => `${what} on the dial, mm`,
  trulyMm: 'truly, mm',
  aTrueDial: 'a true dial',
  thisMachine: 'this machine',
} as const;

/** Stitches counted between two marks at three dial lengths. */
export const DIAL_CALIBRATION_TEXT = {
  withThisDialWould: (pair: number, pair2: number) =>
    `With this, dial ${pair} would give less than dial ${pair2}: measure one of them again.`,
  length: 'Length',
  straightStitchOnFirm: (usualOver: string) =>
    `Straight stitch on firm cloth in two layers. Mark ${usualOver}, sew past both marks, count the stitches between them. Do it at dial 2, 3 and 4; repeat any of them for its spread.`,
  dialSays: 'Dial says',
  ifLeftEmpty: (next: number) => `${next} if left empty`,
  stitchesCounted: 'Stitches counted',
  betweenMarks: 'Between marks',
  ifLeftEmpty2: (usualOver: string) => `${usualOver} if left empty`,
  keepThisCount: 'Keep this count',
  dialSews: (dialMm: string) => `dial ${dialMm} sews`,
  mm: (counted: string) => `${counted} mm`,
  dialStitchesIn: (dialMm: string, stitches: number, overMm: string) =>
    `dial ${dialMm}: ${stitches} stitches in ${overMm}`,
  mm2: (number: string) => `${number} mm`,
  width: 'Width',
  zigzagAtMmLength:
    'Zigzag at 1.5 mm length on firm cloth. Measure from the leftmost hole to the rightmost, at dial 2, 3 and 4.',
  wholeSwing: 'Whole swing',
  keepThisWidth: 'Keep this width',
  dial: (dialMm: string) => `dial ${dialMm}`,
  mm3: (trueMm: string) => `${trueMm} mm`,
  untilThenBobbetAssumes: 'Until then Bobbet assumes the dial is accurate.',
  asItSays: 'as it says',
  aboutThanItSays: (abs: string, ending: string) => `about ${abs} % ${ending} than it says`,
  thisDialGivesFor: (said: string, name: string) => `This dial gives ${said}. For a ${name} of`,
  setItTo: ', set it to',
  matchAndTheMachine: '. Match and the machine bar do so from now on.',
  spreadMm: (spreadMm: string) => ` Spread ± ${spreadMm} mm.`,
  ofPlacesSoFar: (curve: number) => ` ${curve} of 3 places so far: between and beyond them it is estimated.`,
} as const;

/** Two equal strips sewn 300 mm. */
export const FEED_CALIBRATION_TEXT = {
  fabric: 'Fabric',
  whichFoot: 'Foot',
  pressure: 'Pressure',
  feed: 'Feed',
  cutTwoStripsLong: (value: string, usualOver: string) =>
    `Cut two strips ${value} long from one cloth, along the grain. Sew ${usualOver} of them together from one end, guiding and not pulling. Measure how far the top one ends behind the bottom one; minus if it ends ahead.`,
  topBehindBy: 'Top behind by',
  over: 'Over',
  ifLeftEmpty: (usualOver: string) => `${usualOver} if left empty`,
  keepThisLine: 'Keep this line',
  putAClothInto: 'Put a cloth into the drawer first: the model needs to know what was sewn.',
  foot: (clothName: string, name: string, overMm: string) => `${clothName}, ${name} foot, ${overMm}`,
  theModel: (factor: string) => `, ${factor} × the model`,
  thisMachineLetsThe: 'This machine lets the top layer creep',
  times: (creepFactor: string) => `${creepFactor} times`,
  asMuchAsThe: 'as much as the model expects; Match reckons with it.',
  untilThenTheModel: 'Until then the model stands for the machine. ',
  aSetOfStrips: (value: string, value2: string, bow: string) =>
    `A set of strips ${value} wide and ${value2} long, all sewn from one end, would bow about ${bow}: alternate the end you start from.`,
} as const;

/** The machines. */
export const MACHINES_TEXT = {
  machine: (value: number) => `Machine ${value}`,
  whichMachine: 'Which machine',
  hSewn: (sewnHours: string) => `${sewnHours} h sewn`,
  anotherMachine: 'Another machine',
  aboutThisMachine: 'About this machine',
  calibrate: 'Calibrate',
  whatItCanDo: 'What it can do',
  noMachineAddOne: 'No machine. Add one to be told what to dial.',
  putAway: 'Put away:',
  bringItBack: (name: string) => `${name}: bring it back`,
} as const;

/** Whether Match chooses from what is owned, or from everything on sale. */
export const OWNED_TEXT = {
  matchChoosesFromThese: (count: number) => `Match chooses from these ${count} only, not from everything on sale`,
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
  of: (found: number, all: number) => `${found} of ${all}`,
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
  sewedFor: 'Sewed last',
  keptIn: 'Kept in',

  needles: 'Needles',
  findANeedle: 'Find a needle',
  ofNeedles: (found: number, all: number) => `${found} of ${all} needles;`,
  hoursDoNotDecide: 'hours do not decide',
  eachIsKeptHours: (life: number) => `each is kept ${life} hours`,
  yourSchoolOnMatch: '(your school, on Match)',
  needlesInTheTin: 'Needles in the tin',
  nearlyDone: 'nearly done',
  pastItsHours: 'past its hours',
  spent: (spent: string) => `spent: ${spent}`,
  h: (hours: string) => `${hours} h`,
  needleDeleted: (needleName: string) => `Needle ${needleName} deleted`,
  sewed: (join: string) => `Sewed ${join}.`,
  hours: 'Hours',
  whereItIsKept: 'Where it is kept',
  pack: 'Pack',
  spent2: 'Spent:',
  findEveryFragmentLook:
    'Find every fragment, look at the plate for a burr, and never use this needle again. Spent needles go into a closed container.',
  notSpentAfterAll: 'Not spent after all',
  takeItOutOf: 'Take it out of the tin',
} as const;

/** Workroom. */
export const WORKROOM_STATION_TEXT = {
  machines: 'Machines',
  care: 'Care',
  feetPinsAndBlades: 'Feet, pins and blades',
  needles: 'Needles',
  threads: 'Threads',
  files: 'Files',
  workroom: 'Workroom',
  inTheWorkroom: 'In the workroom',
  due: (due: number) => `${due} due`,
} as const;
