import { describe, expect, it } from 'vitest';
import { diagnose, diagnoseInputSchema, diagnoseUnanswered } from '.';

/** A setting as the trade would begin with, on the cloth it is for. */
const jersey = { structure: 'knit', family: 'jersey', massGsm: 170, stretchAcross: 50, recovery: 92 };
const setup = {
  needle: { point: 'ballpoint', nm: 75 },
  thread: { fibre: 'polyester', tex: 27 },
  foot: 'standard',
  plate: 'standard',
  stitch: 'zigzag',
  lengthMm: 2.5,
  widthMm: 2,
  pressure: 0.25,
};
const lawn = { structure: 'woven', family: 'lawn', massGsm: 75 };
const straight = {
  ...setup,
  stitch: 'straight',
  lengthMm: 2.5,
  widthMm: 0,
  pressure: 0.5,
  needle: { point: 'universal', nm: 70 },
};
const input = (sign: string, more: Record<string, unknown> = {}) =>
  diagnoseInputSchema.parse({
    cloth: jersey,
    operation: { kind: 'join' },
    setup,
    findings: [{ sign, severity: 2 }],
    ...more,
  });
const ask = (sign: string, more: Record<string, unknown> = {}) => diagnose(input(sign, more));
/** For who goes on when no question can be answered. */
const goOn = (sign: string, more: Record<string, unknown> = {}) => diagnoseUnanswered(input(sign, more));
const first = (sign: string, more: Record<string, unknown> = {}) => ask(sign, more).next.change;
const wovenLine = { cloth: lawn, setup: straight };

// The first answers of the trade, from its table of faults (common practice).
describe('practice: clean cases get the first answer of the trade', () => {
  it.each<[string, string, Record<string, unknown>, string[]]>([
    ['skips with a needle of 6 hours: a new needle', 'skipped', { needleHours: 6 }, ['new-needle']],
    [
      'skips with a fresh ballpoint on elastic cloth: a stretch needle',
      'skipped',
      {
        needleHours: 0.1,
        threadQuality: 'good',
        cloth: { ...jersey, fibres: { cotton: 88, elastane: 12 }, stretchAcross: 90 },
      },
      ['stretch-needle'],
    ],
    [
      'skips with cheap fuzzy thread and a fresh needle: better thread',
      'skipped',
      { needleHours: 0.1, threadQuality: 'cheap' },
      ['better-thread'],
    ],
    [
      'pulls away from the line: the needle, finer and fresh',
      'pucker-away',
      { ...wovenLine, setup: { ...straight, needle: { point: 'universal', nm: 90 } } },
      ['smaller-needle'],
    ],
    ['puckers on the line in light cloth: tension down', 'pucker-line', wovenLine, ['tension-down']],
    [
      'long and wavy at normal pressure: pressure down',
      'wavy',
      { setup: { ...setup, pressure: 0.5 } },
      ['pressure-down'],
    ],
    ['layers end uneven: walking foot', 'uneven-layers', { setup: { ...setup, pressure: 0.25 } }, ['walking-foot']],
    [
      'a straight stitch popped in a stretch seam: another stitch',
      'popped',
      { setup: { ...setup, stitch: 'straight', widthMm: 0 } },
      ['other-stitch'],
    ],
    ['stitches show when pulled apart: tension up', 'grinning', {}, ['tension-up']],
    ['a nest underneath: thread again, or hold the tails', 'nest', {}, ['rethread', 'lever-up-hold-tails']],
    ['loops below: thread again before the dial is turned', 'loops-below', {}, ['rethread', 'tension-up']],
    ['drawn into the plate: begin inside the edge, or on a leader', 'chewed', wovenLine, ['start-inside', 'leader']],
    [
      'vinyl tears like a stamp at 2 mm: longer',
      'perforated',
      {
        cloth: { structure: 'coated', family: 'vinyl', massGsm: 600 },
        setup: { ...straight, lengthMm: 2, needle: { point: 'jeans', nm: 90 } },
      },
      ['longer'],
    ],
    [
      'the foot tips at a hump: level it',
      'hump-stall',
      {
        cloth: { structure: 'woven', family: 'denim', massGsm: 370 },
        operation: { kind: 'hem', layers: 9 },
        setup: { ...straight, needle: { point: 'jeans', nm: 100 } },
      },
      ['shim'],
    ],
    ['foot marks: pressure down', 'marks', { setup: { ...setup, pressure: 0.5 } }, ['pressure-down']],
    ['shine: a press cloth', 'shine', {}, ['press-cloth']],
    [
      'stitches uneven in length: clean the feed, or let it feed',
      'uneven-length',
      {},
      ['ask-lint', 'clean-feed', 'do-not-pull', 'pressure-up'],
    ],
    [
      'a ridge between twin rows: tape or tension',
      'tunnel',
      {
        operation: { kind: 'hem' },
        setup: { ...setup, stitch: 'straight', widthMm: 0, needle: { point: 'twin-stretch', nm: 75, gapMm: 2.5 } },
      },
      ['tension-down', 'hem-tape'],
    ],
    ['a bubble at the zip end: overlap the stitching', 'zip-bubble', wovenLine, ['zip-overlap']],
    ['the line wanders: a fence, not the needle', 'wandering', wovenLine, ['fence-tape']],
  ])('%s', (_, sign, more, expected) => expect(expected).toContain(first(sign, more)));
});

