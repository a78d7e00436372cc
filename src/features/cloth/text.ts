import { countOf } from '@/core/units';

/** Texts of adding a fabric to the drawer. */
export const ADD_TEXT = {
  name: 'What is the new fabric called?',
  add: 'Add fabric',
} as const;

/** The drawer. */
export const DRAWER_TEXT = {
  cloth: 'Fabric',
  thatClothIsNot: 'This fabric has been deleted.',
  theDrawerIsEmpty:
    'You have no fabrics yet. Start with the one on your table: its name and how far it stretches are enough.',
  findACloth: 'Find a fabric',
  showThePutAway: (put: number) => `Show ${put} archived`,
  found: (found: number, shown: number) => `${found === shown ? '' : `${found} of `}${countOf(shown, 'fabric')}`,
  cloths: 'Fabrics',
  stretches: (stretchAcross: string) => `stretches ${stretchAcross}%`,
} as const;

/** The cloth as it is drawn, or as it was photographed. */
export const CLOTH_PICTURE_TEXT = {
  photographed: (name: string) => `Photo of ${name}`,
  drawn: (name: string) => `Drawing of ${name}`,
  photoOfTheCloth: 'Photo of the fabric',
  drawItInstead: 'Show the drawing instead',
} as const;

/** Every property with its value, where it came from, what it changes, and the gauge that finds it one press away. */
export const FACTS_TEXT = {
  nothingMoreToMeasure: 'No more measurements would change the settings for a plain seam.',
  measureNext: 'Measure next',
  whatIsKnown: 'What is known',
  measureIt: (name: string, value: string) => `${name}: ${value}. Measure it`,
  decides: (decides: string) => `affects ${decides}`,
  typedInFromThe: 'entered by hand or from the label',
  to: (property: string, property2: string) => `: ${property} to ${property2}`,
  nothingIsKnown: 'not known',
  assumedFor: (from: string | null, span: string) => `assumed for ${from}${span}`,
  measuredOnce: (when: string) => `measured once, ${when}`,
  measuredTimes: (n: number, when: string) => `measured ${n} times, ${when}`,
  usedAtTheCautious: ': the cautious end is used',
  times: (n: number, mean: string, spread: string, when: string, used: string) =>
    `${n} times, ${mean} ± ${spread}, ${when}${used}`,
} as const;

/** One instrument. */
export const GAUGE_SHELL_TEXT = {
  keepThisReading: 'Save this reading',
  readingDeleted: 'Reading deleted',
  readingsSoFar: 'Readings so far',
  setAside: 'left out',
  reading: (aside: string, value: number) => `${aside} reading ${value}`,
  removeReading: (value: number) => `Delete reading ${value}`,
  remove: 'Delete',
  useAgain: 'Use again',
  setAside2: 'Leave out',
} as const;

/** Brings the screen to true scale. */
export const TRUE_SCALE_TEXT = {
  thisRulerIsTrue: 'This ruler is true to scale.',
  thePageWasZoomed: 'The page was zoomed or moved to another screen. Match the card again.',
  notToScaleYet: 'Not to scale yet.',
  matchTheCardAgain: 'Match the card again',
  makeItTrueWith: 'Set the scale with a bank card',
  layAnyBankOr:
    'Lay any bank or library card on the screen. Move the slider, or use the arrow keys, until the outline matches the card.',
  itMatches: 'It matches',
  leaveIt: 'Cancel',
} as const;

/** A folded edge on a ruler, three marks, and what they say. */
export const STRETCH_GAUGE_TEXT = {
  howFarDoesIt: 'How far does it stretch?',
  foldItMarkAlong: (rest: string) =>
    `Fold the fabric and mark ${rest} along the fold. Lay it on the ruler and stretch it until it resists. Let go, wait a minute, and measure again.`,
  whichWayItIs: 'Direction of stretch',
  atRest: 'Relaxed',
  ifLeftEmpty: (number: string) => `${number} if left empty`,
  pulledTo: 'Stretched to',
  letGoAfterA: 'One minute after letting go',
  comesBack: '; recovers',
  staysLonger: (number: string) => `, stays ${number}% longer`,
  pullItTwoOr: 'Stretch it two or three times. Bobbet uses the cautious end of your readings.',
  comesBack2: (mean: string) => `; recovers ${mean}%`,
  staysLonger2: (mean: string) => `, stays ${mean}% longer`,
  pullItOnceOr: ' Measure it once or twice more.',
  fromThePlanUses: (
    direction: string,
    mean: string,
    spread: string,
    n: number,
    back: string,
    stays: string,
    cautious: string,
    again: string,
  ) => `${direction}: ${mean}%${spread} from ${n}${back}${stays}. Bobbet uses ${cautious}%.${again}`,
} as const;

