import { describe as group, expect, it } from 'vitest';
import { counted, describe, onlyField, recordName, type RecordChange, TABLE_WORDS, touchedFields } from '..';

const added = (table: string, to: object): RecordChange => ({ kind: 'added', table, id: 'a', to: to as never });
const removed = (table: string, from: object): RecordChange => ({
  kind: 'removed',
  table,
  id: 'a',
  from: from as never,
});
const updated = (from: object, to: object, table = 'cloths'): RecordChange => ({
  kind: 'updated',
  table,
  id: 'a',
  change: [from as never, to as never],
});

group('a record in words', () => {
  it('is called what it is, by its own name where it has one', () => {
    expect(recordName('cloths', { cloth: { name: ' Plum jersey ' } })).toBe('fabric “Plum jersey”');
    expect(recordName('machines', { machine: { name: 'Fern' } })).toBe('machine “Fern”');
    expect(recordName('lines', { number: 3 })).toBe('test 3');
    expect(recordName('threads', { colourName: 'sand' })).toBe('thread “sand”');
    expect(recordName('runs', { clothName: 'Poplin' })).toBe('sewing record “Poplin”');
    for (const table of ['swatches', 'cards', 'jobs', 'views'] as const)
      expect(recordName(table, { name: 'Mine' })).toBe(`${TABLE_WORDS[table].one} “Mine”`);
  });

  it('of no shape, or without a name, is still called something', () => {
    for (const nothing of [null, undefined, 'x', {}, { cloth: null }, { cloth: { name: '  ' } }])
      expect(recordName('cloths', nothing)).toBe('fabric');
    expect(recordName('lines', { number: '3' })).toBe('test');
    expect(recordName('threads', { colourName: '' })).toBe('thread');
    for (const table of ['needles', 'care', 'photos', 'onMachine', 'kit', 'preferences', 'setAside'] as const)
      expect(recordName(table, { name: 'Mine' })).toBe(TABLE_WORDS[table].one);
    // A table this version does not know, and a word every object has.
    expect(recordName('ribbons', { name: 'Red' })).toBe('entry');
    expect(recordName('constructor', {})).toBe('entry');
  });

  it('is counted', () => {
    expect([counted('cloths', 1), counted('cloths', 2), counted('ribbons', 2)]).toEqual([
      '1 fabric',
      '2 fabrics',
      '2 entries',
    ]);
  });
});

group('what was done, in words', () => {
  it('names the one thing', () => {
    expect(describe([added('swatches', { name: 'Hem' })])).toBe('Swatch “Hem” added');
    expect(describe([removed('swatches', { name: 'Hem' })])).toBe('Swatch “Hem” deleted');
    expect(describe([updated({ cloth: { name: 'Plum' } }, { cloth: { name: 'Prune' } })])).toBe(
      'Fabric “Prune” changed',
    );
    expect(describe([])).toBe('Nothing changed');
  });
  it('counts what is alike, and says how much else there was', () => {
    const two = [added('lines', { number: 1 }), added('lines', { number: 2 })];
    expect(describe(two)).toBe('2 tests added');
    expect(describe([...two, removed('lines', { number: 3 }), added('cards', {})])).toBe('2 tests added and 2 more');
  });
  it('leaves out what comes along, unless there is nothing else', () => {
    for (const beside of ['photos', 'preferences', 'onMachine', 'kit']) {
      expect(describe([added(beside, {}), added('jobs', { name: 'Bag' })])).toBe('Project “Bag” added');
      expect(describe([added(beside, {})])).toMatch(/ added$/);
    }
  });
});

group('what a change touches', () => {
  it('is each field that differs, and of a list with ids each entry that does', () => {
    expect(touchedFields(updated({ a: 1, b: 2 }, { a: 1, b: 3, c: 4 }))).toEqual(['b', 'c']);
    const list = (...entries: [string, number][]) => ({ list: entries.map(([id, by]) => ({ id, by })) });
    expect(touchedFields(updated(list(['x', 1], ['y', 1]), list(['x', 1], ['y', 2], ['z', 1])))).toEqual([
      'list/y',
      'list/z',
    ]);
    expect(touchedFields(updated(list(['x', 1], ['y', 1]), list(['y', 1])))).toEqual(['list/x']);
    // Only the order is another one.
    expect(touchedFields(updated(list(['x', 1], ['y', 1]), list(['y', 1], ['x', 1])))).toEqual(['list']);
  });
  it('is the whole list where its entries have no ids of their own', () => {
    const whole = (from: unknown, to: unknown) => touchedFields(updated({ list: from }, { list: to }));
    expect(whole([1], [2])).toEqual(['list']);
    expect(whole([{ id: 1 }], [{ id: 2 }])).toEqual(['list']);
    expect(whole([{ id: 'x' }, { id: 'x' }], [])).toEqual(['list']);
    expect(whole([null], [{ id: 'x' }])).toEqual(['list']);
    expect(whole({ id: 'x' }, [{ id: 'x' }])).toEqual(['list']);
  });
  it('is nothing for a record that came or went', () => {
    expect(touchedFields(added('cloths', { a: 1 }))).toEqual([]);
    expect(touchedFields(removed('cloths', { a: 1 }))).toEqual([]);
  });
});

group('the one field that differs', () => {
  it('is told by its path, however deep', () => {
    expect(onlyField({ a: 1 }, { a: 2 })).toBe('a');
    expect(onlyField({ a: { b: [{ c: 1 }] } }, { a: { b: [{ c: 2 }] } })).toBe('a.b.0.c');
    expect(onlyField({ a: 1 }, { a: 1, b: 2 })).toBe('b');
    expect(onlyField({ a: 1, b: 2 }, { a: 1 })).toBe('b');
    expect(onlyField({ a: [] }, { a: {} })).toBe('a');
    expect(onlyField({ a: null }, { a: { b: 1 } })).toBe('a');
    expect(onlyField(1, 2)).toBe('');
  });
  it('is none where nothing differs, or more than one', () => {
    expect(onlyField({ a: 1 }, { a: 1 })).toBeNull();
    expect(onlyField({ a: 1, b: 1 }, { a: 2, b: 2 })).toBeNull();
    expect(onlyField({ a: { b: 1, c: 1 } }, { a: { b: 2, c: 2 } })).toBeNull();
  });
});
