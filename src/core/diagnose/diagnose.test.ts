import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, FAMILY } from '../cloth';
import { checkInterlocks } from '../interlock';
import { PLAIN_MACHINE } from '../kit';
import { match, matchInputSchema } from '../match';
import { seamContext } from '../physics';
import { SIGNS } from '../stitch';
import {
  CAUSE,
  type Cause,
  CAUSES,
  diagnose,
  diagnoseUnanswered,
  type DiagnoseInput,
  diagnoseInputSchema,
  diagnoseOutputSchema,
  LIKELIHOOD,
  QUESTION_IDS,
  type RemedyId,
} from '.';
import { factsOf } from './facts';
import { beliefOf, toldProbability } from './network';
import { REMEDY, REMEDIES } from './remedies';

const settings = FAMILIES.flatMap((family) => {
  const input = matchInputSchema.parse({
    cloth: { structure: FAMILY[family].structure, family },
    operation: { kind: 'join' },
  });
  const { setup } = match(input);
  return setup ? [{ cloth: input.cloth, operation: input.operation, setup }] : [];
});
const findings = fc.uniqueArray(
  fc.record({ sign: fc.constantFrom(...SIGNS), severity: fc.integer({ min: 0, max: 3 }) }),
  {
    selector: (f) => f.sign,
    minLength: 1,
    maxLength: 5,
  },
);
const cases = fc
  .record({
    base: fc.constantFrom(...settings),
    findings,
    needleHours: fc.option(fc.double({ min: 0, max: 12, noNaN: true }), { nil: undefined }),
    threadQuality: fc.constantFrom('good' as const, 'unknown' as const, 'cheap' as const),
  })
  .map(({ base, ...rest }): DiagnoseInput => ({ ...base, ...rest, history: [] }));
const posterior = (input: DiagnoseInput, cause: Cause) =>
  diagnose(input).causes.find((c) => c.cause === cause)!.probability;
const sure = { numRuns: 60, seed: 7 };
/** Causes that are something of their own. */
const ON_THE_LIST = CAUSES.filter((cause) => cause !== 'something-else' && cause !== 'nothing');

describe('probabilities', () => {
  it('lie between 0 and 1, add up to what two causes at most can, and the answer has its shape', () => {
    fc.assert(
      fc.property(cases, (input) => {
        const answer = diagnose(input);
        expect(diagnoseOutputSchema.safeParse(answer).success).toBe(true);
        expect(answer.causes.map((c) => c.cause).sort()).toEqual([...CAUSES].sort());
        const sum = answer.causes.reduce((all, c) => all + c.probability, 0);
        expect(sum).toBeGreaterThanOrEqual(1 - 1e-9);
        expect(sum).toBeLessThanOrEqual(2 + 1e-9);
        expect(answer.causes.every((c, i) => i === 0 || c.probability <= answer.causes[i - 1].probability)).toBe(true);
      }),
      sure,
    );
  });

  it('a sign that was looked for and is not there makes its main cause less likely', () => {
    fc.assert(
      fc.property(cases, fc.constantFrom(...SIGNS), (input, sign) => {
        fc.pre(!input.findings.some((f) => f.sign === sign));
        const [cause] = Object.entries(LIKELIHOOD[sign]).sort(([, a], [, b]) => b - a)[0] as [Cause, number];
        const absent = { ...input, findings: [...input.findings, { sign, severity: 0 }] };
        expect(posterior(absent, cause)).toBeLessThanOrEqual(posterior(input, cause) + 1e-9);
      }),
      sure,
    );
  });

  it('a needle with more hours is never less likely to be the cause', () => {
    fc.assert(
      fc.property(
        cases,
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (input, hours, more) => {
          const of = (needleHours: number) => posterior({ ...input, needleHours }, 'needle-worn');
          expect(of(hours + more)).toBeGreaterThanOrEqual(of(hours) - 1e-9);
        },
      ),
      sure,
    );
  });

  it('cheap thread is likelier to be the cause than good thread', () => {
    fc.assert(
      fc.property(cases, (input) => {
        const of = (threadQuality: 'cheap' | 'good') => posterior({ ...input, threadQuality }, 'thread-poor');
        expect(of('cheap')).toBeGreaterThan(of('good'));
      }),
      sure,
    );
  });

  it('a change that did nothing makes it less likely that anything is at work which it cures', () => {
    fc.assert(
      fc.property(cases, fc.constantFrom(...REMEDIES.filter((id) => id !== 'nothing')), (input, change) => {
        const cured = Object.keys(REMEDY[change].cures) as Cause[];
        const any = (history: DiagnoseInput['history']) =>
          beliefOf({ ...input, history }, factsOf(input)).reduce(
            (sum, { causes, probability }) => sum + (causes.some((cause) => cured.includes(cause)) ? probability : 0),
            0,
          );
        const before = any([]);
        expect(any([{ change, result: 'same' }])).toBeLessThan(before + 1e-12);
        if (REMEDY[change].again) expect(any([{ change, result: 'better' }])).toBeGreaterThan(before - 1e-12);
      }),
      sure,
    );
  });
});

