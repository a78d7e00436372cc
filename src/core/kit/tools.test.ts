import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bladeStanding, BLADE, BLADES, wornMetres } from './blades';
import { FITTED_FEET, FITTING, isFitted } from './fitting';
import { FEET, FOOT } from './feet';
import { holdOwned, HOLDS, holdText, PIN, PINS, type Pins } from './tools';

describe('what layers are held with', () => {
  const usual = { hold: ['pins'], pins: 'standard' } as const;

  it('is as it suits the fabric while nobody said what is owned', () =>
    expect(holdOwned({ hold: ['silk-pins-in-allowance'], pins: 'standard' }, undefined)).toEqual({
      hold: ['silk-pins-in-allowance'],
      pins: 'standard',
      lacks: [],
    }));

  it('leaves out what is not owned, and keeps the rest in its order', () =>
    expect(holdOwned({ hold: ['clips', 'ballpoint-pins', 'baste'], pins: 'standard' }, ['ballpoint']).hold).toEqual([
      'ballpoint-pins',
      'baste',
    ]));

  it('bastes where none of it is owned, and says which pins would do', () => {
    expect(holdOwned(usual, [])).toEqual({ hold: ['baste'], pins: 'standard', lacks: ['standard'] });
    expect(holdOwned({ hold: ['clips', 'ballpoint-pins'], pins: 'standard' }, ['silk']).lacks).toEqual([
      'clips',
      'ballpoint',
    ]);
  });

  it('never puts another pin into fine fabric or a knit', () => {
    const others = (kind: Pins) => PINS.filter((one) => one !== kind);
    expect(holdOwned({ hold: ['silk-pins-in-allowance'], pins: 'strong' }, others('silk')).hold).toEqual(['baste']);
    expect(holdOwned({ hold: ['ballpoint-pins'], pins: 'strong' }, others('ballpoint')).hold).toEqual(['baste']);
  });

  it('takes the pins that are owned where the best ones are not', () => {
    expect(holdOwned({ hold: ['pins'], pins: 'strong' }, ['strong', 'standard']).pins).toBe('strong');
    expect(holdOwned({ hold: ['pins'], pins: 'strong' }, ['glass-head', 'silk']).pins).toBe('glass-head');
    expect(holdOwned({ hold: ['pins'], pins: 'strong' }, ['silk'])).toMatchObject({ hold: ['pins'], pins: 'silk' });
  });

  it('asks for nothing that is not owned, whatever is wanted', () => {
    const held = fc.record({
      hold: fc.uniqueArray(fc.constantFrom(...HOLDS), { minLength: 1 }),
      pins: fc.constantFrom(...PINS),
    });
    fc.assert(
      fc.property(held, fc.uniqueArray(fc.constantFrom(...PINS)), (wanted, owned) => {
        const { hold, pins, lacks } = holdOwned(wanted, owned);
        expect(hold.length).toBeGreaterThan(0);
        for (const kind of lacks) expect(owned).not.toContain(kind);
        for (const way of hold) {
          const kinds = PINS.filter((kind) => PIN[kind].holds.includes(way));
          if (kinds.length > 0) expect(kinds.some((kind) => owned.includes(kind))).toBe(true);
        }
        if (hold.includes('pins')) expect(owned).toContain(pins);
      }),
    );
  });

  it('is said with the pins that are meant', () =>
    expect(HOLDS.map((way) => holdText(way, 'glass-head'))).toContain('long, big-headed pins'));
});

describe('the wear of a blade', () => {
  const cut = (by: number, at: string) => ({ id: at, at, by });

  it('counts from when it was fresh, that day with it', () => {
    const before = cut(500, '2026-03-01T10:00:00Z');
    const after = cut(20, '2026-03-02T10:00:00Z');
    expect(bladeStanding({ kind: 'shears', cut: [before, after] }).cutM).toBe(520);
    expect(bladeStanding({ kind: 'shears', freshAt: after.at, cut: [before, after] }).cutM).toBe(20);
    expect(bladeStanding({ kind: 'shears', freshAt: '2026-03-02T10:00:01Z', cut: [before, after] }).cutM).toBe(0);
  });

  it('is due at what it is kept for, and not a millimetre before', () => {
    const keepsM = BLADE['rotary-45'].keepsM;
    const at = (by: number) => bladeStanding({ kind: 'rotary-45', cut: [cut(by, '2026-03-01T10:00:00Z')] });
    expect(at(keepsM - 0.001).due).toBe(false);
    expect(at(keepsM)).toMatchObject({ due: true, share: 1 });
    expect(bladeStanding({ kind: 'rotary-45', keepsM: 500, cut: [cut(keepsM, '2026-03-01T10:00:00Z')] }).due).toBe(
      false,
    );
  });

  it('goes twice as fast in hand-woven fabric and fleece', () => {
    expect(['poplin', 'hand-woven', 'fleece'].map((family) => wornMetres(10, family))).toEqual([10, 20, 20]);
    expect(() => wornMetres(-1, 'poplin')).toThrow('0 or more');
  });

  it('keeps shears longer than any wheel', () => {
    const wheels = BLADES.filter((id) => BLADE[id].then === 'change').map((id) => BLADE[id].keepsM);
    const shears = BLADES.filter((id) => BLADE[id].then === 'sharpen').map((id) => BLADE[id].keepsM);
    expect(Math.max(...wheels)).toBeLessThan(Math.min(...shears));
  });
});

describe('how a foot is fitted', () => {
  it('begins with the machine switched off, and ends with something to look at', () => {
    for (const foot of FITTED_FEET) {
      expect(FITTING[foot].steps[0], foot).toMatch(/^Switch the machine off\. Raise the needle and the presser foot/);
      expect(FITTING[foot].check, foot).toMatch(/\.$/);
    }
  });

  it('is told of every foot with an arm, a side, a guide or a funnel, and of no plain one', () => {
    const plain = FEET.filter((foot) => !isFitted(foot)).map((foot) => FOOT[foot].name);
    expect(plain).toEqual([
      'Standard',
      'Dual feed',
      'Glide-soled',
      'Concealed zip',
      'Straight-stitch',
      'Quarter-inch guide',
      'Ditch',
      'Grooved',
      'Roller',
    ]);
  });

  it('lays an arm over the needle clamp', () => {
    for (const foot of ['walking', 'knit'] as const) {
      expect(FITTING[foot].steps[1]).toMatch(/arm over the needle clamp.*quarter turn.*the needle clamp again/);
      expect(FITTING[foot].steps[2]).toMatch(/one whole repeat of the stitch/);
    }
  });
});
