import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ownMachineSchema, PLAIN_MACHINE } from '../kit';
import { SIGNS } from '../stitch';
import { type Cause, CAUSES, diagnose, type DiagnoseInput, diagnoseUnanswered, lineToGoOnFrom, outcomesOf } from '.';
import { AT_WORK, priorOf } from './causes';
import { line } from './line.testing';
import { beliefOf, marginals, toldProbability } from './network';
import { gainOf, minutesAhead, minutesWith, shares } from './outlook';
import { timesInTen } from './words';

const of = (input: DiagnoseInput, cause: Cause) =>
  diagnose(input).causes.find((one) => one.cause === cause)!.probability;

describe('the observer', () => {
  it('tells something of every line: the probabilities of the four severities add up to 1', () => {
    const some = fc.uniqueArray(fc.constantFrom(...AT_WORK), { maxLength: 2 });
    fc.assert(
      fc.property(fc.constantFrom(...SIGNS), some, (sign, causes) => {
        const sum = [0, 1, 2, 3].reduce((all, told) => all + toldProbability(sign, told, causes), 0);
        expect(sum).toBeCloseTo(1, 12);
      }),
    );
  });

  it('overlooks about one slight sign in six, and hardly a bad one', () => {
    // Heat shows as shine 0.95 of the time; what is told of it is told by the observer.
    const unseen = toldProbability('shine', 0, ['heat']);
    expect(unseen).toBeGreaterThan(0.05);
    expect(unseen).toBeLessThan(0.15);
  });

  it('says less with a slight sign than with a clear one', () => {
    const apart = (severity: number) =>
      of(line({ findings: [{ sign: 'pucker-line', severity }] }), 'upper-tension-high');
    expect(apart(1)).toBeLessThan(apart(2));
    expect(apart(0)).toBeLessThan(apart(1));
  });
});

describe('sets of causes', () => {
  it('are none, one or two of all there are, and add up to 1', () => {
    const belief = beliefOf(line({}), {});
    const n = AT_WORK.length;
    expect(belief).toHaveLength(1 + n + (n * (n - 1)) / 2);
    expect(belief.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 12);
    const by = marginals(belief);
    expect(CAUSES.every((cause) => by[cause] >= 0 && by[cause] <= 1)).toBe(true);
  });

  it('without a finding are as likely as their base rates say', () => {
    const belief = beliefOf(line({ findings: [] }), {});
    const [none, one] = [belief[0], belief.find(({ causes }) => causes.join() === 'needle-worn')!];
    const prior = priorOf('needle-worn', {});
    // Nobody asks for nothing: a fifth of what the base rates alone would say.
    expect(one.probability / none.probability).toBeCloseTo(prior / (1 - prior) / 0.2, 9);
  });

  it('take base rates from outside', () => {
    const belief = beliefOf(line({ findings: [] }), {}, { 'needle-worn': 0.5 });
    const [none, one] = [belief[0], belief.find(({ causes }) => causes.join() === 'needle-worn')!];
    expect(one.probability / none.probability).toBeCloseTo(5, 9);
  });
});

