import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Card, cardSchema } from '../../card';
import { type Cloth, FAMILIES, FAMILY, type Family } from '../../cloth';
import { PLAIN_MACHINE } from '../../kit';
import { secureText } from '../../match';
import { plainSetup } from '../../setup/plainSetup.testing';
import {
  matchRows,
  PLAIN_PLAN,
  planOfRow,
  procedureOf,
  type ProcedureId,
  PROCEDURES,
  proofOfOperation,
  readyFor,
  rowsOfProcedure,
  rowsToProve,
  settingsOfRows,
  setupsOf,
  stepText,
} from '..';
import { isIroned, planCautions, pressingOf, withPlan } from './phrases';

const clothOf = (family: Family): Cloth => ({ structure: FAMILY[family].structure, family, traits: [] });
const of = (id: ProcedureId) => procedureOf(id)!;
const NO_IRON = { ...PLAIN_PLAN, press: { maxSolePlateC: 0, pressCloth: false, steam: 'no' } } as const;

/** Work that only an iron or steam can do; what a thumb, a foot or a dial does is something else. */
const IRONED = /(?<!finger-)\bpress(?:ed)? (?!cloth|foot|on the)|\bsteam\b|(?<!no )\biron\b/i;
const PINNED = /\bpins?\b/i;

describe('what is never written into a step, because it follows from the fabric', () => {
  const machined = PROCEDURES.filter(({ group }) => group !== 'by hand');
  it.each(machined.map((p) => [p.id, p] as const))('%s: holding, pressing and securing', (_, { steps, ready }) => {
    const raw = [...steps.flatMap((step) => [step.do, step.check, step.caution ?? '']), ...ready].map((text) =>
      text.replaceAll(/\[[^\]]*\]|\{[^}]*\}/g, ''),
    );
    for (const text of raw)
      expect(text).not.toMatch(/\b[Pp]ins?\b|\b[Pp]inned\b|\b[Ii]ron\b|\b[Pp]ress\b|[Ss]team|[Bb]ack-stitch|needle of/);
  });
});

describe('a step in the words of the plan', () => {
  it('is pinned, clipped, glued or basted as the plan holds it', () => {
    const held = (...hold: (typeof PLAIN_PLAN.hold)[number][]) => withPlan('[hold]', { ...PLAIN_PLAN, hold });
    expect(held('pins')).toBe('Pin across the seam.');
    expect(held('silk-pins-in-allowance')).toBe('Pin inside the allowance, with silk pins.');
    expect(held('clips', 'glue')).toBe('Hold it with clips or a line of fabric glue.');
    expect(held('baste')).toBe('Tack it by hand.');
    expect(withPlan('[Pin] quarter to quarter.', { ...PLAIN_PLAN, hold: ['clips'] })).toBe('Clip quarter to quarter.');
  });

  it('is ironed, or finger-pressed, and steamed only where steam may go', () => {
    expect(withPlan('Turn it and [press] it.', PLAIN_PLAN)).toBe('Turn it and press it.');
    expect(withPlan('[Press] it open.', NO_IRON)).toBe('Finger-press it open.');
    const dry = { ...PLAIN_PLAN, press: { maxSolePlateC: 110, pressCloth: true, steam: 'no' } } as const;
    expect(withPlan('[steam back]', dry)).not.toMatch(/steam/);
    expect(withPlan('[steam back]', PLAIN_PLAN)).toMatch(/steam it back/);
    expect(pressingOf('[Press] it.', dry)).toBe('Through a press cloth, 110 °C at most, dry.');
    expect(pressingOf('[Press] it.', NO_IRON)).toBe('Do not iron this fabric.');
    expect([pressingOf('[Press] it.', PLAIN_PLAN), pressingOf('Sew it.', NO_IRON)]).toEqual([null, null]);
    expect([isIroned('[Press] it.', PLAIN_PLAN), isIroned('[Press] it.', NO_IRON)]).toEqual([true, false]);
  });

  it('has an iron in the hand only where one is used on this fabric', () => {
    const dry = { ...PLAIN_PLAN, press: { maxSolePlateC: 110, pressCloth: true, steam: 'no' } } as const;
    const ironed = (text: string) => [PLAIN_PLAN, dry, NO_IRON].map((plan) => isIroned(text, plan));
    expect(ironed('[Press] it.')).toEqual([true, true, false]);
    expect(ironed('[steam back]')).toEqual([true, false, false]);
    expect(ironed('[coil]')).toEqual([true, true, false]);
    expect(ironed('Lay it on and [fix].')).toEqual([true, false, false]);
    expect(pressingOf('[steam back]', dry)).toBeNull();
  });

  it('warns of pins where there are pins, of clips where there are clips, of glue where it is put on', () => {
    const of = (hold: (typeof PLAIN_PLAN.hold)[number][], text = 'Sew it.', sewn = true) =>
      planCautions(text, sewn, { ...PLAIN_PLAN, hold }).join(' ');
    expect(of(['pins'])).toMatch(/every pin out/);
    expect(of(['clips', 'ballpoint-pins'])).toMatch(/every pin and clip/);
    expect(of(['clips'])).toMatch(/each clip off/);
    expect(of(['glue'], '[hold]', false)).toMatch(/glue/);
    expect(of(['pins'], '[hold]', false)).toBe('');
  });

  it('that goes on from the needle neither begins nor ends', () => {
    const step = { do: 'Sew.', check: 'It holds.', view: 'above', sews: 'seam' };
    const texts = (['to-next', 'both', 'from-before'] as const).map((goesOn) => stepText({ ...step, goesOn }));
    expect(texts.map(({ begin }) => /still down/.test(begin.join()))).toEqual([false, true, true]);
    expect(texts.map(({ end }) => /needle down/.test(end!))).toEqual([true, true, false]);
  });

  it('counts what holds it by its name, and pins a pattern with pins alone', () => {
    const both = { ...PLAIN_PLAN, hold: ['clips', 'pins'] as const, pins: 'strong' as const };
    expect(withPlan('count [the pins].', { ...both, hold: [...both.hold] })).toBe('count the clips or pins.');
    expect(withPlan('[cutting hold]', { ...both, hold: [...both.hold] })).toBe('strong pins, or weights');
    expect(withPlan('[cutting hold]', { ...PLAIN_PLAN, hold: ['clips', 'glue'] })).toBe('weights');
    expect(withPlan('[Hold]', { ...PLAIN_PLAN, pins: 'glass-head' })).toBe(
      'Pin across the seam, with long, big-headed pins.',
    );
  });

  it('names no phrase that is not there', () =>
    expect(() => withPlan('[steamroll] it.', PLAIN_PLAN)).toThrow(/steamroll/));
});

