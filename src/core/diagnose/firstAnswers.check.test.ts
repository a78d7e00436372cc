import { describe, expect, it } from 'vitest';
import { FAMILY, type Family } from '../cloth';
import { PLAIN_MACHINE } from '../kit';
import { match, matchInputSchema } from '../match';
import type { OperationKind } from '../setup';
import type { Sign } from '../stitch';
import { diagnoseInputSchema, diagnoseUnanswered, type RemedyId } from '.';

/** What an answer rests on, and the first answer that it refutes. All of it common practice: the trade's table of faults. */
const RESTS: Partial<Record<Sign, { on: string; never: readonly RemedyId[] }>> = {
  skipped: {
    on: 'needle, then point, then thread',
    never: ['tension-up', 'tension-down', 'technician', 'bobbin-tension'],
  },
  'pucker-line': { on: 'tension first in light fabric', never: ['smaller-needle', 'technician', 'bobbin-tension'] },
  'pucker-away': { on: 'the needle, never the tension', never: ['tension-down', 'tension-up', 'larger-needle'] },
  wavy: { on: 'pressure, pulling, dense stitches', never: ['tension-down', 'new-needle', 'shorter'] },
  'uneven-layers': { on: 'the upper layer is held back', never: ['tension-down', 'new-needle', 'technician'] },
  bowed: { on: 'ends alternated before anything is bought', never: ['tension-down', 'new-needle', 'technician'] },
  popped: { on: 'a stitch that gives', never: ['technician', 'bobbin-tension', 'new-needle'] },
  grinning: { on: 'the needle thread is too loose', never: ['tension-down', 'technician', 'bobbin-tension'] },
  tunnel: { on: 'tension, tape, the gap', never: ['technician', 'bobbin-tension', 'new-needle'] },
  chewed: { on: 'where the line begins', never: ['tension-down', 'technician', 'pressure-up'] },
  nest: { on: 'threading, lever, tails', never: ['tension-up', 'bobbin-tension', 'technician'] },
  'loops-below': { on: 're-thread before a dial is turned', never: ['bobbin-tension', 'tension-down', 'technician'] },
  'loops-above': { on: 'the needle thread pulls too hard', never: ['bobbin-tension', 'tension-up', 'technician'] },
  holes: { on: 'point and size of the needle', never: ['tension-down', 'shorter', 'larger-needle'] },
  perforated: { on: 'longer stitches, at once', never: ['shorter', 'larger-needle', 'technician'] },
  'hump-stall': { on: 'the foot is levelled', never: ['tension-down', 'technician', 'longer'] },
  'needle-broke': { on: 'fragments and burr first, always', never: ['do-not-pull', 'larger-needle', 'new-needle'] },
  shreds: { on: 'eye, burr, old thread', never: ['tension-up', 'bobbin-tension', 'technician'] },
  'thread-broke': { on: 'thread, threading, needle', never: ['tension-up', 'bobbin-tension', 'technician'] },
  'uneven-length': { on: 'pulling, lint, pressure', never: ['tension-down', 'technician', 'pressure-down'] },
  'no-feed': {
    on: 'feed teeth and length before any part is bought',
    never: ['walking-foot', 'technician', 'tension-down'],
  },
  slippage: { on: 'shorter stitches, wider allowance', never: ['longer', 'smaller-needle', 'technician'] },
  marks: { on: 'pressure', never: ['tension-down', 'new-needle', 'technician'] },
  shine: { on: 'heat, and nothing else', never: ['technician', 'new-needle', 'pressure-down'] },
  'zip-bubble': { on: 'the two stitchings overlap', never: ['technician', 'tension-down', 'new-needle'] },
  wandering: { on: 'look at the guide', never: ['tension-down', 'technician', 'pressure-up'] },
  'hem-roped': { on: 'one fold line, nothing pulled', never: ['tension-down', 'technician', 'new-needle'] },
  'band-gapes': { on: 'the band, its pulling', never: ['tension-up', 'technician', 'new-needle'] },
  'band-puckers': { on: 'tension, then a longer band', never: ['technician', 'new-needle', 'band-shorter'] },
  'pleat-caught': { on: 'the layer below', never: ['tension-down', 'technician', 'new-needle'] },
};