describe('what was seen', () => {
  it('says the same in any order', () => {
    fc.assert(
      fc.property(cases, (input) => {
        const backwards = { ...input, findings: [...input.findings].reverse() };
        const forwards = new Map(diagnose(input).causes.map(({ cause, probability }) => [cause, probability]));
        for (const { cause, probability } of diagnose(backwards).causes)
          expect(probability).toBeCloseTo(forwards.get(cause)!, 9);
      }),
      sure,
    );
  });

  it('makes it likelier, the worse it is, that something is at work which shows so', () => {
    fc.assert(
      fc.property(cases, fc.constantFrom(...SIGNS), (input, sign) => {
        const others = input.findings.filter((f) => f.sign !== sign);
        const linked = (severity: number) => {
          const facts = factsOf(input);
          const belief = beliefOf({ ...input, findings: [...others, { sign, severity }] }, facts);
          const isLinked = (cause: Cause) => cause === 'something-else' || cause in LIKELIHOOD[sign];
          return belief.reduce((sum, { causes, probability }) => sum + (causes.some(isLinked) ? probability : 0), 0);
        };
        expect(linked(1)).toBeGreaterThanOrEqual(linked(0) - 1e-9);
        expect(linked(2)).toBeGreaterThanOrEqual(linked(1) - 1e-9);
        expect(linked(3)).toBeGreaterThanOrEqual(linked(2) - 1e-9);
      }),
      sure,
    );
  });

  it('changes every set of causes by how likely that is to be said under it', () => {
    fc.assert(
      fc.property(cases, (input) => {
        const facts = factsOf(input);
        const before = beliefOf({ ...input, findings: [] }, facts);
        const weighed = before.map(({ causes, probability }) =>
          input.findings.reduce((p, { sign, severity }) => p * toldProbability(sign, severity, causes), probability),
        );
        const sum = weighed.reduce((all, p) => all + p, 0);
        beliefOf(input, facts).forEach(({ probability }, i) => expect(probability).toBeCloseTo(weighed[i] / sum, 9));
      }),
      sure,
    );
  });

  it('that explains a sign leaves the others at what they were: a bare shine is heat', () => {
    const [{ cloth, operation, setup }] = settings;
    const shine = { cloth, operation, setup, findings: [{ sign: 'shine' as const, severity: 2 }], history: [] };
    expect(posterior(shine, 'heat')).toBeGreaterThanOrEqual(0.9);
    const nothing = { ...shine, findings: [{ sign: 'shine' as const, severity: 0 }] };
    expect(posterior(shine, 'lint-in-feed')).toBeCloseTo(posterior(nothing, 'lint-in-feed'), 1);
  });

  it('is nothing: then there is nothing to change', () => {
    const [{ cloth, operation, setup }] = settings;
    const none = { cloth, operation, setup, findings: [{ sign: 'wavy' as const, severity: 0 }], history: [] };
    expect(diagnose(none)).toMatchObject({ next: { change: 'nothing', kind: 'check', minutes: 0 }, then: [] });
  });

  it('a broken needle: its pieces come before anything else, once', () => {
    fc.assert(
      fc.property(cases, (input) => {
        const broke = [
          ...input.findings.filter(({ sign }) => sign !== 'needle-broke'),
          { sign: 'needle-broke' as const, severity: 3 },
        ];
        expect(diagnose({ ...input, findings: broke }).next.change).toBe('clear-fragments');
        const history = [{ change: 'clear-fragments' as const, result: 'same' as const }];
        expect(diagnose({ ...input, findings: broke, history }).next.change).not.toBe('clear-fragments');
      }),
      { ...sure, numRuns: 20 },
    );
  });

  it('two signs with nothing in common: two causes at once are told', () => {
    const [{ cloth, operation, setup }] = settings;
    const findings = [
      { sign: 'shine' as const, severity: 3 },
      { sign: 'zip-bubble' as const, severity: 3 },
    ];
    const { pairs } = diagnose({ cloth, operation, setup, findings, history: [] });
    expect(pairs?.[0].causes.toSorted()).toEqual(['heat', 'zip-gap']);
  });
});

