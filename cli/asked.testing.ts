/** A fabric with every number it may hold. */
export const cloth = {
  structure: 'knit',
  family: 'jersey',
  massGsm: 180,
  thicknessMm: 0.6,
  stretchAcross: 50,
  recovery: 90,
};
const setup = {
  needle: { point: 'ballpoint', nm: 80 },
  thread: { fibre: 'polyester', tex: 27 },
  foot: 'standard',
  plate: 'standard',
  stitch: 'zigzag',
  lengthMm: 2.5,
  widthMm: 2,
  tensionSteps: 0,
  pressure: 0.5,
};

/** An ordinary question for every command, with every number it may hold. */
export const ASKED: Record<string, object> = {
  match: { cloth, operation: { kind: 'join', allowanceMm: 10, radiusMm: 60, lengthMm: 500, requiredGive: 20 } },
  check: { setup, cloth, operation: { kind: 'join', layers: 2 } },
  diagnose: {
    cloth,
    operation: { kind: 'join' },
    setup,
    findings: [{ sign: 'skipped', severity: 2 }],
    trueLengthMm: 2.4,
    needleHours: 6,
  },
  sew: { setup, cloth, operation: { kind: 'join' }, machineSeed: 4 },
  steps: { procedure: 'plain-open', cloth, answers: { seam: 600, allowance: 15 } },
  schedule: {
    tasks: [
      { id: 'a', needs: { needle: 'jeans', lengthMm: 3 }, minutes: 5 },
      { id: 'b', needs: { foot: 'zip', lengthMm: 2.5 }, after: ['a'], press: true },
    ],
    costs: { needle: 1.5, iron: 2 },
  },
  'calc stretch': { rest: 10, stretched: 15, relaxed: 10.5 },
  'calc mass': { grams: 18, widthMm: 300, lengthMm: 400 },
  'calc shrink': { before: 250, after: 238, neededMm: 2000 },
  'calc rigidity': { massGsm: 340, overhangMm: 60 },
  'calc stitch-length': { stitches: 40, overMm: 100 },
  'calc thread': { ticket: 120 },
  'calc thread-needle': { tex: 27, fibre: 'polyester', nm: 80 },
  'calc thread-use': { stitch: 'zigzag', lengthMm: 2.5, widthMm: 2, thicknessMm: 0.6, seamMm: 1000 },
  'calc give': { stitch: 'zigzag', lengthMm: 2.5, widthMm: 2, thicknessMm: 1.2, threadExtension: 0.1 },
  'calc curve': { radiusMm: 15, lengthMm: 2.5, toleranceMm: 0.1, speedSpm: 600 },
  'calc clips': { radiusMm: 30, turnDeg: 90, allowanceMm: 10, side: 'concave', maxGapMm: 4 },
  'calc corner': { distanceMm: 41, lengthMm: 2.5, angleDeg: 90, weight: 'medium' },
  'calc french': { allowanceMm: 15, trimMm: 3, thicknessMm: 0.3 },
  'calc felled': { allowanceMm: 16, bandMm: 8, trimMm: 6, thicknessMm: 0.9 },
  'calc band': { openingMm: 600, ratio: 0.8, bandWidthMm: 20, stretch: 60, recovery: 90, girthMm: 560 },
  'calc zip': { kind: 'centred', zipMm: 200, allowanceMm: 15, coilToTapeEdgeMm: 13, coilWidthMm: 6, topstitchMm: 7 },
  'calc zip-to-buy': { kind: 'concealed', openingMm: 220, topMm: 20, sold: 'inch' },
  'calc hump': { layerMm: 0.8, lowLayers: 3, highLayers: 9, soleMm: 15, liftMm: 5 },
  'calc bow': { strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams: 4, alternate: true },
  'calc bobbin': { outerMm: 20.3, hubMm: 7, widthMm: 9, tex: 27, packing: 0.65 },
  'calc topstitch': { edges: [{ mm: 60, startAngleDeg: 90, endAngleDeg: 90 }], lengthMm: 3, fromEdgeMm: 6, rows: 2 },
};