interface More {
  setup?: object;
  needleHours?: number;
  machine?: object;
  history?: readonly object[];
}
type Row = readonly [family: Family, sign: Sign, ...first: RemedyId[]];

/** On Match's own setting. */
const USUAL: readonly Row[] = [
  ['lawn', 'pucker-line', 'tension-down'],
  ['lawn', 'chewed', 'leader', 'start-inside'],
  ['lawn', 'nest', 'rethread', 'lever-up-hold-tails'],
  ['lawn', 'loops-below', 'rethread'],
  ['lawn', 'skipped', 'sharp-needle', 'new-needle'],
  ['lawn', 'wandering', 'fence-tape'],
  ['lawn', 'pleat-caught', 'flatten-below'],
  ['lawn', 'pucker-away', 'new-needle', 'sharp-needle', 'smaller-needle'],
  ['poplin', 'pucker-line', 'tension-down'],
  ['poplin', 'thread-broke', 'better-thread', 'rethread'],
  ['poplin', 'uneven-layers', 'walking-foot'],
  ['poplin', 'uneven-length', 'do-not-pull', 'clean-feed'],
  ['poplin', 'no-feed', 'feed-up', 'length-up'],
  ['poplin', 'shine', 'press-cloth'],
  ['poplin', 'chewed', 'leader', 'start-inside'],
  ['poplin', 'loops-above', 'tension-down'],
  ['denim', 'skipped', 'new-needle'],
  ['denim', 'hump-stall', 'shim'],
  ['denim', 'shreds', 'new-needle', 'better-thread'],
  ['denim', 'needle-broke', 'clear-fragments'],
  ['denim', 'wandering', 'fence-tape'],
  ['denim', 'loops-above', 'tension-down'],
  ['denim', 'no-feed', 'feed-up', 'length-up'],
  ['canvas', 'shreds', 'new-needle', 'better-thread'],
  ['canvas', 'thread-broke', 'better-thread', 'rethread'],
  ['canvas', 'uneven-length', 'do-not-pull', 'clean-feed'],
  ['jersey', 'skipped', 'stretch-needle', 'new-needle'],
  ['jersey', 'wavy', 'do-not-pull', 'pressure-down'],
  ['jersey', 'popped', 'other-stitch'],
  ['jersey', 'chewed', 'leader', 'start-inside'],
  ['jersey', 'grinning', 'tension-up'],
  ['jersey', 'uneven-layers', 'do-not-pull', 'pressure-down', 'match-layers'],
  ['jersey', 'nest', 'rethread', 'lever-up-hold-tails'],
  ['jersey', 'needle-broke', 'clear-fragments'],
  ['jersey', 'shine', 'press-cloth'],
  ['swim', 'skipped', 'new-needle'],
  ['swim', 'loops-below', 'rethread'],
  ['swim', 'uneven-layers', 'do-not-pull', 'pressure-down', 'match-layers'],
  ['sweater-knit', 'wavy', 'do-not-pull', 'pressure-down'],
  ['sweater-knit', 'chewed', 'leader', 'start-inside'],
  ['sweater-knit', 'skipped', 'stretch-needle', 'new-needle'],
  ['silk', 'pucker-line', 'tension-down'],
  ['silk', 'pucker-away', 'new-needle', 'sharp-needle', 'smaller-needle'],
  ['silk', 'chewed', 'leader', 'start-inside'],
  ['silk', 'marks', 'pressure-down'],
  ['silk', 'slippage', 'wider-allowance', 'shorter'],
  ['velvet', 'uneven-layers', 'pressure-down', 'do-not-pull', 'match-layers'],
  ['velvet', 'marks', 'pressure-down'],
  ['velvet', 'wandering', 'fence-tape'],
  ['velvet', 'shine', 'press-cloth'],
  ['vinyl', 'perforated', 'longer'],
  ['vinyl', 'no-feed', 'feed-up', 'length-up'],
  ['vinyl', 'marks', 'pressure-down'],
  ['leather', 'perforated', 'longer'],
  ['leather', 'skipped', 'new-needle'],
  ['leather', 'marks', 'pressure-down'],
  ['neoprene', 'skipped', 'new-needle'],
  ['neoprene', 'marks', 'pressure-down'],
  ['neoprene', 'loops-below', 'rethread', 'foot-down'],
  ['fleece', 'wavy', 'do-not-pull', 'pressure-down'],
  ['fleece', 'skipped', 'stretch-needle', 'new-needle'],
  ['fleece', 'nest', 'rethread', 'lever-up-hold-tails'],
  ['hand-woven', 'slippage', 'shorter', 'wider-allowance'],
  ['hand-woven', 'pucker-away', 'new-needle', 'sharp-needle', 'smaller-needle'],
];

