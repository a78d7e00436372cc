/// <reference lib="webworker" />
import { type PrecacheEntry, Serwist, type SerwistPlugin } from 'serwist';
import { SHARED_CACHE, SHARED_TO, sharedAddress } from './shared';
import { dataAddress, dataAsked, keptPage, movedTo } from './pages';

declare const self: ServiceWorkerGlobalScope;
/** Every file of this build with its revision, put in when the build is finished. */
declare const BOBBET_FILES: PrecacheEntry[];

/** The router's data of a page have the page's address, and are asked for by headers. */
const asksForData: SerwistPlugin = {
  requestWillFetch: async ({ request }) => {
    const asked = dataAsked(new URL(request.url));
    if (!asked) return request;
    const headers: Record<string, string> = { RSC: '1' };
    if (asked.segment !== null) {
      headers['Next-Router-Prefetch'] = '1';
      headers['Next-Router-Segment-Prefetch'] = asked.segment;
    }
    return new Request(new URL(`${asked.page}?_rsc=kept`, request.url), { headers, cache: 'reload' });
  },
};

const serwist = new Serwist({
  precacheEntries: BOBBET_FILES,
  precacheOptions: {
    plugins: [asksForData],
    cleanupOutdatedCaches: true,
    concurrency: 6,
    cleanURLs: false,
    directoryIndex: null,
    // What the router puts behind a file's name tells its own cache something, and no static file of ours.
    ignoreURLParametersMatching: [],
  },
  // A new build waits until the person takes it, or until no window shows the old one.
  skipWaiting: false,
  clientsClaim: true,
  disableDevLogs: true,
});

const isKept = (address: string) => serwist.getPrecacheKeyForUrl(address) !== undefined;

/** A kept file, whatever headers it was once asked for with. */
async function kept(address: string): Promise<Response | undefined> {
  const key = serwist.getPrecacheKeyForUrl(address);
  if (key === undefined) return undefined;
  const cache = await caches.open(serwist.precacheStrategy.cacheName);
  return cache.match(key, { ignoreVary: true });
}

/** A kept file; what the browser has thrown away of it comes from the network. */
const keptOrFetched = async (address: string, request: Request) => (await kept(address)) ?? fetch(request);

/** A page that cannot be had leads to Today, where everything is. */
async function otherPage(request: Request, address: URL): Promise<Response> {
  const to = movedTo(address);
  if (to !== null) return Response.redirect(to, 307);
  try {
    return await fetch(request);
  } catch (cause) {
    if (!(cause instanceof TypeError)) throw cause;
    return Response.redirect(keptPage('/today', isKept) ?? '/', 307);
  }
}

/** What another app shares is put where the page finds it: nothing leaves the device. */
async function takeShared(request: Request): Promise<Response> {
  const form = await request.formData();
  const cache = await caches.open(SHARED_CACHE);
  for (const old of await cache.keys()) await cache.delete(old);
  const files = form.getAll('files').filter((one) => one instanceof File);
  const text = ['title', 'text', 'url'].flatMap((name) => {
    const value = form.get(name);
    return typeof value === 'string' && value !== '' ? [value] : [];
  });
  if (files.length === 0 && text.length > 0)
    files.push(new File([text.join('\n')], 'shared.txt', { type: 'text/plain' }));
  for (const [at, file] of files.entries())
    await cache.put(
      sharedAddress(at),
      new Response(file, { headers: { 'content-type': file.type, 'x-file-name': encodeURIComponent(file.name) } }),
    );
  return Response.redirect(`${keptPage('/take', isKept) ?? '/take'}?from=share`, 303);
}

/** The answer to what the list of files alone cannot answer; null for everything else. */
function answerTo(request: Request): Promise<Response> | null {
  const address = new URL(request.url);
  if (address.origin !== self.location.origin) return null;
  if (request.method === 'POST' && address.pathname.replace(/\/$/, '') === SHARED_TO) return takeShared(request);
  if (request.method !== 'GET' && request.method !== 'HEAD') return null;
  const path = address.pathname;
  // Files have a dot in their name, pages have none. What stands behind a file's name is not asked of a kept one.
  if (path.includes('.') && isKept(path))
    return request.destination === 'worker' ? asWorker(path, request) : keptOrFetched(path, request);
  if (path.startsWith('/_next/static/')) return ofLastBuild(request);
  if (request.headers.has('rsc')) {
    const segment = request.headers.get('next-router-segment-prefetch');
    const data = dataAddress(path.replace(/(.)\/$/, '$1'), segment);
    return isKept(data) ? keptOrFetched(data, request) : null;
  }
  const page = keptPage(path, isKept);
  if (page !== null) return request.method === 'HEAD' ? headOf(page, request) : keptOrFetched(page, request);
  return request.mode === 'navigate' ? otherPage(request, address) : null;
}

/** That a page is there, without it: the router of an exported folder asks so before it goes. */
async function headOf(page: string, request: Request): Promise<Response> {
  const { status, headers } = await keptOrFetched(page, request);
  return new Response(null, { status, headers });
}

/**
 * A worker's script as an answer of its own. A worker reads where its parts are from the fragment of its address, and
 * an answer straight from the store has an address without one.
 */
async function asWorker(file: string, request: Request): Promise<Response> {
  const found = await keptOrFetched(file, request);
  return new Response(found.body, { status: found.status, statusText: found.statusText, headers: found.headers });
}

/** Where the list of the last build's files is kept for the next one. */
const LAST = { cache: 'bobbet-last-build', address: '/last-build' };

/**
 * Deletes what neither this build nor the one before it needs: a window that still shows that one, in the middle of a test
 * perhaps, may yet ask for a part of it.
 */
async function forgetOlder(): Promise<void> {
  const now = serwist.getPrecachedUrls().flatMap((url) => serwist.getPrecacheKeyForUrl(url) ?? []);
  const last = await caches.open(LAST.cache);
  const before: unknown = await (await last.match(LAST.address))?.json();
  const wanted = new Set([...now, ...(Array.isArray(before) ? before : [])]);
  const cache = await caches.open(serwist.precacheStrategy.cacheName);
  for (const request of await cache.keys()) if (!wanted.has(request.url)) await cache.delete(request);
  await last.put(LAST.address, Response.json(now));
}

/** A part of the build before, for a window that still shows it. */
async function ofLastBuild(request: Request): Promise<Response> {
  const cache = await caches.open(serwist.precacheStrategy.cacheName);
  return (await cache.match(request.url, { ignoreVary: true })) ?? fetch(request);
}

self.addEventListener('fetch', (event) => {
  const answer = answerTo(event.request);
  if (!answer) return;
  event.respondWith(answer);
  event.stopImmediatePropagation();
});
self.addEventListener('install', serwist.handleInstall);
self.addEventListener('activate', (event) => event.waitUntil(forgetOlder()));
self.addEventListener('fetch', serwist.handleFetch);
