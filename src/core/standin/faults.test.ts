import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  AS_OWNED,
  FAULT,
  HIDDEN_FAULTS,
  IN_GOOD_ORDER,
  NO_TROUBLE,
  observed,
  quirksOf,
  quirksOn,
  sew,
  sewInputSchema,
  type SewnLine,
  standIn,
} from '.';
import {
  asked,
  clothOf,
  GOOD,
  hiding,
  JERSEY,
  ON_JERSEY,
  ON_WOVEN,
  plain,
  severity,
  sewn,
  SUITED,
  worst,
} from './lines.testing';

describe('hidden faults', () => {
  it('are at least 25, and every trouble is somebody’s fault', () => {
    expect(HIDDEN_FAULTS.length).toBeGreaterThanOrEqual(25);
    const troubled = new Set(HIDDEN_FAULTS.map((fault) => FAULT[fault].trouble));
    expect(Object.keys(NO_TROUBLE).filter((part) => !troubled.has(part as keyof typeof NO_TROUBLE))).toEqual([]);
  });

  it.each(HIDDEN_FAULTS)('%s shows plainly on some cloth when it is as bad as it gets', (fault) => {
    const lines = SUITED.map(([cloth, setup]) => sewn(asked(setup, cloth), hiding(fault)));
    expect(lines.flatMap(plain).length).toBeGreaterThan(0);
  });

  it('made worse never shows less', () => {
    const amount = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...HIDDEN_FAULTS),
        fc.constantFrom(...SUITED),
        fc.nat(50),
        amount,
        amount,
        (fault, [cloth, setup], seed, a, b) => {
          const less = sewn(asked(setup, cloth), hiding(fault, Math.min(a, b)), seed);
          const more = sewn(asked(setup, cloth), hiding(fault, Math.max(a, b)), seed);
          expect(worst(more), fault).toBeGreaterThanOrEqual(worst(less));
          // A line that ended cannot show what only a whole one shows.
          if (more.measures.afterMm === null) return;
          for (const { sign, severity: was } of less.findings)
            expect(severity(more, sign), `${fault}: ${sign}`).toBeGreaterThanOrEqual(was);
        },
      ),
      { numRuns: 400 },
    );
  });

  it('grow with the cloth too: lint shows on every cloth, a begun edge on light and knitted ones', () => {
    const edge = hiding('begun-at-edge');
    expect(severity(sewn(asked(ON_JERSEY), edge), 'chewed')).toBe(2);
    expect(severity(sewn(asked(SUITED[3][1], clothOf('denim')), edge), 'chewed')).toBe(1);
  });

  it('are drawn by the seed, from plain to as bad as it gets', () => {
    const amounts = Array.from({ length: 200 }, (_, seed) => standIn(seed, ['hook-timing']).trouble.hookTiming);
    expect(Math.min(...amounts)).toBeGreaterThanOrEqual(0.6);
    expect(Math.max(...amounts)).toBeLessThanOrEqual(1);
    expect(new Set(amounts).size).toBeGreaterThan(150);
    expect(standIn(5, ['lint', 'metal'])).toEqual(standIn(5, ['lint', 'metal']));
  });

  it('at most two at once, each once', () => {
    const of = (faults: string[]) =>
      sewInputSchema.safeParse({ setup: ON_JERSEY, cloth: JERSEY, machineSeed: 1, faults }).success;
    expect(of(['lint', 'metal'])).toBe(true);
    expect(of(['lint', 'lint'])).toBe(false);
    expect(of(['lint', 'metal', 'pulled'])).toBe(false);
  });
});

describe('quirks', () => {
  const sd = (values: number[]) => {
    const middle = values.reduce((sum, v) => sum + v, 0) / values.length;
    return Math.sqrt(values.reduce((sum, v) => sum + (v - middle) ** 2, 0) / values.length);
  };
  const population = (which: typeof AS_OWNED) => Array.from({ length: 2000 }, (_, seed) => quirksOf(seed, which));

  it('of a population differ as widely as it says', () => {
    const owned = population(AS_OWNED);
    expect(sd(owned.map((q) => q.tensionSteps))).toBeCloseTo(AS_OWNED.tensionSd, 1);
    expect(sd(owned.map((q) => q.pressure))).toBeCloseTo(AS_OWNED.pressureSd, 1);
    expect(sd(owned.map((q) => Math.log(q.creep)))).toBeCloseTo(AS_OWNED.creepLogSd, 1);
    expect(sd(owned.map((q) => q.lengthFactor))).toBeCloseTo(AS_OWNED.lengthSd, 1);
    expect(sd(population(IN_GOOD_ORDER).map((q) => q.tensionSteps))).toBeCloseTo(IN_GOOD_ORDER.tensionSd, 1);
  });

  it('as owned are other ones on another kind of cloth, in good order they are not', () => {
    const owned = quirksOf(3, AS_OWNED);
    expect(quirksOn(owned, 'knit')).not.toEqual(quirksOn(owned, 'hide'));
    const good = quirksOf(3);
    expect(quirksOn(good, 'knit')).toEqual(quirksOn(good, 'hide'));
  });

  it('go in at the dial: a machine that sews short sews more stitches', () => {
    const short = { ...GOOD, quirks: { ...GOOD.quirks, lengthFactor: 0.8 } };
    expect(sewn(asked(ON_WOVEN, clothOf('linen')), short).measures.stitches).toBe(50);
    expect(sewn(asked(ON_WOVEN, clothOf('linen'))).measures.stitches).toBe(40);
  });
});

describe('an observer', () => {
  const findings: SewnLine['findings'] = [
    { sign: 'wavy', severity: 1 },
    { sign: 'skipped', severity: 2 },
  ];
  const seeds = Array.from({ length: 400 }, (_, seed) => seed);

  it('who sees everything sees just that', () =>
    expect(observed(findings, { missesSlight: 0, invents: 0 }, 4)).toEqual(findings));

  it('overlooks about as many slight signs as it says, and never a plain one', () => {
    const seen = seeds.map((seed) => observed(findings, { missesSlight: 0.2, invents: 0 }, seed));
    const missed = seen.filter((some) => !some.some((f) => f.sign === 'wavy')).length / seeds.length;
    expect(missed).toBeGreaterThan(0.13);
    expect(missed).toBeLessThan(0.27);
    expect(seen.every((some) => some.some((f) => f.sign === 'skipped'))).toBe(true);
  });

  it('imagines slight signs that are not there, about as often as it says, the same for the same seed', () => {
    const of = (seed: number) => observed(findings, { missesSlight: 0, invents: 0.1 }, seed);
    const invented = seeds.flatMap((seed) => of(seed).slice(2));
    expect(invented.every((f) => f.severity === 1 && f.sign !== 'wavy' && f.sign !== 'skipped')).toBe(true);
    expect(invented.length / seeds.length / 25).toBeCloseTo(0.1, 1);
    expect(of(7)).toEqual(of(7));
  });

  it('stands between the machine and the answer', () => {
    const ask = (invents: number) =>
      sew(
        sewInputSchema.parse({
          setup: ON_JERSEY,
          cloth: JERSEY,
          machineSeed: 3,
          observer: { missesSlight: 0, invents },
        }),
      );
    expect(ask(1)).not.toEqual(ask(0));
    expect(ask(0)).toMatchObject({ findings: [] });
  });
});
