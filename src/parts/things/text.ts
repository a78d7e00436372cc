/** Texts of saving one thing as a file. */
export const THING_TEXT = {
  save: 'Save as a file',
  saved: (name: string) => `“${name}” is in your downloads, with everything it needs.`,
  gone: (name: string) => `“${name}” cannot be saved: it has been deleted or cannot be read.`,
} as const;