function baseOf(family: Family, kind: OperationKind, more: object = {}) {
  const cloth = { structure: FAMILY[family].structure, family, ...more };
  const { setup } = match(matchInputSchema.parse({ cloth, operation: { kind } }));
  return { cloth, operation: { kind }, setup: setup! };
}
const askOn = (base: ReturnType<typeof baseOf>, sign: Sign, { setup = {}, ...more }: More = {}) =>
  diagnoseUnanswered(
    diagnoseInputSchema.parse({
      ...base,
      ...more,
      setup: { ...base.setup, ...setup },
      findings: [{ sign, severity: 2 }],
    }),
  );

describe('practice: the first answer of the trade, on Match’s own setting', () => {
  it.each(USUAL.map((row) => [`${row[0]}, ${row[1]}: ${RESTS[row[1]]!.on}`, row] as const))('%s', (_, row) => {
    const [family, sign, ...first] = row;
    const { change } = askOn(baseOf(family, 'join'), sign).next;
    expect(first).toContain(change);
    expect(RESTS[sign]!.never).not.toContain(change);
  });
});

const JEANS_70 = { needle: { point: 'jeans', nm: 70 } };
const SHARP_80 = { needle: { point: 'sharp', nm: 80 } };
const twin = (gapMm: number) => ({ stitch: 'straight', widthMm: 0, needle: { point: 'twin', nm: 80, gapMm } });
const fixed = { ...PLAIN_MACHINE, pressureDial: null };

