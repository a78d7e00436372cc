/** Which English the interface speaks. What a person typed stays as it was typed. */
export const ENGLISHES = ['uk', 'us'] as const;
export type English = (typeof ENGLISHES)[number];

/** The trade's words that differ: as Bobbet's texts are written, and what is said in the United States. */
const TRADE: readonly (readonly [uk: string, us: string])[] = [
  ['zip', 'zipper'],
  ['zips', 'zippers'],
  ['tack', 'baste'],
  ['tacks', 'bastes'],
  ['tacked', 'basted'],
  ['tacking', 'basting'],
  ['wadding', 'batting'],
  ['overlocker', 'serger'],
  ['overlockers', 'sergers'],
  ['unpick', 'seam-rip'],
  ['unpicks', 'seam-rips'],
  ['unpicked', 'seam-ripped'],
  ['unpicking', 'seam-ripping'],
  ['needle plate', 'throat plate'],
  ['needle plates', 'throat plates'],
  ['haberdashery', 'notions'],
];

/** Spellings that differ. */
const SPELLING: readonly (readonly [uk: string, us: string])[] = [
  ['cancelled', 'canceled'],
  ['centimetre', 'centimeter'],
  ['centimetres', 'centimeters'],
  ['centre', 'center'],
  ['centres', 'centers'],
  ['centred', 'centered'],
  ['colour', 'color'],
  ['colours', 'colors'],
  ['coloured', 'colored'],
  ['colourfast', 'colorfast'],
  ['fibre', 'fiber'],
  ['fibres', 'fibers'],
  ['grey', 'gray'],
  ['metre', 'meter'],
  ['metres', 'meters'],
  ['millimetre', 'millimeter'],
  ['millimetres', 'millimeters'],
  ['modelled', 'modeled'],
  ['moulded', 'molded'],
  ['neighbour', 'neighbor'],
  ['neighbours', 'neighbors'],
  ['practise', 'practice'],
  ['towelling', 'toweling'],
];

const SAYS: ReadonlyMap<string, string> = new Map([...TRADE, ...SPELLING]);

/** A bar tack and a tailor's tack are called that everywhere. */
const TACKS_KEPT = "(?<!\\bbar[ -])(?<!\\btailor[’']s )";
const UK_WORDS = new RegExp(
  `(\\ban? )?(\\bconcealed(?=[ -]zips?\\b)|${TACKS_KEPT}\\b(?:${[...SAYS.keys()].sort((a, b) => b.length - a.length).join('|')})\\b)`,
  'gi',
);

const asWritten = (said: string, written: string): string =>
  written[0] === written[0].toLowerCase() ? said : said[0].toUpperCase() + said.slice(1);

/**
 * A text of Bobbet's in the person's English.
 *
 * Texts are written in British English. Only words that mean the same thing are exchanged: what means two things (muslin, calico) is asked
 * where it comes up, never guessed.
 *
 * @param text - as it is written
 * @param english - as it is to be said
 * @returns the text; the same one where nothing differs
 * @example
 * inEnglish('Tack the concealed zip; sew a bar tack.', 'us') // => 'Baste the invisible zipper; sew a bar tack.'
 */
export function inEnglish(text: string, english: English): string {
  if (english === 'uk') return text;
  return text.replace(UK_WORDS, (_, article: string | undefined, word: string) => {
    const said = asWritten(SAYS.get(word.toLowerCase()) ?? 'invisible', word);
    return article ? `${asWritten(/^[aeiou]/i.test(said) ? 'an' : 'a', article)} ${said}` : said;
  });
}

const FROM_US: ReadonlyMap<string, string> = new Map([...SAYS].map(([uk, us]) => [us, uk]));
const US_WORDS = new RegExp(
  `\\binvisible(?=[ -]zip)|\\b(?:${[...FROM_US.keys()].sort((a, b) => b.length - a.length).join('|')})\\b`,
  'gi',
);

/**
 * A text with its words in both Englishes, for a search: whichever word is typed, it is found.
 *
 * @param text - a name of Bobbet's or of the person's
 * @returns the text, followed by what it would be in the other English where that differs
 * @example
 * inBoth('Centred zip') // => 'Centred zip Centered zipper'
 * inBoth('Cotton batting') // => 'Cotton batting Cotton wadding'
 * inBoth('Plain seam') // => 'Plain seam'
 */
export function inBoth(text: string): string {
  const us = inEnglish(text, 'us');
  const uk = text.replace(US_WORDS, (word) => asWritten(FROM_US.get(word.toLowerCase()) ?? 'concealed', word));
  return [text, ...[us, uk].filter((other) => other !== text)].join(' ');
}

/**
 * Whether what was typed into a search stands in a text, in either English and however it is capitalised.
 *
 * @param text - a name of Bobbet's or of the person's
 * @param typed - as it was typed; nothing stands in every text
 * @example
 * standsIn('Centred zip', 'zipper') // => true
 */
export const standsIn = (text: string, typed: string): boolean =>
  inBoth(text).toLowerCase().includes(typed.trim().toLowerCase());
