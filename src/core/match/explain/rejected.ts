import * as z from 'zod';
import { BLOCKED_CODES, idsOf, oneOf } from '../../result';
import { POINTS } from '../../kit';
import { RULE } from '../rules/rules';

/** What stands against a choice that nothing forbids. */
const OTHER_CODES = ['stitch.other-purpose', 'stitch.one-line', 'plate.not-needed'] as const;
const POINT_CODES = POINTS.map((point) => `point.${point}` as const);

/** Something that was not chosen, and why: the name of the rule, of the "cannot" or of the plainer reason against it. */
export const rejectedSchema = z.strictObject({
  what: z.string(),
  code: z.union([oneOf(idsOf(RULE)), z.enum(BLOCKED_CODES), z.enum(OTHER_CODES), z.enum(POINT_CODES)]),
  text: z.string(),
});
export type Rejected = z.infer<typeof rejectedSchema>;
