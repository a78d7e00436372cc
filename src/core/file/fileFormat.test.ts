import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { kitRecordSchema, LISTS, MIGRATIONS, RECORD, workroomSchema } from '.';

const doc = readFileSync(path.join(import.meta.dirname, '../../../docs/file-format.md'), 'utf8');
const named = (field: string) => doc.includes(`\`${field}\``);
const fieldsOf = (schema: unknown) => Object.keys((schema as { shape: object }).shape);

describe('the page on the file format', () => {
  it.each(LISTS.map((list) => [list, fieldsOf(RECORD[list])] as const))('names every field of %s', (list, fields) => {
    expect(named(list)).toBe(true);
    expect(fields.filter((field) => !named(field))).toEqual([]);
  });

  it('names every part of the whole, and of the kit', () => {
    expect([...fieldsOf(workroomSchema), ...fieldsOf(kitRecordSchema)].filter((field) => !named(field))).toEqual([]);
  });

  it('lists every migration by its name', () =>
    expect(MIGRATIONS.map(({ id }) => id).filter((id) => !named(id))).toEqual([]));
});
