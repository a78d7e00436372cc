import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILY } from '../cloth';
import { ALL_NEEDLES, ALL_THREADS, FEET, PLATES } from '../kit';
import { OPERATION_KINDS } from '../setup';
import { STITCHES } from '../stitch';
import { basicMachine } from './basicMachine.testing';
import { checkSetup, match, matchInputSchema, matchOutputSchema, type MatchRequest, RULES } from '.';

type MatchMachine = NonNullable<MatchRequest['machine']>;

const ask = (request: MatchRequest) => match(matchInputSchema.parse(request));
const jersey: MatchRequest = {
  cloth: { structure: 'knit', family: 'jersey', stretchAcross: 50 },
  operation: { kind: 'join' },
};
const straightOnly = basicMachine(['straight']);

const anyCloth = fc
  .record(
    {
      family: fc.constantFrom(...Object.values(FAMILY).map((f) => f.id)),
      massGsm: fc.integer({ min: 20, max: 900 }),
      stretchAcross: fc.integer({ min: 0, max: 150 }),
      thicknessMm: fc.integer({ min: 1, max: 40 }).map((tenth) => tenth / 10),
    },
    { requiredKeys: ['family'] },
  )
  .map((cloth) => ({ ...cloth, structure: FAMILY[cloth.family].structure }));
const anyMachine = fc.record({
  stitches: fc.subarray([...STITCHES], { minLength: 1 }),
  maxLengthMm: fc.constantFrom(4, 5, 6),
  maxWidthMm: fc.constantFrom(0, 4, 5, 7, 9),
  plates: fc.subarray([...PLATES], { minLength: 1 }),
  straightHoleMm: fc.constantFrom(0, -3.5),
  shank: fc.constant('low' as const),
  pressureDial: fc.constantFrom<MatchMachine['pressureDial']>(
    null,
    { positions: [0, 1, 2, 3], normal: 2 },
    { positions: ['light', 'normal'], normal: 'normal' },
  ),
  tensionDial: fc.constantFrom({ min: 0, max: 9, normal: 4 }, { min: 1, max: 5, normal: 3, step: 1 }),
  footLiftMm: fc.constantFrom(4, 6),
  speedSpm: fc.constant(700),
  needlePositions: fc.constantFrom(1, 13),
  reverse: fc.boolean(),
});
const anyKit = fc.record({
  needles: fc.subarray([...ALL_NEEDLES], { maxLength: 12 }),
  threads: fc.subarray([...ALL_THREADS], { maxLength: 5 }),
  feet: fc.subarray([...FEET]),
  plates: fc.subarray([...PLATES]),
});
const anyOperation = fc.record({
  kind: fc.constantFrom(...OPERATION_KINDS),
  layers: fc.integer({ min: 1, max: 6 }),
});

describe('whatever the cloth, machine and kit', () => {
  const question = fc.record({ cloth: anyCloth, operation: anyOperation, machine: anyMachine, kit: anyKit });

  it('no setting that is returned closes an interlock, and nothing unowned is recommended', () => {
    fc.assert(
      fc.property(question, (request) => {
        const input = matchInputSchema.parse(request);
        const found = match(input);
        for (const setup of [found.setup, ...found.alternatives.map((a) => a.setup)]) {
          if (!setup) continue;
          const { blocked } = checkSetup({ ...input, setup });
          expect(blocked).toEqual([]);
          expect(request.kit.feet).toContain(setup.foot);
          expect(request.kit.plates).toContain(setup.plate);
          expect(request.kit.needles).toContainEqual(setup.needle);
          expect(request.kit.threads).toContainEqual(setup.thread);
        }
        expect(found.setup === null).toBe(found.blocked.length > 0);
      }),
      { numRuns: 60, seed: 7 },
    );
  });

  it('the answer has the promised shape, with a reason for every parameter', () => {
    const parameters = [
      'needle.point',
      'needle.nm',
      'thread.fibre',
      'thread.tex',
      'bobbin',
      'foot',
      'plate',
      'stitch',
      'lengthMm',
      'widthMm',
      'needlePositionMm',
      'tensionSteps',
      'pressure',
      'plan.seam',
      'plan.start',
      'plan.secure',
      'plan.hold',
      'plan.leader',
      'plan.tissue',
      'plan.cut',
      'plan.mark',
      'plan.press',
      'plan.speed',
    ];
    fc.assert(
      fc.property(question, (request) => {
        const found = matchOutputSchema.parse(ask(request));
        if (found.setup) expect(found.reasons.map((r) => r.parameter)).toEqual(expect.arrayContaining(parameters));
        expect(JSON.stringify(found)).not.toMatch(/NaN|Infinity|null%/);
      }),
      { numRuns: 40, seed: 11 },
    );
  });

  it('the same question has the same answer, byte for byte', () => {
    expect(JSON.stringify(ask(jersey))).toBe(JSON.stringify(ask(jersey)));
  });
});

