import { describe, expect, it } from 'vitest';
import { readStretchAnswer } from './stretchAnswer';

const CM = { restMm: 100, bare: 'cm' } as const;
const INCH = { restMm: 101.6, bare: 'in' } as const;

describe('how far 10 cm stretches', () => {
  it.each([
    ['15', 150],
    ['14.5 cm', 145],
    ['14,5', 145],
    ['145 mm', 145],
    ['5 1/2 in', 139.7],
    ['5 1/2"', 139.7],
    ['5½', 139.7],
    ['50%', 150],
    ['50%', 150],
    ['50 percent', 150],
    ['10', 100],
    ['0%', 100],
    ['50', 500],
  ])('%s is %f mm', (typed, mm) => expect(readStretchAnswer(typed, CM)).toEqual({ kind: 'length', mm }));

  it.each([
    ['6', 152.4],
    ['5 1/2', 139.7],
    ['15 cm', 150],
    ['50%', 152.4],
  ])('in inches: %s is %f mm', (typed, mm) => expect(readStretchAnswer(typed, INCH)).toEqual({ kind: 'length', mm }));

  it.each([
    ['150', /more than any fabric stretches to/, ['150 mm: it reaches 15 cm', '150%: it reaches 25 cm']],
    ['60', /more than any fabric stretches to/, ['60%: it reaches 16 cm']],
    ['8', /shorter than the 10 cm you started with/, ['8 inches: it reaches 20.3 cm', '8%: it reaches 10.8 cm']],
    ['5,5', /shorter than the 10 cm/, ['5.5 inches: it reaches 14 cm', '5.5%: it reaches 10.6 cm']],
    ['4 cm', /4 cm is shorter than the 10 cm/, ['4 cm more: it reaches 14 cm']],
  ])('%s is answered beside the field', (typed, says, meant) => {
    const answer = readStretchAnswer(typed, CM);
    expect(answer.kind).toBe('unclear');
    if (answer.kind !== 'unclear') return;
    expect(answer.text).toMatch(says);
    expect(answer.meant.map(({ text }) => text)).toEqual(meant);
  });

  it.each(['abc', '15 kg', '900%', '2 m', '-3', '1/0', 'a lot'])('%s is not taken, and nothing is guessed', (typed) => {
    const answer = readStretchAnswer(typed, CM);
    expect(answer.kind).toBe('unclear');
    expect(answer.kind === 'unclear' && answer.text.length).toBeGreaterThan(20);
  });

  it('left empty is empty', () => expect(readStretchAnswer('  ', CM)).toEqual({ kind: 'empty' }));
});
