import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { runCommand } from './run';

const run = (args: string, input?: unknown) =>
  runCommand(args.split(' '), () => (typeof input === 'string' ? input : JSON.stringify(input)));
const result = (args: string, input: unknown) => JSON.parse(run(args, input).out);
const jersey = {
  cloth: { structure: 'knit', family: 'jersey', stretchAcross: 50 },
  operation: { kind: 'join' },
};

describe('calc answers the contract’s shapes', () => {
  it.each<[string, unknown, unknown]>([
    ['stretch', { rest: 10, stretched: 15 }, { stretchPercent: 50 }],
    [
      'stretch',
      { rest: 10, stretched: 10, relaxed: 10 },
      { stretchPercent: 0, recoveryPercent: null, growthPercent: 0 },
    ],
    ['stitch-length', { spi: 10 }, { lengthMm: 2.54, spi: 10 }],
    ['stitch-length', { stitches: 50, overMm: 100 }, { lengthMm: 2, spi: 12.7 }],
    ['shrink', { before: 100, after: 95 }, { shrinkPercent: 5 }],
    [
      'thread-use',
      { stitch: 'straight', lengthMm: 2.5, thicknessMm: 0.6, seamMm: 1000 },
      { ratio: 2.48, totalMm: 2480, needleMm: 1240, bobbinMm: 1240 },
    ],
  ])('calc %s %j', (name, input, wanted) => {
    const { provenance, ...answer } = result(`calc ${name}`, input);
    expect(answer).toEqual(wanted);
    expect(Object.keys(provenance).length).toBeGreaterThan(0);
  });

  it('converts a thread from any system', () => {
    expect(result('calc thread', { ticket: 75 }).tex).toBe(40);
    expect(result('calc thread', { weight: 40 }).tex).toBe(25);
    expect(result('calc thread-needle', { tex: 27, fibre: 'polyester', nm: 80 })).toMatchObject({
      verdict: 'good',
    });
    expect(result('calc mass', { momme: 19 }).gsm).toBeCloseTo(82.459, 3);
    expect(result('calc give', { stitch: 'zigzag', lengthMm: 2.5, widthMm: 2, thicknessMm: 1.2 }).high).toBeCloseTo(
      69.67,
      2,
    );
  });
});

describe('bad input is one line that names the field, exit 2, nothing on standard output', () => {
  it.each<[string, unknown, string]>([
    [
      'match',
      { ...jersey, cloth: { structure: 'knit', massGsm: 'heavy' } },
      'cloth.massGsm: expected a number above 0, got "heavy"',
    ],
    [
      'match',
      { ...jersey, cloth: { structure: 'knit', massGsm: 0 } },
      'cloth.massGsm: expected a number above 0, got 0',
    ],
    [
      'match',
      { ...jersey, cloth: { structure: 'knit', stretchAcross: 900 } },
      'cloth.stretchAcross: expected a stretch in percent from 0 to 400, got 900',
    ],
    ['match', { ...jersey, colour: 'red' }, 'colour: unknown field'],
    ['match', { ...jersey, operation: { kind: 'weld' } }, 'operation.kind: expected one of join, strip-join'],
    ['match', { ...jersey, tested: [{}] }, 'tested[0].cloth: expected'],
    ['match', { ...jersey, schools: { 'knit-hem': 'glue' } }, 'schools.knit-hem: expected one of by-give, twin-tape'],
    [
      'match',
      { ...jersey, operation: { kind: 'join', second: { structure: 'tin' } } },
      'operation.second.structure: expected',
    ],
    ['calc stretch', { rest: 100, stretched: 150, relaxed: 160 }, 'relaxed: expected at most the stretched length'],
    [
      'calc stretch',
      { rest: 100, stretched: 1000 },
      'stretched: expected at most five times the rest length (400% stretch)',
    ],
    ['calc mass', { gsm: 0 }, 'gsm: expected a number above 0, got 0'],
    ['calc mass', { gsm: 5, momme: 3 }, 'momme: unknown field'],
    ['calc mass', { grams: 0, widthMm: 100, lengthMm: 100 }, 'grams: expected a number above 0, got 0'],
    ['match', '{', 'input: expected JSON'],
    ['match', '7', 'input: expected object, got 7'],
    ['calc zip', {}, 'kind: expected one of centred, concealed, exposed, lapped, between-folds, got nothing'],
    ['calc curve', { radiusMm: 0 }, 'radiusMm: expected a radius in mm above 0, got 0'],
    ['calc hump', { layerMm: 1, lowLayers: 4, highLayers: 2 }, 'highLayers: expected at least lowLayers'],
    ['calc topstitch', { edges: [], lengthMm: 3, fromEdgeMm: 6 }, 'edges: expected one edge or more'],
    ['verify', { format: 'bobbet-workroom', version: 1 }, 'cloths: expected a list, got nothing'],
    [
      'frobnicate',
      {},
      'command: expected one of match, check, diagnose, steps, sew, schedule, verify, photo, calc, schema, help, got "frobnicate"',
    ],
    ['calc constructor', {}, 'command: expected one of'],
  ])('%s %j', (args, input, message) => {
    const { exit, out, error } = run(args, input);
    expect(exit).toBe(2);
    expect(out).toBe('');
    expect(error.trim().split('\n')).toHaveLength(1);
    expect(error).toContain(message);
  });

  it('a file that is not there', () => {
    const missing = runCommand(['match', '/no/such.json'], (file) => readFileSync(file, 'utf8'));
    expect(missing).toMatchObject({
      exit: 2,
      out: '',
      error: 'file: cannot read "/no/such.json" (ENOENT)\n',
    });
  });
});

