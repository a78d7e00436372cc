/** What a search over a long list says. */
export const FOUND_TEXT = {
  failed: (why: string) => `The search is not working, so everything is shown: ${why}`,
} as const;
