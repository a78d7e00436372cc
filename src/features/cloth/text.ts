/** Texts of adding a fabric to the drawer. */
export const ADD_TEXT = {
  name: 'Another cloth: what is it called?',
  add: 'Add it',
} as const;

/** The drawer. */
export const DRAWER_TEXT = {
  cloth: 'Cloth',
  thatClothIsNot: 'That cloth is not in the drawer any more.',
  theDrawerIsEmpty:
    'The drawer is empty. Name the cloth on your table; what it is called and how far it stretches is enough to begin.',
  findACloth: 'Find a cloth',
  showThePutAway: (put: number) => `Show ${put} archived`,
  of: (found: number, shown: number) => `${found} of ${shown}`,
  cloths: 'Cloths',
  stretches: (stretchAcross: string) => `stretches ${stretchAcross} %`,
} as const;

/** The cloth as it is drawn, or as it was photographed. */
export const CLOTH_PICTURE_TEXT = {
  photographed: (name: string) => `${name}, photographed`,
  drawn: (name: string) => `${name}, drawn`,
  photoOfTheCloth: 'Photo of the cloth',
  drawItInstead: 'Draw it instead',
} as const;

/** Every property with its value, where it came from, what it changes, and the gauge that finds it one press away. */
export const FACTS_TEXT = {
  nothingMoreToMeasure: 'Nothing more to measure would change the setting of a plain seam.',
  measureNext: 'Measure next',
  whatIsKnown: 'What is known',
  measureIt: (name: string, value: string) => `${name}: ${value}. Measure it`,
  decides: (decides: string) => `decides ${decides}`,
  typedInFromThe: 'typed in, from the label or by hand',
  to: (property: string, property2: string) => `: ${property} to ${property2}`,
  nothingIsKnown: 'nothing is known',
  assumedFor: (from: string | null, span: string) => `assumed for ${from}${span}`,
  measuredOnce: (when: string) => `measured once, ${when}`,
  measuredTimes: (n: number, when: string) => `measured ${n} times, ${when}`,
  usedAtTheCautious: ': used at the cautious end',
  times: (n: number, mean: string, spread: string, when: string, used: string) =>
    `${n} times, ${mean} ± ${spread}, ${when}${used}`,
} as const;

/** One instrument. */
export const GAUGE_SHELL_TEXT = {
  keepThisReading: 'Keep this reading',
  readingDeleted: 'Reading deleted',
  readingsSoFar: 'Readings so far',
  setAside: 'set aside',
  reading: (aside: string, value: number) => `${aside} reading ${value}`,
  removeReading: (value: number) => `Remove reading ${value}`,
  remove: 'Remove',
  useAgain: 'Use again',
  setAside2: 'Set aside',
} as const;

/** Brings the screen to true scale. */
export const TRUE_SCALE_TEXT = {
  thisRulerIsTrue: 'This ruler is true to scale.',
  thePageWasZoomed: 'The page was zoomed or moved to another screen: match the card again.',
  notToScaleYet: 'Not to scale yet.',
  matchTheCardAgain: 'Match the card again',
  makeItTrueWith: 'Make it true with a bank card',
  layAnyBankOr:
    'Lay any bank or library card on the screen, and move the slider (or the arrow keys) until the outline is as large as the card.',
  itMatches: 'It matches',
  leaveIt: 'Leave it',
} as const;

/** A folded edge on a ruler, three marks, and what they say. */
export const STRETCH_GAUGE_TEXT = {
  howFarDoesIt: 'How far does it stretch?',
  foldItMarkAlong: (rest: string) =>
    `Fold it, mark ${rest} along the fold, lay it on the ruler and pull until it resists. Then let go, wait a minute, and look again.`,
  whichWayItIs: 'Which way it is pulled',
  atRest: 'At rest',
  ifLeftEmpty: (number: string) => `${number} if left empty`,
  pulledTo: 'Pulled to',
  letGoAfterA: 'Let go, after a minute',
  comesBack: '; comes back',
  staysLonger: (number: string) => `, stays ${number} % longer`,
  pullItTwoOr: 'Pull it two or three times: the plan uses the cautious end of what you read.',
  comesBack2: (mean: string) => `; comes back ${mean} %`,
  staysLonger2: (mean: string) => `, stays ${mean} % longer`,
  pullItOnceOr: ' Pull it once or twice more.',
  fromThePlanUses: (
    direction: string,
    mean: string,
    spread: string,
    n: number,
    back: string,
    stays: string,
    cautious: string,
    again: string,
  ) => `${direction}: ${mean} %${spread} from ${n}${back}${stays}. The plan uses ${cautious} %.${again}`,
} as const;

