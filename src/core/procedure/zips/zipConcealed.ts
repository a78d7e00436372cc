import { atLeast, isAbove } from '../../numbers';
import { cannot, zipPlan } from '../../seam';
import { mm } from '../../units';
import { allowance, ZIP_TOP } from '../engine/asks';
import { BLADE, basteMm } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { closing, onTheLeft, onTheRight, zipAlone } from './zipConcealedScene';

/** Zip left below the notch, mm (common practice). */
const LEFT_MM = 25;
/** A shorter opening is none, mm (model). */
const SHORTEST_MM = 40;
/** The seam below the zip that is counted, mm. */
const REST_MM = 200;
/** A tape's tail is sewn to its allowance over so much, mm (common practice). */
const TAIL_MM = 40;
/** The one bar stands on the tape, the needle between it and the coil. */
const BAR_ON_THE_RIGHT = { foot: 'zip', footSide: 'right', needleAsideMm: 2.5 } as const;
const BAR_ON_THE_LEFT = { foot: 'zip', footSide: 'left', needleAsideMm: 2.5 } as const;
const NEVER_INTO_IT = 'The needle runs close to the coil, never into it.';
const CLEARS = 'Turn the handwheel once to check that the needle clears the foot and the coil.';

/** A zip that shows nothing but its pull. */
export const ZIP_CONCEALED = procedure('zip-concealed', {
  ...SEWN_SO,
  name: 'Concealed zip',
  group: 'zip',
  kind: 'zip-concealed',
  main: { name: 'The zip' },
  rows: {
    finish: { kind: 'edge-finish', name: 'The edges', layers: 1 },
    baste: { kind: 'baste', name: 'The tacking' },
    seam: { kind: 'join', name: 'The seam below' },
  },
  schools: ({ direct }) => ({ 'concealed-zip': direct === 1 ? 'straight-to-it' : 'baste-first' }),
  asks: [
    { key: 'zip', label: 'Zip, top stop to bottom stop', unit: 'mm', usual: 220, least: 60, most: 1500 },
    ZIP_TOP,
    {
      key: 'opening',
      label: 'Raw top edge to the notch, if the zip is longer',
      unit: 'mm',
      usual: 0,
      least: 0,
      most: 2000,
      help: '0 if zip and opening are the same length; a concealed zip is usually bought longer, sewn to the notch and cut off below',
    },
    allowance(15),
    { key: 'coilWidth', label: 'Coil across', unit: 'mm', usual: 4, least: 2, most: 10 },
    { key: 'tape', label: 'Middle of the coil to the tape’s edge', unit: 'mm', usual: 10, least: 4, most: 40 },
    {
      key: 'direct',
      label: 'How you sew it',
      unit: 'count',
      usual: ({ schools }) => (schools['concealed-zip'] === 'straight-to-it' ? 1 : 0),
      least: 0,
      most: 1,
      options: [
        [0, 'tack the tape first, then a one-bar zip foot'],
        [1, 'straight into the groove, concealed-zip foot'],
      ],
      help: 'both work; tacking first is easier to get right',
    },
  ],
  work: ({ zip, top, opening, allowance: allowanceMm, coilWidth, tape, direct }, given) => {
    if (opening > 0 && opening <= SHORTEST_MM)
      return cannot(
        'seam.zip-short',
        `An opening of ${mm(opening)} is too short for a zip: it needs at least ${mm(SHORTEST_MM)}.`,
        SHORTEST_MM,
        opening,
      );
    const plan = zipPlan({
      kind: 'concealed',
      zipMm: zip,
      topMm: top,
      allowanceMm,
      coilToTapeEdgeMm: tape,
      coilWidthMm: coilWidth,
      topstitchMm: 7,
      lengthMm: given.lengthMm,
      ...(opening > 0 && { openingMm: opening }),
    });
    if ('blocked' in plan) return plan;
    const end = plan.positions.grooveEnd.alongMm!;
    const stop = plan.positions.bottomStop.alongMm!;
    // What hangs below the notch is cut off, where it is more than what is left there anyway.
    const toNotch = opening > 0 && atLeast(end, opening) && isAbove(stop - end, LEFT_MM);
    return {
      zip,
      top,
      opening,
      stop,
      allowance: allowanceMm,
      tape,
      tapeOff: plan.tapeFromRawEdgeMm,
      end,
      above: stop - end,
      hangs: toNotch ? 1 : 0,
      overlap: end - plan.positions.seamStart.alongMm!,
      groove: coilWidth / 2,
      stitches: plan.stitches.left.count,
      stitchMm: plan.stitches.left.lengthMm,
      rest: REST_MM,
      tailsMm: 2 * TAIL_MM,
      direct,
      frays: given.frays,
      edgesMm: 2 * (end + REST_MM),
      basting: basteMm(given),
    };
  },
  views: { left: onTheLeft, right: onTheRight, zip: zipAlone, closing },
  ready: ['the foot for your way of sewing it', '[zip hold]', '[coil tool]'],
  steps: [
    {
      do: 'Finish both raw edges first: you cannot reach them once the zip is in.',
      check: 'The edges lie flat and keep their length.',
      view: 'left',
      now: ['finish'],
      sews: 'edgesMm',
      row: 'finish',
      when: 'frays',
    },
    {
      do: '[coil]',
      check: 'The groove beside the coil is open.',
      with: 'iron',
      view: 'zip',
    },
    {
      do: 'The left piece, right side up: lay its half of the zip face down on it, tape edge {tapeOff} from the raw edge. [hold zip]',
      check: 'The coil is on the seam line, {allowance} in.',
      view: 'left',
      now: ['tape'],
    },
    {
      do: 'Needle in the middle: tack down the middle of the tape, stitches of {basting}.',
      check: 'The tape does not creep.',
      caution: 'Switch the machine off to change the foot.',
      view: 'left',
      now: ['baste'],
      sews: 'end',
      row: 'baste',
      atMm: 'basting',
      when: '!direct',
    },
    {
      do: 'One-bar foot to the right of the needle, on the tape; needle as far left as it goes. Roll the coil open and sew in the groove from the raw top edge, {end} down: {stitches:n} stitches. Stop there, at the notch or {12 mm} above the stop.',
      check: NEVER_INTO_IT,
      caution: CLEARS,
      view: 'left',
      now: ['groove'],
      sews: 'end',
      atMm: 'stitchMm',
      machine: BAR_ON_THE_RIGHT,
      when: '!direct',
    },
    {
      do: 'The left piece: coil in the groove of the foot, needle in its hole. Sew from the raw top edge, {end} down: {stitches:n} stitches. Stop there, at the notch or {12 mm} above the stop.',
      check: NEVER_INTO_IT,
      caution: CLEARS,
      view: 'left',
      now: ['groove'],
      sews: 'end',
      atMm: 'stitchMm',
      machine: { foot: 'concealed-zip' },
      when: 'direct',
    },
    {
      do: 'The right piece, mirrored: lay the other half face down on it, tape edge {tapeOff} from the raw edge. Close the zip once and mark where both tops meet. [hold zip]',
      check: 'Both halves start level, and the zip is not twisted.',
      view: 'right',
      now: ['tapeRight'],
    },
    {
      do: 'Tack down the middle of its tape, needle in the middle.',
      check: 'The tape does not creep.',
      view: 'right',
      now: ['basteRight'],
      sews: 'end',
      row: 'baste',
      atMm: 'basting',
      when: '!direct',
    },
    {
      do: 'Change foot and needle over: foot to the left of the needle, needle as far right as it goes. Sew {end} in the groove: {stitches:n} stitches.',
      check: NEVER_INTO_IT,
      caution: 'Foot and needle both change sides: turn the handwheel once.',
      view: 'right',
      now: ['grooveRight'],
      sews: 'end',
      atMm: 'stitchMm',
      machine: BAR_ON_THE_LEFT,
      when: '!direct',
    },
    {
      do: 'The needle stays in its hole, the other groove of the foot takes the coil. Sew {end}: {stitches:n} stitches.',
      check: NEVER_INTO_IT,
      caution: CLEARS,
      view: 'right',
      now: ['grooveRight'],
      sews: 'end',
      atMm: 'stitchMm',
      machine: { foot: 'concealed-zip' },
      when: 'direct',
    },
    {
      do: 'Take the tacking out, close the zip and look at it from the right side.',
      check: 'No tape shows, and it does not twist.',
      view: 'right',
      out: ['baste', 'basteRight'],
      when: '!direct',
    },
    {
      do: 'Close the zip and look at it from the right side.',
      check: 'No tape shows, and it does not twist.',
      view: 'right',
      when: 'direct',
    },
    {
      do: 'Right sides together, close the rest of the seam: start {overlap} above the end of the groove stitching, right beside it, and hold the tail of the zip out of the way.',
      check: 'The two rows of stitching meet: a gap would make a bubble.',
      view: 'closing',
      now: ['seam'],
      sews: 'rest',
      row: 'seam',
      machine: BAR_ON_THE_RIGHT,
    },
    {
      do: 'Sew the tail of each tape to its own allowance only.',
      check: 'The seam hangs free below.',
      view: 'closing',
      now: ['tails'],
      sews: 'tailsMm',
      machine: BAR_ON_THE_RIGHT,
    },
    {
      do: 'Cut the zip off {25 mm} below the notch. Sew over the coil there by hand, six times round, to make a new stop.',
      check: 'The pull stops at the new stop.',
      caution: BLADE,
      with: 'blade',
      view: 'closing',
      now: ['tail'],
      when: 'hangs',
    },
  ],
  adds: [[['top', 'zip'], 'stop']],
  faults: ['zip-bubble', 'wandering', 'skipped', 'uneven-layers'],
});
