import { describe, expect, it } from 'vitest';
import { readSpoolLabel } from './spoolLabel';

describe('memory: numbers as spools are labelled', () => {
  // Ticket ≈ 3000/Tex, weight ≈ 1000/Tex, cotton count 590.5·p/n, metric count 1000·p/n (ISO 1144; handbook tables, from memory).
  it.each([
    ['120', 25, 'Tkt 120'],
    ['100', 30, 'Tkt 100'],
    ['No. 120', 25, 'Tkt 120'],
    ['Nr. 120', 25, 'Tkt 120'],
    ['Nr 30', 100, 'Tkt 30'],
    ['# 75', 40, 'Tkt 75'],
    ['Tkt 75', 40, 'Tkt 75'],
    ['40 wt', 25, '40 wt'],
    ['Tex 27', 27, 'Tex 27'],
    ['27 tex', 27, '27 tex'],
    ['27', 27, 'Tex 27'],
    ['40', 40, 'Tex 40'],
    ['243 den', 27, '243 den'],
    ['120/2', 16.67, 'Nm 120/2'],
    ['80/2', 25, 'Nm 80/2'],
    ['40/2', 29.53, 'Ne 40/2'],
    ['Nm 120/3', 25, 'Nm 120/3'],
    ['Ne 50/2', 23.62, 'Ne 50/2'],
  ])('%s on polyester is Tex %f, taken as %s', (text, tex, as) => {
    const read = readSpoolLabel(text, false)!;
    expect(read.tex).toBeCloseTo(tex, 1);
    expect(read.as).toBe(as);
  });

  it.each([
    ['50', 20, '50 wt'],
    ['40', 25, '40 wt'],
    ['28', 35.7, '28 wt'],
    ['50/2', 23.62, 'Ne 50/2'],
    ['50/3', 35.43, 'Ne 50/3'],
    ['No. 50', 20, '50 wt'],
  ])('%s on cotton is Tex %f, taken as %s', (text, tex, as) => {
    const read = readSpoolLabel(text, true)!;
    expect(read.tex).toBeCloseTo(tex, 1);
    expect(read.as).toBe(as);
  });

  it('what was guessed says so and names the others, which mean just that when typed', () => {
    const read = readSpoolLabel('50', false)!;
    expect(read.guessed).toBe(true);
    expect(read.others.map(({ as }) => as)).toEqual(['Tkt 50', '50 wt']);
    for (const other of read.others)
      expect(readSpoolLabel(other.as, false)).toMatchObject({ tex: other.tex, guessed: false });
    expect(readSpoolLabel('Tkt 50', false)!.guessed).toBe(false);
  });

  it.each(['', 'abc', '0', '0/2', '-5', 'Tex 9000', 'Tex 0', '5000', '1 1/2', 'blue', '120/9', '50 km'])(
    '%s is refused',
    (text) => expect(readSpoolLabel(text, false)).toBeNull(),
  );

  it('a bare number is never rope', () => {
    for (let n = 1; n <= 500; n += 1)
      for (const cotton of [true, false]) expect(readSpoolLabel(String(n), cotton)?.tex ?? 25).toBeLessThanOrEqual(150);
  });
});
