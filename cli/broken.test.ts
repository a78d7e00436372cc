import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { CALCULATIONS } from './calculations';
import { ASKED, cloth } from './asked.testing';
import { COMMANDS } from './commands';
import { withProvenanceShape } from './provenance';
import { runCommand } from './run';
import { verifyListSchema } from './verifyList';

const demo = readFileSync(path.join(import.meta.dirname, '../demo/tansy-wren.json'), 'utf8');
const run = (name: string, text: string, ...more: string[]) => runCommand([...name.split(' '), ...more], () => text);

/** Either an answer that fits its own schema, or one line that names a field, and nothing else. */
function holds(name: string, text: string): void {
  const { exit, out, error } = run(name, text);
  const table = name.startsWith('calc ') ? CALCULATIONS : COMMANDS;
  if (exit === 0) {
    expect(error).toBe('');
    const found = table[name.replace(/^calc /, '')];
    const output = 'read' in found ? found.output : withProvenanceShape(found.output);
    expect(output.safeParse(JSON.parse(out)).success).toBe(true);
    return;
  }
  expect(exit).toBe(2);
  expect(out).toBe('');
  expect(error).toMatch(/^[^\n]{1,400}\n$/);
  expect(error).toMatch(/^[^:]+: \S/);
}

/** The same input with each of its numbers in turn, and all of them, replaced. */
function withNumbers(input: object, value: number): string[] {
  const texts: string[] = [];
  const count = JSON.stringify(input, (_, v: unknown) => v).match(/:-?[\d.]+/g)?.length ?? 0;
  for (let at = -1; at < count; at += 1) {
    let seen = 0;
    const swap = (_: string, v: unknown): unknown => {
      if (typeof v !== 'number') return v;
      const mine = at === -1 || seen === at;
      seen += 1;
      return mine ? value : v;
    };
    texts.push(JSON.stringify(input, swap));
  }
  return texts;
}

describe('whatever is typed or piped in', () => {
  it('every command and calculation has its ordinary question here', () => {
    const all = [...Object.keys(COMMANDS), ...Object.keys(CALCULATIONS).map((name) => `calc ${name}`)];
    expect(all.filter((name) => name !== 'verify' && !(name in ASKED))).toEqual([]);
    for (const [name, input] of Object.entries(ASKED)) expect(run(name, JSON.stringify(input)).exit, name).toBe(0);
  });

  it.each(Object.keys(ASKED))('%s: numbers beyond all measure get an answer that fits, or one line', (name) => {
    for (const value of [1e-300, 1e300, 5e-324, -1e300, -1e-300, 1e-9, 1e9, 1e15]) {
      for (const text of withNumbers(ASKED[name], value)) holds(name, text);
    }
  });

  const text = JSON.stringify(ASKED.match);
  it.each<[string, string]>([
    ['nested thousands deep', `${'['.repeat(50_000)}${']'.repeat(50_000)}`],
    ['nested in a field', `{"cloth":${'{"a":'.repeat(20_000)}1${'}'.repeat(20_000)}}`],
    ['half a pair', JSON.stringify({ ...ASKED.match, cloth: { ...cloth, name: '\ud800' } })],
    ['a hidden field', text.replace('{"cloth":{', '{"cloth":{"__proto__":{"massGsm":1},')],
    ['nothing', ''],
    ['half of it', text.slice(0, -9)],
    ['a number too long to hold', text.replace('180', '1e999')],
    ['a name of a million letters', JSON.stringify({ ...ASKED.match, cloth: { ...cloth, name: 'x'.repeat(1e6) } })],
  ])('%s gets an answer that fits, or one line', (_, broken) => holds('match', broken));

  it('a byte order mark before it is no harm', () => expect(run('match', `\ufeff${text}`).exit).toBe(0));
});

