import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, FAMILY } from '../../cloth';
import { PLAIN_MACHINE } from '../../kit';
import { OPERATION_KINDS } from '../../setup';
import { answer } from '../match';
import { matchInputSchema } from '../question';

const question = fc.record({
  family: fc.constantFrom(...FAMILIES),
  kind: fc.constantFrom(...OPERATION_KINDS),
  reverse: fc.boolean(),
  autoLock: fc.boolean(),
  pressureDial: fc.constantFrom(null, PLAIN_MACHINE.pressureDial),
  securing: fc.constantFrom(undefined, 'back-stitch' as const, 'lock' as const, 'knot' as const),
});
type Asked = typeof question extends fc.Arbitrary<infer T> ? T : never;

function planOf({ family, kind, securing, ...machine }: Asked) {
  const found = answer(
    matchInputSchema.parse({
      cloth: { structure: FAMILY[family].structure, family },
      operation: { kind },
      machine: { ...PLAIN_MACHINE, ...machine },
      ...(securing && { schools: { securing } }),
    }),
  );
  return { ...found, text: JSON.stringify([found.plan, found.cautions]).toLowerCase() };
}

describe('a plan does not contradict itself', () => {
  it('over all families, operations and machines', () => {
    fc.assert(
      fc.property(question, (asked) => {
        const { plan, setup, text } = planOf(asked);
        const { press, secure } = plan;
        const never = (words: RegExp, why: string) =>
          expect(text, `${why}: ${JSON.stringify(asked)}`).not.toMatch(words);
        if (press.maxSolePlateC === 0) never(/(?<!finger-)pressed open|press the stitching|steam it/, 'no iron');
        if (press.steam === 'no') never(/steam it back/, 'no steam');
        if (secure !== 'back-stitch') never(/two back|back to the edge/, `ends held by ${secure}`);
        if (!asked.reverse) expect(secure, JSON.stringify(asked)).not.toBe('back-stitch');
        if (!asked.autoLock) expect(secure, JSON.stringify(asked)).not.toBe('lock');
        if (asked.kind === 'baste' || asked.kind === 'gather') expect(secure).toBe('none');
        if (FAMILY[asked.family].traits.some((trait) => trait === 'holes-stay'))
          expect(plan.hold.some((way) => way === 'pins' || way === 'ballpoint-pins')).toBe(false);
        if (setup && setup.pressure >= 0.5) never(/lighter than normal|lighter pressure/, 'normal pressure');
      }),
      { numRuns: 400 },
    );
  });

  it.each([
    ['back-stitch', { reverse: true }, /Two stitches forward, two back/],
    ['short-stitch', { reverse: false }, /first few stitches at 1 mm/],
  ] as const)('a poplin seam on a machine for %s begins so', (secure, machine, words) => {
    const found = answer(
      matchInputSchema.parse({
        cloth: { structure: 'woven', family: 'poplin' },
        operation: { kind: 'join' },
        machine: { ...PLAIN_MACHINE, ...machine },
      }),
    );
    expect(found.plan.secure).toBe(secure);
    expect(found.plan.start.join(' ')).toMatch(words);
  });

  it.each([
    ['baste', 'none', /this end is left open/],
    ['topstitch', 'tails-to-back', /pull to the back/],
    ['dart', 'knot', /run off and leave tails/],
    ['buttonhole', 'tails-to-back', /pull to the back/],
  ] as const)('%s: %s', (kind, secure, words) => {
    const { plan } = planOf({
      family: 'poplin',
      kind,
      reverse: true,
      autoLock: true,
      pressureDial: null,
      securing: undefined,
    });
    expect(plan.secure).toBe(secure);
    expect(plan.start.join(' ')).toMatch(words);
    expect(plan.start.filter((step) => /tails of 10 cm|leave tails/.test(step))).toHaveLength(1);
  });

  it('a knit goes back to the edge only where its ends are sewn back', () => {
    const of = (kind: 'join' | 'topstitch') =>
      planOf({
        family: 'jersey',
        kind,
        reverse: true,
        autoLock: false,
        pressureDial: null,
        securing: undefined,
      }).plan.start.join(' ');
    expect(of('join')).toMatch(/10 mm in from the edge.*Back to the edge/);
    expect(of('topstitch')).toMatch(/tissue laid under the edge.*pull to the back/);
  });
});