describe('what was tried', () => {
  const odds = (history: DiagnoseInput['history']) => {
    const belief = beliefOf(line({ findings: [], history }), {});
    const one = (cause: Cause) =>
      belief.find(({ causes }) => causes.join() === cause)!.probability / belief[0].probability;
    return { needle: one('needle-worn'), pulled: one('pulled'), tension: one('upper-tension-high') };
  };
  const plain = odds([]);

  it('and did not help lowers its causes by its own cure rate, once', () => {
    const same = { change: 'new-needle' as const, result: 'same' as const };
    expect(odds([same]).needle / plain.needle).toBeCloseTo(0.05, 9);
    expect(odds([same, same]).needle / plain.needle).toBeCloseTo(0.05, 9);
    expect(odds([same]).pulled / plain.pulled).toBeCloseTo(1, 9);
  });

  it('by degrees and helped makes its cause likelier; a step that cannot be seen takes little away', () => {
    const went = (result: 'better' | 'same' | 'worse') =>
      odds([{ change: 'tension-down', result }]).tension / plain.tension;
    expect(went('better')).toBeCloseTo(1 + 2 * 0.7, 9);
    expect(went('same')).toBeCloseTo(1 - 0.55 * 0.7, 9);
    expect(went('worse')).toBeCloseTo(1 - 0.7, 9);
  });

  it('and made it worse is put back: the line to go on from is the one before', () => {
    const seen = (severity: number, change?: string) => ({ change, findings: [{ sign: 'wavy' as const, severity }] });
    expect(lineToGoOnFrom([seen(2), seen(3, 'longer')])).toBe(0);
    expect(lineToGoOnFrom([seen(2), seen(2, 'longer')])).toBe(1);
    expect(lineToGoOnFrom([seen(2), seen(3, 'longer'), seen(1, 'shorter')])).toBe(2);
    expect(lineToGoOnFrom([seen(2), seen(3)])).toBe(1);
    const history = outcomesOf([seen(2), seen(3, 'longer'), seen(2, 'shorter')]);
    expect(history.map(({ result }) => result)).toEqual(['worse', 'same']);
  });

  it('is told sign by sign', () => {
    const [{ signs }] = outcomesOf([
      {
        findings: [
          { sign: 'wavy', severity: 2 },
          { sign: 'holes', severity: 1 },
          { sign: 'marks', severity: 3 },
        ],
      },
      {
        change: 'longer',
        findings: [
          { sign: 'holes', severity: 2 },
          { sign: 'marks', severity: 1 },
          { sign: 'nest', severity: 1 },
        ],
      },
    ]);
    expect(signs).toEqual({ wavy: 'gone', holes: 'worse', marks: 'better', nest: 'new' });
  });
});

describe('the order of changes', () => {
  const change = fc.record({
    cures: fc.record({
      pulled: fc.double({ min: 0.1, max: 0.95, noNaN: true }),
      heat: fc.double({ min: 0, max: 0.95, noNaN: true }),
    }),
    minutes: fc.double({ min: 0.5, max: 20, noNaN: true }),
  });

  /** Minutes until it is right when changes are made in a fixed order; what is left after all of them costs 40. */
  const inOrder = (p: number, order: readonly { cures: { pulled: number }; minutes: number }[]) => {
    let left = p;
    const minutes = order.reduce((sum, { cures, minutes: takes }) => {
      const so = sum + left * takes;
      left *= 1 - cures.pulled;
      return so;
    }, 0);
    return minutes + left * 40;
  };
  const permutations = <T>(list: readonly T[]): T[][] =>
    list.length < 2
      ? [[...list]]
      : list.flatMap((one, i) => permutations(list.filter((_, j) => j !== i)).map((rest) => [one, ...rest]));

  it('is the quickest there is where one cause is at work', () => {
    fc.assert(
      fc.property(fc.array(change, { minLength: 1, maxLength: 4 }), (changes) => {
        const belief = [{ causes: ['pulled' as const], probability: 1 }];
        const best = Math.min(...permutations(changes).map((order) => inOrder(1, order)));
        // It stops looking at one in a hundred.
        expect(minutesAhead(belief, changes)).toBeLessThanOrEqual(best + 0.41);
      }),
    );
  });

  it('begins with what cures the likeliest cause where both take as long', () => {
    const belief = [
      { causes: ['pulled' as const], probability: 0.7 },
      { causes: ['heat' as const], probability: 0.3 },
    ];
    const [likely, other] = [
      { cures: { pulled: 0.9 }, minutes: 3 },
      { cures: { heat: 0.9 }, minutes: 3 },
    ];
    expect(minutesWith(belief, likely, [likely, other])).toBeLessThan(minutesWith(belief, other, [likely, other]));
  });

  it('needs both changes where both causes are at work, and one that ends half of it leaves a line to sew', () => {
    const both = [{ causes: ['pulled', 'heat'] as const, probability: 1 }];
    const [hands, iron] = [
      { cures: { pulled: 1 }, minutes: 3 },
      { cures: { heat: 1 }, minutes: 3 },
    ];
    expect(minutesAhead(both, [hands, iron])).toBeCloseTo(6, 12);
    // Eight times in ten the iron's change ends it; what is still wrong after everything costs 40 minutes.
    const weak = { cures: { heat: 0.8 }, minutes: 3 };
    expect(minutesAhead(both, [hands, weak])).toBeCloseTo(3 + 3 + 0.2 * 40, 12);
    // What ends one of the two for certain comes before what ends neither, whatever else is open.
    const idle = { cures: {}, minutes: 1 };
    expect(minutesWith(both, hands, [hands, iron, idle])).toBeLessThan(minutesWith(both, idle, [hands, iron, idle]));
  });

  it('counts each of two causes as half of what is wrong', () => {
    const both = [{ causes: ['pulled', 'heat'] as const, probability: 1 }];
    expect(shares(both)).toEqual({ pulled: 0.5, heat: 0.5 });
    expect(gainOf({ pulled: 0.8 }, shares(both))).toBeCloseTo(0.4, 12);
  });
});

