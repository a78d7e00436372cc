import type { Family } from './families';

/** Words for a colour in the name of a fabric, as it is drawn. */
const COLOUR_WORDS: Readonly<Record<string, string>> = {
  amber: '#c98a2b',
  aqua: '#7fb9bd',
  apricot: '#e3b48b',
  beige: '#d3c3a5',
  black: '#34333a',
  blue: '#5f7fae',
  brown: '#7b5b45',
  burgundy: '#6e2b3a',
  camel: '#b98f5f',
  charcoal: '#4c4d53',
  coral: '#d97f6b',
  cream: '#ece2c8',
  ecru: '#dfd3b6',
  fawn: '#c7ab84',
  gold: '#c2a04a',
  green: '#6f8f6c',
  grey: '#9a9ca0',
  gray: '#9a9ca0',
  indigo: '#45517a',
  ivory: '#efe8d4',
  khaki: '#9a9168',
  lilac: '#b6a5c9',
  lime: '#adc05a',
  maroon: '#6d323a',
  mint: '#b4d2bd',
  mustard: '#c8a13a',
  navy: '#36415f',
  natural: '#dcd0b4',
  ochre: '#c0913c',
  olive: '#7d7b4b',
  orange: '#d5803f',
  peach: '#e8bfa2',
  petrol: '#386a74',
  pink: '#d9a3ab',
  plum: '#70476b',
  purple: '#7d6394',
  red: '#b0413e',
  rose: '#d193a0',
  rust: '#a65a36',
  sage: '#a3b096',
  sand: '#d6c6a3',
  silver: '#b7bbc0',
  tan: '#bf9b6f',
  taupe: '#a3968a',
  teal: '#3f7f82',
  turquoise: '#4fa5a6',
  violet: '#8a74a8',
  white: '#f1efe8',
  wine: '#6f2d3c',
  yellow: '#e0c565',
};

/** What a fabric of a family is drawn as while nobody has said its colour: a first guess, easily changed. */
const OF_FAMILY: Readonly<Record<Family, string>> = {
  jersey: '#a9bfc8',
  'slinky-jersey': '#8d8aa6',
  rib: '#b8c2a8',
  'double-knit': '#6f7789',
  scuba: '#7d8fa8',
  fleece: '#8fa08a',
  'sweater-knit': '#c9b79c',
  swim: '#4f8fa5',
  terry: '#d8d2c4',
  lace: '#e9e2d2',
  mesh: '#c4c3c9',
  lawn: '#d5dbd0',
  poplin: '#c3d0dc',
  linen: '#d3c6a8',
  'viscose-woven': '#b9a9ad',
  wool: '#8a8178',
  denim: '#5b6f95',
  canvas: '#cbb98e',
  corduroy: '#a67b4e',
  silk: '#d8c3b0',
  satin: '#c9a9b5',
  chiffon: '#e0d3d6',
  lining: '#9aa1ab',
  velvet: '#6d3f55',
  'double-gauze': '#d9c5b2',
  ripstop: '#c96f4a',
  neoprene: '#45474f',
  leather: '#7a5236',
  suede: '#a5825f',
  vinyl: '#4a4a4e',
  waterproof: '#5f7a6c',
  'faux-fur': '#b9a58c',
  sequins: '#b79a55',
  'hand-woven': '#b5a58a',
  'quilt-sandwich': '#c7b6bd',
  other: '#b9c0b0',
};

/**
 * The colour a new fabric is drawn in until the person picks its own.
 *
 * @param name - as the person calls it; a colour in it counts, the last one named
 * @param family - what it was heard as
 * @returns as #rrggbb
 * @example
 * firstColour('12 oz denim', 'denim') // => '#5b6f95'
 * firstColour('Black denim', 'denim') // => '#34333a'
 */
export function firstColour(name: string, family: Family): string {
  const said = name.toLowerCase().match(/[a-z]+/g) ?? [];
  const word = said.findLast((one) => Object.hasOwn(COLOUR_WORDS, one));
  return word === undefined ? OF_FAMILY[family] : COLOUR_WORDS[word];
}
