import { type SchoolName, type SchoolQuestion, SCHOOLS, type Schools, type Setup, USUAL_SCHOOLS } from '../../setup';
import { answer } from '../match';
import type { SewingPlan } from '../plan/plan';
import type { MatchInput } from '../question';

/** One way taught, and what it makes of this seam. */
export interface SchoolAnswer {
  name: SchoolName;
  setup: Setup | null;
  plan: SewingPlan;
}

/** A question that changes this seam, with the answer of every school. */
export interface SchoolMatters {
  question: SchoolQuestion;
  chosen: SchoolName;
  answers: SchoolAnswer[];
}

/**
 * The questions of the trade that bear on one seam: where another school would sew it otherwise.
 *
 * Computed, not listed: the question is answered once for every school, and those that all say the same are left out.
 *
 * @param input - the question, with the schools chosen now
 * @returns questions in the order a seam raises them, each with the answer of every school
 */
export function schoolsThatMatter(input: MatchInput): SchoolMatters[] {
  const now = input.schools ?? USUAL_SCHOOLS;
  return SCHOOLS.flatMap(({ question, names }): SchoolMatters[] => {
    const answers = names.map((name): SchoolAnswer => {
      const { setup, plan } = answer({ ...input, schools: { ...now, [question]: name } as Schools });
      return { name, setup, plan };
    });
    const said = new Set(answers.map(({ setup, plan }) => JSON.stringify([setup, plan])));
    return said.size > 1 ? [{ question, chosen: now[question], answers }] : [];
  });
}
