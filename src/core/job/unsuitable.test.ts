import { expect, it } from 'vitest';
import { clothSchema } from '../cloth';
import { jobFromTemplate, TEMPLATES } from './templates';
import { unsuitableSeams } from './unsuitable';

const cloth = (family: string, structure: string) => clothSchema.parse({ family, structure });
const seamsOf = (id: string) =>
  jobFromTemplate(
    TEMPLATES.find((one) => one.id === id)!,
    { name: 'x', machineId: null, clothId: 'c', secondClothId: null, colour: '' },
    { id: 'j', newId: () => `k${Math.random()}`, at: '2026-03-01T10:00:00Z' },
  ).seams;

it('names the seams of a template that are not for the fabric chosen, and nothing while none is', () => {
  const seams = TEMPLATES.flatMap(({ id }) => seamsOf(id));
  const inVinyl = unsuitableSeams(seams, () => cloth('vinyl', 'coated'));
  expect(inVinyl.length).toBeGreaterThan(0);
  for (const { why, name } of inVinyl) expect(`${name} ${why}`.length).toBeGreaterThan(20);
  expect(inVinyl.some(({ instead }) => instead !== undefined)).toBe(true);
  expect(inVinyl.length).toBeGreaterThan(unsuitableSeams(seams, () => cloth('poplin', 'woven')).length);
  expect(unsuitableSeams(seams, () => null)).toEqual([]);
});
