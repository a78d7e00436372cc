import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FEET, type Machine, PLAIN_MACHINE, PLATES } from '../kit';
import type { Setup } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { STITCHES } from '../stitch';
import { checkInterlocks, INTERLOCKS, needleReach } from '.';

const codes = (change: Partial<Setup>, machine: Partial<Machine> = {}, thicknessMm = 1) =>
  checkInterlocks({ setup: plainSetup(change), machine: { ...PLAIN_MACHINE, ...machine }, thicknessMm }).map(
    (c) => c.code,
  );

describe('what would break a needle is never let through', () => {
  it.each<[string, Partial<Setup>, string]>([
    [
      'zigzag through the straight-stitch plate',
      { plate: 'straight', stitch: 'zigzag', widthMm: 3 },
      'interlock.plate-needs-straight',
    ],
    [
      'triple straight through the small hole',
      { plate: 'straight', stitch: 'triple-straight' },
      'interlock.plate-needs-straight',
    ],
    [
      'two needles through one hole',
      { plate: 'straight', needle: { point: 'twin', nm: 80, gapMm: 2 } },
      'interlock.plate-needs-one-needle',
    ],
    [
      'zigzag under the straight-stitch foot',
      { foot: 'straight', stitch: 'zigzag', widthMm: 2 },
      'interlock.foot-needs-straight',
    ],
    [
      'a needle moved aside under the quarter-inch foot',
      { foot: 'quarter-inch', needlePositionMm: 1 },
      'interlock.foot-opening',
    ],
    [
      'a needle moved off the hole of the plate',
      { plate: 'straight', needlePositionMm: 2 },
      'interlock.needle-off-hole',
    ],
    [
      'twins wider than the slot with the width dialled',
      { needle: { point: 'twin', nm: 80, gapMm: 4 }, stitch: 'zigzag', widthMm: 4 },
      'interlock.twin-slot',
    ],
    [
      'a full swing with the needle moved aside',
      { stitch: 'zigzag', widthMm: 7, needlePositionMm: 3 },
      'interlock.slot-reach',
    ],
  ])('%s', (_, change, code) => {
    const closed = checkInterlocks({ setup: plainSetup(change), machine: PLAIN_MACHINE, thicknessMm: 1 });
    expect(closed.map((c) => c.code)).toContain(code);
    expect(closed.find((c) => c.code === code)?.strike).toBe(true);
  });

  it('the hole of a machine whose plate has it on the left', () => {
    const machine = { straightHoleMm: -3.5 };
    expect(codes({ plate: 'straight' }, machine)).toEqual(['interlock.needle-off-hole']);
    expect(codes({ plate: 'straight', needlePositionMm: -3.5 }, machine)).toEqual([]);
  });
});

describe('what this machine cannot do is said', () => {
  it.each<[string, Partial<Setup>, Partial<Machine>, string]>([
    ['a foot that does not fit it', { foot: 'walking' }, { feet: ['standard'] }, 'interlock.foot-missing'],
    ['a stitch it lacks', { stitch: 'zigzag', widthMm: 2 }, { stitches: ['straight'] }, 'interlock.stitch-missing'],
    ['a plate it lacks', { plate: 'straight' }, { plates: ['standard'] }, 'interlock.plate-missing'],
    ['a length past its dial', { lengthMm: 6 }, {}, 'interlock.length-range'],
    ['a width past its dial', { stitch: 'zigzag', widthMm: 6 }, { maxWidthMm: 5 }, 'interlock.width-range'],
    ['a needle position it has not', { needlePositionMm: -2 }, { needlePositions: 1 }, 'interlock.needle-position'],
    ['a tension past its dial', { tensionSteps: 6 }, {}, 'interlock.tension-range'],
    [
      'a pressure above its normal when that is the top',
      { pressure: 0.75 },
      { pressureDial: { positions: [0, 1, 2], normal: 2 } },
      'interlock.pressure-range',
    ],
    [
      'any pressure but its own when it has no dial',
      { pressure: 0.2 },
      { pressureDial: null },
      'interlock.pressure-range',
    ],
    ['a width for a stitch that has none', { widthMm: 2 }, {}, 'interlock.width-on-line'],
  ])('%s', (_, change, machine, code) => expect(codes(change, machine)).toContain(code));

  it.each<[string, Partial<Setup>, Partial<Machine>]>([
    ['a foot that fits', { foot: 'walking' }, { feet: ['standard', 'walking'] }],
    ['any foot, where nobody has said which fit', { foot: 'walking' }, {}],
    ['a feed that is built in', { foot: 'dual-feed' }, { feet: ['standard'] }],
  ])('but not %s', (_, change, machine) => {
    const closed = checkInterlocks({
      setup: plainSetup(change),
      machine: { ...PLAIN_MACHINE, ...machine },
      thicknessMm: 1,
    });
    expect(closed.map(({ code }) => code)).not.toContain('interlock.foot-missing');
  });

  it('layers that do not go under the foot', () => {
    expect(codes({}, {}, 7.5)).toEqual(['interlock.layers-over-lift']);
    expect(codes({}, {}, 6.5)).toEqual([]);
  });
});

describe('the interlock table', () => {
  it('has every code once', () => {
    expect(new Set(INTERLOCKS.map((i) => i.code)).size).toBe(INTERLOCKS.length);
  });

  it('lets nothing but a straight stitch over the hole pass the straight-stitch plate', () => {
    const any = fc.record({
      stitch: fc.constantFrom(...STITCHES),
      foot: fc.constantFrom(...FEET),
      plate: fc.constantFrom(...PLATES),
      widthMm: fc.integer({ min: 0, max: 14 }).map((half) => half / 2),
      needlePositionMm: fc.integer({ min: -6, max: 6 }).map((half) => half / 2),
    });
    fc.assert(
      fc.property(any, (change) => {
        const safe = codes(change).length === 0;
        if (safe && change.plate === 'straight') {
          expect(change).toMatchObject({ stitch: 'straight', needlePositionMm: 0, widthMm: 0 });
        }
        const reach = needleReach(plainSetup(change));
        if (safe) expect(Math.max(reach.left, reach.right)).toBeLessThanOrEqual(PLAIN_MACHINE.maxWidthMm / 2 + 0.66);
      }),
    );
  });
});