describe('practice: the rules nobody breaks', () => {
  it('pulls away from the line never lead to the tension', () => {
    const { causes, next, then } = ask('pucker-away', wovenLine);
    expect(
      causes
        .filter(({ cause }) => cause !== 'nothing')
        .slice(0, 2)
        .map((c) => c.cause)
        .sort(),
    ).toEqual(['needle-too-big', 'needle-worn']);
    expect([next, ...then].map((s) => s.change)).not.toContain('tension-down');
  });

  it('the bobbin screw comes last, with a warning', () => {
    const history: { change: string; result: string }[] = [];
    for (let i = 0; i < 30; i += 1) {
      const { next, stop } = goOn('loops-above', { history });
      if (next.change === 'bobbin-tension') {
        expect(stop).toMatch(/technician/);
        expect(next.text).toMatch(/Last resort/);
        const tried = history.map(({ change }) => change);
        expect(tried).toEqual(expect.arrayContaining(['tension-down', 'rewind-bobbin']));
        // Fresh thread above and below is threaded anew as well.
        expect(tried.some((change) => ['rethread', 'better-thread'].includes(change))).toBe(true);
        return;
      }
      if (next.change === 'technician') return;
      history.push({ change: next.change, result: 'same' });
    }
    throw new Error('expected the bobbin screw or the technician within 30 lines');
  });

  it('when needle, thread and threading did not help skipped stitches, it sends for a technician', () => {
    const history: { change: string; result: string }[] = [];
    for (let i = 0; i < 40; i += 1) {
      const { next, stop } = goOn('skipped', { history, needleHours: 0.1, threadQuality: 'good' });
      if (next.change === 'technician') {
        expect(stop).toMatch(/qualified technician/);
        return;
      }
      expect(history.map((h) => h.change)).not.toContain(next.change);
      history.push({ change: next.change, result: 'same' });
    }
    throw new Error('expected a technician within 40 lines');
  });

  it('what opens the machine is done with the power off', () => {
    expect(goOn('uneven-length', { history: [{ change: 'do-not-pull', result: 'same' }] }).next.text).toMatch(
      /unplug|off|lighter|heavier/,
    );
    expect(first('skipped', { needleHours: 6 })).toBe('new-needle');
    expect(ask('skipped', { needleHours: 6 }).next.text).toMatch(/^Switch the machine off first/);
  });
});
