import { describe, expect, it } from 'vitest';
import { kindOfFile } from './builtFile';

describe('own: what a built file is asked for as', () => {
  it.each([
    ['match.html', { kind: 'file', address: '/match' }],
    ['test/signs.html', { kind: 'file', address: '/test/signs' }],
    ['index.html', { kind: 'file', address: '/' }],
    ['match.rsc', { kind: 'data', page: '/match', segment: null }],
    ['index.rsc', { kind: 'data', page: '/', segment: null }],
    ['match.segments/_tree.segment.rsc', { kind: 'data', page: '/match', segment: '/_tree' }],
    [
      'test/signs.segments/test/signs/__PAGE__.segment.rsc',
      { kind: 'data', page: '/test/signs', segment: '/test/signs/__PAGE__' },
    ],
    ['manifest.webmanifest.body', { kind: 'file', address: '/manifest.webmanifest' }],
    ['demo-workroom.json.body', { kind: 'file', address: '/demo-workroom.json' }],
  ])('%s', (file, what) => expect(kindOfFile(file)).toEqual(what));

  it.each([
    '_not-found.html',
    '_global-error.html',
    '_not-found.segments/_tree.segment.rsc',
    'match.meta',
    'match/page.js',
  ])('%s is for the server alone', (file) => expect(kindOfFile(file)).toBeNull());
});
