import { database } from './database';

const KEY = 'device';
let known: string | null = null;

/** This device, as stamps and amounts name it: eight letters and digits, drawn once. */
export async function deviceId(): Promise<string> {
  if (known !== null) return known;
  const stored: unknown = (await database.preferences.get(KEY))?.value;
  if (typeof stored === 'string' && /^[0-9a-z]{1,16}$/.test(stored)) return (known = stored);
  const [a, b] = crypto.getRandomValues(new Uint32Array(2));
  const drawn = `${a.toString(36)}${b.toString(36)}`.padStart(8, '0').slice(0, 8);
  await database.preferences.put({ key: KEY, value: drawn });
  // Kept here only once it is stored: a transaction may still fail.
  return drawn;
}
