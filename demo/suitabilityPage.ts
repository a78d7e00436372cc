import { clothProfile, clothSchema, FAMILIES, FAMILY, type Family } from '../src/core/cloth';
import { PROCEDURES, procedureName, suits, type Suits } from '../src/core/procedure';
import { IN_MM, withLengths } from '../src/core/units';

/** What a family is taken for where nothing else is known of it. */
const usual = (family: Family) => clothProfile(clothSchema.parse({ structure: FAMILY[family].structure, family }));

const nameOf = (family: Family) => (family === 'other' ? 'an unknown woven' : FAMILY[family].name);

/** Families that get the same answer, as one line. */
function lines(found: readonly (readonly [Family, Suits])[]): string[] {
  const byAnswer = new Map<string, string[]>();
  for (const [family, { why = '', instead }] of found) {
    const answer = `${withLengths(why, IN_MM)}${instead ? ` Instead: ${procedureName(instead)}.` : ''}`;
    byAnswer.set(answer, [...(byAnswer.get(answer) ?? []), nameOf(family)]);
  }
  return [...byAnswer].map(([answer, families]) => `  - ${families.join(', ')}: ${answer}`);
}

/** docs/suitability.md: every operation on every family of fabric. */
export function suitabilityPage(): string {
  const sections = PROCEDURES.map(({ id, name }) => {
    const all = FAMILIES.map((family) => [family, suits(id, { fabric: usual(family) })] as const);
    const of = (verdict: Suits['verdict']) => all.filter(([, found]) => found.verdict === verdict);
    const fine = of('fine').map(([family]) => nameOf(family));
    return [
      `## ${name}`,
      '',
      `- **Fine:** ${fine.length === FAMILIES.length ? 'every fabric' : fine.join(', ') || 'none as it usually is'}`,
      ...(of('with-care').length > 0 ? ['- **With care:**', ...lines(of('with-care'))] : []),
      ...(of('not-this').length > 0 ? ['- **Not this:**', ...lines(of('not-this'))] : []),
    ].join('\n');
  });
  return `# What suits which fabric

Every operation on every family of fabric as it usually is, written by \`npm run cases\` from the table in
\`src/core/procedure/suitability/rows.ts\`. A fabric that was measured is judged by what was measured: a French seam, for
one, by its thickness. A band is judged by its own fabric; here it is cut from the fabric itself.

${sections.join('\n\n')}
`;
}
