import { cannot } from '../cannot';
import { allowance, SEAM_LENGTH } from './asks';
import { BLADE, IRON, PIN } from './pieces';
import { rowScene } from './rowScene';
import type { Procedure } from './types';

/** Both allowances as one: sewn, finished together, pressed to one side. */
export const PLAIN_FINISHED: Procedure = {
  id: 'plain-finished',
  name: 'Plain seam, finished together',
  group: 'seam',
  kind: 'join',
  asks: [
    SEAM_LENGTH,
    allowance(10),
    {
      key: 'trim',
      label: 'Trimmed to',
      unit: 'mm',
      usual: 6,
      least: 3,
      most: 20,
      help: 'the finishing row lies along this edge',
    },
  ],
  work: ({ seam, allowance: a, trim }) =>
    trim > a
      ? cannot(
          'seam.trim-over-allowance',
          `Trimmed to ${trim} mm nothing is taken off an allowance of ${a} mm: trim to ${a} mm or less.`,
          a,
          trim,
        )
      : { seam, allowance: a, trim, row: a - trim },
  views: {
    above: ({ allowance: a, row }) =>
      rowScene({
        label: 'From above: the seam, and the row that finishes it',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: a },
          { id: 'finish', mm: row },
        ],
        text: 'right sides together',
      }),
  },
  ready: ['both pieces', 'zigzag or overlock-look stitch for the edge', 'iron'],
  steps: [
    { do: 'Right sides together, raw edges level. Pin.', check: 'Both ends meet without pulling.', view: 'above' },
    {
      do: 'Sew {allowance} from the raw edge, all {seam}.',
      check: 'The line keeps its distance.',
      caution: PIN,
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: 'Sew both edges together with a zigzag, {trim} from the seam.',
      check: 'No ripple: on a knit hold nothing back.',
      view: 'above',
      now: ['finish'],
      sews: 'seam',
    },
    {
      do: 'Trim close to the zigzag.',
      check: 'No stitch of it is cut.',
      caution: BLADE,
      view: 'above',
      now: ['finish'],
    },
    {
      do: 'Press flat, then to one side, to the darker or less sheer one.',
      check: 'Flat on the right side.',
      caution: IRON,
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['wavy', 'pucker-line', 'skipped', 'uneven-layers'],
};

/** Two rows beside each other, trimmed to the second: for seams that are pulled. */
export const DOUBLE_ROW: Procedure = {
  id: 'double-row',
  name: 'Double row',
  group: 'seam',
  kind: 'join',
  asks: [
    SEAM_LENGTH,
    allowance(10),
    { key: 'between', label: 'Between the two rows', unit: 'mm', usual: 3, least: 1.5, most: 10 },
  ],
  work: ({ seam, allowance: a, between }) =>
    between + 2 > a
      ? cannot(
          'seam.double-no-room',
          `Two rows ${between} mm apart leave less than 2 mm of a ${a} mm allowance: sew them nearer, or cut it ${between + 2} mm wide.`,
          a - 2,
          between,
        )
      : { seam, allowance: a, between, second: a - between },
  views: {
    above: ({ allowance: a, second }) =>
      rowScene({
        label: 'From above: two rows, the second inside the allowance',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'first', mm: a },
          { id: 'second', mm: second },
        ],
      }),
  },
  ready: ['both pieces', 'scissors'],
  steps: [
    {
      do: 'Right sides together: sew {allowance} from the raw edge.',
      check: 'The line keeps its distance.',
      caution: PIN,
      view: 'above',
      now: ['first'],
      sews: 'seam',
    },
    {
      do: 'Sew a second row inside the allowance, {between} from the first.',
      check: 'On a knit that recovers badly leave this row out: two passes tire it.',
      view: 'above',
      now: ['second'],
      sews: 'seam',
    },
    {
      do: 'Trim close to the second row.',
      check: 'Both rows are whole.',
      caution: BLADE,
      view: 'above',
      now: ['second'],
    },
    {
      do: 'Press to one side.',
      check: 'Pull it: nothing pops.',
      caution: IRON,
      view: 'above',
      now: ['first', 'second'],
    },
  ],
  faults: ['wavy', 'popped', 'skipped', 'pucker-line'],
};

/** A seam finished together, pressed over and topstitched twice: the look of a felled one. */
export const MOCK_FELLED: Procedure = {
  id: 'mock-felled',
  name: 'Mock-felled seam',
  group: 'seam',
  kind: 'join',
  asks: [
    SEAM_LENGTH,
    allowance(15),
    { key: 'near', label: 'First topstitching from the seam', unit: 'mm', usual: 2, least: 1, most: 6 },
    { key: 'far', label: 'Second from the seam', unit: 'mm', usual: 8, least: 4, most: 20 },
  ],
  work: ({ seam, allowance: a, near, far }) =>
    far + 2 > a || near >= far
      ? cannot(
          'seam.mock-row',
          `A row ${far} mm from the seam has to catch the allowance of ${a} mm with 2 mm to spare, and to lie outside the first: sew it between ${near + 2} and ${a - 2} mm.`,
          a - 2,
          far,
        )
      : { seam, allowance: a, near, far, between: far - near },
  views: {
    seam: ({ allowance: a }) =>
      rowScene({ label: 'From above: the seam', edge: 'raw', side: 'wrong', rows: [{ id: 'seam', mm: a }] }),
    above: ({ near, far }) =>
      rowScene({
        label: 'From above: two rows beside the seam, which is the upper edge here',
        edge: 'fold',
        side: 'right',
        rows: [
          { id: 'near', mm: near },
          { id: 'far', mm: far },
        ],
      }),
  },
  ready: ['topstitching thread', 'iron'],
  steps: [
    {
      do: 'Right sides together: sew {allowance} from the raw edge.',
      check: 'Straight: the rows follow this line.',
      caution: PIN,
      view: 'seam',
      now: ['seam'],
      sews: 'seam',
    },
    { do: 'Finish both edges together with a zigzag.', check: 'The edges are caught.', view: 'seam', sews: 'seam' },
    {
      do: 'Press flat, then both allowances to one side. Let it cool.',
      check: 'No fold of cloth over the seam.',
      caution: IRON,
      view: 'seam',
      now: ['seam'],
    },
    {
      do: 'Right side up: topstitch {near} from the seam, through the allowances.',
      check: 'The row keeps its distance.',
      view: 'above',
      now: ['near'],
      sews: 'seam',
    },
    {
      do: 'Topstitch again {far} from the seam.',
      check: 'The rows stay {between} apart; the allowance is caught all along.',
      view: 'above',
      now: ['far'],
      sews: 'seam',
    },
  ],
  faults: ['wandering', 'hump-stall', 'loops-below', 'skipped'],
};
