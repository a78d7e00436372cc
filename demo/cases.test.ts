import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../src/core/cloth';
import { INTERLOCKS } from '../src/core/interlock';
import { checkInputSchema, checkSetup, match, matchInputSchema, type MatchOutput } from '../src/core/match';
import { KNOWLEDGE } from '../src/core/result';
import { OPERATION_KINDS } from '../src/core/setup';
import { CASES, REFUSALS } from './cases';
import type { Case } from './caseTypes';
import { casesPage, refusalInput } from './casesPage';
import { teacherAccepts } from './teacher';
import type { Accepts } from './teacherTypes';
import { IN_MM, withLengths } from '../src/core/units';

const within = (value: number, [low, high]: readonly [number, number]) => value >= low - 1e-9 && value <= high + 1e-9;

/** Everything that an answer is not, of what the teacher's table and the case itself want: every part is looked at. */
function wrongIn(found: MatchOutput, { request, wanted }: Case): string[] {
  const { setup, plan } = found;
  const text = JSON.stringify([plan, found.cautions, found.blocked]);
  const wrong: string[] = [];
  const need = (ok: boolean, name: string, is: unknown = '') => !ok && wrong.push(`${name} ${String(is)}`.trim());
  if (wanted.blocked)
    need(
      found.blocked.some((b) => b.code === wanted.blocked),
      'blocked',
    );
  else if (!setup) return ['no setting'];
  else {
    const all: Accepts = {
      ...teacherAccepts(wanted.as ?? request.cloth.family ?? 'other', request.operation.kind),
      ...wanted,
    };
    const bobbin = setup.bobbin ?? setup.thread;
    need(all.point.includes(setup.needle.point), 'point', setup.needle.point);
    need(within(setup.needle.nm, all.nm), 'nm', setup.needle.nm);
    need(all.fibre.includes(setup.thread.fibre), 'fibre', setup.thread.fibre);
    need(within(setup.thread.tex, all.tex), 'tex', setup.thread.tex);
    need(within(bobbin.tex, all.bobbinTex), 'bobbin', bobbin.tex);
    need(all.foot.includes(setup.foot), 'foot', setup.foot);
    need(wanted.plate === undefined || setup.plate === wanted.plate, 'plate', setup.plate);
    need(all.stitch.includes(setup.stitch), 'stitch', setup.stitch);
    need(within(setup.lengthMm, all.lengthMm), 'length', setup.lengthMm);
    need(within(setup.widthMm, all.widthMm), 'width', setup.widthMm);
    need(within(setup.tensionSteps, all.tensionSteps), 'tension', setup.tensionSteps);
    need(within(setup.pressure, all.pressure), 'pressure', setup.pressure);
    need(all.seam.test(withLengths(plan.seam, IN_MM)), 'seam', plan.seam);
    need(all.secure.includes(plan.secure), 'secure', plan.secure);
    need(within(plan.press.maxSolePlateC, all.pressC), 'press', plan.press.maxSolePlateC);
    need(all.steam.includes(plan.press.steam), 'steam', plan.press.steam);
    if (wanted.hold) need(wanted.hold.test(plan.hold.join()), 'hold', plan.hold);
  }
  if (wanted.says) need(wanted.says.test(withLengths(text, IN_MM)), `says ${wanted.says}`);
  if (wanted.never) need(!wanted.never.test(text), `never ${wanted.never}`);
  if (wanted.missing) need(wanted.missing.test(found.missing.map((m) => m.what).join()), 'missing');
  return wrong;
}

describe('the cases of docs/cases.md (common practice, reviewed line by line)', () => {
  it.each(CASES.map((c) => [c.ask, c] as const))('%s', (_, asked) => {
    expect(wrongIn(match(matchInputSchema.parse(asked.request)), asked)).toEqual([]);
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
    expect({ version: KNOWLEDGE, page }).toEqual({ version: '2026-12-03', page: '5b3642c774d9' });
  });
});
