import { describe, expect, it } from 'vitest';
import { checkInterlocks, clashOf } from '../../interlock';
import { PLAIN_MACHINE } from '../../kit';
import { SCHOOLS, type Setup } from '../../setup';
import { answer, giveMap, lookOver, matchInputSchema, type MatchRequest, schoolsThatMatter, sweepDial } from '..';

const parse = (request: MatchRequest) => matchInputSchema.parse(request);
const jersey = parse({
  cloth: { structure: 'knit', family: 'jersey', stretchAcross: 50 },
  operation: { kind: 'join' },
});
const best = answer(jersey).setup!;

describe('a setting moved by hand', () => {
  it('is looked over as the best one is, with a reason for each part', () => {
    const found = lookOver(jersey, best);
    expect(found.blocked).toEqual([]);
    expect(found.give.estimate).toEqual(answer(jersey).give.estimate);
    expect(found.reasons.map((r) => r.parameter)).toEqual(answer(jersey).reasons.map((r) => r.parameter));
    const worse = lookOver(jersey, { ...best, pressure: 1, foot: 'standard' });
    expect(worse.risks[0].level).toBeGreaterThan(0.5);
    const silk = parse({
      cloth: { structure: 'woven', family: 'silk' },
      operation: { kind: 'join' },
      schools: { securing: 'back-stitch' },
    });
    expect(lookOver(silk, answer(silk).setup!).risks).toEqual(answer(silk).risks);
    const twin = lookOver(jersey, {
      ...best,
      stitch: 'straight',
      widthMm: 0,
      needle: { point: 'twin', nm: 80, gapMm: 2 },
    });
    expect(twin.cautions.join(' ')).toMatch(/both needles must clear plate and foot/);
  });

  it('says of every part what it is, even of one made for another job', () => {
    const { reasons, blocked } = lookOver(jersey, {
      ...best,
      foot: 'zip',
      stitch: 'satin',
      widthMm: 0.5,
      thread: { fibre: 'nylon', tex: 24 },
    });
    expect(blocked).toEqual([]);
    expect(reasons.find((r) => r.parameter === 'foot')!.text).toMatch(/You set this; .* would be usual here/);
    expect(lookOver(jersey, { ...best, widthMm: 4 }).reasons.find((r) => r.rule === 'size.by-hand')!.text).toMatch(
      /You set this/,
    );
  });

  it('a dial swept from end to end shows the risk rising and the give falling where they do', () => {
    const width = sweepDial(jersey, best, 'width');
    expect(width.series.find((s) => s.sign === 'popped')!.levels[0]).toBeGreaterThan(0.2);
    const pressure = sweepDial(jersey, { ...best, foot: 'standard' }, 'pressure');
    const wavy = pressure.series.find((s) => s.sign === 'wavy')!.levels;
    expect(wavy.at(-1)!).toBeGreaterThan(wavy[0]);
    const narrow = sweepDial(jersey, { ...best, foot: 'ditch' }, 'width');
    expect(narrow.open[0]).toBe(true);
    expect(narrow.open.at(-1)).toBe(false);
  });

  it('the give map has a line for each length that rises with width, and one over length for a line', () => {
    const zigzag = giveMap(jersey, best);
    expect(zigzag.along).toBe('width');
    for (const { give } of zigzag.lines) expect(give).toEqual([...give].sort((a, b) => a - b));
    const straight = giveMap(jersey, { ...best, stitch: 'straight', widthMm: 0 });
    expect(straight).toMatchObject({ along: 'length', lines: [{ lengthMm: null }] });
  });
});

