import * as z from 'zod';

/** Something that could not be used as it is: kept whole, with what is wrong with it. */
export const setAsideSchema = z.strictObject({
  /** The list it comes from, or the name of a single part of the workroom such as `kit`. */
  list: z.string().max(80),
  /** Its id where one could be read. */
  id: z.string().max(200).nullable(),
  /** The field that is wrong, counted from the top of the file or of the stored record. */
  path: z.string().max(400),
  problem: z.string().max(1000),
  /** The record has come in without the link that leads nowhere; this is what it was before. */
  cleared: z.boolean().default(false),
  /** The record exactly as it was found. */
  record: z.unknown(),
});
export type SetAside = z.output<typeof setAsideSchema>;
