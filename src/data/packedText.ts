import { deflateSync, Inflate, strToU8 } from 'fflate';

/** What a link or a pasted text may grow to when it is unpacked, bytes. */
export const MOST_UNPACKED = 2 * 1024 * 1024;
/** What a link may have behind its address before it is looked at, letters. */
const MOST_PACKED = 64 * 1024;

/** A text packed small enough for a link: deflate, base64url. */
export function packText(text: string): string {
  const bytes = deflateSync(strToU8(text), { level: 9 });
  let binary = '';
  for (const byte of bytes) binary += String.fromCharCode(byte);
  return btoa(binary).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
}

/**
 * Unpacks such a text. It comes from strangers: it is stopped as soon as it grows too large, and is never run.
 *
 * @returns the text; null where it is damaged, too large, or no text
 */
export function unpackText(packed: string): string | null {
  if (packed === '' || packed.length > MOST_PACKED || !/^[\w-]+$/.test(packed)) return null;
  const parts: Uint8Array[] = [];
  let size = 0;
  let isWhole = false;
  try {
    const binary = atob(packed.replaceAll('-', '+').replaceAll('_', '/'));
    const bytes = Uint8Array.from(binary, (sign) => sign.charCodeAt(0));
    const inflate = new Inflate((part, final) => {
      size += part.length;
      if (size > MOST_UNPACKED) throw new RangeError('unpackText: too large');
      parts.push(part);
      isWhole = final;
    });
    // In pieces, so that a bomb is noticed before it has gone off.
    const PIECE = 256;
    for (let at = 0; at < bytes.length; at += PIECE)
      inflate.push(bytes.subarray(at, at + PIECE), at + PIECE >= bytes.length);
  } catch {
    // Whatever is wrong with it, it is no text of ours.
    return null;
  }
  if (!isWhole) return null;
  const all = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(all);
  } catch {
    return null;
  }
}

/** The link by which a text opens in somebody's Bobbet, at an address of one's own. */
export const takeLink = (address: string, text: string): string => `${address}/take/#take=${packText(text)}`;

/** What stands in the code of a label: a link where one's Bobbet has an address, else the short code alone. */
export const codeLink = (address: string, code: string): string =>
  address === '' ? `BOBBET ${code}` : `${address}/take/#code=${code}`;

/** What a link or a scanned code asks for: a packed text, or something by its short code. */
export function askedByLink(link: string): { take: string } | { code: string } | null {
  const found = /#(take|code)=([\w-]+)$/.exec(link.trim());
  if (found) return found[1] === 'take' ? { take: found[2] } : { code: found[2] };
  const label = /^bobbet\s+([0-9a-z]{6})$/i.exec(link.trim());
  return label ? { code: label[1] } : null;
}