describe('verify of a file of one thing', () => {
  const file = JSON.parse(demo) as Record<'cards' | 'cloths' | 'machines', { id: string; name?: string }[]>;
  const card = file.cards[0] as (typeof file.cards)[0] & { clothId: string; machineId: string };
  const whole = (more: object = {}) =>
    JSON.stringify({
      format: 'bobbet-card',
      version: 3,
      exportedAt: '2026-11-28T10:00:00Z',
      item: card,
      with: [
        { list: 'cloths', record: file.cloths.find(({ id }) => id === card.clothId) },
        { list: 'machines', record: file.machines.find(({ id }) => id === card.machineId) },
      ],
      ...more,
    });

  it('says what it is and how much is in it', () => {
    const { exit, out } = run('verify', whole());
    expect(exit).toBe(0);
    expect(JSON.parse(out)).toEqual({
      format: 'bobbet-card',
      version: 3,
      counts: { cards: 1, cloths: 1, machines: 1 },
    });
  });

  it.each<[string, object, RegExp]>([
    ['a wrong field of the thing', { item: { ...card, passedAt: 'once' } }, /^item\.passedAt: /],
    ['a wrong field beside it', { with: [{ list: 'cloths', record: { id: 'x' } }] }, /^with\[0\]\.record\./],
    ['a list nobody knows', { with: [{ list: 'hats', record: {} }] }, /^with\[0\]\.list: /],
    ['a newer version', { version: 4 }, /^version: expected 3, got 4: this file was written by a newer Bobbet/],
    ['a photo that is not in it', { item: { ...card, photoId: 'lost' } }, /^item\.photoId: .*"lost"/],
    ['nothing in it', { item: undefined }, /^item: /],
  ])('with %s is one line that names it', (_, more, line) => {
    const { exit, error } = run('verify', whole(more));
    expect([exit, error]).toEqual([2, expect.stringMatching(line)]);
    expect((JSON.parse(run('verify', whole(more), '--list').out) as { wrong: unknown[] }).wrong).toHaveLength(1);
  });

  it('carries along a field it does not know', () =>
    expect(run('verify', whole({ item: { ...card, price: 3 } })).exit).toBe(0));
});

describe('ids in a question', () => {
  it('make a card proof of this machine; without them it is from another one', () => {
    const [card] = (JSON.parse(demo) as { cards: Record<string, unknown>[] }).cards;
    const question = { cloth: card.cloth, operation: card.operation, tested: [card] };
    const reasons = (more: object) =>
      JSON.stringify(
        (JSON.parse(run('match', JSON.stringify({ ...question, ...more })).out) as { reasons: unknown }).reasons,
      );
    expect(reasons({ machineId: card.machineId, clothId: card.clothId })).toMatch(/on this machine/);
    expect(reasons({})).not.toMatch(/on this machine/);
  });

  it('are answered with the version of the tables', () => {
    const { knowledge } = JSON.parse(run('match', JSON.stringify(ASKED.match)).out) as { knowledge: string };
    expect(knowledge).toMatch(/^\d{4}-\d\d-\d\d$/);
  });
});

describe('verify', () => {
  const edited = (edit: (file: Record<string, Record<string, unknown>[]>) => void) => {
    const file = JSON.parse(demo) as Record<string, Record<string, unknown>[]>;
    edit(file);
    return JSON.stringify(file);
  };
  const broken = edited((file) => {
    file.cards[0].passedAt = 'once';
    file.lines[2].swatchId = 'gone';
    file.views.push({ ...file.views[0] });
  });

  it('names the first thing wrong and ends with 2', () => {
    const { exit, error } = run('verify', broken);
    expect([exit, error]).toEqual([2, expect.stringMatching(/^cards\[0\]\.passedAt: /)]);
  });

  it('with --list names them all and ends with 0', () => {
    const { exit, out } = run('verify', broken, '--list');
    expect(verifyListSchema.safeParse(JSON.parse(out)).success).toBe(true);
    const told = JSON.parse(out) as { wrong: { path: string; text: string }[]; counts: Record<string, number> };
    expect(exit).toBe(0);
    expect(told.wrong.map(({ path: at }) => at).sort()).toEqual([
      'cards[0].passedAt',
      'lines[2].swatchId',
      expect.stringMatching(/^views\[\d\]\.id$/),
    ]);
    expect(told.counts).toMatchObject({ cards: 4, cloths: 10 });
  });

  it('with --list of a whole file finds nothing', () =>
    expect(JSON.parse(run('verify', demo, '--list').out)).toMatchObject({ version: 3, wrong: [] }));

  it.each(['{', '[]', '{"format":"bobbet-workroom","version":9}', '7', ''])('with --list of %j says why', (text) => {
    const { exit, out } = run('verify', text, '--list');
    expect(exit).toBe(0);
    expect((JSON.parse(out) as { wrong: unknown[] }).wrong.length).toBeGreaterThan(0);
  });

  it('and only verify has a list', () =>
    expect(run('match', '{}', '--list').error).toBe('--list: match has no list\n'));
});
