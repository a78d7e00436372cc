import { photoAnswer, type PhotoInput, photoInputSchema, photoOutputSchema } from '../src/core/photo';
import type { PictureCommand } from './command';
import { readPicture } from './picture';

/** What stands behind the name of a file, beside the file: `--name` or `--name VALUE`. */
const FLAGS: Record<string, (input: PhotoInput, value: string) => PhotoInput | string> = {
  '--mm-per-px': (input, value) => {
    const mmPerPx = Number(value);
    if (value.trim() === '' || !(mmPerPx > 0 && mmPerPx <= 10))
      return `--mm-per-px: expected mm to the pixel, above 0 and at most 10, got ${value === '' ? 'nothing' : value}`;
    return { ...input, mmPerPx };
  },
  '--stitch': (input, value) =>
    value === '' ? '--stitch: expected straight or zigzag, got nothing' : { ...input, stitch: value },
};
const TICKS: Record<string, (input: PhotoInput) => PhotoInput> = {
  '--card': (input) => ({ ...input, card: true }),
  '--detail': (input) => ({ ...input, detail: true }),
};

/** What the words after `photo` ask for; a text says what is wrong with them. */
function asked(words: readonly string[]): { file: string; input: PhotoInput } | string {
  let input: PhotoInput = {};
  const files: string[] = [];
  for (let i = 0; i < words.length; i += 1) {
    const word = words[i];
    if (Object.hasOwn(TICKS, word)) input = TICKS[word](input);
    else if (Object.hasOwn(FLAGS, word)) {
      i += 1;
      const next = FLAGS[word](input, words[i] ?? '');
      if (typeof next === 'string') return next;
      input = next;
    } else if (word.startsWith('--')) return `${word}: photo has no such option`;
    else files.push(word);
  }
  if (files.length !== 1) return `file: expected one picture, got ${files.length === 0 ? 'none' : files.length}`;
  if (input.card && input.mmPerPx !== undefined) return '--card: a scale is typed as well; give one of the two';
  return { file: files[0], input };
}

/** Measures the stitching in a picture. */
export const PHOTO: PictureCommand = {
  about: 'a photo of stitching (PNG or JPEG); returns its pitch, count, width and what is missing',
  input: photoInputSchema,
  output: photoOutputSchema,
  lists: [
    '--card              an ID-1 card lies in the picture (looked for when no scale is typed)',
    '--mm-per-px N       the scale, typed',
    '--stitch KIND       straight or zigzag; otherwise it decides',
    '--detail            adds where each penetration is, in pixels',
  ],
  measure: (words, readBytes) => {
    const question = asked(words);
    if (typeof question === 'string') return { ok: false, error: question };
    let bytes: Uint8Array;
    try {
      bytes = readBytes(question.file);
    } catch (cause) {
      const why = (cause as NodeJS.ErrnoException).code ?? 'unreadable';
      return { ok: false, error: `file: cannot read "${question.file}" (${why})` };
    }
    const pixels = readPicture(bytes);
    if (!pixels) return { ok: false, error: `file: "${question.file}" is not a PNG or JPEG picture that can be read` };
    return { ok: true, value: photoAnswer(pixels, question.input) };
  },
};