/** A piece on the kitchen scale. */
export const WEIGHT_GAUGE_TEXT = {
  rectangle: 'Rectangle',
  traceIt: 'Trace it',
  howHeavyIsIt: 'How heavy is it?',
  weighOneLayerOf:
    'Weigh one layer of a known piece on a kitchen scale. The larger the piece, the truer the answer; a letter scale reads tenths.',
  fromCm: (number: string) => `from ${number} cm²`,
  aByPieceOf: (value: string, mass: string) => `A ${value} by ${value} piece of ${mass} weighs 1.6 g.`,
  howThePieceIs: 'How the piece is measured',
  width: 'Width',
  length: 'Length',
  weight: 'Weight',
  from: (mass: string, spread: string, n: number) => `${mass}${spread} from ${n}.`,
  takeTheLastCorner: 'Take the last corner back',
  beginAgain: 'Begin again',
  theOutlineCrossesItself: 'The outline crosses itself: tap the corners in order, all one way round.',
  layTheScrapOn: 'Lay the scrap on the screen and tap round it, once the screen is true to scale.',
  cornersFromTheLeft: (bare: string, such: string) => `Corners, ${bare} from the left, from the top: such as ${such}`,
} as const;

/** A stack of layers, measured at once. */
export const TABLE_GAUGES_TEXT = {
  howThickIsOne: 'How thick is one layer?',
  foldOrStackIt:
    'Fold or stack it, lay a flat light weight on it such as a paperback, and measure the whole stack. Eight or ten layers tell more than two.',
  forOneLayer: 'for one layer',
  from: (mean: string, ending: string, n: number) => `${mean}${ending} from ${n}.`,
  thicknessDecidesHowMuch:
    'Thickness decides how much thread a stitch takes, and whether the layers pass under the foot.',
  layers: 'Layers',
  heightOfTheStack: 'Height of the stack',
  whatDoesTheWash: 'What does the wash take?',
  markASquareOf: (value: string, value2: string) =>
    `Mark a square of ${value} or ${value2} along the grain with a thread, wash and dry it as the finished thing will be, and measure both ways.`,
  along: 'along,',
  acrossForEachNeeded: (unitLength: string, toBuyMm: string, why: string) =>
    `across. For each ${unitLength} needed, buy ${toBuyMm}. ${why}`,
  whatItTakesIs: 'What it takes is added to what you buy, and tells whether to wash again before cutting.',
  whichWash: 'Which wash',
  ifLeftEmpty: (next: number) => `${next} if left empty`,
  before: 'Before',
  afterAcross: 'After, across',
  afterAlong: 'After, along',
  howStiffIsIt: 'How stiff is it?',
  cutAStripWide: (value: string, value2: string) =>
    `Cut a strip ${value} wide and about ${value2} long. Slide it over the edge of a table under a ruler until its tip touches the slope; the red line on this screen has that slope. Read how far it hangs over.`,
  mgCm: (rigidityMgCm: string) => `${rigidityMgCm} mg·cm`,
  bendingLengthAt: (bendingLengthMm: string, mass: string) => `; bending length ${bendingLengthMm} at ${mass}`,
  aWeightThatIs: ', a weight that is only assumed',
  aSoftLawnHangs: (value: string, value2: string) => `A soft lawn hangs after ${value}, a firm denim after ${value2}.`,
  whichWayTheStrip: 'Which way the strip was cut',
  overhang: 'Overhang',
} as const;

