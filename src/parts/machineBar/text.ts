/** Texts of the machine bar. */
export const BAR_TEXT = {
  which: (name: string) => `It was set for “${name}”. Which fabric is that?`,
  none: 'None of these',
  choose: 'Choose the fabric',
  fit: {
    how: 'How to fit it',
    title: (foot: string) => `Fit the ${foot} foot`,
    checkFirst: 'Check:',
    manual: 'Machines differ: where its manual says something else, follow the manual.',
    fitted: 'It is fitted',
    close: 'Close',
  },
} as const;
