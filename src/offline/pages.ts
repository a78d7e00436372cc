import { moved } from './addresses';

/** What is kept for offline use, as the worker finds it: addresses without their query. */
export type IsKept = (address: string) => boolean;

/**
 * Where the router's own data of a page are kept. On Bobbet's server they have the page's address, and only a header differs,
 * which a store of addresses cannot see: it becomes part of the address.
 *
 * @param page - path of the page, `/match`
 * @param segment - the part that is asked for, `/_tree`; null for all of it
 */
export const dataAddress = (page: string, segment: string | null): string =>
  `${page}?data=${encodeURIComponent(segment ?? 'all')}`;

/** What a data address asks the server for; null when it is none. */
export function dataAsked(address: URL): { page: string; segment: string | null } | null {
  const segment = address.searchParams.get('data');
  return segment === null ? null : { page: address.pathname, segment: segment === 'all' ? null : segment };
}

/** A path with and without the slash at its end: a folder of pages has it, Bobbet's own server has not. */
const spellings = (path: string): string[] => {
  const bare = path.replace(/(.)\/$/, '$1');
  return [bare, bare === '/' ? bare : `${bare}/`];
};

/** The kept page of a path, whatever its query asks for; null when there is none. */
export const keptPage = (path: string, isKept: IsKept): string | null => spellings(path).find(isKept) ?? null;

/** Where an address of an earlier Bobbet leads now; null when it is none. */
export function movedTo({ pathname, search }: Pick<URL, 'pathname' | 'search'>): string | null {
  const [, station = '', ...rest] = pathname.split('/');
  const now = Object.hasOwn(moved, station) ? moved[station] : null;
  return now === null ? null : `/${[now, ...rest].join('/')}${search}`;
}