/** On a setting, a seam or a machine of its own: the case, what comes first, and what it must not be. */
// prettier-ignore
const OWN: readonly (readonly [string, Family, OperationKind, Sign, More, first: RemedyId[], never: RemedyId[]])[] = [
  ['pulls beside the line, a new Nm 60: the point, not a thicker needle', 'lawn', 'join', 'pucker-away', { needleHours: 0, setup: { needle: { point: 'universal', nm: 60 } } }, ['sharp-needle', 'new-needle'], ['larger-needle']],
  ['pulls beside the line, Nm 100 in lawn: finer', 'lawn', 'join', 'pucker-away', { needleHours: 0, setup: { needle: { point: 'universal', nm: 100 } } }, ['smaller-needle'], ['new-needle']],
  ['denim with Nm 70 skips: thicker', 'denim', 'join', 'skipped', { needleHours: 0.1, setup: JEANS_70 }, ['larger-needle'], ['smaller-needle']],
  ['a broken needle at a zip: its pieces', 'poplin', 'zip-centred', 'needle-broke', {}, ['clear-fragments'], ['do-not-pull']],
  ['vinyl sticks under a steel sole: another sole', 'vinyl', 'join', 'uneven-length', { setup: { foot: 'standard' } }, ['glide-foot', 'roller-foot', 'walking-foot'], ['do-not-pull', 'clean-feed']],
  ['vinyl creeps under a steel sole: another sole', 'vinyl', 'join', 'uneven-layers', { setup: { foot: 'standard' } }, ['walking-foot', 'glide-foot', 'roller-foot'], ['match-layers']],
  ['jersey holed by a sharp point: another point', 'jersey', 'join', 'holes', { needleHours: 0.1, setup: SHARP_80 }, ['stretch-needle', 'ballpoint-needle'], ['smaller-needle']],
  ['swim skips with a universal needle: a stretch needle', 'swim', 'join', 'skipped', { needleHours: 0.1, setup: { needle: { point: 'universal', nm: 80 } } }, ['stretch-needle'], ['better-thread']],
  ['a bowed strip set: the other end', 'poplin', 'strip-join', 'bowed', {}, ['other-end'], ['walking-foot']],
  ['a tunnel: tension or the gap', 'jersey', 'hem', 'tunnel', { setup: twin(4) }, ['tension-down', 'narrower-gap', 'hem-tape'], ['technician']],
  ['velvet marked at high pressure: lighter', 'velvet', 'join', 'marks', { setup: { pressure: 0.75 } }, ['pressure-down'], ['technician']],
  ['wavy where pressure is fixed: what stands in for it', 'jersey', 'join', 'wavy', { machine: fixed, setup: { pressure: 0.5, foot: 'standard' } }, ['tissue-on-top', 'walking-foot'], ['pressure-down', 'do-not-pull']],
  ['vinyl at 1.5 mm tears: longer, at once', 'vinyl', 'join', 'perforated', { setup: { lengthMm: 1.5 } }, ['longer'], ['smaller-needle']],
  ['a straight stitch popped in swim: another stitch', 'swim', 'join', 'popped', { setup: { stitch: 'straight', widthMm: 0 } }, ['other-stitch'], ['tension-down']],
  ['loops below, threaded anew: the tension', 'jersey', 'join', 'loops-below', { history: [{ change: 'rethread', result: 'same' }] }, ['tension-up'], ['bobbin-tension']],
  ['a bubble at the end of a zip: overlap', 'poplin', 'zip-concealed', 'zip-bubble', {}, ['zip-overlap'], ['technician']],
  ['a hem that twists: nothing pulled, one fold line', 'jersey', 'hem', 'hem-roped', {}, ['do-not-pull', 'mark-hem'], ['technician']],
  ['a band that gapes: not pulled, or shorter', 'jersey', 'band', 'band-gapes', {}, ['do-not-pull', 'band-shorter'], ['band-longer']],
  ['a band that puckers', 'jersey', 'band', 'band-puckers', {}, ['tension-down', 'band-longer'], ['band-shorter']],
  ['thick thread shreds in a fine eye: finer thread', 'poplin', 'join', 'shreds', { needleHours: 0.1, setup: { needle: { point: 'universal', nm: 70 }, thread: { fibre: 'polyester', tex: 60 } } }, ['finer-thread', 'larger-needle'], ['technician']],
  ['hand-woven slips open at 3.5 mm: shorter', 'hand-woven', 'join', 'slippage', { setup: { lengthMm: 3.5 } }, ['shorter'], ['longer']],
  ['jersey creeps under a standard foot: the walking foot', 'jersey', 'join', 'uneven-layers', { setup: { foot: 'standard' } }, ['walking-foot'], ['new-needle']],
];

describe('practice: the first answer of the trade, on a setting of its own', () => {
  it.each(OWN)('%s', (_, family, kind, sign, more, first, never) => {
    const { change } = askOn(baseOf(family, kind), sign, more).next;
    expect(first).toContain(change);
    expect(never).not.toContain(change);
  });

  it('goes straight to the aim that Match knows', () => {
    const vinyl = askOn(baseOf('vinyl', 'join'), 'perforated', { setup: { lengthMm: 1.5 } }).next;
    expect(vinyl.setup!.lengthMm).toBe(3.5);
    const denim = askOn(baseOf('denim', 'join'), 'skipped', { needleHours: 0.1, setup: JEANS_70 }).next;
    expect(denim.setup!.needle.nm).toBeGreaterThanOrEqual(90);
  });

  it('offers cotton thread for holes in an all-cotton knit', () => {
    const cotton = baseOf('jersey', 'join', { fibres: { cotton: 100 } });
    const { next, then } = askOn(cotton, 'holes', { needleHours: 0.1 });
    expect([next, ...then].map(({ change }) => change)).toContain('cotton-thread');
  });

  it('offers a narrower gap for a tunnel', () => {
    const { next, then } = askOn(baseOf('jersey', 'hem'), 'tunnel', { setup: twin(4) });
    expect([next, ...then].map(({ change }) => change)).toContain('narrower-gap');
  });

  it('is asked of 80 cases at least', () => expect(USUAL.length + OWN.length).toBeGreaterThanOrEqual(80));
});
