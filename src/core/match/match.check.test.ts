import { describe, expect, it } from 'vitest';
import { match, matchInputSchema, type MatchRequest } from '.';

const ask = (cloth: MatchRequest['cloth'], operation: MatchRequest['operation'], more: Partial<MatchRequest> = {}) =>
  match(matchInputSchema.parse({ cloth, operation, ...more }));
const sizes = (from: number, to: number) => (nm: number) => nm >= from && nm <= to;

// Starting points of the trade (common practice), family by family.
describe('practice: jersey', () => {
  const jersey = { structure: 'knit', family: 'jersey', stretchAcross: 50 } as const;

  it('is joined with a ballpoint 70–80, polyester, zigzag, light pressure, knots nowhere, starting in from the edge', () => {
    const { setup, plan, give } = ask(jersey, { kind: 'join' });
    expect(setup).toMatchObject({
      needle: { point: 'ballpoint' },
      thread: { fibre: 'polyester' },
      stitch: 'zigzag',
      tensionSteps: 0,
    });
    expect(setup!.needle.nm).toSatisfy(sizes(70, 80));
    expect(setup!.lengthMm).toSatisfy(sizes(2, 2.5));
    expect(setup!.widthMm).toSatisfy(sizes(1.5, 2.5));
    expect(setup!.pressure).toBeLessThanOrEqual(0.25);
    expect(setup!.foot).toBe('walking');
    expect(plan.start.join(' ')).toMatch(/\{10 mm\} in/);
    expect(plan.hold).toContain('clips');
    expect(give.estimate[0]).toBeGreaterThanOrEqual(give.required);
  });

  it('with 10% elastane and more takes a stretch needle', () => {
    const { setup } = ask({ ...jersey, fibres: { viscose: 88, elastane: 12 } }, { kind: 'join' });
    expect(setup!.needle.point).toBe('stretch');
  });

  it('of all cotton takes cotton thread, unless polyester is the school', () => {
    const cotton = { ...jersey, fibres: { cotton: 100 } };
    expect(ask(cotton, { kind: 'join' }).setup!.thread.fibre).toBe('cotton');
    const other = ask(cotton, { kind: 'join' }, { schools: { 'cotton-knit-thread': 'polyester' } });
    expect(other.setup!.thread.fibre).toBe('polyester');
  });

  it('is hemmed with a stretch twin needle, in one fold with tape', () => {
    const { setup, plan } = ask(jersey, { kind: 'hem' });
    expect(setup!.needle.point).toBe('twin-stretch');
    expect(plan.seam).toMatch(/tape/);
  });
});

describe('practice: denim', () => {
  it('is joined with jeans 90–100, straight 2.5–3, normal pressure', () => {
    const { setup } = ask({ structure: 'woven', family: 'denim', massGsm: 340 }, { kind: 'join' });
    expect(setup).toMatchObject({
      needle: { point: 'jeans' },
      thread: { fibre: 'polyester' },
      stitch: 'straight',
      pressure: 0.5,
    });
    expect(setup!.needle.nm).toSatisfy(sizes(90, 100));
    expect(setup!.lengthMm).toSatisfy(sizes(2.5, 3));
  });

  it('is topstitched at 3–4 mm with thicker thread through a long eye', () => {
    const { setup } = ask({ structure: 'woven', family: 'denim', massGsm: 400 }, { kind: 'topstitch' });
    expect(setup!.lengthMm).toSatisfy(sizes(3, 4));
    expect(setup!.thread.tex).toBeGreaterThanOrEqual(40);
    expect(['topstitch', 'jeans']).toContain(setup!.needle.point);
  });

  it('is hemmed slowly with a strong needle at about 3 mm, and warns at 14 oz', () => {
    const { setup, cautions, plan } = ask(
      { structure: 'woven', family: 'denim', massGsm: 480 },
      { kind: 'hem', layers: 6 },
    );
    expect(setup!.needle.nm).toSatisfy(sizes(100, 110));
    expect(plan.speed).toBe('slow');
    expect(cautions.join(' ')).toMatch(/industrial/);
  });
});

describe('practice: light silk', () => {
  const silk = { structure: 'woven', family: 'silk', massGsm: 50 } as const;

  it('is joined with 60–70, fine thread, 1.5–2 mm, tension normal to one down, tails knotted, from a leader', () => {
    const { setup, plan } = ask(silk, { kind: 'join' });
    expect(['universal', 'sharp']).toContain(setup!.needle.point);
    expect(setup!.needle.nm).toSatisfy(sizes(60, 70));
    expect(setup!.thread.tex).toBeLessThanOrEqual(24);
    expect(setup!.lengthMm).toSatisfy(sizes(1.5, 2));
    expect(setup!.tensionSteps).toSatisfy(sizes(-1, 0));
    expect(plan).toMatchObject({
      secure: 'knot',
      leader: true,
      hold: ['silk-pins-in-allowance'],
      cut: { layers: 'single', sandwich: true },
    });
    expect(plan.seam).toMatch(/French/);
    expect(plan.press.maxSolePlateC).toBeLessThanOrEqual(150);
  });

  it('is held from creeping and from the slot by a walking foot or the small hole', () => {
    const { setup } = ask(silk, { kind: 'join' });
    expect(setup!.foot === 'walking' || setup!.plate === 'straight').toBe(true);
  });

  it.each(['topstitch', 'hem'] as const)('keeps %s short and fine', (kind) => {
    const { setup } = ask(silk, { kind });
    expect(setup!.needle.nm).toSatisfy(sizes(60, 70));
    expect(setup!.lengthMm).toSatisfy(sizes(1.5, 2.5));
  });
});

describe('practice: neoprene', () => {
  const neoprene = { structure: 'foam', family: 'neoprene', thicknessMm: 2.5 } as const;

  it('is abutted with jeans 100/16 and a zigzag of 3.0–3.5 mm, tension up one to three steps, no pins, tails knotted', () => {
    const { setup, plan } = ask(neoprene, { kind: 'join' });
    expect(setup).toMatchObject({ needle: { point: 'jeans', nm: 100 }, stitch: 'zigzag', foot: 'walking' });
    expect(setup!.lengthMm).toSatisfy(sizes(3, 3.5));
    expect(setup!.tensionSteps).toSatisfy(sizes(1, 3));
    expect(plan.secure).toBe('knot');
    expect(plan.hold).not.toContain('pins');
    expect(plan.seam).toMatch(/side by side/);
  });

  it.each(['topstitch', 'hem'] as const)('takes a straight 3–3.5 mm %s', (kind) => {
    const { setup } = ask(neoprene, { kind });
    expect(setup!.stitch).toBe('straight');
    expect(setup!.lengthMm).toSatisfy(sizes(3, 3.5));
  });
});

describe('practice: sole-plate ceilings', () => {
  it('stay at one dot on foam and two on silk and knits (ISO 3758:2012: 110, 150, 200 °C)', () => {
    expect(
      ask({ structure: 'foam', family: 'neoprene' }, { kind: 'join' }).plan.press.maxSolePlateC,
    ).toBeLessThanOrEqual(110);
    expect(ask({ structure: 'woven', family: 'silk' }, { kind: 'join' }).plan.press.maxSolePlateC).toBe(150);
  });
});
