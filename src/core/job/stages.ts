/** Where in the making of a thing a seam belongs, in the usual order of construction (common practice). */
export const STAGES = [
  'cut',
  'mark',
  'shape',
  'attach',
  'zip',
  'flat',
  'close',
  'band',
  'topstitch',
  'hem',
  'finish',
] as const;
export type Stage = (typeof STAGES)[number];

/** Each stage as it reads in a form. */
export const STAGE_TEXT: Readonly<Record<Stage, string>> = {
  cut: 'laying and cutting',
  mark: 'marking and tacking',
  shape: 'shaping: darts, gathers, stay stitching',
  attach: 'sewn while flat: pockets, piping, buttonholes',
  zip: 'a zip',
  flat: 'a seam sewn flat',
  close: 'a seam that closes the round',
  band: 'a band, binding or elastic',
  topstitch: 'topstitching',
  hem: 'a hem',
  finish: 'finishing',
};

/** One thing that comes before another on the same piece, and why. */
export interface OrderRule {
  id: string;
  first: readonly Stage[];
  then: readonly Stage[];
  why: string;
}

/** What comes before what (common practice). A person may take any of them out. */
export const ORDER_RULES: readonly OrderRule[] = [
  {
    id: 'cut-first',
    first: ['cut'],
    then: ['mark', 'shape', 'attach', 'zip', 'flat', 'close', 'band', 'topstitch', 'hem', 'finish'],
    why: 'cut a piece before you sew it',
  },
  {
    id: 'marks-first',
    first: ['mark'],
    then: ['shape', 'attach', 'zip', 'flat', 'close'],
    why: 'mark and tack before sewing anything on',
  },
  {
    id: 'shape-before-closing',
    first: ['shape'],
    then: ['flat', 'close'],
    why: 'sew and press darts and gathers before a seam crosses them',
  },
  {
    id: 'flat-work-first',
    first: ['attach'],
    then: ['close', 'band', 'hem'],
    why: 'it is easier to sew things on while the piece is flat',
  },
  {
    id: 'zip-before-closing',
    first: ['zip'],
    then: ['close', 'band', 'hem'],
    why: 'put a zip in while the piece opens flat',
  },
  {
    id: 'flat-before-round',
    first: ['flat'],
    then: ['close', 'band', 'hem'],
    why: 'sew flat seams before closing the round',
  },
  {
    id: 'bands-after-closing',
    first: ['close'],
    then: ['band'],
    why: 'sew a band on in the round, after the seams it crosses',
  },
  {
    id: 'topstitch-after-seam',
    first: ['flat', 'close'],
    then: ['topstitch'],
    why: 'topstitch a seam once it is sewn',
  },
  {
    id: 'hems-last',
    first: ['close', 'band', 'topstitch'],
    then: ['hem'],
    why: 'hem last, when everything hangs as it will',
  },
  {
    id: 'finish-last',
    first: ['close', 'band', 'topstitch', 'hem'],
    then: ['finish'],
    why: 'bar tacks and knots come last',
  },
];