/** A piece on the kitchen scale. */
export const WEIGHT_GAUGE_TEXT = {
  rectangle: 'Rectangle',
  traceIt: 'Trace it',
  howHeavyIsIt: 'How heavy is it?',
  weighOneLayerOf:
    'Weigh a piece of known size, one layer, on a kitchen scale. A larger piece gives a better answer; a letter scale shows tenths of a gram.',
  fromCm: (number: string) => `from ${number} cm²`,
  aByPieceOf: (value: string, mass: string) => `A ${value} by ${value} piece of ${mass} weighs 1.6 g.`,
  howThePieceIs: 'How you measure the piece',
  width: 'Width',
  length: 'Length',
  weight: 'Weight',
  from: (mass: string, spread: string, n: number) => `${mass}${spread} from ${n}.`,
  takeTheLastCorner: 'Remove the last corner',
  beginAgain: 'Start again',
  theOutlineCrossesItself: 'The outline crosses itself. Tap the corners in order, going round one way.',
  layTheScrapOn: 'Set the screen to true scale, then lay the scrap on it and tap round the edge.',
  cornersFromTheLeft: (bare: string, such: string) =>
    `Corners, ${bare} from the left and from the top, for example ${such}`,
} as const;

/** A stack of layers, measured at once. */
export const TABLE_GAUGES_TEXT = {
  howThickIsOne: 'How thick is one layer?',
  foldOrStackIt:
    'Fold or stack the fabric and lay a light flat weight on it, such as a paperback. Measure the whole stack. Eight or ten layers give a better answer than two.',
  forOneLayer: 'per layer',
  from: (mean: string, ending: string, n: number) => `${mean}${ending} from ${n}.`,
  thicknessDecidesHowMuch:
    'Thickness decides how much thread a stitch takes and whether the layers fit under the foot.',
  layers: 'Layers',
  heightOfTheStack: 'Height of the stack',
  whatDoesTheWash: 'How much does it shrink?',
  markASquareOf: (value: string, value2: string) =>
    `Mark a square of ${value} or ${value2} along the grain with thread. Wash and dry it the way you will wash the finished thing, then measure both ways.`,
  along: 'along,',
  acrossForEachNeeded: (unitLength: string, toBuyMm: string, why: string) =>
    `across. For each ${unitLength} you need, buy ${toBuyMm}. ${why}`,
  whatItTakesIs: 'Bobbet adds the shrinkage to what you buy, and tells you whether to wash again before cutting.',
  whichWash: 'Which wash',
  ifLeftEmpty: (next: number) => `${next} if left empty`,
  before: 'Before',
  afterAcross: 'After, across',
  afterAlong: 'After, along',
  howStiffIsIt: 'How stiff is it?',
  cutAStripWide: (value: string, value2: string) =>
    `Cut a strip ${value} wide and about ${value2} long. Slide it over the edge of a table, under a ruler, until the tip touches the slope (the red line here has that slope). Read how far it hangs over.`,
  mgCm: (rigidityMgCm: string) => `${rigidityMgCm} mg·cm`,
  bendingLengthAt: (bendingLengthMm: string, mass: string) => `; bending length ${bendingLengthMm} at ${mass}`,
  aWeightThatIs: ', using an assumed weight',
  aSoftLawnHangs: (value: string, value2: string) => `Soft lawn reaches it after ${value}, firm denim after ${value2}.`,
  whichWayTheStrip: 'How the strip was cut',
  overhang: 'Overhang',
} as const;

