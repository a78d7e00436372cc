import { PLAIN_SEAM, rowSize } from '../engine/rowSize';
import { cannot } from '../../seam';
import { zipPlan } from '../../seam';
import { mm } from '../../units';
import { allowance, ZIP_TOP } from '../engine/asks';
import { basteMm } from '../engine/pieces';
import { METAL_AHEAD, PULL_MM } from './pull';
import { fromAbove, fromBelow, rightSidesTogether } from './zipCentredScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** The seam below the zip that is drawn and counted, mm. */
const REST_MM = 120;
const ON_THE_LEFT = { foot: 'zip', footSide: 'left', needleAsideMm: 1 } as const;
const ON_THE_RIGHT = { foot: 'zip', footSide: 'right', needleAsideMm: 1 } as const;

/** A zip in the middle of its seam, a row on either side. */
export const ZIP_CENTRED = procedure('zip-centred', {
  ...SEWN_SO,
  name: 'Centred zip',
  group: 'zip',
  kind: 'zip-centred',
  main: { name: 'The zip' },
  rows: {
    finish: { kind: 'edge-finish', name: 'The edges', layers: 1 },
    baste: { kind: 'baste', name: 'The tacking' },
    seam: { kind: 'join', name: 'The seam below' },
  },
  schools: ({ upwards }) => ({ 'centred-zip': upwards === 1 ? 'from-below' : 'in-one' }),
  asks: [
    { key: 'zip', label: 'Zip, top stop to bottom stop', unit: 'mm', usual: 180, least: 40, most: 1500 },
    ZIP_TOP,
    {
      key: 'opening',
      label: 'Opening in the seam, from the raw top edge',
      unit: 'mm',
      usual: 200,
      least: 40,
      most: 2000,
    },
    allowance(15, 'as on the pattern'),
    { key: 'coilWidth', label: 'Coil across', unit: 'mm', usual: 6, least: 2, most: 12 },
    { key: 'tape', label: 'Middle of the coil to the tape’s edge', unit: 'mm', usual: 13, least: 4, most: 40 },
    { key: 'row', label: 'Rows from the seam', unit: 'mm', usual: 7, least: 3, most: 20 },
    {
      key: 'upwards',
      label: 'How you sew the rows',
      unit: 'count',
      usual: ({ schools }) => (schools['centred-zip'] === 'from-below' ? 1 : 0),
      least: 0,
      most: 1,
      options: [
        [0, 'down, across and up in one go'],
        [1, 'each side from the bottom, with needle and foot changed over'],
      ],
      help: 'both work; sewn from the bottom, both sides match',
    },
  ],
  work: ({ zip, top, opening, allowance: allowanceMm, coilWidth, tape, row, upwards }, given) => {
    const stop = top + zip;
    if (stop > opening) {
      const text = `The zip ends ${mm(stop)} below the raw top edge and the opening is ${mm(opening)}: leave ${mm(stop)} of the seam open, or shorten the zip.`;
      return cannot('seam.zip-longer', text, opening, stop);
    }
    const plan = zipPlan({
      kind: 'centred',
      zipMm: zip,
      topMm: top,
      allowanceMm,
      coilToTapeEdgeMm: tape,
      coilWidthMm: coilWidth,
      topstitchMm: row,
      lengthMm: given.lengthMm,
    });
    if ('blocked' in plan) return plan;
    const { stitches, positions, tapeFromRawEdgeMm } = plan;
    const bar = positions.bar.alongMm!;
    const { count, lengthMm: downMm } = stitches.left;
    // Beside the pull the foot does not pass: the tops are sewn last, when the pull has been moved down.
    const topCount = Math.max(1, Math.min(Math.round((top + PULL_MM) / downMm), Math.floor(count / 2)));
    const clear = Math.round(topCount * downMm);
    return {
      zip,
      top,
      stop,
      bar,
      allowance: allowanceMm,
      coilWidth,
      tape,
      row,
      tapeOff: tapeFromRawEdgeMm,
      below: bar - stop,
      clear,
      tops: topCount,
      topsMm: 2 * clear,
      down: count,
      rowStitches: count - topCount,
      downMm,
      across: stitches.bar.count,
      acrossMm: stitches.bar.lengthMm,
      rowMm: bar - clear,
      barMm: 2 * row,
      half: stitches.bar.count / 2,
      halfMm: row,
      tapeMm: 2 * (stop - clear),
      rest: REST_MM,
      frays: given.frays,
      edgesMm: 2 * (stop + REST_MM),
      upwards,
      basting: basteMm(given),
      seamStitch: rowSize(given, 'seam', PLAIN_SEAM).lengthMm,
    };
  },
  views: { together: rightSidesTogether, above: fromAbove, below: fromBelow },
  ready: ['zip foot', 'chalk to mark the stop', '[zip hold]', '[iron]', 'seam ripper'],
  steps: [
    {
      do: 'Finish both raw edges first: you cannot reach them once the zip is in.',
      check: 'The edges lie flat and keep their length.',
      view: 'below',
      now: ['finish'],
      sews: 'edgesMm',
      row: 'finish',
      when: 'frays',
    },
    {
      do: 'Right sides together: mark the bottom stop on the seam line, {stop} from the raw top edge.',
      check: 'The mark is on both pieces.',
      view: 'together',
      now: ['mark'],
    },
    {
      do: 'Tack from the raw top edge to the mark at {allowance}, stitches of {basting}.',
      check: 'It can be pulled out by its bobbin thread.',
      view: 'together',
      now: ['baste'],
      sews: 'stop',
      row: 'baste',
      atMm: 'basting',
    },
    {
      do: 'From the mark to the end of the seam, stitches of {seamStitch}.',
      check: 'The seam runs straight on from the tacking.',
      view: 'together',
      now: ['seam'],
      sews: 'rest',
      row: 'seam',
      atMm: 'seamStitch',
    },
    {
      do: '[Press] the whole seam open. Never skip this.',
      check: 'Flat: you measure the rows from this fold.',
      with: 'iron',
      view: 'below',
    },
    {
      do: 'Wrong side up: lay the closed zip face down, its coil exactly on the seam, tape edge {tapeOff} inside the raw edge. [hold zip]',
      check: 'The coil follows the tacking all along.',
      view: 'below',
      now: ['tape'],
    },
    {
      do: 'Zip foot on, needle beside the coil. Sew each tape to its allowance only, from {clear} below the raw top edge, where the pull is out of the way, to the stop.',
      check: 'Nothing shows on the right side.',
      caution: 'Switch the machine off to change the foot. Turn the handwheel once to check that the needle clears it.',
      view: 'below',
      now: ['tapes'],
      sews: 'tapeMm',
      machine: ON_THE_LEFT,
    },
    {
      do: 'Right side up: topstitch down the left from {clear} below the raw top edge, {row} from the seam: {rowStitches:n} stitches.',
      check: 'The row is {row} from the seam at top and bottom.',
      view: 'above',
      now: ['left'],
      sews: 'rowMm',
      goesOn: 'to-next',
      atMm: 'downMm',
      machine: ON_THE_LEFT,
      when: '!upwards',
    },
    {
      do: 'Stop {below} below the metal stop. Needle down, foot up, turn the fabric.',
      check: 'The needle is clear of the metal.',
      caution: METAL_AHEAD,
      view: 'above',
      now: ['left'],
      when: '!upwards',
    },
    {
      do: 'Sew across below the stop: {across:n} stitches, {half:n} to the seam and {half:n} beyond.',
      check: 'The seam is in the middle of the bar.',
      caution: 'Turn the handwheel to cross the coil.',
      view: 'above',
      now: ['bar'],
      sews: 'barMm',
      goesOn: 'both',
      atMm: 'acrossMm',
      machine: ON_THE_LEFT,
      when: '!upwards',
    },
    {
      do: 'Turn again and sew up the right side at {row}: {rowStitches:n} stitches, as far up as on the left.',
      check: 'Both rows are parallel, and the same distance from the seam.',
      view: 'above',
      now: ['right'],
      sews: 'rowMm',
      goesOn: 'from-before',
      atMm: 'downMm',
      machine: ON_THE_LEFT,
      when: '!upwards',
    },
    {
      do: 'Right side up, {below} below the stop: start on the seam and sew out to the left, {half:n} stitches. Needle down, foot up, turn the fabric.',
      check: 'The corner is {row} from the seam.',
      caution: METAL_AHEAD,
      view: 'above',
      now: ['barLeft'],
      sews: 'halfMm',
      goesOn: 'to-next',
      atMm: 'acrossMm',
      machine: ON_THE_RIGHT,
      when: 'upwards',
    },
    {
      do: 'Sew up the left side at {row}: {rowStitches:n} stitches, to {clear} below the raw top edge.',
      check: 'The row is {row} from the seam at bottom and top.',
      view: 'above',
      now: ['left'],
      sews: 'rowMm',
      goesOn: 'from-before',
      atMm: 'downMm',
      machine: ON_THE_RIGHT,
      when: 'upwards',
    },
    {
      do: 'Move foot and needle to the other side. From the seam again, through the same hole, sew out to the right: {half:n} stitches. Needle down, foot up, turn the fabric.',
      check: 'The bar is one straight line.',
      caution: 'Foot and needle both change sides: turn the handwheel once.',
      view: 'above',
      now: ['barRight'],
      sews: 'halfMm',
      goesOn: 'to-next',
      atMm: 'acrossMm',
      machine: ON_THE_LEFT,
      when: 'upwards',
    },
    {
      do: 'Sew up the right side at {row}: {rowStitches:n} stitches.',
      check: 'Both rows end level, at the same distance from the seam.',
      view: 'above',
      now: ['right'],
      sews: 'rowMm',
      goesOn: 'from-before',
      atMm: 'downMm',
      machine: ON_THE_LEFT,
      when: 'upwards',
    },
    {
      do: 'Open the tacking at the top and slide the pull down past the end of the rows. Sew the remaining {clear} of each row, {tops:n} stitches each, through the tapes to the raw top edge.',
      check: 'Each row carries on in one line.',
      caution: 'Cut the tacking thread, away from the fabric and from your fingers.',
      view: 'above',
      now: ['tops'],
      sews: 'topsMm',
      atMm: 'downMm',
      machine: ON_THE_LEFT,
    },
    {
      do: 'Take out the rest of the tacking and try the zip.',
      check: 'The zip runs to both ends without catching.',
      view: 'above',
      now: ['baste'],
      out: ['baste'],
    },
  ],
  adds: [
    [['top', 'zip'], 'stop'],
    [['stop', 'below'], 'bar'],
  ],
  faults: ['zip-bubble', 'needle-broke', 'wandering', 'uneven-layers'],
});
