import { describe, expect, it } from 'vitest';
import { writtenIn } from './ownWords';

describe('What a person wrote in a record', () => {
  const found = (value: unknown) => {
    const into = new Set<string>();
    writtenIn(value, new Set(['name', 'notes', 'kept']), into);
    return [...into];
  };

  it('is found in its fields, however deep, and nothing else is', () =>
    expect(
      found({
        id: 'a b',
        notes: 'for the zip',
        seams: [{ name: 'side zip', kind: 'centred zip' }],
        at: null,
        count: 2,
      }),
    ).toEqual(['for the zip', 'side zip']));

  it('is found in each part of a field that has several', () =>
    expect(found({ kept: { zip: 'grey tin', standard: 'on the machine' } })).toEqual(['grey tin', 'on the machine']));
});
