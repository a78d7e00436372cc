import { PLAIN_SEAM, rowSize } from '../engine/rowSize';
import { cannot } from '../../seam';
import { zipPlan } from '../../seam';
import { mm } from '../../units';
import { allowance, ZIP_TOP } from '../engine/asks';
import { basteMm } from '../engine/pieces';
import { fromAbove, fromBelow } from './zipCentredScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A zip in the middle of its seam, a row on either side. */
export const ZIP_CENTRED = procedure('zip-centred', {
  ...SEWN_SO,
  name: 'Centred zip',
  group: 'zip',
  kind: 'zip-centred',
  main: { name: 'The zip' },
  rows: { baste: { kind: 'baste', name: 'The basting' }, seam: { kind: 'join', name: 'The seam below' } },
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
    allowance(15, 'the pattern’s, as the seam is cut'),
    { key: 'coilWidth', label: 'Coil across', unit: 'mm', usual: 6, least: 2, most: 12 },
    { key: 'tape', label: 'Middle of the coil to the tape’s edge', unit: 'mm', usual: 13, least: 4, most: 40 },
    { key: 'row', label: 'Rows from the seam', unit: 'mm', usual: 7, least: 3, most: 20 },
  ],
  work: ({ zip, top, opening, allowance: allowanceMm, coilWidth, tape, row }, given) => {
    const stop = top + zip;
    if (stop > opening) {
      const text = `The zip ends ${mm(stop)} below the raw top edge and the opening is ${mm(opening)}: leave the seam open for ${mm(stop)}, or shorten the zip.`;
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
      down: stitches.left.count,
      downMm: stitches.left.lengthMm,
      across: stitches.bar.count,
      acrossMm: stitches.bar.lengthMm,
      rowMm: bar,
      barMm: 2 * row,
      half: stitches.bar.count / 2,
      rest: 120,
      basting: basteMm(given),
      seamStitch: rowSize(given, 'seam', PLAIN_SEAM).lengthMm,
    };
  },
  views: { above: fromAbove, below: fromBelow },
  ready: ['zip foot', 'chalk to mark the stop', '[zip hold]', '[iron]', 'seam ripper'],
  steps: [
    {
      do: 'Right sides together: mark the bottom stop on the seam line, {stop} from the raw top edge.',
      check: 'The mark is on both pieces.',
      view: 'above',
    },
    {
      do: 'Baste from the raw top edge to the mark at {allowance}, stitches of {basting}.',
      check: 'It can be pulled out by its bobbin thread.',
      view: 'above',
      now: ['baste'],
      sews: 'stop',
      row: 'baste',
      atMm: 'basting',
    },
    {
      do: 'From the mark to the end of the seam, stitches of {seamStitch}.',
      check: 'The two lines are one line.',
      view: 'above',
      now: ['seam'],
      sews: 'rest',
      row: 'seam',
      atMm: 'seamStitch',
    },
    {
      do: '[Press] the whole seam open. This is never skipped.',
      check: 'Flat: the rows are measured from this fold.',
      with: 'iron',
      view: 'below',
    },
    {
      do: 'Wrong side up: lay the coil exactly on the seam, tape edge {tapeOff} inside the raw edge. [hold zip]',
      check: 'The coil follows the basting all along.',
      view: 'below',
      now: ['tape'],
    },
    {
      do: 'Zip foot on, needle on the side of the coil. Sew each tape to its allowance only, starting below the pull.',
      check: 'Nothing shows on the right side.',
      caution:
        'Switch the machine off to change the foot; turn the wheel once by hand to see that the needle clears it.',
      view: 'below',
      now: ['tape'],
      sews: 'rowMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Right side up: topstitch down the left, {row} from the seam: {down:n} stitches.',
      check: 'The row is {row} from the seam at top and bottom.',
      view: 'above',
      now: ['left'],
      sews: 'rowMm',
      goesOn: 'to-next',
      atMm: 'downMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Stop {below} below the stop. Needle down, foot up, turn the cloth.',
      check: 'The needle stands clear of the metal.',
      caution:
        'Metal ahead: turn the wheel by hand for the last two stitches. Hitting the stop breaks the needle into the eyes.',
      view: 'above',
      now: ['left'],
    },
    {
      do: 'Sew across below the stop: {across:n} stitches, {half:n} to the seam and {half:n} beyond.',
      check: 'The seam is in the middle of the bar.',
      caution: 'By hand-wheel past the coil.',
      view: 'above',
      now: ['bar'],
      sews: 'barMm',
      goesOn: 'both',
      atMm: 'acrossMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Turn again, up the right side at {row}: {down:n} stitches.',
      check: 'Both rows are parallel, and equally far from the seam.',
      view: 'above',
      now: ['right'],
      sews: 'rowMm',
      goesOn: 'from-before',
      atMm: 'downMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Open the basting, move the pull down, finish the tops. [ends]',
      check: 'The zip runs to both ends without catching.',
      caution: 'Cut the basting thread away from the cloth and from your fingers.',
      view: 'above',
      now: ['baste'],
    },
  ],
  adds: [
    [['top', 'zip'], 'stop'],
    [['stop', 'below'], 'bar'],
  ],
  faults: ['zip-bubble', 'needle-broke', 'wandering', 'uneven-layers'],
});