/** Ten rubs with a thumb nail along a cut edge. */
export const LOOK_GAUGES_TEXT = {
  howMuchDoesIt: 'How much does it fray?',
  cutACleanEdge: 'Cut a clean edge, rub it ten times with a thumbnail, and measure the yarns that have come loose.',
  looseYarnOnThe: 'Loose yarns, drawn',
  mm: (value: string) => `${value} mm`,
  loose: (frays: string) => `loose: ${frays}`,
  from: (mean: string, n: number, frays: string) => `${mean} from ${n}: ${frays}`,
  knitsHardlyEverDo: 'Knits hardly fray.',
  looseYarn: 'Loose yarns',
  finishTheEdgesAnd: 'finish the edges before you wash it.',
  rawEdgesAreFine: 'raw edges are fine.',
  aLittleFinishEdges: 'a little; finish edges that are washed often.',
  doPinHolesClose: 'Do pin holes close?',
  pushAPinThrough: 'Push a pin through a scrap and take it out. Rub the spot with a fingernail and look again.',
  holesStayClipsInstead: 'Holes stay: use clips instead of pins, and avoid unpicking.',
  holesClosePinsAre: 'Holes close: pins are fine.',
  pickTheOneThat: 'Choose the one that looks like yours.',
  theHoleStays: 'The hole stays',
  theHoleCloses: 'The hole closes',
  whiteItHolds: 'Stays white: the colour holds',
  aLittleColour: 'A little colour',
  itRuns: 'It bleeds',
  doesItsColourHold: 'Is it colourfast?',
  rubItWithA: (next: number) => `Rub it with a damp white rag, or look at the water of rinse ${next}.`,
  rinseRanClear: (rinse: number) => `Rinse ${rinse} ran clear.`,
  rinseShowedRinseAgain: (rinse: number, ending: string) => `Rinse ${rinse} showed ${ending}: rinse again.`,
  aLittleColour2: 'a little colour',
  darkDenimRedAnd: 'Dark denim, red and indigo bleed most.',
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
  howHotMayThe: 'How hot can the iron be?',
  pressABareScrap:
    'Press a bare scrap for five seconds, lowest setting first. Let it cool and look at it against the light, then put a drop of water on it. Go hotter only while you see no mark.',
  aHotIronBurns:
    'A hot iron burns skin and can set fabric alight. Test on a scrap, keep your hand off the soleplate, never leave it alone, and open a window. The care label and the iron’s manual come first.',
  oneDotIsAbout: 'One dot is about 110 °C, two dots 150 °C, three dots 200 °C.',
  noMarkAtC: (goodC: number | null) => `No mark at ${goodC} °C.`,
  noIronOnThis: 'do not iron this fabric',
  cAtMost: (goodC: number) => `${goodC} °C at most`,
  atC: (heat: string, failedC: number | null, most: string) => `${heat} at ${failedC} °C: ${most}.`,
  notThisHotIt: (heat: string) => `too hot: it already marked at ${heat}`,
} as const;

/** The instruments side by side, each with how often it was read. */
export const GAUGE_ROW_TEXT = {
  pinHole: 'Pin hole',
  instruments: 'Measurements',
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
  itLeavesTheList:
    'It leaves your fabrics and the choices in Match. Its swatches and cards keep it, and you can unarchive it.',
  itsSwatchesAndTheir: 'Its swatches and their tests are deleted too. Settings cards stay.',
} as const;