describe('every operation on every fabric', () => {
  it('takes no pin where holes stay and no iron where there is none, and every row begins and ends as planned', () => {
    fc.assert(
      fc.property(fc.constantFrom(...PROCEDURES), fc.constantFrom(...FAMILIES), (procedure, family) => {
        const rows = matchRows(procedure, { cloth: clothOf(family) });
        for (const step of procedure.steps) {
          const found = rows[step.row ?? 'main'];
          const { does, check, cautions, begin, end, pressing } = stepText(step, planOfRow(found));
          const text = [does, check, ...cautions, pressing ?? ''].join(' ').replaceAll(/\{[^}]*\}/g, '');
          const why = `${procedure.id} on ${family}: ${text}`;
          if (found.plan.press.maxSolePlateC === 0) expect(text.replace('Do not iron', ''), why).not.toMatch(IRONED);
          if (found.plan.press.steam === 'no') expect(text, why).not.toMatch(/\bsteam\b/);
          if (!found.plan.hold.some((way) => way.includes('pins'))) expect(text, why).not.toMatch(PINNED);
          if (step.sews && step.goesOn === undefined) {
            expect(begin).toEqual(found.plan.start);
            expect(end).toContain(secureText(found.plan.secure));
          }
        }
        const main = rows.main.plan;
        const ready = readyFor(procedure, planOfRow(rows.main))
          .join(' ')
          .replaceAll(/\{[^}]*\}/g, '');
        if (main.press.maxSolePlateC === 0) expect(ready).not.toMatch(/\biron\b/);
        if (!main.hold.some((way) => way.includes('pins'))) expect(ready).not.toMatch(PINNED);
      }),
      { numRuns: 300 },
    );
  });
});

describe('rows are matched as what they are', () => {
  const rowsOn = (id: ProcedureId, family: Family) => matchRows(of(id), { cloth: clothOf(family) });
  it('a felled denim seam is topstitched with the needle, thread and length of topstitching', () => {
    const { main, top } = rowsOn('flat-felled', 'denim');
    expect([main.operation, top.operation]).toEqual([{ kind: 'join' }, { kind: 'topstitch', layers: 4 }]);
    expect(top.setup!.lengthMm).toBeGreaterThan(main.setup!.lengthMm);
    expect(top.setup!.thread.tex).toBeGreaterThan(main.setup!.thread.tex);
    expect(top.plan.secure).toBe('tails-to-back');
  });
  it('an abutted joint is sewn with what swings, whatever the fabric', () => {
    for (const family of FAMILIES) {
      const { setup, blocked } = rowsOn('abutted', family).main;
      expect(setup ? ['bridging', 'zigzag', 'three-step-zigzag'].includes(setup.stitch) : blocked.length > 0).toBe(
        true,
      );
    }
  });
  it('basting is loose and the seam after it is not', () => {
    const { main, seam } = rowsOn('baste', 'poplin');
    expect(main.setup!.lengthMm).toBeGreaterThanOrEqual(4);
    expect(main.setup!.tensionSteps).toBeLessThan(seam.setup!.tensionSteps);
  });
  it('two needles only where the operation has them', () => {
    const kit = { needles: [], threads: [], feet: [], plates: [] };
    const points = (id: ProcedureId) => rowsOn(id, 'jersey').main.setup!.needle.point;
    expect([points('hem-twin'), points('hem-zigzag')].map((point) => point.startsWith('twin'))).toEqual([true, false]);
    const without = matchRows(of('hem-twin'), { cloth: clothOf('jersey'), kit: { ...kit, overlocker: false } });
    expect([without.main.setup, without.main.blocked.length > 0]).toEqual([null, true]);
  });
  it('the join of a band goes through the band alone', () => {
    const band = { ...clothOf('rib'), massGsm: 250 };
    const rows = matchRows(of('neck-band'), { cloth: clothOf('jersey'), band });
    expect(rows.main.operation.second).toEqual(band);
    expect(rows.ring.operation).toEqual({ kind: 'join' });
  });
});

