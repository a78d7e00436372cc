import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { canonical, nextStamp } from '../../file';
import { changeOf, type StoredRow } from '../../workroom';
import { mergeChanges, type Merged } from './mergeChanges';
import { type DeviceState, keyOf, withStamps } from './state';
import { stampChange } from './stampChange';
import { changesSince } from './tell';

/** A device in a history: what it has, what its last change was, and how far it had told the other. */
interface Device {
  name: string;
  state: DeviceState;
  last: string | null;
  told: string | null;
  /** What it last deleted, to be undone. */
  gone: { list: string; id: string; record: StoredRow }[];
}

const EMPTY: DeviceState = { records: new Map(), stamps: new Map(), deleted: new Map(), knows: {} };
const device = (name: string, state = EMPTY): Device => ({ name, state, last: null, told: null, gone: [] });

/** Writes one record, as an edit does. */
function write(on: Device, list: string, id: string, to: StoredRow | undefined, clock: number): void {
  const key = keyOf({ list, id });
  const change = changeOf(list, id, on.state.records.get(key)?.record, to);
  if (!change) return;
  const at = nextStamp(on.last, clock, on.name);
  on.last = at;
  const stamping = stampChange(change, at, on.state.stamps.get(key), on.state.deleted.get(key));
  const records = new Map(on.state.records);
  const stamps = new Map(on.state.stamps);
  const deleted = new Map(on.state.deleted);
  if (to === undefined) records.delete(key);
  else records.set(key, { list, id, record: to });
  if (stamping.kind === 'deleted') {
    stamps.delete(key);
    deleted.set(key, stamping.note);
  } else {
    deleted.delete(key);
    stamps.set(key, stamping.stamp);
  }
  const state = { records, stamps, deleted, knows: on.state.knows };
  on.state = { ...state, knows: withStamps(on.state.knows, state) };
}

const hear = (on: Device, merged: Merged) => {
  const { records, stamps, deleted, knows } = merged;
  const state = { records, stamps, deleted, knows };
  on.state = state;
  for (const stamp of Object.values(state.knows)) if (on.last === null || stamp > on.last) on.last = stamp;
};

/** One tells the other what has changed since last time. */
function tell(from: Device, to: Device): Merged {
  const changes = changesSince(from.state, from.name, from.told, from.last);
  from.told = from.last;
  const merged = mergeChanges(to.state, changes);
  hear(to, merged);
  return merged;
}

const plain = ({ records, stamps, deleted }: DeviceState) =>
  canonical({
    records: Object.fromEntries([...records].map(([key, { record }]) => [key, record])),
    stamps: Object.fromEntries(stamps),
    // What a deleted record was is one device's own.
    deleted: Object.fromEntries([...deleted].map(([key, { at }]) => [key, at])),
  });

const record = (id: string, more: StoredRow = {}): StoredRow => ({
  id,
  name: id,
  entries: [],
  look: { x: 0 },
  ...more,
});
const get = (on: Device, id: string) => on.state.records.get(`things ${id}`)?.record;
const bothWith = (...ids: string[]): [Device, Device] => {
  const a = device('a');
  ids.forEach((id, i) => write(a, 'things', id, record(id), i + 1));
  const b = device('b');
  tell(a, b);
  return [a, b];
};

