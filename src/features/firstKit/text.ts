/** Texts of the three questions. */
export const FIRST_KIT_TEXT = {
  title: 'What do you sew with?',
  about: 'Three questions, each can be skipped. Everything can be changed later in the workroom.',
  machine: '1. Which machine?',
  machineSkipped: 'Skipped: a plain modern machine with zigzag and stretch stitches is assumed.',
  machineAssumed:
    'What it can do is assumed from its kind. Correct it from the manual, or measure it, when you have time: the settings get better.',
  called: 'What do you call it?',
  calledHelp: 'for example the name on its front, or your own; may be left empty',
  feet: '2. Which feet?',
  feetSkipped: 'Skipped: any foot on sale may be suggested, if you have one.',
  kit: '3. Which needles and threads?',
  needles: 'Needle packs, as printed',
  needlesSkipped: 'None picked: any needle on sale may be suggested.',
  packs: (each: number, needles: string) => `Each is a pack of ${each}: ${needles} to start with.`,
  threads: 'Spools, as printed',
  threadsSkipped: 'None picked: any thread on sale may be suggested.',
  spools: 'Colours and how much is left can be added in the workroom.',
  save: 'Save and find settings',
  skip: 'Skip all three',
  saved: 'Machine and kit saved',
} as const;
