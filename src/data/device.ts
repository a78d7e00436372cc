/** What this browser keeps beside the database, for what has to be at hand at once. */
const DEVICE = 'bobbet.device';
const STAMP = 'bobbet.stamp';

/** In a browser that keeps nothing, each page starts over. */
const kept = new Map<string, string>();

function read(key: string): string | null {
  try {
    return globalThis.localStorage?.getItem(key) ?? kept.get(key) ?? null;
  } catch (cause) {
    if (cause instanceof DOMException) return kept.get(key) ?? null;
    throw cause;
  }
}

function keep(key: string, value: string): void {
  kept.set(key, value);
  try {
    globalThis.localStorage?.setItem(key, value);
  } catch (cause) {
    // A full browser still has it in this page.
    if (!(cause instanceof DOMException)) throw cause;
  }
}

/** This device, as stamps and amounts name it: eight letters and digits, drawn once. */
export function deviceId(): string {
  const stored = read(DEVICE);
  if (stored !== null && /^[0-9a-z]{1,16}$/.test(stored)) return stored;
  const [a, b] = crypto.getRandomValues(new Uint32Array(2));
  const drawn = `${a.toString(36)}${b.toString(36)}`.padStart(8, '0').slice(0, 8);
  keep(DEVICE, drawn);
  return drawn;
}

/** The newest stamp given out or seen by this browser; null for none. */
export const lastStamp = (): string | null => read(STAMP);

/** Remembers a stamp, unless a newer one is known. */
export function sawStamp(stamp: string): void {
  const last = lastStamp();
  if (last === null || stamp > last) keep(STAMP, stamp);
}
