import { describe, expect, it } from 'vitest';
import { StoppedError } from './progress';
import { FileTooLargeError, MOST_FILE, readTextFile } from './readFile';

/** A file that comes in pieces, of a size it only claims. */
const pieces = (parts: string[], size = parts.join('').length): File =>
  ({
    name: 'some.json',
    size,
    stream: () =>
      new ReadableStream<Uint8Array>({
        pull(controller) {
          const next = parts.shift();
          if (next === undefined) controller.close();
          else controller.enqueue(new TextEncoder().encode(next));
        },
      }),
  }) as unknown as File;

describe('own: the text of a file', () => {
  it('comes piece by piece, and says how far it is', async () => {
    const shares: number[] = [];
    const text = await readTextFile(pieces(['{"a":', '1', '}']), { onShare: (share) => shares.push(share) });
    expect(text).toBe('{"a":1}');
    expect(shares).toEqual([5 / 7, 6 / 7, 1]);
    expect(await readTextFile(pieces([]))).toBe('');
  });

  it('is not begun when it is too large, nor gone on with when it is more than it said', async () => {
    await expect(readTextFile(pieces(['x'], MOST_FILE + 1))).rejects.toThrow(FileTooLargeError);
    await expect(readTextFile(pieces(['xx', 'xx'], 3))).rejects.toThrow(FileTooLargeError);
  });

  it('can be stopped between two pieces', async () => {
    const control = new AbortController();
    const reading = readTextFile(pieces(['a', 'b', 'c']), {
      onShare: (share) => share > 0.5 && control.abort(),
      signal: control.signal,
    });
    await expect(reading).rejects.toThrow(StoppedError);
  });
});
