import { HOLD_TEXT, holdText, PIN } from '../../kit';
import { FUSES_FROM_C, PRESS_PILE, type SewingPlan } from '../../match';
import { upperFirst } from '../../units';

/** The parts of a plan that a step speaks of. */
export type StepPlan = Pick<SewingPlan, 'hold' | 'pins' | 'start' | 'secure' | 'press' | 'speed' | 'notes'> & {
  /** The needle of its row, in words, where one was found. */
  needle?: string;
};

/** While nothing is matched yet: as a sturdy woven is handled. */
export const PLAIN_PLAN: StepPlan = {
  hold: ['pins'],
  pins: 'standard',
  start: ['Foot down.'],
  secure: 'back-stitch',
  press: { maxSolePlateC: 200, pressCloth: false, steam: 'yes' },
  speed: 'steady',
  notes: [],
};

/** A way of holding as a verb, and as what has to lie ready. */
const HELD: Readonly<Record<SewingPlan['hold'][number], { verb: string; ready: string; pins?: true }>> = {
  pins: { verb: 'pin', ready: 'pins', pins: true },
  'ballpoint-pins': { verb: 'pin', ready: 'ballpoint pins', pins: true },
  'silk-pins-in-allowance': { verb: 'pin', ready: 'silk pins', pins: true },
  clips: { verb: 'clip', ready: 'clips' },
  weights: { verb: 'weight', ready: 'weights' },
  baste: { verb: 'tack', ready: 'needle and tacking thread' },
  glue: { verb: 'glue', ready: 'fabric glue' },
  tape: { verb: 'tape', ready: 'tape' },
};

const irons = ({ press }: StepPlan) => press.maxSolePlateC > 0;
const fuses = ({ press }: StepPlan) => press.maxSolePlateC >= FUSES_FROM_C;
const steams = (plan: StepPlan) => irons(plan) && plan.press.steam !== 'no';
const pinned = ({ hold }: StepPlan) => hold.some((way) => HELD[way].pins);
const onTowel = ({ notes }: StepPlan) => notes.some((note) => note.toLowerCase().endsWith(PRESS_PILE.toLowerCase()));
const verbOf = ({ hold }: StepPlan) => HELD[hold[0] ?? 'pins'].verb;
const waysOf = ({ hold, pins }: StepPlan) => hold.map((way) => holdText(way, pins)).join(' or ');
const readyOf = ({ hold, pins }: StepPlan) =>
  hold.map((way) => (way === 'pins' ? PIN[pins].many : HELD[way].ready)).join(' or ');

/** Pins that a pattern may be pinned down with while it is cut; null where none may. Clips reach an edge, not a pattern. */
function cuttingPins({ hold, pins }: StepPlan): string | null {
  const way = hold.find((one) => HELD[one].pins);
  return way === undefined ? null : way === 'pins' ? PIN[pins].many : HELD[way].ready;
}

/** What holds the layers, as a sentence. */
function heldSo(plan: StepPlan): string {
  if (plan.hold.length !== 1) return `Hold it with ${waysOf(plan)}.`;
  const [way] = plan.hold;
  if (way === 'pins')
    return plan.pins === 'standard' ? 'Pin across the seam.' : `Pin across the seam, with ${PIN[plan.pins].many}.`;
  if (way === 'silk-pins-in-allowance') return 'Pin inside the allowance, with silk pins.';
  return way === 'baste' ? 'Tack it by hand.' : `Hold it with ${HOLD_TEXT[way]}.`;
}

/** What becomes of the tails once a row is sewn. */
const ENDS: Readonly<Record<SewingPlan['secure'], string>> = {
  'back-stitch': 'Snip the tails at the fabric.',
  lock: 'Snip the tails at the fabric.',
  'short-stitch': 'Snip the tails at the fabric.',
  knot: 'Knot the tails on the wrong side, right at the fabric, and run them in.',
  'tails-to-back': 'Pull the tails to the back, knot them there and run them in.',
  none: 'Leave the tails as they are.',
};

