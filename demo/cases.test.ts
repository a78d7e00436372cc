import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../src/core/cloth';
import { INTERLOCKS } from '../src/core/interlock';
import { checkInputSchema, checkSetup, match, matchInputSchema, type MatchOutput } from '../src/core/match';
import { KNOWLEDGE } from '../src/core/result';
import { OPERATION_KINDS } from '../src/core/setup';
import { CASES, REFUSALS, type Wanted } from './cases';
import { casesPage, refusalInput } from './casesPage';

const within = (value: number, range: readonly [number, number] | undefined) =>
  range === undefined || (value >= range[0] - 1e-9 && value <= range[1] + 1e-9);
const oneOf = <T>(value: T, list: readonly T[] | undefined) => list === undefined || list.includes(value);

/** Everything that an answer is not, of what was wanted. */
function wrongIn(found: MatchOutput, wanted: Wanted): string[] {
  const { setup, plan } = found;
  const text = JSON.stringify([plan, found.cautions, found.blocked]);
  const wrong: string[] = [];
  const need = (ok: boolean, name: string) => !ok && wrong.push(name);
  if (wanted.blocked)
    need(
      found.blocked.some((b) => b.code === wanted.blocked),
      'blocked',
    );
  else if (!setup) return ['no setting'];
  else {
    need(oneOf(setup.needle.point, wanted.point), 'point');
    need(within(setup.needle.nm, wanted.nm), 'nm');
    need(oneOf(setup.thread.fibre, wanted.fibre), 'fibre');
    need(within(setup.thread.tex, wanted.tex), 'tex');
    need(within((setup.bobbin ?? setup.thread).tex, wanted.bobbinTex), 'bobbin');
    need(oneOf(setup.foot, wanted.foot), 'foot');
    need(wanted.plate === undefined || setup.plate === wanted.plate, 'plate');
    need(oneOf(setup.stitch, wanted.stitch), 'stitch');
    need(within(setup.lengthMm, wanted.lengthMm), 'length');
    need(within(setup.widthMm, wanted.widthMm), 'width');
    need(within(setup.tensionSteps, wanted.tensionSteps), 'tension');
    need(within(setup.pressure, wanted.pressure), 'pressure');
    need(wanted.secure === undefined || plan.secure === wanted.secure, 'secure');
  }
  if (wanted.says) need(wanted.says.test(text), `says ${wanted.says}`);
  if (wanted.missing) need(wanted.missing.test(found.missing.map((m) => m.what).join()), 'missing');
  return wrong;
}

describe('the cases of docs/cases.md (common practice, reviewed line by line)', () => {
  it.each(CASES.map((c) => [c.ask, c] as const))('%s', (_, { request, wanted }) => {
    expect(wrongIn(match(matchInputSchema.parse(request)), wanted)).toEqual([]);
  });

  it.each(REFUSALS.map((r) => [r.ask, r] as const))('refused: %s', (_, refusal) => {
    const { blocked } = checkSetup(checkInputSchema.parse(refusalInput(refusal)));
    expect(blocked.map((b) => b.code)).toContain(refusal.code);
  });

  it('cover every family, every operation and every interlock', () => {
    expect(new Set(CASES.map((c) => c.request.cloth.family ?? 'other'))).toEqual(new Set(FAMILIES));
    expect(new Set(CASES.map((c) => c.request.operation.kind))).toEqual(new Set(OPERATION_KINDS));
    expect(new Set(REFUSALS.map((r) => r.code))).toEqual(new Set(INTERLOCKS.map((i) => i.code)));
  });

  it('are written down as they are answered now (npm run cases writes the page anew)', () => {
    expect(readFileSync(path.join(import.meta.dirname, '../docs/cases.md'), 'utf8')).toBe(casesPage());
  });

  it('are answered otherwise only under another version of the tables', () => {
    // When the page has changed: give KNOWLEDGE the day, and note here what the page comes to with it.
    const page = createHash('sha256').update(casesPage()).digest('hex').slice(0, 12);
    expect({ version: KNOWLEDGE, page }).toEqual({ version: '2026-11-30', page: '4d82637f6e68' });
  });
});