/** The sum of one cloth. */
export const BUYING_TEXT = {
  thePatternAsksFor: 'The pattern asks for',
  atAWidthOf: 'at a width of',
  widthOfThisFabric: 'Width of this fabric',
  widestPiece: 'Widest piece',
  repeatToMatch: 'Pattern repeat to match',
  piecesToMatch: 'Pieces to match',
  allowanceTakenOffEach: 'Unusable selvedge, each edge',
  piecesEndToEnd: 'Pieces end to end along the length',
  assumedFor: (from: string) => `assumed for ${from}`,
  howMuchToBuy: 'How much to buy',
  allPiecesOneWay: (ending: string) => `All pieces one way${ending}: 15% more`,
  forItsPile: ', because of the pile',
  theWashTakesOf: (alongPercent: string, acrossPercent: string, from: string) =>
    `In the wash it loses ${alongPercent}% of its length and ${acrossPercent}% of its width, ${from}.`,
  itDoesNotFit: 'It does not fit',
  itDoesNotAdd: 'It does not add up',
  usableWidthNeeded: (length: string, length2: string) => ` Usable width ${length}, needed ${length2}.`,
  askFor: 'Ask the shop for',
  allInAllOn: (floor: string) => `altogether, from a usable width of ${floor}`,
  widthsAreExchangedBy:
    'This converts widths by area. Lay out the pieces before you buy much less than the pattern says: long pieces stay long on a wide fabric.',
} as const;

/** The stretch ruler printed on a pattern, against this cloth. */
export const PATTERN_FIT_TEXT = {
  stretches: 'stretches',
  doesItFitA: 'Does it suit a pattern made for knits?',
  manyPatternsPrintTwo:
    'Many patterns print two marks: fold the fabric, hold it at the first mark, and it must reach the second.',
  firstMark: 'First mark',
  mustReach: 'Must reach',
  thePatternAsksFor: 'The pattern asks for',
  thisCloth: '; this fabric',
  isAssumedToStretch: 'is assumed to stretch',
  to: (restMm: string, clothReachMm: string) => `, ${restMm} to ${clothReachMm}.`,
  itStopsShort: (shortMm: string) => ` It stops ${shortMm} short.`,
} as const;

/** What follows from what is known. */
export const FOLLOWS_TEXT = {
  beforeCutting: 'Before cutting',
  whatFollowsForThis: 'Wash, cut, press',
} as const;

/** What the person can say about the cloth without a gauge. */
export const IDENTITY_TEXT = {
  wovenTwoSetsOf: 'woven: two sets of yarns, frays',
  knitLoopsGives: 'knit: made of loops, stretches',
  foamBetweenKnitFaces: 'foam between knit faces',
  hideRealLeatherSuede: 'leather: real leather, suede',
  coatedOrPlastic: 'coated or plastic',
  layersSewnOrStuck: 'layers sewn or bonded together',
  whatItIs: 'What it is',
  name: 'Name',
  mostLike: 'Closest to',
  noneOfThese: 'none of these',
  madeAs: 'Made as',
  fibres: 'Fibres',
  suchAsCottonElastane: 'such as cotton 95, elastane 5',
  colour: 'Colour',
  whatALabelOr:
    'Enter what the label or the shop says. Your own measurements are used first; if you leave a measurement out, the label counts again.',
  weight: 'Weight',
  gMOzOr: 'g/m², oz or momme',
  thicknessOfOneLayer: 'Thickness of one layer',
  stretchesAcross: 'Stretches across',
  stretchesAlong: 'Stretches along',
  comesBack: 'Recovery',
  iron: 'Iron',
  byItsFibres: 'from its fibres',
  oneDotC: 'one dot, 110 °C',
  twoDotsC: 'two dots, 150 °C',
  threeDotsC: 'three dots, 200 °C',
  hasAPileOr: 'has a pile or nap',
  edgesCurl: 'edges curl',
  pinHolesStay: 'pin holes stay',
  meltsOrShines: 'melts or turns shiny',
  waterMarksIt: 'water leaves marks',
  looseWeaveOrKnit: 'loose weave or knit',
  measured: ' (measured)',
  itAlso: 'It also …',
  whereItIsKept: 'Where you keep it',
  notes: 'Notes',
} as const;

/** One cloth. */
export const CLOTH_PAGE_TEXT = {
  measure: 'Measure',
  whatFollows: 'Wash, cut, press',
  buying: 'Buying',
  whatItIs: 'What it is',
  allCloths: 'All fabrics',
  keptIn: (where: string) => `, kept in: ${where}`,
  matchIt: 'Find settings',
  aboutThisCloth: 'About this fabric',
} as const;

/** Cloth. */
export const CLOTH_STATION_TEXT = {
  thisFabric: 'This fabric',
} as const;
