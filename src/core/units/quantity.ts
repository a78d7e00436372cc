/** A number and the unit text that followed it, as a person wrote them. */
export interface Quantity {
  value: number;
  unit: string;
  /** True when the number was written as a fraction (`5/8`, `1 1/2`, `⅝`): in the trade that means inches. */
  fraction: boolean;
}

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

const SHAPE =
  /^(?<prefix>[a-z]+\.?)?\s*(?:(?<whole>\d+)[\s-]+(?=\d+\/))?(?:(?<top>\d+)\/(?<bottom>\d+)|(?<decimal>\d*[.,]?\d+))\s*(?<unit>.*)$/i;

/**
 * Reads a number with an optional unit before or after it, the way people write them.
 *
 * Accepts decimal point or comma, plain and mixed fractions, and the printed fraction signs. Negative numbers
 * are not read: nothing a sewist measures is below zero.
 *
 * @param text - what was typed
 * @returns the number and the unit in lower case, or null when it is not a number with a unit
 * @example
 * parseQuantity('1 1/2"') // => { value: 1.5, unit: '"', fraction: true }
 * parseQuantity('Tex 27') // => { value: 27, unit: 'tex', fraction: false }
 * parseQuantity('1,5 cm') // => { value: 1.5, unit: 'cm', fraction: false }
 * parseQuantity('heavy') // => null
 */
export function parseQuantity(text: string): Quantity | null {
  const plain = text
    .trim()
    .replace(/(\d)?\s*([½¼¾⅛⅜⅝⅞⅓⅔])/g, (_, before: string | undefined, sign: string) =>
      before === undefined ? VULGAR[sign] : `${before} ${VULGAR[sign]}`,
    );
  const parts = SHAPE.exec(plain)?.groups;
  if (!parts) return null;
  const value = readValue(parts.whole, parts.top, parts.bottom, parts.decimal);
  if (value === null) return null;
  const unit = `${parts.prefix ?? ''}${parts.unit ?? ''}`.trim().toLowerCase();
  return { value, unit, fraction: parts.top !== undefined };
}

function readValue(whole?: string, top?: string, bottom?: string, decimal?: string): number | null {
  if (decimal !== undefined) return Number(decimal.replace(',', '.'));
  const divisor = Number(bottom);
  return divisor === 0 ? null : Number(whole ?? 0) + Number(top) / divisor;
}