describe('what is proven', () => {
  const felled = of('flat-felled');
  const cloth = clothOf('denim');
  const rows = matchRows(felled, { cloth });
  const ids = { clothId: 'c', machineId: 'm' };
  const card = (id: string, row: 'main' | 'top', more: object = {}): Card =>
    cardSchema.parse({
      id,
      name: id,
      passedAt: '2026-03-01T10:00:00Z',
      clothId: 'c',
      cloth: { ...cloth, name: 'Denim' },
      operation: rows[row].operation,
      machineId: 'm',
      machine: { ...PLAIN_MACHINE, name: 'Fern' },
      setup: rows[row].setup,
      measures: { markedMm: 100 },
      lineId: 'l',
      ...more,
    });
  const settings = (...cards: Card[]) => settingsOfRows(felled, rows, { cloth }, cards, ids);
  const proof = (...cards: Card[]) => proofOfOperation(felled, settings(...cards), ['main', 'top']).of;
  const own = (row: 'main' | 'top', more: object = {}) =>
    card(`own-${row}`, row, { proves: { procedureId: 'flat-felled', row }, ...more });

  it('nothing without a card, the stitch by the card of a plain seam, the operation by cards of all its rows', () => {
    expect(proof()).toBe('nothing');
    expect(proof(card('plain', 'main'))).toBe('stitch');
    expect(proof(own('main'))).toBe('stitch');
    expect(proof(own('main'), own('top'))).toBe('operation');
    expect(proof(own('main', { proves: { procedureId: 'flat-felled', row: null } }), own('top'))).toBe('operation');
  });

  it('is not what was sewn for another operation, on another machine, in another fabric, or simulated', () => {
    expect(proof(own('main', { proves: { procedureId: 'french', row: 'main' } }), own('top'))).toBe('stitch');
    expect(proof(own('main', { machineId: 'other' }))).toBe('nothing');
    expect(proof(own('main', { clothId: 'other' }))).toBe('nothing');
    expect(proof(own('main', { simulated: true }))).toBe('nothing');
  });

  it('the stitch alone takes the same needle, thread, foot, stitch and layers', () => {
    const kin = (more: object, kind = 'ditch') =>
      proof(card('kin', 'main', { operation: { kind, layers: 2 }, setup: { ...rows.main.setup, ...more } }));
    const { nm } = rows.main.setup!.needle;
    expect(kin({})).toBe('stitch');
    expect(kin({ lengthMm: 4, tensionSteps: 1 })).toBe('stitch');
    expect(kin({ needle: { point: 'sharp', nm } })).toBe('nothing');
    expect(kin({ needle: { ...rows.main.setup!.needle, nm: nm + 10 } })).toBe('nothing');
    expect(kin({ thread: { fibre: 'silk', tex: 20 } })).toBe('nothing');
    expect(kin({ foot: 'zip' })).toBe('nothing');
    expect(kin({ stitch: 'zigzag', widthMm: 3 })).toBe('nothing');
    expect(proof(card('kin', 'main', { operation: { kind: 'ditch', layers: 3 } }))).toBe('nothing');
  });

  it('a row is sewn as its card has it; the same kind of row lends its setting', () => {
    const tested = { ...rows.main.setup!, lengthMm: 3.3 };
    expect(settings(own('main', { setup: tested })).main).toMatchObject({ setup: tested, proof: 'operation' });
    expect(settings(card('plain', 'main', { setup: tested })).main).toMatchObject({ setup: tested, proof: 'stitch' });
    expect(settings().top).toEqual({ setup: rows.top.setup, proof: 'nothing', card: null });
    // A twin needle passed on scrap sews no row that is sewn with one.
    const twin = plainSetup({ needle: { point: 'twin', nm: 80, gapMm: 2.5 } });
    expect(settings(own('main', { setup: twin })).main.setup).toEqual(rows.main.setup);
  });

  it('without a setting for its main row there is none for the operation', () => {
    const none = { setup: null, proof: 'nothing', card: null } as const;
    const top = settings().top;
    expect(setupsOf({ main: none, top })).toBeNull();
    expect(setupsOf({ main: top, top: none })).toEqual({ main: top.setup });
  });

  it('what is pulled out again needs no scrap', () => {
    const gather = of('gather');
    const found = matchRows(gather, { cloth });
    const none = settingsOfRows(gather, found, { cloth }, [], ids);
    expect(rowsToProve(gather, none, ['main', 'seam'])).toEqual(['seam']);
    expect(rowsToProve(felled, settings(own('top')), ['main', 'top'])).toEqual(['main']);
    expect(Object.keys(rowsOfProcedure(gather))).toEqual(['main', 'seam']);
  });
});
