import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { nearestCards } from '../card';
import { clothProfile } from '../cloth';
import { readThing, readWorkroom, type ThingFile, thingText } from '../file';
import { FULL_KIT, PLAIN_MACHINE } from '../kit';
import { besideWhatIsHere, cardOnMine, lackedFor } from '.';

const read = readWorkroom(readFileSync('demo/tansy-wren.json', 'utf8'));
if (!read.ok) throw new Error(read.error.message);
const { workroom } = read;
const AT = '2026-12-01T10:00:00.000Z';
const EMPTY = Object.fromEntries(
  Object.entries(workroom).map(([key, value]) => [key, Array.isArray(value) ? [] : value]),
);
const nothing = EMPTY as unknown as typeof workroom;

function fileOf(thing: Parameters<typeof thingText>[0], item: object): ThingFile {
  const found = readThing(thingText(thing, item, workroom, AT));
  if (!found.ok) throw new Error(found.error.message);
  return found.file;
}
const [card] = workroom.cards;
const swatch = workroom.swatches.find(({ id }) => workroom.lines.some((line) => line.swatchId === id))!;

describe('own: what is taken in stands beside what is here', () => {
  it('is new in an empty workroom, and comes with what it points at', () => {
    const { is, file } = besideWhatIsHere(fileOf('scrap', swatch), nothing);
    expect(is).toBe('new');
    expect(file.item).toEqual(swatch);
    expect(file.with.some(({ list }) => list === 'lines')).toBe(true);
    expect(file.with.some(({ list }) => list === 'machines')).toBe(true);
  });

  it('is here already, down to the last letter', () => {
    for (const one of workroom.cards) expect(besideWhatIsHere(fileOf('card', one), workroom).is).toBe('here');
    for (const one of workroom.cloths) expect(besideWhatIsHere(fileOf('cloth', one), workroom).is).toBe('here');
  });

  it('comes as a copy where what is here differs, once: the same file is here the second time', () => {
    const other = { ...swatch, notes: 'from another day' };
    const first = besideWhatIsHere(fileOf('scrap', other), workroom);
    expect(first.is).toBe('copy');
    const copy = first.file.item as { id: string };
    expect(copy.id).not.toBe(swatch.id);
    const lines = first.file.with
      .filter(({ list }) => list === 'lines')
      .map(({ record }) => record as never as (typeof workroom.lines)[0]);
    expect(lines.length).toBeGreaterThan(0);
    for (const line of lines) {
      expect(line.swatchId).toBe(copy.id);
      expect(workroom.lines.map(({ id }) => id)).not.toContain(line.id);
    }
    const then = { ...workroom, swatches: [...workroom.swatches, copy as never], lines: [...workroom.lines, ...lines] };
    expect(besideWhatIsHere(fileOf('scrap', other), then).is).toBe('here');
  });

  it('a card of another machine with the same id is no card of this one', () => {
    const theirs = { ...card, machine: { ...card.machine, tensionDial: { min: 0, max: 20, normal: 10, step: 1 } } };
    const { file } = besideWhatIsHere(fileOf('card', theirs), workroom);
    const { machineId } = file.item as typeof card;
    expect(workroom.machines.map(({ id }) => id)).not.toContain(machineId);
    // A new name, or a calibration since, does not make another machine of it.
    const renamed = {
      ...card,
      machine: { ...card.machine, name: 'old green', offsets: { tensionSteps: 0.5 } },
      notes: 'x',
    };
    expect((besideWhatIsHere(fileOf('card', renamed), workroom).file.item as typeof card).machineId).toBe(
      card.machineId,
    );
  });

  it('a friend’s card weighs half of one’s own', () => {
    const theirs = { ...card, machine: { ...card.machine, maxWidthMm: card.machine.maxWidthMm + 1 } };
    const { file } = besideWhatIsHere(fileOf('card', theirs), workroom);
    const profile = clothProfile(card.cloth);
    const near = (one: typeof card) => nearestCards([one], profile, card.operation, { machineId: card.machineId })[0];
    expect(near(card)).toMatchObject({ sameMachine: true, weight: 1 });
    expect(near(file.item as typeof card)).toMatchObject({ sameMachine: false, weight: 0.5 });
  });

  it('a card brings no machine along', () => {
    const { file } = besideWhatIsHere(fileOf('card', card), nothing);
    expect(file.with.map(({ list }) => list)).not.toContain('machines');
  });
});

describe('own: a card on one’s own machine', () => {
  const setup = { ...card.setup, tensionSteps: 1, pressure: 0.5, needlePositionMm: 0 };
  const row = (machine: typeof PLAIN_MACHINE, reading: string, of = setup) =>
    cardOnMine({ setup: of }, machine).find((one) => one.reading === reading)!;

  it('one step above its normal is 5 where normal is 4, and 11 where normal is 10', () => {
    expect(row(PLAIN_MACHINE, 'tension')).toMatchObject({ said: '1 step above normal', mine: '5 of 9' });
    const wide = { ...PLAIN_MACHINE, tensionDial: { min: 0, max: 20, normal: 10, step: 1 } };
    expect(row(wide, 'tension').mine).toBe('11 of 20');
    const worded = { ...PLAIN_MACHINE, pressureDial: { positions: ['light', 'normal', 'heavy'], normal: 'normal' } };
    expect(row(worded, 'pressure')).toMatchObject({ said: 'normal', mine: 'normal' });
  });

  it.each([
    [0, 'lightest'],
    [0.09, 'lightest'],
    [0.1, 'lighter than normal'],
    [0.49, 'lighter than normal'],
    [0.5, 'normal'],
    [0.51, 'heavier than normal'],
    [0.9, 'heavier than normal'],
    [0.91, 'heaviest'],
  ])('a pressure of %d is %s', (pressure, said) =>
    expect(row(PLAIN_MACHINE, 'pressure', { ...setup, pressure }).said).toBe(said),
  );

  it('says where the dial ends before it', () => {
    const short = { ...PLAIN_MACHINE, tensionDial: { min: 0, max: 5, normal: 4, step: 1 } };
    expect(row(short, 'tension').isNearest).toBeUndefined();
    expect(row(short, 'tension', { ...setup, tensionSteps: 1.5 }).isNearest).toBeUndefined();
    expect(row(short, 'tension', { ...setup, tensionSteps: 2 }).isNearest).toBe(true);
  });

  it('says what is lacking, at its edges', () => {
    const machine = { ...PLAIN_MACHINE, maxWidthMm: 5, maxLengthMm: 4, stitches: ['zigzag' as const] };
    const lacks = (change: Partial<typeof setup>, kit: Pick<typeof FULL_KIT, 'feet' | 'plates'> = FULL_KIT) =>
      lackedFor(
        { setup: { ...setup, stitch: 'zigzag', widthMm: 5, lengthMm: 4, foot: 'walking', ...change } },
        machine,
        kit,
      );
    expect(lacks({})).toEqual([]);
    expect(lacks({ widthMm: 5.1 })).toEqual(['Your machine sews up to 5 mm wide; this is 5.1 mm.']);
    expect(lacks({ lengthMm: 4.1 })).toEqual(['Your machine sews up to 4 mm long; this is 4.1 mm.']);
    expect(lacks({ stitch: 'blind' })).toEqual(['Your machine has no blind hem stitch.']);
    expect(lacks({}, { ...FULL_KIT, feet: [] })).toEqual(['You have no walking foot.']);
  });
});
