import { describe, expect, it } from 'vitest';
import { PLAIN_MACHINE } from '../kit';
import { plainSetup } from '../setup/plainSetup.testing';
import { cardSchema, staleReasons, type Today } from '.';

const setup = plainSetup({ needle: { point: 'ballpoint', nm: 75 }, foot: 'walking', stitch: 'zigzag', widthMm: 2 });
const cloth = {
  structure: 'knit' as const,
  family: 'jersey' as const,
  traits: [],
  name: 'Plum jersey',
  stretchAcross: 50,
};
const machine = { ...PLAIN_MACHINE, name: 'the green machine' };
const card = cardSchema.parse({
  id: 'c1',
  name: 'Plum jersey, a plain seam',
  passedAt: '2026-11-01T10:00:00Z',
  clothId: 'plum',
  cloth,
  operation: { kind: 'join' },
  machineId: 'green',
  machine,
  setup,
  measures: { markedMm: 100 },
  lineId: 'l1',
});
const today: Today = {
  machine: card.machine,
  servicedAt: [],
  cloth: card.cloth,
  needles: [setup.needle],
  threads: [setup.thread],
  on: { setup: card.setup, needleHours: 1 },
  needleLifeHours: 5,
};
const codes = (now: Partial<Today>) => staleReasons(card, { ...today, ...now }).map((r) => r.code);
const counted = { id: 'length-1', dialMm: 2.5, stitches: 44, overMm: 100, at: '2026-11-10T10:00:00Z' };
const calibration = { length: [counted], width: [], bobbin: [], feed: [] };

describe('a card', () => {
  it('holds while nothing it rests on has changed', () => expect(codes({})).toEqual([]));

  it.each<[string, Partial<Today>, string[]]>([
    ['its machine went', { machine: null }, ['machine-gone']],
    ['the length dial was recalibrated', { machine: { ...card.machine, calibration } }, ['recalibrated']],
    ['the machine was serviced after it', { servicedAt: ['2026-11-02T10:00:00Z'] }, ['serviced']],
    [
      'another needle size is in the machine',
      { on: { setup: { ...card.setup, needle: { point: 'ballpoint', nm: 90 } }, needleHours: 0 } },
      ['other-needle'],
    ],
    ['the needle in the machine has sewn its hours', { on: { setup: card.setup, needleHours: 5.2 } }, ['needle-worn']],
    [
      'another thread is on the machine',
      { on: { setup: { ...card.setup, thread: { fibre: 'cotton', tex: 30 } }, needleHours: 0 } },
      ['other-thread'],
    ],
    ['no such needle is left', { needles: [{ point: 'jeans', nm: 100 }] }, ['needle-gone']],
    ['no such thread is left', { threads: [] }, ['thread-gone']],
    ['the cloth turned out to stretch more', { cloth: { ...card.cloth, stretchAcross: 70 } }, ['cloth-measured']],
  ])('is stale when %s', (_, now, expected) => {
    expect(codes(now)).toEqual(expected);
    for (const { text } of staleReasons(card, { ...today, ...now })) expect(text).toMatch(/^[A-Zt].*\.$/);
  });

  it.each<[string, Partial<Today>]>([
    ['a service before it', { servicedAt: ['2026-10-02T10:00:00Z'] }],
    ['a bobbin wound off since', { machine: { ...card.machine, calibration: { ...calibration, length: [] } } }],
    ['a needle that may be bought again', { needles: null, threads: null }],
    ['a machine set for another cloth', { on: null }],
    [
      'hours, for who changes needles by trouble',
      { on: { setup: card.setup, needleHours: 40 }, needleLifeHours: null },
    ],
    ['a stretch measured nearly the same', { cloth: { ...card.cloth, stretchAcross: 53 } }],
    ['a cloth that is gone from the drawer', { cloth: null }],
  ])('still holds after %s', (_, now) => expect(codes(now)).toEqual([]));

  it('is out of date from a tenth more or less on, and not before', () => {
    const weighed = { ...card, cloth: { ...card.cloth, massGsm: 200 } };
    const at = (massGsm: number) => staleReasons(weighed, { ...today, cloth: { ...weighed.cloth, massGsm } });
    expect([220, 180].map((gsm) => at(gsm).length)).toEqual([0, 0]);
    expect([222, 178].map((gsm) => at(gsm).map(({ code }) => code))).toEqual([['cloth-measured'], ['cloth-measured']]);
    expect(at(240)[0].text).toMatch(/is different: weight\.$/i);
  });

  it('holds where a property was only estimated, then and now', () => {
    const bare = { ...card, cloth: { ...card.cloth, stretchAcross: undefined } };
    expect(staleReasons(bare, { ...today, cloth: { ...bare.cloth, family: 'rib' } })).toEqual([]);
  });

  it('holds when the service was at the very moment, and when one needle of several is such', () => {
    expect(codes({ servicedAt: [card.passedAt] })).toEqual([]);
    expect(codes({ needles: [{ point: 'jeans', nm: 100 }, setup.needle] })).toEqual([]);
  });

  it('is out of date when a dial was counted again to another length, not when only the entry is another', () => {
    const was = { ...card, machine: { ...card.machine, calibration } };
    const now = (more: object) =>
      staleReasons(was, {
        ...today,
        machine: { ...was.machine, calibration: { ...calibration, length: [{ ...counted, ...more }] } },
      }).map(({ code }) => code);
    expect(now({ id: 'again' })).toEqual([]);
    expect(now({ stitches: 45 })).toEqual(['recalibrated']);
    const factor = (lengthFactor: number) => codes({ machine: { ...card.machine, offsets: { lengthFactor } } });
    expect([factor(1), factor(0.9)]).toEqual([[], ['recalibrated']]);
    const offset = (offsets: object) => codes({ machine: { ...card.machine, offsets } });
    expect([offset({ tensionSteps: 0, pressure: 0 }), offset({ tensionSteps: 1 }), offset({ pressure: 0.25 })]).toEqual(
      [[], ['recalibrated'], ['recalibrated']],
    );
  });

  it('names the machine that is gone', () =>
    expect(staleReasons(card, { ...today, machine: null })[0].text).toBe(
      'the green machine is no longer in the workroom.',
    ));
});
