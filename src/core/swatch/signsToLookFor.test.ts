import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clothSchema, FAMILIES, FAMILY } from '../cloth';
import { seamContext } from '../physics';
import { OPERATION_KINDS } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { SIGNS } from '../stitch';
import { signsToLookFor } from '.';

const setup = plainSetup({ needle: { point: 'ballpoint', nm: 80 } });
const seam = (family: (typeof FAMILIES)[number], kind: (typeof OPERATION_KINDS)[number] = 'join') =>
  seamContext(clothSchema.parse({ structure: FAMILY[family].structure, family }), { kind });

describe('what to look for on a line', () => {
  it('a knit is first looked at for skipped stitches and waves, lawn for puckers', () => {
    expect(signsToLookFor(seam('jersey'), setup).usual.slice(0, 2)).toEqual(['skipped', 'wavy']);
    expect(signsToLookFor(seam('lawn'), setup).usual[0]).toBe('pucker-line');
  });

  it('a ridge between rows only where there are two needles', () => {
    expect(signsToLookFor(seam('jersey'), setup)).not.toMatchObject({ usual: expect.arrayContaining(['tunnel']) });
    const twin = { ...setup, needle: { point: 'twin-stretch' as const, nm: 75, gapMm: 2.5 } };
    expect(signsToLookFor(seam('jersey', 'hem'), twin).usual).toEqual(
      expect.arrayContaining(['tunnel', 'one-needle-missing']),
    );
  });

  it('a bubble only at a zip', () => {
    const all = ({ usual, others }: ReturnType<typeof signsToLookFor>) => [...usual, ...others];
    expect(all(signsToLookFor(seam('lawn'), setup))).not.toContain('zip-bubble');
    expect(signsToLookFor(seam('lawn', 'zip-centred'), setup).usual).toContain('zip-bubble');
  });

  it('no sign is shown twice and none is made up', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), fc.constantFrom(...OPERATION_KINDS), (family, kind) => {
        const { usual, others } = signsToLookFor(seam(family, kind), setup);
        const all = [...usual, ...others];
        expect(new Set(all).size).toBe(all.length);
        expect(SIGNS).toEqual(expect.arrayContaining(all));
        expect(usual.length).toBeGreaterThanOrEqual(11);
      }),
    );
  });
});
