import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAIN_MACHINE } from '../kit';
import { plainSetup } from '../setup/plainSetup.testing';
import { compareLines, lineSchema, trendsOf } from '.';
import { printingIn } from '../units';

const line = (number: number, setup: object = {}, measures: object = {}, more: object = {}) =>
  lineSchema.parse({
    id: `l${number}`,
    swatchId: 's',
    number,
    setup: plainSetup({ needle: { point: 'ballpoint', nm: 80 }, stitch: 'zigzag', widthMm: 2, ...setup }),
    measures: { markedMm: 100, ...measures },
    status: 'failed',
    sewnAt: '2026-11-25T10:00:00Z',
    ...more,
  });

describe('two lines side by side', () => {
  const a = line(1, {}, { afterMm: 103 });
  const b = line(2, { pressure: 0.25 }, { afterMm: 101 }, { findings: [{ id: 'wavy', sign: 'wavy', severity: 1 }] });
  const { setting, outcome } = compareLines(PLAIN_MACHINE, a, b, printingIn('metric'), 0.6);

  it('every reading is there, and only what differs is marked', () => {
    expect(setting.filter((r) => r.differs).map((r) => r.name)).toEqual(['Pressure']);
    expect(setting.map((r) => r.name)).toContain('Direction');
    // The same stitch takes as long and as much.
    expect(setting.find((r) => r.name === 'Thread per metre')).toMatchObject({ differs: false });
  });

  it('with what was measured on either and what was seen', () =>
    expect(outcome).toEqual([
      { name: 'Grew', a: '3%', b: '1%', differs: true },
      { name: 'Seen', a: 'not looked at yet', b: 'stretched, wavy seam (slight)', differs: true },
    ]));

  it('a line beside itself differs in nothing', () => {
    const same = compareLines(PLAIN_MACHINE, a, a, printingIn('metric'), 0.6);
    expect([...same.setting, ...same.outcome].some((r) => r.differs)).toBe(false);
  });
});

it('another stitch takes other time and thread a metre', () => {
  const zigzag = line(1);
  const straight = line(2, { stitch: 'straight', widthMm: 0 });
  const { setting } = compareLines(PLAIN_MACHINE, zigzag, straight, printingIn('metric'), 0.6);
  const [seconds, thread] = ['Seconds per metre', 'Thread per metre'].map((name) =>
    setting.find((r) => r.name === name)!,
  );
  expect(parseFloat(thread.a)).toBeGreaterThan(parseFloat(thread.b));
  expect(seconds.a).toMatch(/^\d+ s$/);
});

describe('what the lines show over a dial', () => {
  it('growth over pressure, from lines that differ in pressure alone', () => {
    const lines = [0.5, 0.25, 0].map((pressure, i) => line(i + 1, { pressure }, { afterMm: 100 + 4 * pressure }));
    const [trend] = trendsOf([...lines, line(4, { pressure: 0.75, lengthMm: 3 }, { afterMm: 110 })]);
    expect(trend).toMatchObject({ dial: 'pressure', measure: 'growth', unit: '%' });
    expect(trend.points.map((p) => [p.at, Math.round(p.value * 10) / 10, p.line])).toEqual([
      [0, 0, 3],
      [0.25, 1, 2],
      [0.5, 2, 1],
    ]);
  });

  it('nothing while no dial was turned, or two were turned at once', () => {
    const twice = [line(1, {}, { afterMm: 102 }), line(2, { pressure: 0, lengthMm: 3 }, { afterMm: 101 })];
    expect(trendsOf(twice)).toEqual([]);
    expect(trendsOf([line(1, {}, { afterMm: 102 }), line(2, {}, { afterMm: 101 })])).toEqual([]);
  });

  it('simulated lines and real ones are never put together', () =>
    expect(
      trendsOf([
        line(1, { pressure: 0.5 }, { afterMm: 102 }),
        line(2, { pressure: 0.25 }, { afterMm: 101 }, { simulated: { seed: 3 } }),
      ]),
    ).toEqual([]));

  it('every point is a line of the scrap, in the order of the dial', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(0, 0.25, 0.5, 1), { minLength: 2, maxLength: 8 }), (pressures) => {
        const lines = pressures.map((pressure, i) => line(i + 1, { pressure }, { shiftMm: i }));
        for (const { points } of trendsOf(lines)) {
          expect(points.length).toBe(lines.length);
          expect([...points].sort((p, q) => p.at - q.at)).toEqual(points);
        }
      }),
    );
  });
});
