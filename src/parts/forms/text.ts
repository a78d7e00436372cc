/** What forms say of themselves. */
export const FORM_TEXT = {
  needed: 'Fill this in.',
  problems: (count: number) => (count === 1 ? 'One thing to put right' : `${count} things to put right`),
} as const;
