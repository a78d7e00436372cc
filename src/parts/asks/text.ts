/** One question and its answer. */
export const ASK_FIELD_TEXT = {
  typeANumber: 'Type a number.',
} as const;
