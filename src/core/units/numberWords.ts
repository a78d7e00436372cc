/** Numbers that people write out. */
const ONES: Readonly<Record<string, number>> = {
  zero: 0,
  none: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
/** Parts of a whole, by their singular. */
const PARTS: Readonly<Record<string, number>> = {
  half: 2,
  halve: 2,
  third: 3,
  quarter: 4,
  fourth: 4,
  fifth: 5,
  eighth: 8,
  tenth: 10,
  sixteenth: 16,
};

const part = (word: string | undefined): number | undefined =>
  PARTS[word ?? ''] ?? PARTS[(word ?? '').replace(/s$/, '')];

/**
 * Writes the number words at the beginning of a text as figures, so that they are read like any other number.
 *
 * @param text - in lower case
 * @returns the text with figures; unchanged where it begins with no number word
 * @example
 * numberWordsToFigures('one and a half inches') // => '1.5 inches'
 * numberWordsToFigures('five eighths') // => '5/8'
 * numberWordsToFigures('twenty-five cm') // => '25 cm'
 */
export function numberWordsToFigures(text: string): string {
  if (!/^[a-z]/.test(text)) return text;
  const words = text.replace(/([a-z])-(?=[a-z])/g, '$1 ').split(' ');
  const whole = wholeNumber(words);
  const fraction = fractionAt(words, whole);
  if (whole.used === 0 && !fraction) return text;
  const rest = words.slice(fraction?.used ?? whole.used).join(' ');
  const figures = fraction ? fraction.text : String(whole.value);
  return `${figures} ${rest}`.trim();
}

/** As many words from the beginning as make one whole number. */
function wholeNumber(words: readonly string[]): { value: number; used: number } {
  let value = 0;
  let used = words[0] === 'a' && (words[1] === 'dozen' || words[1] === 'hundred') ? 1 : 0;
  const article = used;
  for (; used < words.length; used += 1) {
    const word = words[used];
    if (word === 'hundred') value = Math.max(1, value) * 100;
    else if (word in TENS) value += TENS[word];
    else if (word in ONES) value += ONES[word];
    else if (!(word === 'and' && value >= 100 && (words[used + 1] ?? '') in { ...ONES, ...TENS })) break;
  }
  return used === article ? { value: 0, used: 0 } : { value, used };
}

/** A fraction from the beginning, or after a whole number: "half a", "three quarters of an", "two and a half". */
function fractionAt(words: readonly string[], whole: { value: number; used: number }) {
  const after = words.slice(whole.used);
  // "five eighths": the whole number is the numerator.
  if (whole.used > 0 && part(after[0])) {
    return { text: `${whole.value}/${part(after[0])}`, used: whole.used + 1 + ofAn(after.slice(1)) };
  }
  const joined = whole.used > 0 ? after[0] === 'and' : true;
  let at = whole.used > 0 ? 1 : 0;
  if (!joined) return null;
  if (after[at] === 'a' || after[at] === 'an') at += 1;
  let top = 1;
  if (after[at] in ONES && part(after[at + 1])) {
    top = ONES[after[at]];
    at += 1;
  }
  const bottom = part(after[at]);
  if (!bottom) return null;
  const used = whole.used + at + 1;
  // A half is said of centimetres as well as of inches; eighths and quarters, without a unit, are inches.
  const text =
    bottom === 2 ? String(whole.value + 0.5 * top) : `${whole.used > 0 ? `${whole.value} ` : ''}${top}/${bottom}`;
  return { text, used: used + ofAn(words.slice(used)) };
}

/** "of an", "of a", "an": between a fraction and its unit. */
function ofAn(words: readonly string[]): number {
  const of = words[0] === 'of' ? 1 : 0;
  return of + (words[of] === 'a' || words[of] === 'an' ? 1 : 0);
}
