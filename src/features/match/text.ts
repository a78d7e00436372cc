/** Texts beside the readings of a setting. */
export const READINGS_TEXT = {
  threads: 'Thread, both',
  threadAbove: 'Thread above',
  bobbin: (name: string) => `Bobbin: ${name}`,
} as const;
