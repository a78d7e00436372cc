import { describe, expect, it } from 'vitest';
import { clothSchema } from '../cloth';
import { seamContext } from '../physics';
import { type Judged, type TestLine, passCriteria, passes } from '.';

const jersey = seamContext(clothSchema.parse({ structure: 'knit', family: 'jersey', stretchAcross: 50 }), {
  kind: 'join',
});
const denim = seamContext(clothSchema.parse({ structure: 'woven', family: 'denim' }), { kind: 'join' });
const line = (change: Partial<Judged<'looked'>> & { measures?: Partial<TestLine['measures']> }) => ({
  findings: [],
  looked: true,
  ...change,
  measures: { markedMm: 100, ...change.measures },
});
const states = (seam: typeof jersey, of: ReturnType<typeof line>) =>
  Object.fromEntries(passCriteria(seam, of).map((c) => [c.id, c.state]));

describe('a line passes', () => {
  it('on a stretching seam when it was looked at, pulled far enough and measured', () => {
    const good = line({ measures: { heldToMm: 128, afterMm: 102 } });
    expect(states(jersey, good)).toEqual({ look: 'met', give: 'met', growth: 'met' });
    expect(passes(passCriteria(jersey, good))).toBe(true);
  });

  it('on denim when it was looked at', () => {
    expect(states(denim, line({}))).toEqual({ look: 'met' });
    expect(passes(passCriteria(denim, line({})))).toBe(true);
  });
});

describe('a line does not pass', () => {
  it.each<[string, Parameters<typeof line>[0], string, string]>([
    ['while nobody has looked', { looked: false }, 'look', 'open'],
    ['with skipped stitches plain to see', { findings: [{ sign: 'skipped', severity: 2 }] }, 'look', 'failed'],
    ['when it popped too soon', { measures: { poppedAtMm: 121 } }, 'give', 'failed'],
    ['when it just reached what wear asks and no more', { measures: { poppedAtMm: 126 } }, 'give', 'failed'],
    ['when it was not pulled far enough to know', { measures: { heldToMm: 110 } }, 'give', 'open'],
    ['when it grew 3%', { measures: { afterMm: 103 } }, 'growth', 'failed'],
    ['when it shrank 4%', { measures: { afterMm: 96 } }, 'growth', 'failed'],
    ['before its length was measured again', {}, 'growth', 'open'],
  ])('%s', (_, change, id, state) => {
    expect(states(jersey, line(change))[id]).toBe(state);
    expect(passes(passCriteria(jersey, line(change)))).toBe(false);
  });

  it('when what was measured beside is out', () => {
    const off = line({ measures: { shiftMm: -3, pucker: 3, ridgeMm: 0.8 } });
    expect(states(denim, off)).toEqual({ look: 'met', shift: 'failed', pucker: 'failed', ridge: 'failed' });
    const fine = line({ measures: { shiftMm: 1, pucker: 4, ridgeMm: 0.3 } });
    expect(passes(passCriteria(denim, fine))).toBe(true);
  });

  it('but slight signs are allowed', () => {
    expect(states(denim, line({ findings: [{ sign: 'marks', severity: 1 }] }))).toEqual({ look: 'met' });
  });

  it('and growth on a firm cloth counts once it was measured', () => {
    expect(states(denim, line({ measures: { afterMm: 105 } }))).toEqual({ look: 'met', growth: 'failed' });
  });
});
