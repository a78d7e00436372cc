/**
 * A text as it begins a sentence.
 *
 * @param text - any text
 * @example
 * upperFirst('rib: cut in two layers.') // => 'Rib: cut in two layers.'
 */
export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * A text as it stands within a sentence.
 *
 * @param text - any text
 * @example
 * lowerFirst('Walking foot') // => 'walking foot'
 */
export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
