/** What a file of a finished build is to a browser: a page or another file at an address, or the router's data of a page. */
export type BuiltFile =
  { kind: 'file'; address: string } | { kind: 'data'; page: string; segment: string | null } | null;

const pageOf = (name: string) => (name === 'index' ? '/' : `/${name}`);

/**
 * What a file of the server's build is asked for as; null for what only the server reads, and for pages that are
 * answers to a mistake.
 *
 * @param file - path within the build's `app` folder, with forward slashes
 */
export function kindOfFile(file: string): BuiltFile {
  if (/^_(not-found|global-error)/.test(file)) return null;
  const segment = /^(.+)\.segments(\/.+)\.segment\.rsc$/.exec(file);
  if (segment) return { kind: 'data', page: pageOf(segment[1]), segment: segment[2] };
  const data = /^(.+)\.rsc$/.exec(file);
  if (data) return { kind: 'data', page: pageOf(data[1]), segment: null };
  const page = /^(.+)\.html$/.exec(file);
  if (page) return { kind: 'file', address: pageOf(page[1]) };
  const other = /^(.+)\.body$/.exec(file);
  return other ? { kind: 'file', address: `/${other[1]}` } : null;
}
