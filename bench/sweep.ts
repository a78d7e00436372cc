import { type Cloth, clothProfile, FAMILIES, type Family, FAMILY } from '../src/core/cloth';
import { NEEDLE_SIZES } from '../src/core/units';
import { answer, bestSettings, matchInputSchema, type MatchRequest, openQuestion } from '../src/core/match';
import type { Setup } from '../src/core/setup';

/**
 * How an answer moves when one property moves a little: every jump is printed, for each has to be explained or mended.
 *
 * From the middle of each family: mass by 5 g/m², thickness by 0.05 mm, stretch by 1 %, radius by 1 mm, layers by 1, the stretch
 * asked for by 2 %; joined, hemmed and topstitched on a machine with dials of 0.1 mm.
 */
const KINDS = ['join', 'hem', 'topstitch'] as const;
type Kind = (typeof KINDS)[number];

/** What counts as a jump: more than one needle size, this much length (mm), this much tension (steps), another stitch. */
const JUMP = { sizes: 1, lengthMm: 0.3, tension: 0.5 };

/** From this cost on a setting gives too little, and the whole answer says what then. */
const FALLS_SHORT = 1000;

interface Step {
  at: number;
  setup: Setup | null;
  blocked: string;
}
type Ask = (value: number) => { cloth: Partial<Cloth>; operation: Partial<MatchRequest['operation']> };

const from = (low: number, high: number, by: number) =>
  Array.from({ length: Math.floor((high - low) / by + 1e-9) + 1 }, (_, i) => Number((low + i * by).toFixed(4)));

function sweepsOf(family: Family): { what: string; values: number[]; ask: Ask }[] {
  const facts = FAMILY[family];
  const [lightest, , heaviest] = facts.massGsm;
  const [least, , most] = facts.stretchAcross;
  const { thicknessMm, massGsm } = clothProfile({ structure: facts.structure, family, traits: [] });
  const thin = Number((thicknessMm.value * 0.7).toFixed(2));
  return [
    { what: 'mass', values: from(lightest, heaviest, 5), ask: (massGsm) => ({ cloth: { massGsm }, operation: {} }) },
    {
      what: 'thickness',
      values: from(thin, thicknessMm.value * 1.4, 0.05),
      ask: (mm) => ({ cloth: { thicknessMm: mm, massGsm: massGsm.value }, operation: {} }),
    },
    {
      what: 'stretch',
      values: from(least, most, 1),
      ask: (stretchAcross) => ({ cloth: { stretchAcross }, operation: {} }),
    },
    { what: 'radius', values: from(3, 60, 1), ask: (radiusMm) => ({ cloth: {}, operation: { radiusMm } }) },
    { what: 'layers', values: from(1, 12, 1), ask: (layers) => ({ cloth: {}, operation: { layers } }) },
    {
      what: 'asked stretch',
      values: from(0, facts.stretchAcross[1], 2),
      ask: (requiredGive) => ({ cloth: { stretchAcross: facts.stretchAcross[1] }, operation: { requiredGive } }),
    },
  ];
}

function answered(family: Family, kind: Kind, ask: Ask, at: number): Step {
  const { cloth, operation } = ask(at);
  const input = matchInputSchema.parse({
    cloth: { structure: FAMILY[family].structure, family, ...cloth },
    operation: { kind, ...operation },
  });
  const best = bestSettings(openQuestion(input))[0];
  if (best && best.cost < FALLS_SHORT) return { at, setup: best.setup, blocked: '' };
  const found = answer(input);
  return { at, setup: found.setup, blocked: found.blocked[0]?.code ?? '' };
}

const SIZES = NEEDLE_SIZES.map(({ nm }) => nm);
const name = (setup: Setup | null, blocked: string) =>
  setup === null ? `nothing (${blocked})` : `${setup.stitch} ${setup.lengthMm} × ${setup.widthMm}`;

/** What jumps between two neighbouring answers, in words; empty when nothing does. */
function jumps(a: Step, b: Step): string[] {
  if (!a.setup || !b.setup)
    return a.setup === b.setup ? [] : [`${name(a.setup, a.blocked)} → ${name(b.setup, b.blocked)}`];
  const [one, other] = [a.setup, b.setup];
  const sizes = Math.abs(SIZES.indexOf(one.needle.nm) - SIZES.indexOf(other.needle.nm));
  const far = (x: number, y: number, than: number) => Math.abs(x - y) > than + 1e-9;
  return [
    ...(one.stitch === other.stitch ? [] : [`stitch ${name(one, '')} → ${name(other, '')}`]),
    ...(sizes > JUMP.sizes
      ? [`needle ${one.needle.point} ${one.needle.nm} → ${other.needle.point} ${other.needle.nm}`]
      : []),
    ...(one.stitch === other.stitch && far(one.lengthMm, other.lengthMm, JUMP.lengthMm)
      ? [`length ${one.lengthMm} → ${other.lengthMm}`]
      : []),
    ...(far(one.tensionSteps, other.tensionSteps, JUMP.tension)
      ? [`tension ${one.tensionSteps} → ${other.tensionSteps}`]
      : []),
  ];
}

const only = process.argv.slice(2);
let asked = 0;
let found = 0;
for (const family of FAMILIES.filter((one) => only.length === 0 || only.includes(one)))
  for (const kind of KINDS)
    for (const { what, values, ask } of sweepsOf(family)) {
      const steps = values.map((at) => answered(family, kind, ask, at));
      asked += steps.length;
      for (const [i, step] of steps.entries()) {
        for (const jump of i === 0 ? [] : jumps(steps[i - 1], step)) {
          found += 1;
          console.log(`${family}, ${kind}, ${what} ${steps[i - 1].at} → ${step.at}: ${jump}`);
        }
      }
    }
console.log(`${asked} questions, ${found} jumps`);