/** Both ends of a gap, which are pulled when the work is turned. */
const SECURED: Readonly<Record<SewingPlan['secure'], string>> = {
  'back-stitch': 'back-stitch',
  lock: 'tie off',
  'short-stitch': 'sew a few tiny stitches at',
  knot: 'knot the tails at',
  'tails-to-back': 'pull the tails to the back and knot them at',
  none: 'leave long tails at',
};

/** What stands in a text for work that depends on the fabric: `[press]`, or `[Press]` where a sentence begins. */
const PHRASES = {
  hold: heldSo,
  'hold zip': (plan: StepPlan) => `Hold it there with ${waysOf(plan)}.`,
  pin: verbOf,
  pins: readyOf,
  needle: ({ needle }: StepPlan) => needle ?? 'the needle for it',
  'zip hold': readyOf,
  'the pins': ({ hold }: StepPlan) =>
    `the ${[...new Set(hold.map((way) => (HELD[way].pins ? 'pins' : HELD[way].ready)))].join(' or ')}`,
  'cutting pins': (plan: StepPlan) => cuttingPins(plan) ?? 'weights',
  'cutting hold': (plan: StepPlan) => [cuttingPins(plan), 'weights'].filter(Boolean).join(', or '),
  'if cold': (plan: StepPlan) => (fuses(plan) ? 'when it is cold, pull and fold it.' : 'pull and fold it.'),
  stop: (plan: StepPlan) => (pinned(plan) ? 'a pin' : 'a strip of tape'),
  press: (plan: StepPlan) => (irons(plan) ? 'press' : 'finger-press'),
  flatten: (plan: StepPlan) =>
    irons(plan) ? 'press the row flat as you sewed it.' : 'run a thumbnail along the row as you sewed it.',
  'steam back': (plan: StepPlan) =>
    steams(plan)
      ? onTowel(plan)
        ? 'hold the steam {25 mm} above the wrong side and let it shrink back.'
        : 'hold the iron {25 mm} above and steam it back.'
      : 'let it rest flat, and pat it back to its length.',
  shrink: (plan: StepPlan) =>
    steams(plan)
      ? 'steam it over a ham until the ripples shrink.'
      : 'shape it over a ham with your fingers, and let it rest.',
  iron: (plan: StepPlan) =>
    !irons(plan)
      ? ''
      : onTowel(plan)
        ? 'iron, and a towel to press on'
        : plan.press.pressCloth
          ? 'iron and press cloth'
          : 'iron',
  'stretch tape': (plan: StepPlan) => (fuses(plan) ? 'fusible stretch tape' : 'wash-away tape'),
  fix: (plan: StepPlan) => (fuses(plan) ? 'fuse it' : `${verbOf(plan)} it`),
  fasten: (plan: StepPlan) =>
    fuses(plan)
      ? 'fuse it: set the iron down, hold, lift; never slide it'
      : 'sew it on by hand inside the allowances, with long loose stitches',
  fixable: (plan: StepPlan) => (fuses(plan) ? 'or fusible' : ''),
  coil: (plan: StepPlan) =>
    irons(plan)
      ? 'open the zip and flatten the coil from its back with a cool iron, on the zip alone: a plastic coil melts.'
      : 'open the zip and roll the coil flat from its back with a fingernail.',
  'coil tool': (plan: StepPlan) => (irons(plan) ? 'a cool iron, for the coil only' : ''),
  ends: ({ secure }: StepPlan) => ENDS[secure],
  secure: ({ secure }: StepPlan) => SECURED[secure],
} as const satisfies Record<string, (plan: StepPlan) => string>;

/** Names of what may stand in a text in square brackets. */
export const PHRASE_NAMES = Object.keys(PHRASES);

