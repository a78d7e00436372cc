import { afterEach, beforeEach, vi } from 'vitest';

/** Gives each test of a file a box of texts such as a browser has, as far as drafts use it. */
export function withTextBox(): void {
  beforeEach(() => {
    const box = Object.create({
      getItem(this: Record<string, string>, key: string) {
        return this[key] ?? null;
      },
      setItem(this: Record<string, string>, key: string, value: string) {
        this[key] = value;
      },
      removeItem(this: Record<string, string>, key: string) {
        delete this[key];
      },
    }) as Storage;
    vi.stubGlobal('localStorage', box);
  });
  afterEach(() => vi.unstubAllGlobals());
}
