/** What the calculator says. */
export const TEXT = {
  title: 'Calculator',
  about: 'Every sum Bobbet does, one at a time. The steps in Sew use the same sums.',
  pick: 'What do you want to work out?',
  questions: 'What you know',
  answers: 'The answer',
  fix: 'Correct the field marked in red to see the answer.',
  cannot: 'These numbers don’t fit together',
  notKnown: 'not known',
  sewIt: (name: string) => `Sew it: ${name}`,
  putBack: (name: string) => `Use these numbers in “${name}”`,
  backTo: 'Go back without them',
  needsFabric: 'Choose a fabric first to sew with these numbers.',
  toMatch: 'Choose a fabric',
  taken: 'These numbers are now in the operation.',
} as const;
