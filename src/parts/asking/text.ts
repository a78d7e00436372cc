/** What is said of a thread that is too thick for its needle. */
export const EYE_TEXT = {
  tooThick: (thread: string, needle: string) =>
    `${thread} does not fit through the eye of this ${needle.toLowerCase()} needle`,
  shreds: (thread: string, needle: string) => `${thread} will shred in the eye of this ${needle.toLowerCase()} needle.`,
  whatToDo: (needle: string | null, mostTex: number) =>
    needle === null
      ? `Use a finer thread, Tex ${mostTex} or less. No home-machine needle takes this one.`
      : `Use a ${needle.toLowerCase()} needle or larger, or a finer thread: Tex ${mostTex} or less.`,
} as const;

/** Something the worker says about a question, its lengths printed in the person's units. */
export const FROM_WORKER_TEXT = {
  thisPartCouldNot: (message: string) => `This part could not be worked out: ${message}`,
} as const;
