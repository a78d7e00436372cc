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
} from '.';
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

describe('probabilities', () => {
  it('sum to one with "something else" among them, and the answer has its shape', () => {
    fc.assert(
      fc.property(cases, (input) => {
        const answer = diagnose(input);
        expect(diagnoseOutputSchema.safeParse(answer).success).toBe(true);
        expect(answer.causes.map((c) => c.cause).sort()).toEqual([...CAUSES].sort());
        expect(answer.causes.reduce((sum, c) => sum + c.probability, 0)).toBeCloseTo(1, 9);
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

  it('a change that did nothing makes what it cures less likely, one that helped more', () => {
    fc.assert(
      fc.property(cases, (input) => {
        const { next } = diagnoseUnanswered(input);
        if (next.change === 'technician') return;
        const main = CAUSES.find((cause) => next.because.includes(CAUSE[cause].text))!;
        const went = (result: 'better' | 'same') =>
          posterior({ ...input, history: [{ change: next.change, result }] }, main);
        expect(went('same')).toBeLessThan(went('better'));
      }),
      sure,
    );
  });
});

describe('the next step', () => {
  it('that failed is not proposed again, and a changed setting never clashes', () => {
    fc.assert(
      fc.property(cases, (given) => {
        let input = given;
        for (let i = 0; i < 5; i += 1) {
          const { next, then } = diagnoseUnanswered(input);
          if (next.change === 'technician') return;
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
  it('gives every sign a cause, and every cause but "something else" a sign', () => {
    for (const sign of SIGNS) expect(Object.keys(LIKELIHOOD[sign]).length, sign).toBeGreaterThan(0);
    const linked = new Set(SIGNS.flatMap((sign) => Object.keys(LIKELIHOOD[sign])));
    for (const cause of CAUSES) if (cause !== 'something-else') expect(linked.has(cause), cause).toBe(true);
  });

  it('holds probabilities and posterior that can be', () => {
    for (const sign of SIGNS) for (const p of Object.values(LIKELIHOOD[sign])) expect(p > 0 && p < 1).toBe(true);
    for (const cause of CAUSES) expect(CAUSE[cause].prior).toBeGreaterThan(0);
  });

  it('has a remedy for every cause but "something else", and a cause for every remedy but those that only mend the look', () => {
    for (const cause of CAUSES) {
      if (cause !== 'something-else')
        expect(
          REMEDIES.some((id) => (REMEDY[id].cures[cause] ?? 0) > 0.5),
          cause,
        ).toBe(true);
    }
    for (const id of REMEDIES) expect(Object.keys(REMEDY[id].cures).length, id).toBeGreaterThan(0);
  });

  it('refuses a sign nobody knows', () => {
    const [{ cloth, operation, setup }] = settings;
    expect(
      diagnoseInputSchema.safeParse({ cloth, operation, setup, findings: [{ sign: 'ghost', severity: 1 }] }).success,
    ).toBe(false);
  });
});