describe('the picture of a refusal', () => {
  const clash = (more: Partial<Setup>, machine = PLAIN_MACHINE) => {
    const setup = { ...best, ...more };
    const closed = checkInterlocks({ setup, machine, thicknessMm: 1 })[0];
    return clashOf(closed, setup, machine);
  };
  it('shows the hole of the plate, the opening of the foot, the slot, or the limit that was passed', () => {
    expect(clash({ plate: 'straight' })).toMatchObject({ kind: 'strike', part: 'plate', open: [-0.8, 0.8] });
    expect(clash({ foot: 'ditch', widthMm: 6 })).toMatchObject({ part: 'foot', open: [-2.5, 2.5] });
    expect(clash({ widthMm: 6, needlePositionMm: 2, foot: 'standard' })).toMatchObject({ part: 'slot' });
    expect(clash({ lengthMm: 6 })).toEqual({ kind: 'limit', limit: 5, actual: 6, unit: 'mm' });
    expect(clash({}, { ...PLAIN_MACHINE, stitches: ['straight'] })).toEqual({ kind: 'words' });
    expect(clash({ plate: 'straight', stitch: 'triple-straight', widthMm: 0 })).toEqual({ kind: 'words' });
    const moved = clash({ plate: 'straight' }, { ...PLAIN_MACHINE, straightHoleMm: -3 });
    expect(moved).toMatchObject({ open: [-3.8, -2.2] });
  });
});

describe('schools that matter', () => {
  it('on jersey are those of knits, on denim not', () => {
    const questions = (request: MatchRequest) => schoolsThatMatter(parse(request)).map((s) => s.question);
    const knit = questions({
      cloth: { structure: 'knit', family: 'jersey', stretchAcross: 50 },
      operation: { kind: 'join' },
    });
    expect(knit).toEqual(expect.arrayContaining(['knit-stitch', 'knit-pressure', 'walking-foot', 'securing']));
    expect(knit).not.toContain('thin-silk-pressure');
    const denim = questions({ cloth: { structure: 'woven', family: 'denim' }, operation: { kind: 'join' } });
    expect(denim).not.toContain('knit-stitch');
    expect(denim).toContain('needle-life');
  });

  it('every school of every question changes something somewhere', () => {
    const requests: MatchRequest[] = [
      {
        cloth: { structure: 'knit', family: 'jersey', stretchAcross: 40, fibres: { cotton: 100 } },
        operation: { kind: 'join' },
      },
      { cloth: { structure: 'knit', family: 'slinky-jersey' }, operation: { kind: 'join' } },
      {
        cloth: { structure: 'knit', family: 'jersey', fibres: { viscose: 88, elastane: 12 } },
        operation: { kind: 'join' },
      },
      { cloth: { structure: 'knit', family: 'jersey' }, operation: { kind: 'hem' } },
      { cloth: { structure: 'woven', family: 'canvas' }, operation: { kind: 'zip-centred' } },
      { cloth: { structure: 'layered', family: 'quilt-sandwich' }, operation: { kind: 'quilt-lines' } },
      { cloth: { structure: 'knit', family: 'double-knit' }, operation: { kind: 'hem' } },
      {
        cloth: { structure: 'knit', family: 'jersey', stretchAcross: 60 },
        operation: { kind: 'hem', requiredGive: 36 },
      },
      { cloth: { structure: 'knit', family: 'double-knit', massGsm: 380 }, operation: { kind: 'join' } },
      {
        cloth: { structure: 'knit', family: 'jersey', stretchAcross: 60, fibres: { cotton: 100 } },
        operation: { kind: 'join', requiredGive: 40 },
      },
      { cloth: { structure: 'woven', family: 'silk' }, operation: { kind: 'join' } },
      { cloth: { structure: 'woven', family: 'poplin' }, operation: { kind: 'zip-concealed' } },
      {
        cloth: { structure: 'woven', family: 'poplin' },
        operation: { kind: 'join' },
        machine: { ...PLAIN_MACHINE, autoLock: true },
      },
    ];
    const said = new Map<string, Set<string>>();
    for (const request of requests)
      for (const { question, answers } of schoolsThatMatter(parse(request))) {
        const usual = JSON.stringify([answers[0].setup, answers[0].plan]);
        for (const { name, setup, plan } of answers.slice(1))
          if (JSON.stringify([setup, plan]) !== usual) said.set(question, (said.get(question) ?? new Set()).add(name));
      }
    const silent = SCHOOL_NAMES.filter(([question, name]) => !said.get(question)?.has(name));
    expect(silent).toEqual([]);
  });
});

const SCHOOL_NAMES = SCHOOLS.flatMap(({ question, names }) => names.slice(1).map((name) => [question, name] as const));
