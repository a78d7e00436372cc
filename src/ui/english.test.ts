import { afterEach, describe, expect, it } from 'vitest';
import { englishNow, followEnglish, speakEnglish, spokenText } from './english';
import { spokenProps } from './jsx/spokenProps';

afterEach(() => speakEnglish('uk', []));

describe('what the screen says', () => {
  it('is as it is written until another English is chosen', () => {
    expect(spokenText('Centred zip')).toBe('Centred zip');
    speakEnglish('us', []);
    expect(spokenText('Centred zip')).toBe('Centered zipper');
    expect(englishNow()).toBe('us');
  });

  it('leaves what a person typed alone, also in the middle of a sentence and inside a longer name', () => {
    speakEnglish('us', ['Grey zip pouch', 'Grey zip pouch, lined']);
    expect(spokenText('Grey zip pouch')).toBe('Grey zip pouch');
    expect(spokenText('Grey zip pouch, lined: tack the zip')).toBe('Grey zip pouch, lined: baste the zipper');
    expect(spokenText('Zip for Grey zip pouch and a zip')).toBe('Zipper for Grey zip pouch and a zipper');
  });

  it('does not stop saying a word because something has it as its whole name', () => {
    speakEnglish('us', ['Zip']);
    expect(spokenText('Zip foot')).toBe('Zipper foot');
  });

  it('tells who draws it, once for each change', () => {
    let told = 0;
    const stop = followEnglish(() => (told += 1));
    speakEnglish('us', []);
    speakEnglish('us', ['Red zip bag']);
    stop();
    speakEnglish('uk', []);
    expect(told).toBe(1);
  });
});

describe('an element', () => {
  it('is read in it: its text, its label, its hint; nothing else of it', () => {
    speakEnglish('us', []);
    const written = { children: ['The zip', 3, null], 'aria-label': 'Tack', title: 'colour', id: 'zip', value: 'zip' };
    expect(spokenProps('p', written)).toEqual({
      children: ['The zipper', 3, null],
      'aria-label': 'Baste',
      title: 'color',
      id: 'zip',
      value: 'zip',
    });
  });

  it('is handed back as it is where nothing differs, and where its text is no language', () => {
    speakEnglish('us', []);
    const plain = { children: 'A seam' };
    expect(spokenProps('p', plain)).toBe(plain);
    const style = { children: '.zip { color: grey }' };
    expect(spokenProps('style', style)).toBe(style);
  });
});
