import { describe, expect, it } from 'vitest';
import { FULL_KIT, type Kit, PLAIN_MACHINE } from '../kit';
import type { Setup } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { applyEdit, type ApplyTo, type CannotApply } from './apply';
import type { RemedyEdit } from './remedies';

const jersey = { structure: 'knit' as const, family: 'jersey' as const, traits: [], stretchAcross: 50 };
const setup = plainSetup({ needle: { point: 'ballpoint', nm: 80 }, stitch: 'zigzag', widthMm: 2 });
const to = (more: Partial<ApplyTo> = {}): ApplyTo => ({
  cloth: jersey,
  operation: { kind: 'join' },
  setup,
  machine: PLAIN_MACHINE,
  kit: FULL_KIT,
  ...more,
});
const after = (edit: RemedyEdit, more?: Partial<ApplyTo>) => applyEdit(edit, to(more));
const straight: Setup = { ...setup, stitch: 'straight', widthMm: 0 };
const few: Kit = {
  needles: [{ point: 'ballpoint', nm: 80 }],
  threads: [{ fibre: 'polyester', tex: 27 }],
  feet: ['standard'],
  plates: ['standard'],
  overlocker: false,
};

describe('one change makes one difference', () => {
  it.each<[string, RemedyEdit, Partial<Setup>, Partial<ApplyTo>?]>([
    ['a needle one size finer', { kind: 'needle-size', steps: -1 }, { needle: { point: 'ballpoint', nm: 75 } }],
    ['a needle one size thicker', { kind: 'needle-size', steps: 1 }, { needle: { point: 'ballpoint', nm: 90 } }],
    [
      'the size that suits the fabric, however far it is',
      { kind: 'needle-size', steps: -1 },
      { needle: { point: 'ballpoint', nm: 75 } },
      { setup: { ...setup, needle: { point: 'ballpoint', nm: 100 } } },
    ],
    [
      'needles closer together',
      { kind: 'needle-gap' },
      { needle: { point: 'twin', nm: 80, gapMm: 2.5 } },
      { setup: { ...straight, needle: { point: 'twin', nm: 80, gapMm: 4 } } },
    ],
    ['cotton thread', { kind: 'thread-cotton' }, { thread: { fibre: 'cotton', tex: 60 } }],
    [
      'two steps of tension where it is bad',
      { kind: 'dial', dial: 'tensionSteps', by: -1 },
      { tensionSteps: -2 },
      { worst: 3 },
    ],
    [
      'a stretch needle of the nearest size',
      { kind: 'needle-point', point: 'stretch' },
      { needle: { point: 'stretch', nm: 75 } },
    ],
    ['the next finer thread of the same fibre', { kind: 'thread-finer' }, { thread: { fibre: 'polyester', tex: 24 } }],
    ['tension a step down', { kind: 'dial', dial: 'tensionSteps', by: -1 }, { tensionSteps: -1 }],
    ['half a millimetre longer where it is as wanted', { kind: 'length', by: 0.5 }, { lengthMm: 3 }],
    ['half a millimetre wider', { kind: 'dial', dial: 'widthMm', by: 0.5 }, { widthMm: 2.5 }],
    ['pressure one of the machine’s own marks lighter', { kind: 'pressure', by: -1 }, { pressure: 0.25 }],
    ['pressure one mark heavier', { kind: 'pressure', by: 1 }, { pressure: 1 }],
    ['the walking foot', { kind: 'foot', foot: 'walking' }, { foot: 'walking' }],
    [
      'the straight-stitch plate under a straight stitch',
      { kind: 'plate-straight' },
      { plate: 'straight' },
      { setup: straight },
    ],
  ])('%s', (_, edit, change, more) => {
    const before = more?.setup ?? setup;
    expect(after(edit, more).setup).toEqual({ ...before, ...change });
  });

  it('a stitch that gives enough is the plainest that does', () => {
    const next = after({ kind: 'stitch-that-gives' }, { setup: straight }).setup!;
    expect(next.stitch).toBe('zigzag');
    expect(next.widthMm).toBeGreaterThan(0);
  });
});

