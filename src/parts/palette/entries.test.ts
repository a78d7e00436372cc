import { describe, expect, it } from 'vitest';
import { wordIndex } from '@/workers/wordIndex';
import { answersTo, fixedEntries, shownEntries } from './entries';

const entries = fixedEntries();
const { find } = wordIndex(entries.map(answersTo));
const titles = (typed: string, recent: readonly string[] = []) =>
  shownEntries(entries, typed === '' ? null : find(typed), recent).map(({ kind, title }) => `${kind}: ${title}`);

describe('finding anything', () => {
  it('has every entry once', () => {
    expect(new Set(entries.map(({ id }) => id)).size).toBe(entries.length);
    expect(entries.length).toBeGreaterThan(150);
  });

  it.each([
    ['flat feled', 'operation: Flat-felled seam'],
    ['invisible zipper', 'operation: Concealed zip'],
    ['glossary', 'place: Words: what everything is called'],
    ['new project', 'act: Start a project'],
    ['dark', 'act: Change between daylight and evening'],
    ['backup', 'place: Files and backups'],
  ])('%s leads to %s', (typed, first) => expect(titles(typed)).toContain(first));

  it('shows what was used last, then the pages, before anything is typed', () => {
    expect(titles('', ['operation:french', 'act:undo']).slice(0, 3)).toEqual([
      'operation: French seam',
      'act: Undo',
      'place: Today',
    ]);
    expect(titles('', ['operation:gone'])[0]).toBe('place: Today');
  });

  it('of what answers alike, what was used lately comes first; a far guess does not overtake', () => {
    const plain = titles('zip');
    const last = entries.find(({ title, kind }) => `${kind}: ${title}` === plain[4])!;
    expect(titles('zip', [last.id])[0]).toBe(plain[4]);
    const far = entries.find(({ title, kind }) => `${kind}: ${title}` === plain[8])!;
    expect(titles('zip', [far.id])[0]).toBe(plain[0]);
  });

  it('finds nothing for nothing that is there', () => expect(titles('qwxyz')).toEqual([]));
});
