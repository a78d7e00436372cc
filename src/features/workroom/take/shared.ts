import { SHARED_CACHE } from '@/offline/shared';

/** What another app has shared, once: it is taken out of where it waited. */
export async function takeShared(): Promise<File[]> {
  if (!('caches' in window) || !(await caches.has(SHARED_CACHE))) return [];
  const cache = await caches.open(SHARED_CACHE);
  const files: File[] = [];
  for (const request of await cache.keys()) {
    const response = await cache.match(request);
    await cache.delete(request);
    if (!response) continue;
    const name = decodeURIComponent(response.headers.get('x-file-name') ?? 'shared');
    files.push(new File([await response.blob()], name, { type: response.headers.get('content-type') ?? '' }));
  }
  return files;
}
