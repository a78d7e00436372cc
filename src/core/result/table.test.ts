import { describe, expect, expectTypeOf, it } from 'vitest';
import type { Origin } from './provenance';
import { idsOf, mapTable, rowsOf, tableOf } from './table';

interface Animal {
  legs: number;
  wings?: number;
}
const SEEN: Origin = { provenance: 'common-practice', source: 'Looked at.' };
const ANIMAL = tableOf<Animal>()({
  hen: { ...SEEN, legs: 2, wings: 2 },
  cat: { ...SEEN, legs: 4 },
  '7': { ...SEEN, legs: 0 },
});

describe('a table', () => {
  it('knows its ids from its rows, and each row knows its own', () => {
    expect(idsOf(ANIMAL)).toContain('hen');
    expect(ANIMAL.cat).toEqual({ ...SEEN, id: 'cat', legs: 4 });
    expect(rowsOf(ANIMAL).map(({ id }) => id)).toEqual(idsOf(ANIMAL));
    expectTypeOf<keyof typeof ANIMAL>().toEqualTypeOf<'hen' | 'cat' | '7'>();
    expectTypeOf(ANIMAL.cat.id).toEqualTypeOf<'cat'>();
  });

  it('does not compile with a row that lacks a fact, has one too many, or is looked up by no id', () => {
    // @ts-expect-error a row without its legs
    tableOf<Animal>()({ snake: { ...SEEN } });
    // @ts-expect-error a row that does not say whose word it is
    tableOf<Animal>()({ snake: { legs: 0 } });
    // @ts-expect-error a row that names no source
    tableOf<Animal>()({ snake: { legs: 0, provenance: 'memory' } });
    // @ts-expect-error a fact that no animal has
    tableOf<Animal>()({ fish: { ...SEEN, legs: 0, fins: 4 } });
    // @ts-expect-error there is no dog
    expect(ANIMAL.dog).toBeUndefined();
    const sounds = { hen: 'cluck', cat: 'miaow', '7': '' } satisfies Record<keyof typeof ANIMAL, string>;
    // @ts-expect-error a side table without its cat
    const fewer = { hen: 'cluck', '7': '' } satisfies Record<keyof typeof ANIMAL, string>;
    expect(Object.keys(sounds).length).toBeGreaterThan(Object.keys(fewer).length);
  });

  it('can be worked out into another one, row by row', () => {
    expect(mapTable(ANIMAL, ({ legs }, id) => `${id} ${legs}`)).toEqual({ hen: 'hen 2', cat: 'cat 4', '7': '7 0' });
  });
});
