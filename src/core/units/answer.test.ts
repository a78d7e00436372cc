import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  askUnit,
  dialMmAsk,
  fieldText,
  lengthAsk,
  massAsk,
  numberAsk,
  type QuantityAsk,
  readAnswer,
  stitchAsk,
  type UnitSystem,
} from '.';

/** What the fields of the app ask for, by a name for the tables below. */
const ASK = {
  allowance: (s: UnitSystem) => lengthAsk(s, 15, { least: 3, most: 60 }),
  row: (s: UnitSystem) => lengthAsk(s, 7, { least: 3, most: 20 }),
  seam: (s: UnitSystem) => lengthAsk(s, 600, { least: 10, most: 20_000 }),
  thickness: (s: UnitSystem) => lengthAsk(s, 0.8, { least: 0.02, most: 30 }),
  creep: (s: UnitSystem) => lengthAsk(s, 3, { signed: true, least: -100, most: 100 }),
  fabric: (s: UnitSystem) => ({ ...lengthAsk(s, 2000, { least: 10, most: 100_000 }), bare: s === 'inch' ? 'yd' : 'm' }),
  thread: (s: UnitSystem) => lengthAsk(s, 100_000, { least: 0, most: 50_000_000 }),
  dial: (s: UnitSystem) => dialMmAsk(s, 2.5, { least: 0, most: 20 }),
  stitch: (s: UnitSystem) => stitchAsk(s, { least: 0.5, most: 6 }),
  stretch: (s: UnitSystem) => numberAsk('percent', s, { least: 0, most: 400, usual: 35 }),
  share: (s: UnitSystem) => numberAsk('percent', s, { least: 60, most: 100, usual: 90 }),
  weight: (s: UnitSystem) => massAsk(s, { least: 15, most: 3000 }),
  scale: (s: UnitSystem) => numberAsk('grams', s, { least: 0.05, most: 5000 }),
  layers: (s: UnitSystem) => numberAsk('count', s, { least: 1, most: 100, whole: true, usual: 8 }),
  minutes: (s: UnitSystem) => numberAsk('minutes', s, { least: 5, most: 1440, usual: 90 }),
  hours: (s: UnitSystem) => numberAsk('hours', s, { least: 0, most: 1000 }),
  angle: (s: UnitSystem) => numberAsk('degrees', s, { least: 20, most: 360 }),
  turn: (s: UnitSystem) => numberAsk('degrees', s, { least: -360, most: 360, signed: true }),
  speed: (s: UnitSystem) => numberAsk('speed', s, { least: 10, most: 5000 }),
  tension: (s: UnitSystem) => numberAsk('dial', s, { signed: true }),
} satisfies Record<string, (system: UnitSystem) => QuantityAsk>;
type AskName = keyof typeof ASK;

