import { describe, expect, it } from 'vitest';
import type { Cloth } from '../cloth';
import { checkInterlocks } from '../interlock';
import {
  type Calibration,
  FULL_KIT,
  type Machine,
  machineReads,
  type Pins,
  PLAIN_MACHINE,
  trueLengthMm,
  trueWidthMm,
} from '../kit';
import { layerShiftMm, seamContext } from '../physics';
import { dialValues } from '../setup';
import { answer, match, type MatchInput } from '.';

const AT = '2026-01-01T00:00:00Z';
const none: Calibration = { length: [], width: [], bobbin: [], feed: [] };
const jersey: Cloth = { structure: 'knit', family: 'jersey', traits: [], stretchAcross: 50 };
const machine = (calibration: Partial<Calibration>): Machine => ({
  ...PLAIN_MACHINE,
  calibration: { ...none, ...calibration },
});
const counted = (dialMm: number, stitches: number) => ({
  id: `${dialMm}`,
  dialMm,
  stitches,
  overMm: 100,
  at: AT,
});
const swung = (dialMm: number, trueMm: number) => ({ id: `${dialMm}`, dialMm, trueMm, at: AT });
const fed = (factor: number) => ({
  shiftMm: 3,
  overMm: 300,
  foot: 'standard' as const,
  pressure: 0.5,
  id: `${factor}`,
  clothId: null,
  clothName: 'A',
  factor,
  at: AT,
});
const ask = (own: Machine, cloth: Cloth = jersey) =>
  answer({ cloth, operation: { kind: 'join' }, machine: own } satisfies MatchInput);

describe('a machine whose dials are out', () => {
  // Dial 4 sews 3.33 mm, dial 2 sews 1.67 mm: a sixth short.
  const short = machine({ length: [counted(2, 60), counted(4, 30)] });

  it('is told to turn further for the same true stitch', () => {
    const [plain, own] = [ask(PLAIN_MACHINE), ask(short)];
    expect(own.setup!.lengthMm).toBe(plain.setup!.lengthMm);
    expect(Number(own.machineReads!.length)).toBeGreaterThan(Number(plain.machineReads!.length));
    expect(Number(own.machineReads!.length)).toBeCloseTo((plain.setup!.lengthMm * 6) / 5, 1);
  });

  it('cannot be asked for more than its dial truly reaches', () => {
    const longest = trueLengthMm(short, short.maxLengthMm);
    expect(longest).toBeCloseTo((5 * 5) / 6, 6);
    const { setup } = ask(short);
    const closed = checkInterlocks({ setup: { ...setup!, lengthMm: 4.6 }, machine: short, thicknessMm: 1 });
    expect(closed.map((c) => c.code)).toContain('interlock.length-range');
    expect(Math.max(...dialValues(short, setup!, 'length'))).toBeLessThanOrEqual(longest + 1e-9);
  });

  it('that swings wider than it says is checked by its true swing', () => {
    const wide = machine({ width: [swung(5, 6)] });
    expect(trueWidthMm(wide, 7)).toBeCloseTo(8.4, 6);
    const setup = { ...ask(wide).setup!, stitch: 'zigzag' as const, widthMm: 6 };
    expect(machineReads(wide, setup).width).toBe('5');
    expect(checkInterlocks({ setup: { ...setup, widthMm: 9 }, machine: wide, thicknessMm: 1 }).length).toBeGreaterThan(
      0,
    );
  });
});

describe('a machine that lets the top layer creep', () => {
  it('shows more shift than one as the model expects, and one that creeps less shows less', () => {
    const shift = (creep: number) => layerShiftMm(seamContext(jersey, { kind: 'join' }, creep), 'standard', 0.5);
    expect(shift(2)).toBeCloseTo(2 * shift(1), 10);
    expect(shift(0.5)).toBeCloseTo(shift(1) / 2, 10);
  });

  it('gets a foot that holds it, where another does without', () => {
    const lawn: Cloth = { structure: 'woven', family: 'lawn', traits: [], massGsm: 80 };
    const risk = (own: Machine) => ask(own, lawn).risks.find((r) => r.sign === 'uneven-layers')?.level ?? 0;
    const [calm, creeping] = [ask(machine({}), lawn), ask(machine({ feed: [fed(4)] }), lawn)];
    const changed = JSON.stringify(calm.setup) !== JSON.stringify(creeping.setup);
    expect(changed || risk(machine({ feed: [fed(4)] })) > risk(machine({}))).toBe(true);
  });
});

describe('a cloth that its owner knows better than its family', () => {
  it('is pressed no hotter than a scrap of it stood', () => {
    const cotton: Cloth = { structure: 'woven', family: 'poplin', traits: [], fibres: { cotton: 100 } };
    expect(ask(PLAIN_MACHINE, cotton).plan.press.maxSolePlateC).toBe(200);
    expect(ask(PLAIN_MACHINE, { ...cotton, ceilingC: 110 }).plan.press.maxSolePlateC).toBe(110);
  });

  it('is pinned where its holes close, though its family’s stay', () => {
    const satin: Cloth = { structure: 'woven', family: 'satin', traits: [] };
    const held = (cloth: Cloth) => ask(PLAIN_MACHINE, cloth).plan.hold.join(' ');
    expect(held({ ...satin, without: ['holes-stay'] })).toMatch(/pins/);
  });
});

describe('what layers are held with', () => {
  const denim: Cloth = { structure: 'woven', family: 'denim', traits: [], massGsm: 400 };
  const silk: Cloth = { structure: 'woven', family: 'silk', traits: [], massGsm: 45 };
  const asked = (cloth: Cloth, pins?: Pins[]) =>
    match({ cloth, operation: { kind: 'join' }, machine: PLAIN_MACHINE, kit: { ...FULL_KIT, ...(pins && { pins }) } });

  it('is what is owned: strong pins for denim, others where there are none', () => {
    expect(asked(denim).plan).toMatchObject({ hold: ['clips', 'pins'], pins: 'strong' });
    expect(asked(denim, ['standard']).plan).toMatchObject({ hold: ['pins'], pins: 'standard' });
    expect(asked(denim, ['clips']).plan.hold).toEqual(['clips']);
  });

  it('is basting where fine fabric has no silk pins, and the plan says why', () => {
    const { plan } = asked(silk, ['standard', 'strong', 'ballpoint']);
    expect(plan.hold).toEqual(['baste']);
    expect(plan.notes).toContain('You have no silk pins: tack it by hand, or buy some.');
    expect(asked(silk, ['silk']).plan.notes.join(' ')).not.toMatch(/You own no/);
  });

  it('names the rule for its pins only where they are not just any', () => {
    const said = (cloth: Cloth) => asked(cloth).reasons.filter(({ parameter }) => parameter === 'plan.pins');
    expect(said(denim)[0].text).toMatch(/bend/);
    expect(said({ structure: 'woven', family: 'poplin', traits: [] })).toEqual([]);
    expect(said(silk)).toEqual([]);
  });
});