describe('own: two devices brought together', () => {
  it('of each field the later edit stays, and another field is no clash', () => {
    const [a, b] = bothWith('x');
    write(a, 'things', 'x', { ...get(a, 'x')!, name: 'from a' }, 100);
    write(b, 'things', 'x', { ...get(b, 'x')!, notes: 'from b' }, 101);
    const { clashes } = tell(a, b);
    expect(get(b, 'x')).toMatchObject({ name: 'from a', notes: 'from b' });
    expect(clashes).toEqual([]);
  });

  it('the same field on both: the later stays, and what lost is listed', () => {
    const [a, b] = bothWith('x');
    write(a, 'things', 'x', { ...get(a, 'x')!, name: 'earlier' }, 100);
    write(b, 'things', 'x', { ...get(b, 'x')!, name: 'later' }, 101);
    const { clashes } = tell(a, b);
    expect(get(b, 'x')?.name).toBe('later');
    expect(clashes).toEqual([{ list: 'things', id: 'x', field: 'name', kept: 'later', lost: 'earlier' }]);
    // Where both have heard of it, it is no clash any more.
    expect(tell(b, a).clashes).toEqual([]);
    expect(plain(a.state)).toBe(plain(b.state));
    expect([tell(a, b).clashes, tell(b, a).clashes]).toEqual([[], []]);
  });

  it('two parts of one thing are two fields: a weight here and a stretch there both stay', () => {
    const [a, b] = bothWith('x');
    write(a, 'things', 'x', { ...get(a, 'x')!, look: { x: 0, weight: 200 } }, 100);
    write(b, 'things', 'x', { ...get(b, 'x')!, look: { x: 0, stretch: 50 } }, 101);
    expect(tell(a, b).clashes).toEqual([]);
    expect(get(b, 'x')?.look).toEqual({ x: 0, weight: 200, stretch: 50 });
  });

  it('an edit that knew of the other one is no clash', () => {
    const [a, b] = bothWith('x');
    write(a, 'things', 'x', { ...get(a, 'x')!, name: 'first' }, 100);
    tell(a, b);
    write(b, 'things', 'x', { ...get(b, 'x')!, name: 'second' }, 101);
    expect(tell(b, a).clashes).toEqual([]);
    expect(get(a, 'x')?.name).toBe('second');
  });

  it('dated amounts add up, and one that was taken out stays out', () => {
    const [a, b] = bothWith('x');
    const entry = (id: string) => ({ id, hours: 1 });
    write(a, 'things', 'x', { ...get(a, 'x')!, entries: [entry('p')] }, 100);
    tell(a, b);
    write(a, 'things', 'x', { ...get(a, 'x')!, entries: [entry('p'), entry('q')] }, 101);
    write(b, 'things', 'x', { ...get(b, 'x')!, entries: [entry('r')] }, 102);
    tell(a, b);
    tell(b, a);
    expect((get(a, 'x')!.entries as { id: string }[]).map(({ id }) => id).sort()).toEqual(['q', 'r']);
    expect(plain(a.state)).toBe(plain(b.state));
  });

  it('a deletion travels; an edit that came later than it brings the record back, and that is said', () => {
    const [a, b] = bothWith('x', 'y');
    write(a, 'things', 'x', undefined, 100);
    write(a, 'things', 'y', undefined, 101);
    write(b, 'things', 'y', { ...get(b, 'y')!, name: 'needed' }, 102);
    const { clashes } = tell(a, b);
    expect([get(b, 'x'), get(b, 'y')?.name]).toEqual([undefined, 'needed']);
    expect(clashes).toMatchObject([{ id: 'y', field: null, kept: { name: 'needed' }, lost: null }]);
    tell(b, a);
    expect(get(a, 'y')?.name).toBe('needed');
  });

  it('an edit before the deletion is lost with it, and listed', () => {
    const [a, b] = bothWith('x');
    write(b, 'things', 'x', { ...get(b, 'x')!, name: 'in vain' }, 100);
    write(a, 'things', 'x', undefined, 101);
    const { clashes } = tell(a, b);
    expect(get(b, 'x')).toBeUndefined();
    expect(clashes).toMatchObject([{ field: null, kept: null, lost: { name: 'in vain' } }]);
  });

  it('undoing a deletion does not win against what the other has done to a field meanwhile', () => {
    const [a, b] = bothWith('x');
    const was = get(a, 'x')!;
    write(a, 'things', 'x', undefined, 100);
    write(b, 'things', 'x', { ...get(b, 'x')!, name: 'from b' }, 101);
    write(a, 'things', 'x', was, 102);
    tell(b, a);
    tell(a, b);
    expect([get(a, 'x')?.name, get(b, 'x')?.name]).toEqual(['from b', 'from b']);
  });

  it('what is new on something that was deleted keeps it alive', () => {
    const a = device('a');
    write(a, 'cloths', 'c', { id: 'c' }, 1);
    write(a, 'machines', 'm', { id: 'm' }, 2);
    write(a, 'swatches', 's', { id: 's', clothId: 'c', machineId: 'm' }, 3);
    const b = device('b');
    tell(a, b);
    write(a, 'swatches', 's', undefined, 10);
    write(b, 'lines', 'l', { id: 'l', swatchId: 's' }, 5);
    tell(b, a);
    tell(a, b);
    expect(a.state.records.has('swatches s')).toBe(true);
    expect(plain(a.state)).toBe(plain(b.state));
  });
});