/** What is typed for each ask, by the value it means: `15: 1.5 · 1,5 cm`. */
const UNDERSTOOD: Record<UnitSystem, Partial<Record<AskName, string>>> = {
  metric: {
    allowance: `
      15: 1.5 · 1,5 · 1.5 cm · 1,5cm · 15 mm · 15mm · 15 mm. · 15 millimetres · 15 millimeters · 1.5 centimetres · 1.5 cms · one and a half · one and a half cm · 1 and a half · about 1.5 · approx. 1.5 cm · ~1.5 · ca. 15 mm · roughly 1.5 · 1.5 or so · 15mm-ish · 1.5cm seam allowance · 1.5 CM ·   1.5   · 1.5 cm,
      5: .5 · ,5 · 0,5 · half · half a centimetre
      15.875: 5/8 · 5/8" · 5/8 in · 5/8 inch · 5/8-inch · 5/8ths · 5/8 of an inch · ⅝ · ⅝" · ⅝ in · five eighths · .625 in
      12.7: ½ · half an inch · a half inch
      6.35: a quarter inch · quarter
      19.05: three quarters of an inch
      31.75: 1 1/4" · 1-1/4 in · 1¼ · 1 ¼ inches
      25.4: one inch · an inch
      20: two · two cm
      15.24: 0.6"`,
    row: `
      7: 7 · 7 mm · 0.7 cm · seven · about 7
      6.35: 1/4
      7.5: 7,5`,
    seam: `
      600: 60 · 60cm · 0.6 m · 600 mm · sixty · 60 cm long · just over 60
      1200: 1 m 20 · 1m20 · 1 m 20 cm · 1.2 metres · 1,200 mm · 1 200 mm · 1’200 mm
      600.075: 23 5/8 in
      609.6: 2 ft
      1600.2: 5 ft 3 · 5'3"
      914.4: 1 yd
      2057.4: 2 yd 9 in
      1371.6: 1 1/2 yards
      1000: a metre · one metre · a hundred
      500: half a metre
      1500: one hundred and fifty cm
      250: twenty-five
      950: ninety five`,
    thickness: `
      0.8: 0.8 · 0,8 · .8 mm · 0.08 cm
      0.79375: 1/32 in
      0.5: half a mm`,
    creep: `
      3: 3
      -3: -3
      -2.5: −2,5
      -3.175: – 1/8"
      0: 0 · -0`,
    fabric: `
      2000: 2
      2100: 2,1 · 2.1 m · 210 cm
      1828.8: 2 yd
      1371.6: 1 1/2 yd
      2500: two and a half`,
    thread: `
      100000: 100 · 100 m
      100584: 110 yards
      0: 0
      1000000: 1000 m · 1,000 m`,
    dial: `
      2.5: 2.5 · 2,5 · 2.5mm
      0: 0
      3: three`,
    stitch: `
      2.5: 2.5 · 2,5 mm
      2.54: 10 spi · 10 per inch · 10 stitches per inch · 10/in · 10 to the inch`,
    stretch: `
      35: 35 · 35% · 35% · about 35 · 35 percent · 35 per cent · 35 pct · thirty five
      0: 0 · none
      12.5: 12,5
      50: fifty percent`,
    weight: `
      160: 160 · 160 gsm · 160 g/m² · 160 g/m2 · 160g · 160 grams per square metre · about 160 gsm
      406.869: 12 oz · 12oz · 12 ounces
      159.357: 4.7 oz/yd²
      82.459: 19 momme · 19 mm`,
    scale: `
      2.4: 2,4 · 2.4 g
      28.3495: 1 oz
      100: 0.1 kg
      10: ten grams`,
    layers: `
      8: 8 · 8 layers · eight · 8.0
      12: a dozen
      2: two`,
    minutes: `
      90: 90 · 90 min · 1.5 h · 1 1/2 hours
      60: an hour
      30: half an hour
      120: two hours`,
    hours: `
      1.5: 1,5 · 90 min
      2: 2 h
      0.5: half an hour`,
    angle: `
      90: 90 · 90° · 90 degrees
      45: 45 deg`,
    turn: `
      -90: -90
      -45: −45°
      90: 90`,
    speed: `
      750: 750 · 750 spm · 750 stitches a minute
      1000: 1,000 · 1 000 per minute`,
    tension: `
      4: 4
      -1: -1
      4.5: 4.5 · 4,5`,
  },
  inch: {
    allowance: `
      15.875: 5/8 · .625 · 5/8 in · ⅝″
      12.7: 1/2 · half
      25.4: 1
      38.1: 1 1/2 · 1½" · one and a half
      15: 1.5 cm · 15 mm
      6.35: a quarter
      9.525: 3/8ths`,
    row: `
      6.35: 1/4 · 0.25 · ¼
      7: 7 mm`,
    seam: `
      609.6: 24 · 24 in · 2 ft
      600: 60 cm
      1828.8: 2 yd
      600.075: 23 5/8
      762: 2' 6"`,
    thickness: `
      0.8: 0.8 · 0.8 mm
      0.79375: 1/32`,
    creep: `
      3.175: 1/8
      -3.175: -1/8
      3: 3 mm`,
    fabric: `
      1828.8: 2
      2057.4: 2 1/4 · 2¼ yds
      2000: 2 m`,
    thread: `
      100584: 110 · 110 yd
      100000: 100 m`,
    dial: `
      2.5: 2.5 · 2.5 mm`,
    stitch: `
      2.5: 2.5
      2.54: 10 spi`,
    weight: `
      159.357: 4.7
      169.529: 5 oz
      160: 160 gsm
      406.869: 12`,
    stretch: `
      35: 35`,
  },
};

