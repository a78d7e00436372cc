import { gunzipSync, gzipSync, strFromU8, strToU8 } from 'fflate';
import { readRaw, writeRaw } from '@/core/file';

/** Raw rows by table, packed small: gzip of their text. */
export const pack = (rows: unknown): Uint8Array => gzipSync(strToU8(writeRaw(rows)), { level: 6 });

/**
 * Packed rows, taken apart again.
 *
 * @throws Error when the bytes are damaged
 */
export const unpack = (packed: Uint8Array): unknown => readRaw(strFromU8(gunzipSync(packed)));