describe('the rest of the command', () => {
  it('a machine without zigzag is a normal answer that says blocked', () => {
    const machine = {
      stitches: ['straight'],
      maxLengthMm: 4,
      maxWidthMm: 0,
      plates: ['standard'],
      shank: 'low',
      pressureDial: null,
      tensionDial: { min: 0, max: 9, normal: 4 },
      footLiftMm: 5,
      speedSpm: 600,
      needlePositions: 1,
    };
    const { exit, out } = run('match', { ...jersey, machine });
    expect(exit).toBe(0);
    expect(JSON.parse(out)).toMatchObject({ setup: null, blocked: [{ code: 'give.short' }] });
  });

  it('check names a needle strike as a risk and as blocked', () => {
    const setup = {
      needle: { point: 'universal', nm: 80 },
      thread: { fibre: 'polyester', tex: 27 },
      foot: 'standard',
      plate: 'straight',
      stitch: 'zigzag',
      lengthMm: 2,
      widthMm: 3,
    };
    const found = result('check', { setup, ...jersey });
    expect(found.blocked.map((b: { code: string }) => b.code)).toContain('interlock.plate-needs-straight');
    expect(found.risks[0]).toMatchObject({ sign: 'needle-broke', level: 1 });
    expect(found.needleThread.verdict).toBe('good');
  });

  it('schema prints JSON Schema of both sides, and match lists the schools', () => {
    const schema = JSON.parse(run('schema match').out);
    expect(schema.input.properties.cloth.required).toContain('structure');
    expect(schema.input.additionalProperties).toBe(false);
    expect(schema.schools.map((s: { question: string }) => s.question)).toContain('knit-stitch');
    expect(JSON.parse(run('schema stretch').out).input).toBeDefined();
  });

  it('help lists every command', () => {
    const { out } = run('help');
    expect(out).toMatch(/calc thread-use/);
    expect(out).toMatch(/photo +a photo of stitching/);
    expect(run('help photo').out).toMatch(/--mm-per-px N/);
    expect(JSON.parse(run('schema photo').out).output).toBeDefined();
    expect(run('help match').out).toMatch(/complete setting/);
  });
});

describe('schedule', () => {
  const ask = (tasks: unknown) => run('schedule -', JSON.stringify({ tasks }));
  it('puts seams in the order that changes the machine least', () => {
    const { exit, out } = ask([
      { id: 'side', needs: { thread: { fibre: 'polyester', tex: 27 }, foot: 'standard' } },
      { id: 'zip', needs: { thread: { fibre: 'polyester', tex: 27 }, foot: 'zip' } },
      { id: 'hem', needs: { foot: 'standard' }, after: ['side'] },
    ]);
    expect(exit).toBe(0);
    const found = JSON.parse(out);
    expect(found.order).toEqual(['side', 'hem', 'zip']);
    expect(found.changes.at(-1)).toEqual({ before: 'zip', change: 'foot', from: 'standard', to: 'zip' });
    expect(found).toMatchObject({ cost: 4, bound: 4, optimal: true });
  });
  it('names the ring when seams wait for each other, and the field when something is wrong', () => {
    const ring = ask([
      { id: 'a', after: ['b'] },
      { id: 'b', after: ['a'] },
    ]);
    expect(ring.exit).toBe(0);
    expect(JSON.parse(ring.out).blocked[0].text).toContain('a after b after a');
    const wrong = ask([{ id: 'a', after: ['z'] }]);
    expect(wrong.exit).toBe(2);
    expect(wrong.error).toContain('tasks[0].after[0]: expected the id of a task, got "z"');
  });
});

