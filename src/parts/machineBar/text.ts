/** Texts of the strip along the bottom. */
export const STRIP_TEXT = {
  which: (name: string) => `It was set for “${name}”. Which fabric is that?`,
  none: 'None of these',
  choose: 'Choose the fabric',
} as const;