/** Ten rubs with a thumb nail along a cut edge. */
export const LOOK_GAUGES_TEXT = {
  howMuchDoesIt: 'How much does it fray?',
  cutACleanEdge: 'Cut a clean edge, rub it ten times with a thumb nail, and measure the yarn that hangs loose.',
  looseYarnOnThe: 'Loose yarn on the drawing',
  mm: (value: string) => `${value} mm`,
  loose: (frays: string) => `loose: ${frays}`,
  from: (mean: string, n: number, frays: string) => `${mean} from ${n}: ${frays}`,
  knitsHardlyEverDo: 'Knits hardly ever do.',
  looseYarn: 'Loose yarn',
  finishTheEdgesAnd: 'finish the edges, and before the wash.',
  rawEdgesAreFine: 'raw edges are fine.',
  aLittleFinishEdges: 'a little; finish edges that are washed often.',
  doPinHolesClose: 'Do pin holes close?',
  pushAPinThrough: 'Push a pin through a scrap and take it out. Rub the place with a finger nail and look again.',
  holesStayClipsInstead: 'Holes stay: clips instead of pins, and no unpicking.',
  holesClosePinsAre: 'Holes close: pins are fine.',
  pickTheOneThat: 'Pick the one that looks like yours.',
  theHoleStays: 'The hole stays',
  theHoleCloses: 'The hole closes',
  whiteItHolds: 'White: it holds',
  aLittleColour: 'A little colour',
  itRuns: 'It runs',
  doesItsColourHold: 'Does its colour hold?',
  rubItWithA: (next: number) => `Rub it with a damp white rag, or look at the water of rinse ${next}.`,
  rinseRanClear: (rinse: number) => `Rinse ${rinse} ran clear.`,
  rinseShowedRinseAgain: (rinse: number, ending: string) => `Rinse ${rinse} showed ${ending}: rinse again.`,
  aLittleColour2: 'a little colour',
  darkDenimRedAnd: 'Dark denim, red and indigo run most.',
  rinse: (next: number, name: string) => `Rinse ${next}: ${name}`,
} as const;

/** Rising heat on a scrap, one step at a time, until something shows. */
export const HEAT_GAUGE_TEXT = {
  noMark: 'No mark',
  itShines: 'It shines',
  aPressMarkStays: 'A press mark stays',
  waterLeavesAMark: 'Water leaves a mark',
  itShrank: 'It shrank',
  itMeltsOrSticks: 'It melts or sticks',
  howHotMayThe: 'How hot may the iron be?',
  pressABareScrap:
    'Press a bare scrap for five seconds, coolest step first. Let it cool, look at it against the light, then put a drop of water on it. Go up only while nothing shows.',
  aHotIronBurns:
    'A hot iron burns and can set cloth alight: on a scrap only, hand off the sole, never left alone, window open. The care label of the cloth and the manual of the iron come first.',
  oneDotIsAbout: 'One dot is about 110 °C, two dots 150 °C, three dots 200 °C.',
  noMarkAtC: (goodC: number | null) => `No mark at ${goodC} °C.`,
  noIronOnThis: 'no iron on this cloth',
  cAtMost: (goodC: number) => `${goodC} °C at most`,
  atC: (heat: string, failedC: number | null, most: string) => `${heat} at ${failedC} °C: ${most}.`,
  notThisHotIt: (heat: string) => `not this hot: it already showed at ${heat}`,
} as const;

/** The instruments side by side, each with how often it was read. */
export const GAUGE_ROW_TEXT = {
  pinHole: 'Pin hole',
  instruments: 'Instruments',
  notYet: 'not yet',
  once: '✓ once',
  times: (n: number) => `✓ ${n} times`,
} as const;

/** Deletes a fabric, or archives it. */
export const PUT_AWAY_TEXT = {
  archived: (name: string) => `${name} archived`,
  deleted: (name: string) => `${name} deleted`,
  unarchive: 'Unarchive',
  deleteThisFabric: 'Delete this fabric',
  itLeavesTheList: 'It leaves the list and the choices on Match. Swatches and cards keep it, and you can unarchive it.',
  itsSwatchesAndTheir: 'Its swatches and their test lines are deleted too. Settings cards stay.',
} as const;

