import { describe, expect, it } from 'vitest';
import { type Cloth, clothProfile, clothSchema, FAMILIES, FAMILY, type Family } from '../../cloth';
import { rowsOf } from '../../result';
import { withLengths, IN_MM } from '../../units';
import { type ProcedureId, PROCEDURES } from '../all';
import { SUITABILITY, suits, suitsKind, usualOperation } from './suits';

const of = (family: Family, more: Partial<Cloth> = {}) =>
  clothProfile(clothSchema.parse({ structure: FAMILY[family].structure, family, ...more }));
const verdict = (procedure: ProcedureId, family: Family, more: Partial<Cloth> = {}) =>
  suits(procedure, { fabric: of(family, more) });
const rows = rowsOf(SUITABILITY);

describe('an operation is right for a fabric, or it is said what is not and what is sewn instead', () => {
  it.each<[ProcedureId, Family, string, string | undefined]>([
    ['french', 'silk', 'fine', undefined],
    ['french', 'velvet', 'not-this', 'plain-finished'],
    ['french', 'denim', 'not-this', 'plain-finished'],
    ['french', 'jersey', 'not-this', 'overlock-look'],
    ['gather', 'neoprene', 'not-this', 'dart'],
    ['gather', 'lawn', 'fine', undefined],
    ['zip-exposed', 'denim', 'not-this', 'zip-centred'],
    ['zip-exposed', 'neoprene', 'fine', undefined],
    ['hem-raw', 'denim', 'not-this', 'hem-double'],
    ['hem-raw', 'vinyl', 'fine', undefined],
    ['hem-jeans', 'denim', 'fine', undefined],
    ['hem-jeans', 'velvet', 'not-this', 'coat-hem'],
    ['hem-jeans', 'jersey', 'not-this', 'hem-twin'],
    ['topstitch-edge', 'velvet', 'not-this', 'understitch'],
    ['topstitch-edge', 'leather', 'with-care', undefined],
    ['baste', 'vinyl', 'not-this', undefined],
    ['abutted', 'neoprene', 'fine', undefined],
    ['abutted', 'poplin', 'not-this', 'plain-open'],
    ['bar-tack', 'leather', 'not-this', undefined],
    ['zip-concealed', 'neoprene', 'not-this', 'zip-exposed'],
    ['flat-felled', 'denim', 'fine', undefined],
    ['lapped-raw', 'leather', 'fine', undefined],
  ])('%s in %s: %s', (procedure, family, is, instead) => {
    const found = verdict(procedure, family);
    expect([found.verdict, found.instead]).toEqual([is, instead]);
  });

  it('a French seam ends at half a millimetre', () => {
    expect(verdict('french', 'linen', { thicknessMm: 0.5 }).verdict).toBe('fine');
    expect(verdict('french', 'linen', { thicknessMm: 0.51 }).verdict).toBe('not-this');
  });

  it('a knit has an edge to hold on to from a millimetre on', () => {
    expect(verdict('abutted', 'scuba', { thicknessMm: 1 }).verdict).toBe('not-this');
    expect(verdict('abutted', 'scuba', { thicknessMm: 1.01 }).verdict).toBe('with-care');
  });

  it('a coat-weight wool is turned once', () => {
    expect(verdict('hem-jeans', 'wool', { massGsm: 450, thicknessMm: 2.2 })).toMatchObject({ instead: 'coat-hem' });
    expect(verdict('hem-jeans', 'wool', { massGsm: 180, thicknessMm: 0.45 }).verdict).toBe('fine');
  });

  it('a band goes by its own fabric: below 60% it stays stretched, below 80% it gapes', () => {
    const band = (recovery: number) =>
      suits('neck-band', { fabric: of('jersey'), band: of('rib', { recovery }) }).verdict;
    expect([band(59), band(60), band(79), band(80)]).toEqual(['not-this', 'with-care', 'with-care', 'fine']);
    const woven = suits('neck-band', { fabric: of('poplin'), band: of('rib', { recovery: 95 }) });
    expect(woven.verdict).toBe('fine');
    expect(suits('neck-band', { fabric: of('poplin') })).toMatchObject({ verdict: 'not-this', instead: 'bind-edge' });
  });
});

describe('the table holds together', () => {
  it('every row speaks of a fabric somebody has, and says why in a sentence', () => {
    const reached = new Set<string>();
    const thick: Partial<Cloth>[] = [
      {},
      { thicknessMm: 0.52 },
      { thicknessMm: 1.3 },
      { thicknessMm: 1.7 },
      { recovery: 50 },
      { recovery: 70 },
      { traits: ['loose'] },
      { traits: ['curls'] },
    ];
    for (const family of FAMILIES)
      for (const more of thick)
        for (const { id } of PROCEDURES) {
          const { why } = verdict(id, family, more);
          if (why) reached.add(why);
        }
    for (const row of rows) {
      expect(reached, row.id).toContain(row.why);
      expect(withLengths(row.why, IN_MM)).toMatch(/^[A-Z][^{}]*\.$/);
    }
  });

  it.each(FAMILIES)('%s: what is named instead is not refused as well', (family) => {
    for (const { id } of PROCEDURES) {
      const found = verdict(id, family);
      if (found.instead)
        expect(verdict(found.instead, family).verdict, `${id} → ${found.instead}`).not.toBe('not-this');
    }
  });

  it.each(FAMILIES)('%s: there is a seam and a way to finish the edge that is not refused', (family) => {
    const ok = (ids: readonly ProcedureId[]) => ids.some((id) => verdict(id, family).verdict !== 'not-this');
    expect(ok(['plain-open', 'plain-finished', 'abutted'])).toBe(true);
    expect(
      ok(
        PROCEDURES.filter(({ group }) => group === 'hem')
          .map(({ id }) => id)
          .concat('bind-edge'),
      ),
    ).toBe(true);
  });
});

describe('a kind of stitching', () => {
  const on = (family: Family) => ({ fabric: of(family) });
  it('has one that is usually sewn on the fabric, never one that is not for it', () => {
    const on = (family: Family) => ({ fabric: of(family) });
    for (const family of FAMILIES) {
      const usual = usualOperation('join', on(family));
      if (usual) expect(suits(usual, on(family)).verdict).not.toBe('not-this');
    }
    expect(usualOperation('gather', on('neoprene'))).toBeNull();
    expect(suits(usualOperation('join', on('poplin'))!, on('poplin')).verdict).toBe('fine');
  });
  it('is fine where one way of sewing it is', () => expect(suitsKind('join', on('vinyl')).verdict).toBe('fine'));
  it('is told against where none is, with what is sewn instead', () => {
    expect(suitsKind('gather', on('neoprene'))).toMatchObject({ verdict: 'not-this' });
    expect(suitsKind('gather', on('poplin')).verdict).toBe('fine');
    expect(suitsKind('bar-tack', on('vinyl')).verdict).toBe('not-this');
  });
});
