/** What forms say of themselves. */
export const FORM_TEXT = {
  needed: 'Fill this in.',
  problems: (count: number) => (count === 1 ? 'One thing to correct' : `${count} things to correct`),
} as const;
