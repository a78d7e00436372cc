import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rowsOf } from '../result';
import { plainSetup } from '../setup/plainSetup.testing';
import {
  answersOf,
  CAUSES,
  diagnose,
  type DiagnoseInput,
  diagnoseInputSchema,
  diagnoseUnanswered,
  NOT_SURE,
  QUESTION_IDS,
} from '.';
import { QUESTION } from './questions';

const asked = (sign: string, more: object = {}): DiagnoseInput =>
  diagnoseInputSchema.parse({
    cloth: { structure: 'knit', family: 'jersey', massGsm: 170, stretchAcross: 50 },
    operation: { kind: 'join' },
    setup: plainSetup({ needle: { point: 'ballpoint', nm: 75 }, stitch: 'zigzag', widthMm: 2, pressure: 0.25 }),
    findings: [{ sign, severity: 3 }],
    ...more,
  });
const posterior = (input: DiagnoseInput, cause: string) =>
  diagnose(input).causes.find((c) => c.cause === cause)!.probability;
describe('questions', () => {
  it('have answers whose probabilities add up to one under every cause', () => {
    for (const { id, answers } of rowsOf(QUESTION))
      for (const cause of CAUSES)
        expect(
          answers.reduce((sum, a) => sum + (a.likelihood[cause] ?? a.otherwise), 0),
          `${id} ${cause}`,
        ).toBeCloseTo(1, 9);
  });

  it.each([
    ['pulling, when the cloth was pulled', 'uneven-length', 'ask-pulled', 'yes', 'no', 'pulled'],
    ['threading, when the foot was down', 'nest', 'ask-threaded-foot-up', 'no', 'yes', 'rethread-needed'],
    ['the thread, when it is fuzzy', 'shreds', 'ask-thread-quality', 'no', 'yes', 'thread-poor'],
    ['the needle, when it is old', 'skipped', 'ask-needle-age', 'long', 'new', 'needle-worn'],
    ['a pin, when one was crossed', 'needle-broke', 'ask-metal', 'yes', 'no', 'hit-metal'],
  ])('the answer points to %s', (_, sign, question, yes, no, cause) => {
    const after = (answer: string) => posterior(asked(sign, { answers: [{ question, answer }] }), cause);
    expect(after(yes)).toBeGreaterThan(posterior(asked(sign), cause));
    expect(after(no)).toBeLessThan(posterior(asked(sign), cause));
    expect(after(NOT_SURE)).toBeCloseTo(posterior(asked(sign), cause), 12);
  });

  it('"not sure" says nothing, and the same is never asked twice', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('nest', 'wandering', 'uneven-length', 'needle-broke', 'chewed', 'skipped'),
        (sign) => {
          let input = asked(sign);
          for (let i = 0; i <= QUESTION_IDS.length; i += 1) {
            const { next } = diagnose(input);
            if (next.kind !== 'question') return;
            expect((input.answers ?? []).map((a) => a.question)).not.toContain(next.change);
            expect(next.answers!.at(-1)!.id).toBe(NOT_SURE);
            input = diagnoseInputSchema.parse({
              ...input,
              answers: [...(input.answers ?? []), { question: next.change, answer: NOT_SURE }],
            });
          }
          throw new Error('expected questions to come to an end');
        },
      ),
    );
  });

  it('are asked where the answer saves more than it takes, and a change follows for who cannot answer', () => {
    const signs = ['no-feed', 'popped', 'wandering', 'bowed', 'shreds', 'thread-broke', 'pucker-line', 'hem-roped'];
    const asking = signs.map((sign) => asked(sign)).filter((input) => diagnose(input).next.kind === 'question');
    expect(asking.length).toBeGreaterThan(0);
    for (const input of asking) expect(diagnoseUnanswered(input).next.kind).not.toBe('question');
  });

  it('are not asked where a cheap check is as good, nor for what is known', () => {
    expect(diagnose(asked('skipped', { needleHours: 6 })).next.change).toBe('new-needle');
    for (const sign of ['skipped', 'shreds', 'holes'] as const) {
      const { next } = diagnose(asked(sign, { needleHours: 1, threadQuality: 'good' }));
      expect(['ask-needle-age', 'ask-thread-quality']).not.toContain(next.change);
    }
  });
});

describe('the counted stitch length', () => {
  it('that is shorter than the dial says leads to a longer stitch on vinyl', () => {
    const vinyl = asked('perforated', {
      cloth: { structure: 'coated', family: 'vinyl' },
      setup: {
        ...asked('perforated').setup,
        stitch: 'straight',
        widthMm: 0,
        lengthMm: 3.5,
        needle: { point: 'universal', nm: 90 },
      },
    });
    const counted = { ...vinyl, trueLengthMm: 2.5 };
    expect(posterior(counted, 'stitch-too-short')).toBeGreaterThan(posterior(vinyl, 'stitch-too-short'));
    expect(diagnose(counted).next.change).toBe('longer');
  });
});

describe('when to ask', () => {
  const wavy = { setup: plainSetup({ needle: { point: 'ballpoint', nm: 75 }, pressure: 0.5 }) };
  const uneven = {
    findings: [
      { sign: 'wavy', severity: 2 },
      { sign: 'uneven-length', severity: 2 },
    ],
  };

  it('a single sign has its classic first answer, unless a look saves more than a minute', () => {
    expect(diagnose(asked('wavy', wavy)).next.kind).not.toBe('question');
    // Lint is seen in half a minute and takes three to brush out.
    expect(diagnose(asked('uneven-length')).next).toMatchObject({ change: 'ask-lint', minutes: 0.5 });
  });

  it('several signs at once are worth a look that saves less', () => {
    expect(diagnose(asked('wavy', { ...wavy, ...uneven })).next.change).toBe('ask-pulled');
  });

  it('what did not help is followed by a look that saves only a few seconds', () => {
    const tried = { ...wavy, history: [{ change: 'pressure-down', result: 'same' }] };
    expect(diagnose(asked('wavy', tried)).next.change).toBe('ask-pulled');
  });
});

describe('what was answered', () => {
  const plate = { question: 'ask-plate-hole', answer: 'no' };
  const worn = { question: 'ask-needle-age', answer: 'long' };

  it('stands on the lines after it', () => {
    expect(answersOf([{ answers: [plate] }, { change: 'start-inside' }, { answers: [worn] }])).toEqual([plate, worn]);
  });

  it('is what was said last', () => {
    const mended = { ...plate, answer: 'yes' };
    expect(answersOf([{ answers: [plate] }, { change: 'leader', answers: [mended] }])).toEqual([mended]);
  });

  it('of something at fault ends when that is changed, however it went; what was in order stays so', () => {
    expect(answersOf([{ answers: [worn] }, { change: 'new-needle' }])).toEqual([]);
    const fine = { ...worn, answer: 'new' };
    expect(answersOf([{ answers: [fine] }, { change: 'new-needle' }])).toEqual([fine]);
    // A better thread does nothing for the needle.
    expect(answersOf([{ answers: [worn] }, { change: 'better-thread' }])).toEqual([worn]);
  });

  it('to a question, or after a change, that is no longer known is left out', () => {
    expect(answersOf([{ answers: [{ question: 'ask-moon', answer: 'full' }] }])).toEqual([]);
    expect(answersOf([{ answers: [worn] }, { change: 'a-change-of-old' }])).toEqual([worn]);
  });
});