type Asked = readonly [UnitSystem, AskName, text: string, says: RegExp, meant: readonly number[]];
const UNCLEAR: readonly Asked[] = [
  ['metric', 'allowance', '15', /^At most 6 cm here\. Did you mean this\?$/, [15]],
  ['metric', 'allowance', '12', /Did you mean/, [12]],
  ['metric', 'allowance', '150', /^At most 6 cm here\.$/, []],
  ['metric', 'allowance', '0.1', /^At least 3 mm here/, []],
  ['metric', 'allowance', '200 mm', /^At most 6 cm here\.$/, []],
  ['metric', 'allowance', 'abc', /“abc” is not a length\. Type a number, such as 1\.5 cm\./, []],
  ['metric', 'allowance', 'wide', /is not a length/, []],
  ['metric', 'allowance', '1.5 kg', /“kg” is not a unit of length\. Use mm, cm, m, inches or yards\./, []],
  ['metric', 'allowance', '50%', /“%” is not a unit of length/, []],
  ['metric', 'allowance', '1-2 cm', /Enter one number/, [10, 20]],
  ['metric', 'allowance', '1 to 1.5', /Enter one number/, [10, 15]],
  ['metric', 'allowance', '1.5 x 2', /Enter one number/, [15, 20]],
  ['metric', 'allowance', '5/0', /is not a length/, []],
  ['metric', 'allowance', '--3', /is not a length/, []],
  ['metric', 'allowance', '-1.5', /is not a length/, []],
  ['metric', 'allowance', '1.2.3', /is not a length/, []],
  ['metric', 'allowance', '?', /is not a length/, []],
  ['metric', 'seam', '0.4', /^At least 10 mm here\. Did you mean this\?$/, [10.16, 400]],
  ['metric', 'row', '1', /^At least 3 mm here\. Did you mean this\?$/, [10]],
  ['metric', 'row', '25', /^At most 2 cm here/, []],
  ['metric', 'stretch', '500', /^At most 400% here\.$/, []],
  ['metric', 'stretch', '5 cm', /“cm” is not a unit of percentage\. Use %\./, []],
  ['metric', 'stretch', 'a lot', /is not a percentage\. Type a number, such as 35%\./, []],
  ['metric', 'share', '0.9', /^At least 60% here\. Did you mean this\?$/, [90]],
  ['metric', 'weight', '12', /^At least 15 g\/m² here\. Did you mean this\?$/, [406.868963, 52.079227]],
  ['metric', 'weight', 'heavy', /is not a weight of fabric/, []],
  ['metric', 'weight', '5 kg', /“kg” is not a unit of weight/, []],
  ['metric', 'layers', '2.5', /^Enter a whole number: 2 or 3\?$/, [2, 3]],
  ['metric', 'layers', '0', /^At least 1 here\.$/, []],
  ['metric', 'layers', '5 cm', /Enter a number only, without “cm”/, []],
  ['metric', 'layers', 'many', /is not a number/, []],
  ['metric', 'minutes', '2', /^At least 5 minutes here\.$/, []],
  ['metric', 'minutes', 'soon', /is not a time/, []],
  ['metric', 'angle', '5', /^At least 20° here\.$/, []],
  ['metric', 'creep', '-300', /^At least −10 cm here\.$/, []],
  ['metric', 'stitch', '25', /^At most 6 mm here\.$/, []],
  ['metric', 'tension', 'tight', /is not a number on the dial/, []],
  ['inch', 'allowance', '15', /^At most 2 3\/8 in here\. Did you mean this\?$/, [15]],
  ['inch', 'allowance', '10', /Did you mean/, [10]],
  ['inch', 'allowance', 'abc', /is not a length\. Type a number, such as 9\/16 in\./, []],
  ['inch', 'weight', '160', /Did you mean/, []],
];

