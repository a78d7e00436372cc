import { describe, expect, it } from 'vitest';
import { CONTENT_POLICY, policyText } from './contentPolicy';
import { dataAddress, dataAsked, keptPage, movedTo } from './pages';

describe('own: which kept file answers a request', () => {
  const kept = new Set(['/', '/match', '/test/signs', '/log/']);
  const isKept = (address: string) => kept.has(address);

  it.each([
    ['/match', '/match'],
    ['/match/', '/match'],
    ['/log', '/log/'],
    ['/log/', '/log/'],
    ['/test/signs', '/test/signs'],
    ['/', '/'],
    ['/test', null],
    ['/match/x', null],
  ])('%s: %s', (path, page) => expect(keptPage(path, isKept)).toBe(page));

  it.each([
    ['/cloth', '?id=merino', '/fabric?id=merino'],
    ['/swatch/signs', '', '/test/signs'],
    ['/fabric', '', null],
    ['/toString', '', null],
    ['/', '', null],
  ])('%s%s moved to %s', (pathname, search, to) => expect(movedTo({ pathname, search })).toBe(to));

  it('the data of a page have an address of their own, by part', () => {
    for (const segment of [null, '/_tree', '/match/__PAGE__']) {
      const address = new URL(dataAddress('/match', segment), 'http://localhost');
      expect(dataAsked(address)).toEqual({ page: '/match', segment });
    }
    expect(dataAsked(new URL('http://localhost/match?id=x'))).toBeNull();
  });
});

describe('own: the content policy', () => {
  it('lets nothing in from elsewhere, and no script that is not named', () => {
    const text = policyText(CONTENT_POLICY);
    expect(text).toContain("script-src 'self';");
    expect(text).not.toMatch(/https?:|\*|unsafe-eval/);
  });
});
