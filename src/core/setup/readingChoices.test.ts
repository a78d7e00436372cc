import { describe, expect, it } from 'vitest';
import { FULL_KIT, PLAIN_MACHINE } from '../kit';
import { dialSaid, readingChoices, READINGS, settingReadings, setupSchema } from '.';
import { plainSetup } from './plainSetup.testing';

const zigzag = plainSetup({ stitch: 'zigzag', widthMm: 2 });
const said = (typed: string, setup = zigzag) => dialSaid(typed, PLAIN_MACHINE, setup);

describe('what a reading can be set to', () => {
  it('is read off the machine as it says there, each once, and the one it is at is marked', () => {
    for (const reading of READINGS.filter((one) => one !== 'position')) {
      const choices = readingChoices(reading, FULL_KIT, PLAIN_MACHINE, zigzag);
      const texts = choices.map(({ text }) => text);
      expect(new Set(texts).size).toBe(texts.length);
      expect(choices.filter(({ now }) => now).length).toBeLessThanOrEqual(1);
      expect(texts.length).toBeGreaterThan(1);
      for (const { setup } of choices) expect(setupSchema.safeParse(setup).success).toBe(true);
    }
  });

  it('a dial goes through its marks; a straight stitch has no width to choose', () => {
    const texts = readingChoices('tension', FULL_KIT, PLAIN_MACHINE, zigzag).map(({ text }) => text);
    expect(texts).toContain(settingReadings(PLAIN_MACHINE, zigzag).tension);
    expect(readingChoices('width', FULL_KIT, PLAIN_MACHINE, plainSetup({ stitch: 'straight' }))).toEqual([]);
    expect(readingChoices('position', FULL_KIT, PLAIN_MACHINE, zigzag)).toEqual([]);
  });
});

describe('a dial said in words', () => {
  it('is the mark with that number', () => {
    expect(said('set tension 4')).toMatchObject({ reading: 'tension', choice: { text: '4 of 9' } });
    expect(said('length 2.5')).toMatchObject({ reading: 'length', choice: { setup: { lengthMm: 2.5 } } });
    expect(said('Set the stitch width to 3 mm')).toMatchObject({ reading: 'width', choice: { text: '3 mm' } });
    expect(said('tension 3,5')?.choice?.text).toBe('3.5 of 9');
    const worded = { ...PLAIN_MACHINE, pressureDial: { positions: ['light', 'normal'], normal: 'normal' } };
    expect(dialSaid('pressure Light', worded, zigzag)?.choice?.text).toBe('light');
  });

  it('says where the dial ends when there is no such mark, and is no dial where none was meant', () => {
    expect(said('tension 12')).toMatchObject({ reading: 'tension', choice: null, least: '0', most: '9 of 9' });
    expect(said('width 3', plainSetup({ stitch: 'straight' }))).toBeNull();
    expect(said('tension')).toBeNull();
    expect(said('pressure cooker bag')).toBeNull();
    expect(said('pressure cooker')).toBeNull();
  });
});
