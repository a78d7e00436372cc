import { describe, expect, it } from 'vitest';
import { plainSetup } from '../setup/plainSetup.testing';
import { diagnose, type DiagnoseInput, diagnoseUnanswered } from '.';
import { line } from './line.testing';

describe('the technician', () => {
  it('is for what is inside, once needle and threading were tried; else it goes back to the last good line', () => {
    const skips = (history: DiagnoseInput['history']) =>
      line({ findings: [{ sign: 'skipped', severity: 3 }], needleHours: 0.1, threadQuality: 'good', history });
    const changes = [] as DiagnoseInput['history'];
    let said = diagnoseUnanswered(skips(changes));
    for (let i = 0; i < 30 && said.next.minutes > 0 && said.next.change !== 'technician'; i += 1) {
      const { next } = said;
      changes.push({ change: next.change as DiagnoseInput['history'][number]['change'], result: 'same' });
      said = diagnoseUnanswered(skips(changes));
    }
    expect(said.next.change).toBe('technician');
    const shine = line({
      findings: [{ sign: 'shine', severity: 2 }],
      history: [{ change: 'press-cloth', result: 'same' }],
    });
    expect(diagnose(shine)).toMatchObject({
      next: { change: 'nothing', minutes: 0 },
      stop: expect.stringMatching(/ask Match/),
    });
  });
});

describe('before the technician', () => {
  it('threading is tried as soon as the inside is likelier than anything else that can be done', () => {
    const history = [
      'new-needle',
      'stretch-needle',
      'pressure-up',
      'do-not-pull',
      'hand-wheel',
      'larger-needle',
      'tissue',
    ].map((change) => ({ change: change as DiagnoseInput['history'][number]['change'], result: 'same' as const }));
    const skips = (more: Partial<DiagnoseInput>) =>
      line({ findings: [{ sign: 'skipped', severity: 3 }], needleHours: 0.1, threadQuality: 'good', history, ...more });
    const asked = skips({ answers: [{ question: 'ask-threaded-foot-up', answer: 'yes' }] });
    const { causes, next } = diagnoseUnanswered(asked);
    expect(causes[0].cause).toBe('hook-timing');
    expect(['rethread', 'better-thread', 'finer-thread']).toContain(next.change);
    const rethreaded = [...history, { change: 'rethread' as const, result: 'same' as const }];
    expect(diagnoseUnanswered(skips({ history: rethreaded })).next.change).toBe('technician');
  });
});

describe('a pressure dial at its end', () => {
  const fine = {
    'ask-feed-teeth': 'yes',
    'ask-length-dial': 'yes',
    'ask-lint': 'no',
    'ask-sole': 'no',
    'ask-pulled': 'no',
  };
  const light = (pressure: number, more: object = {}) =>
    line({
      cloth: { structure: 'knit', family: 'jersey', massGsm: 170 },
      setup: plainSetup({ needle: { point: 'ballpoint', nm: 75 }, stitch: 'zigzag', widthMm: 2, pressure }),
      findings: [
        { sign: 'no-feed', severity: 2 },
        { sign: 'skipped', severity: 3 },
        { sign: 'uneven-length', severity: 3 },
      ],
      answers: Object.entries(fine).map(([question, answer]) => ({ question, answer })),
      history: [{ change: 'pressure-up', result: 'better' }],
      ...more,
    });

  it('that still does not reach is a technician’s, and says why', () => {
    const { causes, next, stop } = diagnoseUnanswered(light(1));
    expect(causes[0].cause).toBe('pressure-low');
    expect(next.change).toBe('technician');
    expect(stop).toMatch(/pressure dial is at its end/);
  });

  it('is not at its end one mark before it, nor where the dial was never turned', () => {
    expect(diagnoseUnanswered(light(0.75)).next.change).toBe('pressure-up');
    expect(diagnoseUnanswered(light(1, { history: [] })).next.change).not.toBe('technician');
  });
});

describe('what was looked at and is in order', () => {
  const signs: DiagnoseInput['findings'] = [{ sign: 'no-feed', severity: 3 }];
  const seen = (answer: string) =>
    diagnoseUnanswered(line({ findings: signs, answers: [{ question: 'ask-feed-teeth', answer }] }));

  it('is not put right while anything else may help; who is not sure may put it right at once', () => {
    const order = ({ next, then }: ReturnType<typeof seen>) => [next, ...then].map(({ change }) => change);
    expect(order(seen('not-sure'))[0]).toBe('feed-up');
    expect(order(seen('yes'))).not.toContain('feed-up');
  });
});