const PHRASE = /\[([a-z][a-z ]*)\]/gi;
/** What is pressed, and what is steamed: the last only where steam may go. */
const PRESSED = /\[(press|flatten)\]/i;
const STEAMED = /\[(steam back|shrink)\]/i;
/** Done with an iron, but not as the fabric is pressed: the coil of a zip, and what is fused. */
const COIL = /\[coil\]/i;
const FIXED = /\[(fix|fasten)\]/i;
const HOLDING = /\[(hold|hold zip|pin|fix)\]/i;

/**
 * A text of an operation with everything that depends on the fabric in it.
 *
 * @param text - `[press]` stands for pressing, `[hold]` for a sentence on how it is held, and so on; capitalised where its name is
 * @param plan - for the row that is sewn
 * @throws when the text names a phrase that is not there
 * @example
 * withPlan('[Press] it open.', { ...PLAIN_PLAN, press: { maxSolePlateC: 0, pressCloth: false, steam: 'no' } }) // => 'Finger-press it open.'
 */
export function withPlan(text: string, plan: StepPlan): string {
  const filled = text.replaceAll(PHRASE, (_, name: string, at: number) => {
    const say = (PHRASES as Record<string, ((plan: StepPlan) => string) | undefined>)[name.toLowerCase()];
    if (!say) throw new Error(`withPlan: expected one of ${PHRASE_NAMES.join(', ')}, got ${name}`);
    const said = say(plan);
    const begins =
      /[A-Z]/.test(name[0]) || (said.endsWith('.') && (at === 0 || text.slice(0, at).trimEnd().endsWith('.')));
    return begins ? upperFirst(said) : said;
  });
  return filled.replaceAll(/ {2,}/g, ' ').trim();
}

/**
 * How the iron is used on this fabric, where a step presses.
 *
 * @param text - the step's text, its phrases still in brackets
 * @param plan - for the row that is sewn
 * @returns a sentence; null where nothing is pressed, or nothing need be said
 */
export function pressingOf(text: string, plan: StepPlan): string | null {
  if (!PRESSED.test(text) && !STEAMED.test(text)) return null;
  const { maxSolePlateC, pressCloth, steam } = plan.press;
  if (!irons(plan)) return 'Do not iron this fabric.';
  if (!PRESSED.test(text) && !steams(plan)) return null;
  const ways = [
    ...(onTowel(plan) ? ['face down on a towel'] : []),
    ...(pressCloth ? ['through a press cloth'] : []),
    ...(maxSolePlateC < 200 ? [`${maxSolePlateC} °C at most`] : []),
    ...(steam === 'no' ? ['dry'] : steam === 'little' ? ['little steam'] : []),
  ];
  return ways.length > 0 ? `${upperFirst(ways.join(', '))}.` : null;
}

/** Whether a step is done with an iron on this fabric. */
export const isIroned = (text: string, plan: StepPlan): boolean =>
  (irons(plan) && (PRESSED.test(text) || COIL.test(text))) ||
  (steams(plan) && STEAMED.test(text)) ||
  (fuses(plan) && FIXED.test(text));

const IRON = {
  steam: 'Keep fingers out of the steam; test the heat on a scrap first.',
  dry: 'Mind your fingers, and test the heat on a scrap first.',
};
const GLUE = 'Use glue with fresh air, follow the label, and let it dry before the needle reaches it.';

/**
 * What can hurt in a step because of how this fabric is held and pressed.
 *
 * @param text - the step's text, its phrases still in brackets
 * @param sewn - whether it is sewn
 * @param plan - for the row that is sewn
 */
export function planCautions(text: string, sewn: boolean, plan: StepPlan): string[] {
  const clips = plan.hold.includes('clips');
  const held = pinned(plan)
    ? `Take every pin${clips ? ' and clip' : ''} out before the needle reaches it.`
    : clips
      ? 'Take each clip off before it reaches the foot.'
      : null;
  return [
    ...(sewn && held ? [held] : []),
    ...(HOLDING.test(text) && plan.hold.includes('glue') ? [GLUE] : []),
    ...(isIroned(text, plan) ? [steams(plan) ? IRON.steam : IRON.dry] : []),
  ];
}