/** What can happen on a device. */
const step = fc.record({
  who: fc.constantFrom(0, 1),
  what: fc.constantFrom('edit', 'edit', 'part', 'part', 'add', 'entry', 'drop', 'delete', 'undo', 'tell', 'order'),
  which: fc.nat(3),
  field: fc.constantFrom('name', 'notes', 'colour'),
  value: fc.nat(5),
  minutes: fc.nat(3),
});
type Step = typeof step extends fc.Arbitrary<infer T> ? T : never;

function happens(on: Device, other: Device, { what, which, field, value }: Step, clock: number, heard: Merged[]): void {
  const id = `r${which}`;
  const now = get(on, id);
  const entries = (now?.entries ?? []) as { id: string }[];
  if (what === 'tell') heard.push(tell(on, other));
  else if (what === 'add') write(on, 'things', now ? `${on.name}${clock}` : id, record(id, { name: value }), clock);
  else if (what === 'undo') {
    const back = on.gone.pop();
    if (back && !get(on, back.id)) write(on, back.list, back.id, back.record, clock);
  } else if (!now) return;
  else if (what === 'edit') write(on, 'things', id, { ...now, [field]: `${on.name}${value}` }, clock);
  else if (what === 'part')
    write(on, 'things', id, { ...now, look: { ...(now.look as object), [field]: `${on.name}${value}` } }, clock);
  else if (what === 'entry')
    write(on, 'things', id, { ...now, entries: [...entries, { id: `${on.name}${clock}`, hours: value }] }, clock);
  else if (what === 'drop') write(on, 'things', id, { ...now, entries: entries.slice(1) }, clock);
  else if (what === 'order') write(on, 'things', id, { ...now, entries: [...entries].reverse() }, clock);
  else {
    on.gone.push({ list: 'things', id, record: now });
    write(on, 'things', id, undefined, clock);
  }
}

const RUNS = Number(process.env.BOBBET_HISTORIES ?? 60);

describe(`own: ${RUNS} histories of two devices`, () => {
  it('end the same in both orders of merging, and every field is the last that was written to it', () => {
    fc.assert(
      fc.property(fc.array(step, { minLength: 4, maxLength: 60 }), (steps) => {
        const [a, b] = bothWith('r0', 'r1', 'r2');
        const heard: Merged[] = [];
        let clock = 1000;
        for (const one of steps) {
          clock += 60_000 * one.minutes + 1;
          happens(one.who === 0 ? a : b, one.who === 0 ? b : a, one, clock, heard);
        }
        const [left, right] = [mergeChanges(a.state, b.state), mergeChanges(b.state, a.state)];
        expect(plain(left)).toBe(plain(right));
        expect(left.clashes.map((clash) => canonical(clash)).sort()).toEqual(
          right.clashes.map((clash) => canonical(clash)).sort(),
        );
        nothingLost(left, [a, b]);
        tell(a, b);
        tell(b, a);
        expect(plain(a.state)).toBe(plain(b.state));
        expect(plain(a.state)).toBe(plain(left));
        // Once more changes nothing.
        const again = mergeChanges(a.state, b.state);
        expect(plain(again)).toBe(plain(a.state));
        expect(again.clashes).toEqual([]);
      }),
      { numRuns: RUNS },
    );
  });
});

/** What is in a field, its parts one by one. */
const fieldsOf = (had: StoredRow): [string, unknown][] =>
  Object.entries(had).flatMap(([field, value]): [string, unknown][] =>
    field === 'entries'
      ? []
      : field === 'look'
        ? Object.entries(value as object).map(([part, one]) => [`look.${part}`, one])
        : [[field, value]],
  );

/** Whatever either side had is there, was overwritten by a later edit of the same field, or is listed. */
function nothingLost(merged: Merged, sides: Device[]): void {
  const listed = new Set(merged.clashes.map(({ id, field }) => `${id} ${field}`));
  for (const [i, { state }] of sides.entries())
    for (const [key, { id, record: had }] of state.records) {
      const now = merged.records.get(key)?.record;
      const other = sides[1 - i].state;
      if (!now) {
        expect(merged.deleted.has(key)).toBe(true);
        continue;
      }
      const is = new Map(fieldsOf(now));
      for (const [field, value] of fieldsOf(had)) {
        if (canonical(is.get(field)) === canonical(value)) continue;
        const stamp = state.stamps.get(key)!;
        const others = other.stamps.get(key)!;
        const mine = stamp.fields[field] ?? stamp.at;
        const theirs = others.fields[field] ?? others.at;
        expect(theirs > mine || listed.has(`${id} ${field}`), `${key} ${field}`).toBe(true);
      }
    }
}