describe('give comes before everything else', () => {
  it('asking for more give never returns a setting that surely gives less', () => {
    const lows = [5, 15, 25, 35, 45].map(
      (requiredGive) => ask({ ...jersey, operation: { kind: 'join', requiredGive } }).give.estimate[0],
    );
    lows.forEach((low, i) => expect(low).toBeGreaterThanOrEqual([5, 15, 25, 35, 45][i]));
  });

  it('no seam can be asked to give more than the cloth it is in', () => {
    const found = ask({ ...jersey, operation: { kind: 'join', requiredGive: 80 } });
    expect(found.setup).toBeNull();
    expect(found.blocked).toEqual([
      expect.objectContaining({ code: 'cloth.stretches-less', limit: 50, actual: 80, unit: '%' }),
    ]);
    // Where the stretch is only assumed, its honest range is believed.
    const assumed = { structure: 'knit', family: 'jersey' } as const;
    expect(ask({ cloth: assumed, operation: { kind: 'join', requiredGive: 80 } }).setup).not.toBeNull();
    const woven = { structure: 'woven', family: 'lawn' } as const;
    expect(ask({ cloth: woven, operation: { kind: 'join', requiredGive: 12 } }).setup).toBeNull();
    expect(
      ask({ cloth: woven, operation: { kind: 'join', requiredGive: 12, direction: 'bias' } }).setup,
    ).not.toBeNull();
  });

  it('a machine with no zigzag and a seam that must stretch is blocked, and hears what would help', () => {
    const found = ask({
      ...jersey,
      machine: { ...straightOnly, stitches: [...straightOnly.stitches], plates: [...straightOnly.plates] },
    });
    expect(found.setup).toBeNull();
    expect(found.blocked[0]).toMatchObject({ code: 'give.short', limit: 25, unit: '%' });
    expect(found.missing[0].gains).toMatch(/stretch enough/);
  });

  it('the same machine sews denim without a word', () => {
    const found = ask({
      cloth: { structure: 'woven', family: 'denim' },
      operation: { kind: 'join' },
      machine: { ...straightOnly, stitches: ['straight'], plates: ['standard'] },
    });
    expect(found.setup?.stitch).toBe('straight');
  });
});

describe('the kit', () => {
  it('that is empty is blocked part by part, with what to get', () => {
    const found = ask({ ...jersey, kit: { needles: [], threads: [], feet: [], plates: [] } });
    expect(found.blocked.map((b) => b.code)).toEqual([
      'kit.needles-empty',
      'kit.threads-empty',
      'kit.feet-empty',
      'kit.plates-empty',
    ]);
    expect(found.missing[0].what).toMatch(/Ballpoint.*Polyester.*foot.*plate/);
  });

  it('without a walking foot says what one would gain', () => {
    const found = ask({ ...jersey, kit: { feet: ['standard'] } });
    expect(found.setup?.foot).toBe('standard');
    expect(found.missing.find((m) => m.what === 'Walking foot')?.gains).toMatch(/low shank/);
  });

  it('that has everything misses nothing', () => {
    expect(ask(jersey).missing).toEqual([]);
  });
});

describe('what is said beside the setting', () => {
  it('other stitches are offered with what is lost, and those that pop are rejected with the numbers', () => {
    const found = ask(jersey);
    expect(found.alternatives.map((a) => a.setup.stitch)).toContain('triple-straight');
    const straight = found.rejected.find((r) => r.what === 'Straight');
    expect(straight).toMatchObject({ code: 'give.short' });
    expect(straight!.text).toMatch(/needs 25%/);
  });

  it('the next measurement is computed from what it could change', () => {
    const found = ask({ cloth: { structure: 'knit', family: 'jersey' }, operation: { kind: 'join' } });
    const measures = found.measureNext.map((m) => m.measure);
    expect(measures).toContain('stretchAcross');
    expect(found.measureNext.find((m) => m.measure === 'stretchAcross')!.changes).not.toEqual([]);
    expect(
      ask({ ...jersey, cloth: { ...jersey.cloth, massGsm: 160 } }).measureNext.map((m) => m.measure),
    ).not.toContain('massGsm');
  });

  it('every measurement raises confidence', () => {
    const cloth = { ...jersey.cloth };
    let before = ask({ ...jersey, cloth }).confidence;
    for (const more of [{ massGsm: 160 }, { recovery: 90 }, { thicknessMm: 0.5 }, { stretchAlong: 20 }]) {
      Object.assign(cloth, more);
      const now = ask({ ...jersey, cloth }).confidence;
      expect(now).toBeGreaterThanOrEqual(before);
      before = now;
    }
  });

  it('a tight curve shortens the stitch and says so', () => {
    const found = ask({
      cloth: { structure: 'woven', family: 'poplin' },
      operation: { kind: 'join', radiusMm: 5 },
    });
    expect(found.setup!.lengthMm).toBeLessThanOrEqual(2);
    expect(found.reasons.find((r) => r.rule === 'size.curve')).toMatchObject({
      parameter: 'lengthMm',
      provenance: 'model',
    });
  });

  it('a chosen school is followed', () => {
    const setup = ask({
      ...jersey,
      schools: { 'knit-stitch': 'triple-straight', 'knit-pressure': 'lowest' },
    }).setup!;
    expect(setup).toMatchObject({ stitch: 'triple-straight', pressure: 0 });
  });
});

describe('the rule table', () => {
  it('has every rule once, named area.something, with a reason that is a sentence', () => {
    expect(new Set(RULES.map((r) => r.id)).size).toBe(RULES.length);
    for (const { id, text } of RULES) {
      expect(id).toMatch(/^[a-z]+\.[a-z-]+$/);
      expect(text).toMatch(/^[A-Z0-9].*\.$/);
    }
  });
});