describe('diagnose and the simulated machine', () => {
  const setup = {
    needle: { point: 'ballpoint', nm: 75 },
    thread: { fibre: 'polyester', tex: 27 },
    foot: 'standard',
    plate: 'standard',
    stitch: 'zigzag',
    lengthMm: 2.5,
    widthMm: 2,
    pressure: 0.5,
  };

  it('names causes, of which two at most are at work, and the one change to try, with the setting it makes', () => {
    const answer = result('diagnose', { ...jersey, setup, findings: [{ sign: 'wavy', severity: 2 }] });
    const sum = answer.causes.reduce((all: number, c: { probability: number }) => all + c.probability, 0);
    expect(sum).toBeGreaterThanOrEqual(1 - 1e-9);
    expect(sum).toBeLessThanOrEqual(2);
    expect(answer.next).toMatchObject({ change: 'pressure-down', kind: 'setting', setup: { pressure: 0.25 } });
    expect(answer.then.length).toBeLessThanOrEqual(3);
  });

  it('sews the same simulated line for the same seed', () => {
    const input = { setup, cloth: jersey.cloth, machineSeed: 12 };
    expect(run('sew', input).out).toBe(run('sew', input).out);
    expect(result('sew', input)).toMatchObject({ simulated: true, measures: { overMm: 100 } });
  });

  it('sews what is hidden in it, refuses what would strike, and measures nothing after a break', () => {
    const input = { setup, cloth: jersey.cloth, machineSeed: 12 };
    const signs = (more: object) => result('sew', { ...input, ...more }).findings.map((f: { sign: string }) => f.sign);
    expect(signs({ faults: ['lever-missed'] })).toContain('loops-below');
    expect(signs({ faults: ['lint', 'hot-iron'] })).toEqual(expect.arrayContaining(['uneven-length', 'shine']));
    expect(signs({ observer: { invents: 1 } }).length).toBeGreaterThan(20);
    const broken = result('sew', { ...input, faults: ['metal'] });
    expect(broken.measures.afterMm).toBeNull();
    expect(broken.findings).toContainEqual({ sign: 'needle-broke', severity: 3 });
    const struck = result('sew', { ...input, setup: { ...setup, plate: 'straight' } });
    expect(struck.blocked[0].code).toBe('standin.strikes-plate');
  });

  it.each<[string, unknown, string]>([
    ['diagnose', { ...jersey, setup, findings: [{ sign: 'ghost', severity: 1 }] }, 'findings[0].sign: expected one of'],
    [
      'diagnose',
      { ...jersey, setup, findings: [{ sign: 'wavy', severity: 9 }] },
      'findings[0].severity: expected a severity from 0 to 3, got 9',
    ],
    [
      'diagnose',
      { ...jersey, setup, findings: [], history: [{ change: 'pray', result: 'same' }] },
      'history[0].change: expected one of',
    ],
    ['sew', { setup, cloth: jersey.cloth }, 'machineSeed: expected a whole number'],
    [
      'sew',
      { setup, cloth: jersey.cloth, machineSeed: 1, lengthMm: 5 },
      'lengthMm: expected a length in mm from 20 to 1000, got 5',
    ],
    [
      'sew',
      { setup, cloth: jersey.cloth, machineSeed: 1, faults: ['lint', 'metal', 'hump'] },
      'faults: expected at most 2 faults',
    ],
    ['sew', { setup, cloth: jersey.cloth, machineSeed: 1, faults: ['gremlin'] }, 'faults[0]: expected one of'],
    [
      'sew',
      { setup, cloth: jersey.cloth, machineSeed: 1, observer: { invents: 2 } },
      'observer.invents: expected a share from 0 to 1',
    ],
  ])('%s with nonsense ends with 2 and names the field', (name, input, message) => {
    const { exit, out, error } = run(name, input);
    expect([exit, out]).toEqual([2, '']);
    expect(error).toContain(message);
  });
});
