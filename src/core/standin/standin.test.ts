import { describe, expect, it } from 'vitest';
import { FULL_KIT, PLAIN_MACHINE } from '../kit';
import { plainSetup } from '../setup/plainSetup.testing';
import { HIDDEN_FAULTS, quirksOf, sew, sewInputSchema, sewLine, sewOutputSchema } from '.';

const jersey = { structure: 'knit' as const, family: 'jersey' as const, traits: [], massGsm: 170, stretchAcross: 50 };
const setup = plainSetup({
  needle: { point: 'ballpoint', nm: 75 },
  foot: 'walking',
  stitch: 'zigzag',
  widthMm: 2,
  pressure: 0.25,
});
const line = (more: object = {}, quirks = quirksOf(5)) =>
  sewLine({ setup: { ...setup, ...more }, cloth: jersey, lengthMm: 100, direction: 'across', layers: 2 }, quirks, 9);
const plain = (findings: readonly { sign: string; severity: number }[]) =>
  findings.filter((f) => f.severity >= 2).map((f) => f.sign);

describe('the stand-in machine', () => {
  it('sews the same line for the same seed, and says that it is simulated', () => {
    const input = sewInputSchema.parse({ setup, cloth: jersey, machineSeed: 3 });
    expect(sew(input)).toEqual(sew(input));
    expect(sew(input).simulated).toBe(true);
    expect(sewOutputSchema.safeParse(sew(input)).success).toBe(true);
    expect(sew({ ...input, machineSeed: 4 })).not.toEqual(sew(input));
  });

  it('sews a good setting without anything worse than slight, on nearly every machine', () => {
    const bad = Array.from({ length: 60 }, (_, seed) => plain(line({}, quirksOf(seed)).findings)).filter(
      (s) => s.length > 0,
    );
    expect(bad.length).toBeLessThanOrEqual(3);
  });

  it.each([
    ['heavier pressure lengthens a knit', { pressure: 1, foot: 'standard' }, 'wavy'],
    ['a thick needle makes holes in it', { needle: { point: 'ballpoint', nm: 100 } }, 'holes'],
    ['a sharp point skips on it', { needle: { point: 'sharp', nm: 75 } }, 'skipped'],
    ['high tension shows', { tensionSteps: 3 }, 'loops-above'],
    ['low tension shows on the other side', { tensionSteps: -3 }, 'loops-below'],
  ])('%s', (_, more, sign) => expect(plain(line(more).findings)).toContain(sign));

  it('gives more with a wide short zigzag than with a straight stitch', () =>
    expect(line({ lengthMm: 1.5, widthMm: 5 }).measures.popPercent).toBeGreaterThan(
      line({ stitch: 'straight', widthMm: 0 }).measures.popPercent,
    ));

  it('hides a fault that shows, whichever it is, somewhere', () => {
    for (const fault of HIDDEN_FAULTS.filter((f) => f !== 'big-needle')) {
      const quirks = quirksOf(5, fault);
      const leather = { structure: 'coated' as const, family: 'vinyl' as const, traits: [] };
      const vinyl = {
        ...setup,
        stitch: 'straight' as const,
        widthMm: 0,
        lengthMm: 3.2,
        needle: { point: 'jeans' as const, nm: 90 },
      };
      const lines = [
        line({ foot: 'standard', pressure: 0.5 }, quirks),
        sewLine({ setup: vinyl, cloth: leather, lengthMm: 100, direction: 'along', layers: 2 }, quirks, 9),
      ];
      expect(lines.flatMap((l) => plain(l.findings)).length, fault).toBeGreaterThan(0);
    }
  });

  it('knows every foot and point that is sold', () => {
    for (const foot of FULL_KIT.feet) expect(Number.isFinite(line({ foot }).measures.shiftMm)).toBe(true);
    for (const needle of FULL_KIT.needles) expect(Number.isFinite(line({ needle }).measures.ridgeMm)).toBe(true);
    for (const stitch of PLAIN_MACHINE.stitches)
      expect(Number.isFinite(line({ stitch }).measures.popPercent)).toBe(true);
  });
});
