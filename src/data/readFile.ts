import { decodeText } from '@/core/file';
import { type Progress, StoppedError } from './progress';

/** The largest file that is looked into, bytes. */
export const MOST_FILE = 200 * 1024 * 1024;

/** Raised for a file that is not looked into. */
export class FileTooLargeError extends Error {
  constructor() {
    super('readTextFile: more than 200 MB');
    this.name = 'FileTooLargeError';
  }
}

/**
 * The text of a file, piece by piece as it comes off the disk.
 *
 * @throws FileTooLargeError when it is larger than any workroom
 * @throws StoppedError when it was stopped
 */
export async function readTextFile(file: File, { onShare, signal }: Progress = {}): Promise<string> {
  if (file.size > MOST_FILE) throw new FileTooLargeError();
  const bytes = new Uint8Array(file.size);
  const reader = file.stream().getReader();
  let at = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    if (signal?.aborted) {
      await reader.cancel();
      throw new StoppedError();
    }
    if (at + value.length > bytes.length) throw new FileTooLargeError();
    bytes.set(value, at);
    at += value.length;
    onShare?.(file.size === 0 ? 1 : at / file.size);
  }
  return decodeText(bytes.subarray(0, at));
}
