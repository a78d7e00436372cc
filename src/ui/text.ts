/** On paper. */
export const CHECK_BAR_TEXT = {
  mmToTheLong: '100 mm to the long mark, 4 in to the short one',
} as const;

/** A part of the sentence that is edited in place. */
export const INLINE_EDIT_TEXT = {
  change: (text: string, name: string) => `${text}, change ${name}`,
  change2: (name: string) => `Change ${name}`,
} as const;

/** Seen from the front. */
export const CLASH_DRAWING_TEXT = {
  theSmallHoleOf: 'the small hole of the plate',
  theOpeningOfThe: 'the opening of the foot',
  theSlotOfThe: 'the slot of the plate',
  theNeedleReachesFrom: (needle: string, needle2: string, name: string, open: string, open2: string) =>
    `The needle reaches from ${needle} to ${needle2} mm; ${name} is open from ${open} to ${open2} mm.`,
  strikes: 'strikes',
  needleMm: (number: string) => `needle, ${number} mm`,
  mm: (name: string, widthMm: string) => `${name}, ${widthMm} mm`,
  theLimitIsWanted: (limit: string, actual: string) => `The limit is ${limit}; you asked for ${actual}.`,
  asFarAsIt: (limit: string) => `as far as it goes, ${limit}`,
  wanted: (actual: string) => `you asked for ${actual}`,
} as const;

/** A round dial as it stands on the machine. */
export const DIAL_DRAWING_TEXT = {
  pointsTo: (label: string, value: string) => `${label}: points to ${value}`,
} as const;

/** How far the seam can stretch. */
export const GIVE_BAR_TEXT = {
  estimateNotYetTested: (low: string, high: string) => `estimate ${low}–${high}%, not tested yet`,
  measured: (measured: string) => `measured ${measured}%`,
  mustGivePercent: (required: string, text: string) => `Must stretch ${required} percent; ${text}`,
  needs: (required: string) => `needs ${required}%`,
} as const;

/** The cloth cut along the line. */
export const LOCKSTITCH_SECTION_TEXT = {
  highLoopsShowOn: 'high: loops show on top',
  lowLoopsShowUnderneath: 'low: loops show underneath',
  inTheMiddle: 'in the middle',
  theThreadsCrossAt: (where: string, number: string) => `The threads cross ${where}, at ${number} of 100 from the top.`,
  needleThread: 'needle thread',
  bobbinThread: 'bobbin thread',
  estimateTheyCross: (where: string) => `estimate: they cross ${where}`,
} as const;

/** One reading of a setting. */
export const READING_TEXT = {
  turnByHand: (label: string, value: string, ending: string) => `${label} ${value}${ending}, turn by hand`,
} as const;

/** The chosen stitch on the cloth, drawn to scale and dimensioned. */
export const STITCH_DRAWING_TEXT = {
  rawEdgesFromThe: (text: string, ending: string) => `raw edges, ${text} from the line${ending}`,
  drawnNearer: ' (drawn closer)',
  mm: (lengthMm: string, ending: string) => `${lengthMm} mm${ending}`,
  atRest: ' relaxed',
  mmApart: (gapMm: string) => `${gapMm} mm apart`,
  mmWide: (widthMm: string) => `${widthMm} mm wide`,
} as const;

/** A folded edge on a ruler. */
export const STRETCH_RULER_TEXT = {
  aFoldedEdgeOf: (ending: string) => `The folded edge of the fabric on a ruler${ending}`,
  trueToScale: ', true to scale',
  unit: { inch: 'inches', metric: 'cm' },
  atRest: 'relaxed',
  letGo: (relaxedMm: string) => `after letting go ${relaxedMm}`,
  stretched: 'stretched',
  dragToWhereIt: 'drag to where it reaches',
  pulledTo: (stretched: string) => `stretched to ${stretched}`,
  atRest2: 'Relaxed',
  pulledTo2: 'Stretched to',
  letGo2: 'After letting go',
  onTheRuler: (said: string) => `${said}, on the ruler`,
} as const;

/** How far a thing is, as a tape that has been measured off. */
export const PROGRESS_BAR_TEXT = {
  of: (done: number, value: number, what: string) => `${done} of ${value} ${what}`,
} as const;

/** How to tell an ordinary zip from a concealed one. */
export const ZIP_KINDS_TEXT = {
  anOrdinaryZip: 'An ordinary zip',
  teethOrCoilOn: 'Teeth or coil on the front, where the pull hangs.',
  aConcealedZip: 'A concealed zip',
  noTeethOnThe: 'No teeth on the front: the two tapes meet in a line. The coil is on the back.',
} as const;

/** A cut piece and the scale it lies on. */
export const DRAWINGS_TEXT = {
  aCutPieceOf: 'A cut piece of one layer on a kitchen scale',
  aStackOfLayers: (layers: number) => `A stack of ${layers} layers`,
  layersUnderALight: (layers: number) => `${layers} layers under a light, flat weight`,
  aMarkedSquareBefore: 'A marked square before the wash (dashed) and after it',
  across: (percentLeft: string) => `across ${percentLeft}`,
  along: (percentLeft: string) => `along ${percentLeft}`,
  selvedgeThisWay: 'selvedge this way',
  theSame: 'the same',
  aStripSlidingOver: 'A strip sliding over the edge of a table to a line of 41.5 degrees',
  overhang: (length: string) => `overhang ${length}`,
  aCutEdgeWith: (length: string) => `A cut edge with ${length} of loose yarns`,
} as const;

/** The outline of an ID-1 card, to be matched with a real one laid on the screen. */
export const SCALE_CARD_TEXT = {
  outlineOfABank: 'Outline of a bank card',
  layTheCardHere: 'lay the card here, left and top edges first',
  widthOfTheOutline: 'Width of the outline',
  pixelsWide: (toFixed: string) => `${toFixed} pixels wide`,
} as const;

/** A board true to scale. */
export const TRACE_BOARD_TEXT = {
  boardToTapOn: (corners: number) => `Board to tap on, ${corners} corners tapped`,
} as const;

/** What stands with every chart. */
export const CHART_TEXT = {
  numbers: 'The numbers',
  numbersOf: (label: string) => `The numbers: ${label}`,
  series: 'Which',
  said: (series: string, at: string, value: string) => `${series}, ${at}: ${value}`,
} as const;

/** Long work that can be stopped. */
export const WORKING_TEXT = {
  stop: 'Stop',
} as const;
