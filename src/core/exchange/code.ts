/** Letters and figures that are not taken for one another when read off a label. */
const SIGNS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const LENGTH = 6;

/**
 * A number from a text, spread evenly over 32 bits.
 *
 * Method: FNV-1a by its published constants, with a last mix, so that texts that differ in their last sign alone fall far
 * apart.
 */
function spread(text: string, seed: number): number {
  let hash = (0x811c9dc5 ^ seed) >>> 0;
  for (const unit of text) hash = Math.imul(hash ^ (unit.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  hash = Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d) >>> 0;
  return (hash ^ (hash >>> 13)) >>> 0;
}

/**
 * The short code of something stored, as it stands on its label: six signs, always the same for the same id.
 *
 * Among a thousand cards two share a code about once in two thousand workrooms; looking one up
 * shows all that have it.
 *
 * @param id - the id of the record
 * @example
 * shortCode('a').length // => 6
 */
export function shortCode(id: string): string {
  let rest = spread(id, 0);
  return Array.from({ length: LENGTH }, () => {
    const sign = SIGNS[rest % SIGNS.length];
    rest = Math.floor(rest / SIGNS.length);
    return sign;
  }).join('');
}

/**
 * A code as it was typed or scanned: in any case, with spaces or dashes, with letters that look like figures.
 *
 * @returns the code; null when it cannot be one
 * @example
 * readShortCode('k7-q4 mo') // => 'K7Q4M0'
 * readShortCode('hello there') // => null
 */
export function readShortCode(text: string): string | null {
  const signs = text.toUpperCase().replace(/[\s-]/g, '').replace(/O/g, '0').replace(/[IL]/g, '1');
  return signs.length === LENGTH && [...signs].every((sign) => SIGNS.includes(sign)) ? signs : null;
}

/** An id for something that came as text: the same text has the same one. */
export const idFromText = (text: string): string => `${shortCode(text)}${spread(text, 1).toString(36)}`.toLowerCase();
