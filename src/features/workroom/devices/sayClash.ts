import type { Clash } from '@/core/exchange';
import { recordName } from '@/core/workroom';
import { DEVICES_TEXT as TEXT } from './text';

/** More of a value than this tells nobody anything, letters. */
const MOST = 90;

/** A field as it is stored, in words: `puckerGrade` is “pucker grade”. */
const fieldWords = (field: string) =>
  field
    .replace(/\/.*$/s, '')
    .split('.')
    .at(-1)!
    .replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

/** A value as a person would look at it. */
function valueWords(value: unknown): string {
  if (value === undefined || value === null || value === '') return TEXT.nothingThere;
  if (typeof value === 'string' || typeof value === 'number') return `“${String(value).slice(0, MOST)}”`;
  if (typeof value === 'boolean') return value ? TEXT.yes : TEXT.no;
  if (Array.isArray(value)) return TEXT.entries(value.length);
  const { name } = value as { name?: unknown };
  if (typeof name === 'string') return `“${name}”`;
  const parts = Object.entries(value).map(
    ([part, one]) => `${fieldWords(part)} ${typeof one === 'object' ? '…' : String(one)}`,
  );
  return parts.join(', ').slice(0, MOST);
}

/** Two changes of the same thing, in words: what it is about, what stays, what the other was. */
export function sayClash(clash: Clash): { about: string; stays: string; other: string } {
  const { list, field, kept, lost } = clash;
  const name = clash.name ?? recordName(list, kept ?? lost);
  const whole = field === null;
  const words = (value: unknown) => (whole ? (value === null ? TEXT.gone : TEXT.whole) : valueWords(value));
  return {
    about: TEXT.clash(name, whole ? TEXT.whole : fieldWords(field)),
    stays: whole && lost === null ? TEXT.keptWhole : TEXT.stays(words(kept)),
    other: TEXT.other(words(lost)),
  };
}