describe('the next step', () => {
  it('that failed is not proposed again, and a changed setting never clashes', () => {
    fc.assert(
      fc.property(cases, (given) => {
        let input = given;
        for (let i = 0; i < 5; i += 1) {
          const { next, then } = diagnoseUnanswered(input);
          if (next.change === 'technician' || next.change === 'nothing') return;
          const tried = input.history.map((h) => h.change);
          for (const step of [next, ...then]) {
            expect(tried).not.toContain(step.change);
            if (!step.setup) continue;
            expect(step.setup).not.toEqual(input.setup);
            const { thicknessMm } = seamContext(input.cloth, input.operation);
            expect(checkInterlocks({ setup: step.setup, machine: PLAIN_MACHINE, thicknessMm })).toEqual([]);
          }
          input = { ...input, history: [...input.history, { change: next.change, result: 'same' as const }] };
        }
      }),
      { ...sure, numRuns: 25 },
    );
  });

  it('never asks for what is not owned', () => {
    const kit = {
      needles: [{ point: 'universal' as const, nm: 80 }],
      threads: [{ fibre: 'polyester' as const, tex: 27 }],
      feet: ['standard' as const],
      plates: ['standard' as const],
      overlocker: false,
    };
    fc.assert(
      fc.property(cases, (input) => {
        const { next, then } = diagnose({ ...input, kit });
        for (const { change } of [next, ...then]) {
          expect([
            'walking-foot',
            'glide-foot',
            'straight-plate',
            'ballpoint-needle',
            'stretch-needle',
            'elastic-thread',
          ]).not.toContain(change);
        }
      }),
      sure,
    );
  });

  it('is the same for the same case, byte for byte', () => {
    fc.assert(
      fc.property(cases, (input) => {
        expect(JSON.stringify(diagnose(input))).toBe(JSON.stringify(diagnose(structuredClone(input))));
      }),
      sure,
    );
  });
});

describe('the graph', () => {
  it('is as large as the trade needs', () => {
    expect(CAUSES.length).toBeGreaterThanOrEqual(45);
    expect(REMEDIES.length).toBeGreaterThanOrEqual(55);
    expect(SIGNS.length).toBeGreaterThanOrEqual(32);
    expect(QUESTION_IDS.length).toBeGreaterThanOrEqual(14);
  });

  it('gives every sign a cause, and every cause but "something else" a sign', () => {
    for (const sign of SIGNS) expect(Object.keys(LIKELIHOOD[sign]).length, sign).toBeGreaterThan(0);
    const linked = new Set(SIGNS.flatMap((sign) => Object.keys(LIKELIHOOD[sign])));
    for (const cause of ON_THE_LIST) expect(linked.has(cause), cause).toBe(true);
  });

  it('holds probabilities and posterior that can be', () => {
    for (const sign of SIGNS) for (const p of Object.values(LIKELIHOOD[sign])) expect(p > 0 && p < 1).toBe(true);
    for (const cause of ON_THE_LIST) expect(CAUSE[cause].prior).toBeGreaterThan(0);
  });

  it('has a remedy for every cause but "something else", and a cause for every remedy but those that only mend the look', () => {
    const curesOf = (id: RemedyId): Partial<Record<Cause, number>> => REMEDY[id].cures;
    for (const cause of ON_THE_LIST)
      expect(
        REMEDIES.some((id) => (curesOf(id)[cause] ?? 0) > 0.5),
        cause,
      ).toBe(true);
    for (const id of REMEDIES) if (id !== 'nothing') expect(Object.keys(curesOf(id)).length, id).toBeGreaterThan(0);
  });

  it('refuses a sign nobody knows', () => {
    const [{ cloth, operation, setup }] = settings;
    expect(
      diagnoseInputSchema.safeParse({ cloth, operation, setup, findings: [{ sign: 'ghost', severity: 1 }] }).success,
    ).toBe(false);
  });
});