describe('the bobbin screw', () => {
  const screw = (history: DiagnoseInput['history']) =>
    line({
      findings: [
        { sign: 'loops-above', severity: 3 },
        { sign: 'grinning', severity: 2 },
      ],
      history,
    });
  const same = (change: DiagnoseInput['history'][number]['change']) => ({ change, result: 'same' as const });

  it('comes after a bobbin put in again and one wound afresh', () => {
    expect(diagnose(screw([])).next.change).not.toBe('bobbin-tension');
    const rewound = [
      same('bobbin-round'),
      same('rewind-bobbin'),
      same('rethread'),
      same('better-thread'),
      same('tension-down'),
    ];
    const { next, stop } = diagnoseUnanswered(screw(rewound));
    expect(next.change).toBe('bobbin-tension');
    const unthreaded = rewound.filter(({ change }) => change === 'bobbin-round' || change === 'rewind-bobbin');
    expect(diagnoseUnanswered(screw(unthreaded)).next.change).not.toBe('bobbin-tension');
    expect(stop).toMatch(/qualified technician/);
  });

  it('is suspected when turning the needle tension trades one sign for another', () => {
    const traded = {
      change: 'tension-down' as const,
      result: 'same' as const,
      signs: { 'loops-above': 'better', grinning: 'worse' } as const,
    };
    const history = [same('bobbin-round'), same('rewind-bobbin')];
    expect(of(screw([...history, traded]), 'bobbin-tension')).toBeGreaterThan(
      2 * of(screw([...history, { ...traded, signs: {} }]), 'bobbin-tension'),
    );
  });
});

describe('a machine as its owner knows it', () => {
  it('with its calibration and its own labels, is advised like any other', () => {
    const machine = ownMachineSchema.parse({ ...PLAIN_MACHINE, name: 'Fern', stitchLabels: { straight: '01' } });
    const found = diagnose({ ...line({ findings: [{ sign: 'perforated', severity: 3 }] }), machine });
    expect(found.next.change).toBe(diagnose(line({ findings: [{ sign: 'perforated', severity: 3 }] })).next.change);
  });
});

describe('how often it works', () => {
  it.each([
    [0.074, '1 time in 20'],
    [0.075, '1 time in 10'],
    [0.15, '1 time in 5'],
    [0.225, '1 time in 4'],
    [0.29, '3 times in 10'],
    [0.47, 'half the time'],
    [0.53, '5 times in 10'],
    [0.99, '9 times in 10'],
  ])('%s: %s', (share, said) => expect(timesInTen(share)).toBe(said));
});
