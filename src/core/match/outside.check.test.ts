import { describe, expect, it } from 'vitest';
import { type Cloth, FAMILIES, FAMILY } from '../cloth';
import { match, matchInputSchema } from '.';
import { RULES } from './rules/rules';

const pressOf = (fibres: Cloth['fibres']) =>
  match(
    matchInputSchema.parse({ cloth: { structure: 'woven', family: 'poplin', fibres }, operation: { kind: 'join' } }),
  ).plan.press;

describe('published: what ISO 3758:2012 says of the dots of an iron', () => {
  it.each(['acetate', 'nylon', 'acrylic'])(
    'at one dot (%s) the sole plate is 110 °C at most, and steam is advised against',
    (fibre) => expect(pressOf({ [fibre]: 100 })).toMatchObject({ maxSolePlateC: 110, steam: 'no' }),
  );

  it('no sole plate is ever hotter than three dots, 200 °C', () => {
    for (const family of FAMILIES) {
      const cloth = { structure: FAMILY[family].structure, family };
      const { plan } = match(matchInputSchema.parse({ cloth, operation: { kind: 'join' } }));
      expect([0, 110, 150, 200], family).toContain(plan.press.maxSolePlateC);
    }
  });

  it('at one dot or less nothing is ironed with steam, of a fibre known or not; a pile is not ironed at all', () => {
    for (const family of FAMILIES.filter((one) => !FAMILY[one].pile))
      for (const fibres of [undefined, { elastane: 5, cotton: 95 }, { acrylic: 100 }]) {
        const cloth = { structure: FAMILY[family].structure, family, fibres };
        const { press } = match(matchInputSchema.parse({ cloth, operation: { kind: 'join' } })).plan;
        if (press.maxSolePlateC <= 110) expect(press.steam, family).toBe('no');
      }
  });

  it('nor is a pile steamed whose fibre is known to take one dot; of a fibre nobody knows it is steamed from above', () => {
    const steam = (fibres?: Cloth['fibres']) =>
      match(
        matchInputSchema.parse({
          cloth: { structure: 'woven', family: 'velvet', fibres },
          operation: { kind: 'join' },
        }),
      ).plan.press;
    expect(steam({ acrylic: 100 })).toMatchObject({ maxSolePlateC: 110, steam: 'no' });
    expect(steam()).toMatchObject({ maxSolePlateC: 110, steam: 'little' });
  });

  it('it gives no fabric and no fibre its dots: no rule says so in its name', () => {
    for (const { id, provenance } of RULES) expect(provenance, id).not.toBe('standard');
  });
});

describe('practice: care of fibres', () => {
  it.each([
    ['cotton', 200],
    ['linen', 200],
    ['wool', 150],
    ['silk', 150],
    ['viscose', 150],
    ['polyester', 150],
    ['nylon', 110],
    ['acrylic', 110],
    ['acetate', 110],
  ])('%s takes %i °C at most', (fibre, ceiling) => expect(pressOf({ [fibre]: 100 }).maxSolePlateC).toBe(ceiling));
});
