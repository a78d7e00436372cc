/** Texts beside the readings of a setting. */
export const READINGS_TEXT = {
  threads: 'Thread, both',
  threadAbove: 'Thread above',
  bobbin: (name: string) => `Bobbin: ${name}`,
} as const;

/** Texts where a setting chosen by hand stands against the recommended one. */
export const CONTRAST_TEXT = {
  why: 'Why not',
  nothingAgainst: 'Nothing speaks against it: it does as well.',
  costs: 'What it costs',
  costsNothing: 'No more thread, time or unpicking.',
  settles: 'What settles it',
} as const;
