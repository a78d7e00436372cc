/** Texts of what waits for attention. */
export const ATTENTION_TEXT = {
  knowledge: 'Bobbet would recommend something else now',
  nowInstead: ({ name, was, now }: { name: string; was: string; now: string }) => `${name}: ${now} instead of ${was}`,
} as const;
