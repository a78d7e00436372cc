import { describe, expect, it } from 'vitest';
import { FAMILY, STRUCTURE } from './cloth';
import { CAUSE } from './diagnose/causes';
import { QUESTION } from './diagnose/questions';
import { REMEDY } from './diagnose/remedies';
import { INTERLOCK } from './interlock/interlocks';
import { CARE, FIBRE, FOOT, PLATE, POINT, SHANK } from './kit';
import { RULE } from './match/rules/rules';
import { PART_RULES } from './match/rules/partRules';
import { LAST_RULES, PLAN_RULES } from './match/rules/planRules';
import { SCHOOL_RULES } from './match/rules/schoolRules';
import { SEAM_RULES } from './match/rules/seamRules';
import { SIZE_RULES } from './match/rules/sizeRules';
import { STITCH_RULES } from './match/rules/stitchRules';
import { procedureOf, PROCEDURES } from './procedure';
import { provenanceSchema } from './result';
import { OPERATION, SCHOOLS } from './setup';
import { FAULT } from './standin/faults';
import { STITCH } from './stitch';

const TABLES = {
  POINT,
  FIBRE,
  FOOT,
  PLATE,
  STITCH,
  STRUCTURE,
  FAMILY,
  OPERATION,
  CAUSE,
  REMEDY,
  QUESTION,
  INTERLOCK,
  CARE,
  SHANK,
  FAULT,
  RULE,
  PROCEDURES: Object.fromEntries(PROCEDURES.map((one) => [one.id, one])),
  SCHOOLS: Object.fromEntries(SCHOOLS.map((one) => [one.question, one])),
};

describe('every entry of every table', () => {
  it.each(Object.entries(TABLES))('says whose word it is: %s', (_, table) => {
    const rows = Object.entries(table) as [string, { provenance: string; source: string }][];
    expect(rows.length).toBeGreaterThan(1);
    for (const [id, { provenance, source }] of rows) {
      expect([id, provenanceSchema.safeParse(provenance).success]).toEqual([id, true]);
      expect([id, source.trim().length > 3]).toEqual([id, true]);
    }
  });

  it('that puts a number on something says what the number is: ours, or whose', () => {
    for (const row of Object.values(CAUSE)) expect(row.provenance).toBe('model');
    for (const row of Object.values(REMEDY)) expect(row.provenance).toBe('model');
  });

  it('of the rules stands in one file only', () => {
    const files = [LAST_RULES, PART_RULES, PLAN_RULES, SCHOOL_RULES, SEAM_RULES, SIZE_RULES, STITCH_RULES];
    expect(files.reduce((sum, file) => sum + Object.keys(file).length, 0)).toBe(Object.keys(RULE).length);
  });

  it('of the operations is found by its id', () => {
    expect(new Set(PROCEDURES.map(({ id }) => id)).size).toBe(PROCEDURES.length);
    for (const one of PROCEDURES) expect(procedureOf(one.id)).toBe(one);
  });
});

/** A side table of every id of a table. */
type Of<Table> = Record<keyof Table, true>;

// These lines are read by the compiler: an error that is expected and does not come fails the check of types.
describe('what has no row', () => {
  it('does not compile as an id, nor as a side table that leaves one out', () => {
    const unknown = [
      // @ts-expect-error no needle point is called so
      POINT['no-such'],
      // @ts-expect-error no thread fibre is called so
      FIBRE['no-such'],
      // @ts-expect-error no presser foot is called so
      FOOT['no-such'],
      // @ts-expect-error no needle plate is called so
      PLATE['no-such'],
      // @ts-expect-error no stitch is called so
      STITCH['no-such'],
      // @ts-expect-error no structure is called so
      STRUCTURE['no-such'],
      // @ts-expect-error no family is called so
      FAMILY['no-such'],
      // @ts-expect-error no operation is called so
      OPERATION['no-such'],
      // @ts-expect-error no cause is called so
      CAUSE['no-such'],
      // @ts-expect-error no remedy is called so
      REMEDY['no-such'],
      // @ts-expect-error no question is called so
      QUESTION['no-such'],
      // @ts-expect-error no interlock is called so
      INTERLOCK['no-such'],
      // @ts-expect-error no care is called so
      CARE['no-such'],
      // @ts-expect-error no hidden fault is called so
      FAULT['no-such'],
      // @ts-expect-error no rule is called so
      RULE['no-such'],
    ];
    expect(unknown.every((row) => row === undefined)).toBe(true);
    const lacking = [
      // @ts-expect-error points are missing
      {} satisfies Of<typeof POINT>,
      // @ts-expect-error fibres are missing
      {} satisfies Of<typeof FIBRE>,
      // @ts-expect-error feet are missing
      {} satisfies Of<typeof FOOT>,
      // @ts-expect-error plates are missing
      {} satisfies Of<typeof PLATE>,
      // @ts-expect-error stitches are missing
      {} satisfies Of<typeof STITCH>,
      // @ts-expect-error structures are missing
      {} satisfies Of<typeof STRUCTURE>,
      // @ts-expect-error families are missing
      {} satisfies Of<typeof FAMILY>,
      // @ts-expect-error operations are missing
      {} satisfies Of<typeof OPERATION>,
      // @ts-expect-error causes are missing
      {} satisfies Of<typeof CAUSE>,
      // @ts-expect-error remedies are missing
      {} satisfies Of<typeof REMEDY>,
      // @ts-expect-error questions are missing
      {} satisfies Of<typeof QUESTION>,
      // @ts-expect-error interlocks are missing
      {} satisfies Of<typeof INTERLOCK>,
      // @ts-expect-error care is missing
      {} satisfies Of<typeof CARE>,
      // @ts-expect-error hidden faults are missing
      {} satisfies Of<typeof FAULT>,
      // @ts-expect-error rules are missing
      {} satisfies Of<typeof RULE>,
    ];
    expect(lacking.every((table) => Object.keys(table).length === 0)).toBe(true);
  });
});