/** The sum of one cloth. */
export const BUYING_TEXT = {
  thePatternAsksFor: 'The pattern asks for',
  atAWidthOf: 'at a width of',
  widthOfThisFabric: 'Width of this fabric',
  widestPiece: 'Widest piece',
  repeatToMatch: 'Repeat to match',
  piecesToMatch: 'Pieces to match',
  allowanceTakenOffEach: 'Allowance taken off each edge',
  piecesEndToEnd: 'Pieces end to end along it',
  assumedFor: (from: string) => `assumed for ${from}`,
  howMuchToBuy: 'How much to buy',
  allPiecesOneWay: (ending: string) => `All pieces one way${ending}: 15 % more`,
  forItsPile: ', for its pile',
  theWashTakesOf: (alongPercent: string, acrossPercent: string, from: string) =>
    `The wash takes ${alongPercent} % of the length and ${acrossPercent} % of the width, ${from}.`,
  itDoesNotFit: 'It does not fit',
  itDoesNotAdd: 'It does not add up',
  usableWidthNeeded: (length: string, length2: string) => ` Usable width ${length}, needed ${length2}.`,
  askFor: 'Ask for',
  allInAllOn: (floor: string) => `all in all, on ${floor} of usable width`,
  widthsAreExchangedBy:
    'Widths are exchanged by area. Lay the pieces out once before you buy much less than the pattern says: long pieces do not get shorter on a wide cloth.',
} as const;

/** The stretch ruler printed on a pattern, against this cloth. */
export const PATTERN_FIT_TEXT = {
  doesItFitA: 'Does it fit a pattern made for stretch?',
  manyPatternsPrintTwo:
    'Many patterns print two marks: fold the cloth, hold it at the first, it must reach the second.',
  firstMark: 'First mark',
  mustReach: 'Must reach',
  thePatternAsksFor: 'The pattern asks for',
  thisCloth: '; this cloth',
  isAssumedToStretch: 'is assumed to stretch',
  to: (restMm: string, clothReachMm: string) => `, ${restMm} to ${clothReachMm}.`,
  itStopsShort: (shortMm: string) => ` It stops ${shortMm} short.`,
} as const;

/** What follows from what is known. */
export const FOLLOWS_TEXT = {
  beforeCutting: 'Before cutting',
  whatFollowsForThis: 'What follows for this cloth',
} as const;

/** What the person can say about the cloth without a gauge. */
export const IDENTITY_TEXT = {
  wovenTwoSetsOf: 'woven: two sets of threads, frays',
  knitLoopsGives: 'knit: loops, gives',
  foamBetweenKnitFaces: 'foam between knit faces',
  hideRealLeatherSuede: 'hide: real leather, suede',
  coatedOrPlastic: 'coated or plastic',
  layersSewnOrStuck: 'layers sewn or stuck together',
  whatItIs: 'What it is',
  name: 'Name',
  mostLike: 'Most like',
  noneOfThese: 'none of these',
  madeAs: 'Made as',
  fibres: 'Fibres',
  suchAsCottonElastane: 'such as cotton 95, elastane 5',
  colour: 'Colour',
  whatALabelOr:
    'What a label or a shop says can be typed here. What the instruments measure comes before it; a reading set aside gives it back.',
  weight: 'Weight',
  gMOzOr: 'g/m², oz or momme',
  thicknessOfOneLayer: 'Thickness of one layer',
  stretchesAcross: 'Stretches across',
  stretchesAlong: 'Stretches along',
  comesBack: 'Comes back',
  iron: 'Iron',
  byItsFibres: 'by its fibres',
  oneDotC: 'one dot, 110 °C',
  twoDotsC: 'two dots, 150 °C',
  threeDotsC: 'three dots, 200 °C',
  hasAPileOr: 'has a pile or nap',
  edgesCurl: 'edges curl',
  pinHolesStay: 'pin holes stay',
  meltsOrShines: 'melts or shines',
  waterMarksIt: 'water marks it',
  looseWeaveOrKnit: 'loose weave or knit',
  measured: ' (measured)',
  itAlso: 'It also…',
  whereItIsKept: 'Where it is kept',
  notes: 'Notes',
} as const;

/** One cloth. */
export const CLOTH_PAGE_TEXT = {
  measure: 'Measure',
  whatFollows: 'What follows',
  buying: 'Buying',
  whatItIs: 'What it is',
  allCloths: 'All cloths',
  keptIn: (where: string) => `, kept in: ${where}`,
  matchIt: 'Match it',
  aboutThisCloth: 'About this cloth',
} as const;

/** Cloth. */
export const CLOTH_STATION_TEXT = {
  thisFabric: 'This fabric',
} as const;