const rows = (system: UnitSystem) =>
  Object.entries(UNDERSTOOD[system]).flatMap(([name, table]) =>
    table
      .trim()
      .split('\n')
      .flatMap((line) => {
        const [, value, texts] = /^\s*(-?[\d.]+): (.*)$/.exec(line)!;
        return texts.split(' · ').map((text) => [system, name as AskName, text, Number(value)] as const);
      }),
  );
const ALL = [...rows('metric'), ...rows('inch')];

describe('number fields understand what people type', () => {
  it('is tried with more than two hundred inputs, in both systems', () =>
    expect(ALL.length + UNCLEAR.length).toBeGreaterThanOrEqual(200));

  it.each(ALL)('%s, %s: “%s” is %f', (system, name, text, value) => {
    const answer = readAnswer(text, ASK[name](system));
    expect(answer).toMatchObject({ kind: 'value' });
    expect(answer.kind === 'value' && answer.value).toBeCloseTo(value, 3);
  });

  it.each(UNCLEAR)('%s, %s: “%s” is asked about', (system, name, text, says, meant) => {
    const answer = readAnswer(text, ASK[name](system));
    if (answer.kind !== 'unclear') throw new Error(`${text}: taken as ${JSON.stringify(answer)}`);
    expect(answer.text).toMatch(says);
    if (meant.length > 0)
      expect(answer.meant.map(({ value }) => value)).toEqual(meant.map((mm) => expect.closeTo(mm, 3)));
    // What is offered is understood as just that.
    for (const one of answer.meant) {
      const again = readAnswer(one.typed, ASK[name](system));
      expect(again.kind === 'value' && Math.abs(again.value - one.value)).toBeLessThan(0.8);
    }
  });

  it('nothing typed is nothing answered', () => {
    for (const text of ['', '   ']) expect(readAnswer(text, ASK.seam('metric'))).toEqual({ kind: 'empty' });
  });

  it('never fails, and never lets a number past its bounds', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom(...(Object.keys(ASK) as AskName[])), (text, name) => {
        const ask: QuantityAsk = ASK[name]('metric');
        const answer = readAnswer(text, ask);
        if (answer.kind !== 'value') return;
        expect(answer.value).toBeGreaterThanOrEqual((ask.least ?? -Infinity) - 1e-6);
        expect(answer.value).toBeLessThanOrEqual((ask.most ?? Infinity) + 1e-6);
      }),
    );
  });

  it('what stands in a field reads back as what it shows', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<UnitSystem>('metric', 'inch'),
        fc.double({ min: 3, max: 60, noNaN: true }),
        (system, mm) => {
          const ask = ASK.allowance(system);
          const shown = fieldText(mm, ask);
          const answer = readAnswer(shown, { ...ask, least: undefined, most: undefined });
          expect(answer.kind === 'value' && fieldText(answer.value, ask)).toBe(shown);
        },
      ),
    );
  });

  it('labels carry the unit that a plain number is in', () => {
    expect(askUnit(ASK.allowance('metric'))).toBe('cm');
    expect(askUnit(ASK.allowance('inch'))).toBe('in');
    expect(askUnit(ASK.row('metric'))).toBe('mm');
    expect(askUnit(ASK.thickness('inch'))).toBe('mm');
    expect(askUnit(ASK.weight('inch'))).toBe('oz/yd²');
    expect(askUnit(ASK.layers('metric'))).toBeUndefined();
  });
});
