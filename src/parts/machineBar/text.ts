/** Texts of the machine bar. */
export const BAR_TEXT = {
  which: (name: string) => `It was set for “${name}”. Which fabric is that?`,
  none: 'None of these',
  choose: 'Choose the fabric',
} as const;
