import type { PhotoWorker, SmallPhoto } from './photo.worker';
import { talkTo } from './talk';

/** Shrinks a picture off the main thread; null when it cannot be read. The worker is stopped afterwards. */
export async function shrinkPhoto(file: Blob): Promise<SmallPhoto | null> {
  const worker = new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await talkTo<PhotoWorker>(worker).shrink(file);
  } finally {
    worker.terminate();
  }
}