describe('a length goes straight to what Match wants', () => {
  const vinyl = { structure: 'coated' as const, family: 'vinyl' as const, traits: [] };
  const on = (lengthMm: number, trueLengthMm?: number, by = 0.5) =>
    applyEdit(
      { kind: 'length', by },
      { ...to({ cloth: vinyl, setup: { ...straight, lengthMm, needle: { point: 'jeans', nm: 90 } } }), trueLengthMm },
    ).setup?.lengthMm;

  it('from far off at once, not by halves', () => expect(on(1.5)).toBe(3.5));
  it('by half a millimetre where it is there already', () => {
    expect(on(3.5)).toBe(4);
    expect(on(3.3)).toBe(3.8);
  });
  it('as it comes out on the fabric, whatever the dial says', () => expect(on(2.5, 1.75)).toBe(5));
  it('as far as the dial goes', () => {
    expect(on(3.5, 1.5)).toBe(5);
    expect(on(5, 2)).toBeUndefined();
  });
});

describe('what cannot be done is not offered, and says why', () => {
  it.each<[string, CannotApply, RemedyEdit, Partial<ApplyTo>]>([
    ['a finer needle that is not owned', 'not-owned', { kind: 'needle-size', steps: -1 }, { kit: few }],
    ['another point that is not owned', 'not-owned', { kind: 'needle-point', point: 'stretch' }, { kit: few }],
    ['the point that is in already', 'nothing-to-change', { kind: 'needle-point', point: 'ballpoint' }, {}],
    ['a finer thread that is not owned', 'not-owned', { kind: 'thread-finer' }, { kit: few }],
    ['a foot that is not owned', 'not-owned', { kind: 'foot', foot: 'walking' }, { kit: few }],
    ['a plate that is not owned', 'not-owned', { kind: 'plate-straight' }, { kit: few, setup: straight }],
    ['a plate that a zigzag would strike', 'interlock', { kind: 'plate-straight' }, {}],
    [
      'lighter than the lightest mark',
      'end-of-range',
      { kind: 'pressure', by: -1 },
      { setup: { ...setup, pressure: 0 } },
    ],
    [
      'any pressure where it is fixed',
      'not-on-machine',
      { kind: 'pressure', by: 1 },
      { machine: { ...PLAIN_MACHINE, pressureDial: null } },
    ],
    ['longer than the machine sews', 'end-of-range', { kind: 'length', by: 0.5 }, { setup: { ...setup, lengthMm: 5 } }],
    [
      'wider than the machine swings',
      'end-of-range',
      { kind: 'dial', dial: 'widthMm', by: 0.5 },
      { setup: { ...setup, widthMm: 7 } },
    ],
    [
      'shorter than a stitch can be',
      'end-of-range',
      { kind: 'length', by: -0.5 },
      { setup: { ...setup, lengthMm: 0.6 } },
    ],
    [
      'tension beyond the dial',
      'interlock',
      { kind: 'dial', dial: 'tensionSteps', by: 1 },
      { setup: { ...setup, tensionSteps: 5 } },
    ],
    [
      'a stitch that gives on a machine that sews straight only',
      'gives-no-more',
      { kind: 'stitch-that-gives' },
      { setup: straight, machine: { ...PLAIN_MACHINE, stitches: ['straight'] } },
    ],
    [
      'a thicker needle than is made',
      'end-of-range',
      { kind: 'needle-size', steps: 1 },
      { setup: { ...setup, needle: { point: 'ballpoint', nm: 110 } } },
    ],
    [
      'a plate the machine does not have',
      'not-on-machine',
      { kind: 'plate-straight' },
      { setup: straight, machine: { ...PLAIN_MACHINE, plates: ['standard'] } },
    ],
    ['the foot that is on already', 'nothing-to-change', { kind: 'foot', foot: 'standard' }, {}],
  ])('%s', (_, cannot, edit, more) => expect(after(edit, more)).toEqual({ cannot }));
});

describe('twin needles', () => {
  it('stay twins, with the same gap', () => {
    const twin: Setup = { ...straight, needle: { point: 'twin', nm: 80, gapMm: 2.5 } };
    const edit: RemedyEdit = { kind: 'needle-point', point: 'stretch', twin: 'twin-stretch' };
    expect(after(edit, { setup: twin, operation: { kind: 'hem' } }).setup!.needle).toEqual({
      point: 'twin-stretch',
      nm: 75,
      gapMm: 2.5,
    });
  });
});
