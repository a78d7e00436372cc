import { type English, inEnglish } from '@/core/units';

/** Which English the screen speaks now, null until that is known, and which of the person's own words stay as they were typed. */
let spoken: English | null = null;
let own: readonly string[] = [];
const followers = new Set<() => void>();

/**
 * Sets which English the screen speaks. What is on screen is drawn again in it.
 *
 * @param english - from now on
 * @param ownWords - what the person typed: the name of a fabric is theirs, whatever Bobbet calls a fabric like it
 */
export function speakEnglish(english: English, ownWords: readonly string[]): void {
  // A name of one word is that word wherever it stands. Longest first, so that a name inside a longer one does not cut it up.
  own = ownWords
    .filter((text) => text.trim().includes(' ') && inEnglish(text, 'us') !== text)
    .sort((a, b) => b.length - a.length);
  const changed = spoken !== english;
  spoken = english;
  if (changed) followers.forEach((tell) => tell());
}

/** The English the screen speaks now; null until that is known. */
export const englishNow = (): English | null => spoken;

/**
 * Calls back whenever the screen speaks another English.
 *
 * @returns stops it
 */
export function followEnglish(tell: () => void): () => void {
  followers.add(tell);
  return () => followers.delete(tell);
}

/**
 * A text as the screen says it.
 *
 * @param text - as Bobbet's texts are written, perhaps with words of the person's in it
 */
export function spokenText(text: string): string {
  if (spoken === null || spoken === 'uk') return text;
  const theirs = own.find((words) => text.includes(words));
  if (theirs === undefined) return inEnglish(text, spoken);
  return text.split(theirs).map(spokenText).join(theirs);
}
