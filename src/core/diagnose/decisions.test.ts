import { describe, expect, it } from 'vitest';
import { seeded } from '../random';
import { plainSetup } from '../setup/plainSetup.testing';
import { diagnose, diagnoseInputSchema, LIKELIHOOD, type NextStep, REMEDIES } from '.';
import { LEAK } from './likelihood';
import { REMEDY } from './remedies';

const rng = seeded(5);
const pick = <T>(all: readonly T[]): T => all[Math.floor(rng.next() * all.length)];
const tried = REMEDIES.filter((remedy) => remedy !== 'technician');
const CLOTHS = [
  { structure: 'woven', family: 'poplin' },
  { structure: 'knit', family: 'jersey', stretchAcross: 50 },
  { structure: 'woven', family: 'denim' },
] as const;
const SEEN = ['loops-above', 'grinning', 'popped', 'pucker-line', 'loops-below', 'tunnel'] as const;

/** The share in a hundred that a step helps, as its text says; null for a question, or nothing. */
const helps = ({ because }: NextStep) => {
  const said = /^About (\d+) in 100/.exec(because);
  return said && Number(said[1]);
};

/** Lines that did not come out right after up to eight remedies that did not help: the same ones in every run. */
const diagnosed = Array.from({ length: 2500 }, () => {
  const history = Array.from({ length: Math.floor(rng.next() * 9) }, () => ({
    change: pick(tried),
    result: pick(['same', 'same', 'worse'] as const),
  }));
  const input = diagnoseInputSchema.parse({
    cloth: pick(CLOTHS),
    operation: { kind: 'join' },
    setup: plainSetup(),
    findings: [{ sign: pick(SEEN), severity: 2 }],
    history,
  });
  const { causes, next, then } = diagnose(input);
  const steps = [next, ...then].flatMap((step) => {
    const share = helps(step);
    return share === null || step.change === 'technician' ? [] : [{ ...step, share }];
  });
  const probability = causes.find(({ cause }) => cause === 'bobbin-tension')!.probability;
  const others = steps.filter(({ change }) => change !== 'bobbin-tension');
  return {
    steps,
    bestOther: Math.max(0, ...others.map(({ share }) => share)),
    leastOther: Math.min(100, ...others.map(({ share }) => share)),
    bobbinHelps: 100 * probability * REMEDY['bobbin-tension'].cures['bobbin-tension']!,
    bobbinOffered: steps.some(({ change }) => change === 'bobbin-tension'),
  };
});

describe('the bobbin screw', () => {
  it('is offered when nothing else has eight in a hundred left, and not before', () => {
    const worth = diagnosed.filter(({ bobbinHelps }) => bobbinHelps >= 3.02);
    const nearly = worth.filter(({ bestOther }) => bestOther >= 9 && bestOther < 12);
    const last = worth.filter(({ bestOther, steps }) => bestOther <= 7 && steps.length < 4);
    expect(nearly.length).toBeGreaterThan(0);
    expect(nearly.filter(({ bobbinOffered }) => bobbinOffered)).toEqual([]);
    expect(last.length).toBeGreaterThan(0);
    expect(last.every(({ bobbinOffered }) => bobbinOffered)).toBe(true);
  });
});

describe('the next step', () => {
  it('helps at least six in a hundred, or it is not worth another line', () => {
    expect(Math.min(...diagnosed.map(({ leastOther }) => leastOther))).toBe(6);
  });

  it('is the one with the most to expect for each minute, its line of two minutes included', () => {
    const perMinute = (share: number, minutes: number) => share / (minutes + 2);
    let told = 0;
    for (const { steps } of diagnosed)
      for (const [i, after] of steps.slice(1).entries()) {
        const before = steps[i];
        // Shares are printed rounded.
        expect(perMinute(before.share + 0.5, before.minutes)).toBeGreaterThanOrEqual(
          perMinute(after.share - 0.5, after.minutes),
        );
        // At one minute for a line the cheap dials would come first.
        if ((before.share - 0.5) / (before.minutes + 1) < (after.share + 0.5) / (after.minutes + 1)) told += 1;
      }
    expect(told).toBeGreaterThan(0);
  });
});

describe('a slight sign', () => {
  const [ONE, OTHER] = ['upper-tension-high', 'thread-too-thick'] as const;
  /** How much likelier one cause is than another, as a logarithm. */
  const apart = (...findings: { sign: 'pucker-line' | 'loops-above'; severity: number }[]) => {
    const { causes } = diagnose(
      diagnoseInputSchema.parse({
        cloth: { structure: 'woven', family: 'poplin' },
        operation: { kind: 'join' },
        setup: plainSetup(),
        findings,
      }),
    );
    const of = (cause: string) => causes.find((one) => one.cause === cause)!.probability;
    return Math.log(of(ONE) / of(OTHER));
  };
  const pucker = (severity: number) => ({ sign: 'pucker-line' as const, severity });
  const loops = (severity: number) => ({ sign: 'loops-above' as const, severity });

  it('says as much as the square root of a clear one', () => {
    // What a clear one says, from the likelihoods themselves.
    const seen = (cause: typeof ONE | typeof OTHER) => 1 - (1 - (LIKELIHOOD['pucker-line'][cause] ?? 0)) * (1 - LEAK);
    const clear = Math.log(seen(ONE) / seen(OTHER));
    expect(apart(pucker(2)) - apart(pucker(1))).toBeCloseTo(clear / 2, 9);
  });

  it('beside a clear one hardly counts: a fifth of what it would say', () => {
    const alone = apart(pucker(2));
    expect((apart(pucker(2), loops(1)) - alone) / (apart(pucker(2), loops(2)) - alone)).toBeCloseTo(0.2, 9);
  });
});

describe('what was tried', () => {
  const likely = (history: { change: 'tension-down'; result: 'better' | 'same' | 'worse' }[]) => {
    const { causes } = diagnose(
      diagnoseInputSchema.parse({
        cloth: { structure: 'woven', family: 'poplin' },
        operation: { kind: 'join' },
        setup: plainSetup(),
        findings: [{ sign: 'pucker-line', severity: 2 }],
        history,
      }),
    );
    const of = (cause: string) => causes.find((one) => one.cause === cause)!.probability;
    return of('upper-tension-high') / of('foot-drag');
  };

  it('and helped makes its cause likelier, and did not help makes it less likely', () => {
    const before = likely([]);
    expect(likely([{ change: 'tension-down', result: 'better' }])).toBeGreaterThan(2 * before);
    expect(likely([{ change: 'tension-down', result: 'same' }])).toBeLessThan(before / 2);
    expect(likely([{ change: 'tension-down', result: 'worse' }])).toBeLessThan(before / 2);
  });
});
