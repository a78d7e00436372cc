// Source of the expected values: bayesjs, a general package for Bayesian networks, by summing over every state of every node. It is
// told each cause as a node of its own, each sign as a table over its causes, and that a line with more than two causes is not looked
// at; it knows nothing of sets, odds and shares.
import { addNode, type INode, inferences } from 'bayesjs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainSetup } from '../setup/plainSetup.testing';
import { type Sign, SIGNS } from '../stitch';
import { AT_WORK, type Cause, priorOf } from './causes';
import { factsOf } from './facts';
import { diagnoseInputSchema } from './input';
import { LIKELIHOOD } from './likelihood';
import { beliefOf, marginals, toldProbability } from './network';

interface Graph {
  causes: readonly Cause[];
  /** What was told of each sign, 0 … 3. */
  told: readonly { sign: Sign; severity: number }[];
  /** Base rate of each cause. */
  base: Partial<Record<Cause, number>>;
}

/** Nobody asks about a line with nothing wrong, but for one in five. */
const ASKED_FOR_NOTHING = 0.2;

const inputOf = ({ told }: Pick<Graph, 'told'>) =>
  diagnoseInputSchema.parse({
    cloth: { structure: 'woven', family: 'poplin' },
    operation: { kind: 'join' },
    setup: plainSetup(),
    findings: told,
  });

const node = (id: string, states: string[], parents: readonly Cause[], cpt: INode['cpt']): INode => ({
  id,
  states,
  parents: [...parents],
  cpt,
});

/** Every way some causes can be at work, as what the package calls states. */
function ways(causes: readonly Cause[]): { states: Record<string, string>; atWork: Cause[] }[] {
  return Array.from({ length: 2 ** causes.length }, (_, bits) => {
    const atWork = causes.filter((_cause, i) => (bits >> i) & 1);
    return { states: Object.fromEntries(causes.map((c) => [c, atWork.includes(c) ? 'yes' : 'no'])), atWork };
  });
}

/** The same graph in the package: its answer for one cause. */
function byPackage({ causes, told, base }: Graph, cause: Cause): number {
  const facts = factsOf(inputOf({ told }));
  const roots = causes.map((one) => {
    const prior = priorOf(one, facts, base);
    return node(one, ['yes', 'no'], [], { yes: prior, no: 1 - prior });
  });
  const asked = ({ length }: readonly Cause[]) => (length === 0 ? ASKED_FOR_NOTHING : Number(length <= 2));
  const isAsked = node(
    'asked',
    ['yes', 'no'],
    causes,
    ways(causes).map(({ states, atWork }) => ({ when: states, then: { yes: asked(atWork), no: 1 - asked(atWork) } })),
  );
  const signs = told.map(({ sign }) =>
    node(
      sign,
      ['0', '1', '2', '3'],
      causes,
      ways(causes).map(({ states, atWork }) => ({
        when: states,
        then: Object.fromEntries([0, 1, 2, 3].map((k) => [String(k), toldProbability(sign, k, atWork)])),
      })),
    ),
  );
  const network = [...roots, isAsked, ...signs].reduce((all, one) => addNode(all, one), {});
  const given = Object.fromEntries(told.map(({ sign, severity }) => [sign, String(severity)]));
  return inferences.enumeration.infer(network, { [cause]: 'yes' }, { asked: 'yes', ...given });
}

/** The same graph here: every cause that is not in it has a base rate of 0. */
function here({ causes, told, base }: Graph): Record<Cause, number> {
  const rates = Object.fromEntries(AT_WORK.map((cause) => [cause, causes.includes(cause) ? base[cause] : 0]));
  const input = inputOf({ told });
  return marginals(beliefOf(input, factsOf(input), rates));
}

const graphs = fc
  .record({
    signs: fc.uniqueArray(fc.constantFrom(...SIGNS), { minLength: 1, maxLength: 2 }),
    count: fc.integer({ min: 1, max: 4 }),
    rates: fc.array(fc.double({ min: 0.01, max: 0.3, noNaN: true }), { minLength: 4, maxLength: 4 }),
    severities: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 2, maxLength: 2 }),
  })
  .map(({ signs, count, rates, severities }): Graph => {
    // Of each sign some causes that show as it, so that the two signs share and part.
    const linked = signs.flatMap((sign) => (Object.keys(LIKELIHOOD[sign]) as Cause[]).slice(0, count));
    const causes = [...new Set(linked)].slice(0, 4);
    return {
      causes,
      told: signs.map((sign, i) => ({ sign, severity: severities[i] })),
      base: Object.fromEntries(causes.map((cause, i) => [cause, rates[i]])),
    };
  });

describe('library: what is believed of small graphs', () => {
  it('agrees with a general package for Bayesian networks, with one cause and with two', () => {
    fc.assert(
      fc.property(graphs, (graph) => {
        const own = here(graph);
        for (const cause of graph.causes) expect(own[cause]).toBeCloseTo(byPackage(graph, cause), 9);
      }),
      { numRuns: 60 },
    );
  });

  it('agrees where two causes explain what neither does alone', () => {
    const graph: Graph = {
      causes: ['upper-tension-high', 'pressure-high', 'foot-drag'],
      told: [
        { sign: 'pucker-line', severity: 3 },
        { sign: 'marks', severity: 2 },
      ],
      base: { 'upper-tension-high': 0.05, 'pressure-high': 0.04, 'foot-drag': 0.02 },
    };
    const own = here(graph);
    for (const cause of graph.causes) expect(own[cause]).toBeCloseTo(byPackage(graph, cause), 9);
    expect(own['upper-tension-high'] + own['pressure-high']).toBeGreaterThan(1);
  });
});
