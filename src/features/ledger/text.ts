/** Texts where a newer Bobbet would answer a card's question differently. */
export const KNOWLEDGE_TEXT = {
  title: 'Bobbet would recommend something else now',
  stays: 'Your tested setting stays as it is. Without it, with what you own today, Bobbet would now start from:',
  instead: (name: string, now: string, was: string) => `${name}: ${now} instead of ${was}.`,
  understood: 'Got it, do not show again',
  edit: (name: string) => `Note on card “${name}” read`,
} as const;

/** Which thread a card was sewn with: one above and below, or two. */
export const THREAD_TEXT = {
  both: 'Thread, both',
  above: 'Thread above',
  bobbin: (name: string) => `Bobbin: ${name}`,
} as const;
