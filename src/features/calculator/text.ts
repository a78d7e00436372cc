/** What the calculator says. */
export const TEXT = {
  title: 'Calculator',
  about: 'Every sum Bobbet does, on its own. The steps in Sew use the same sums.',
  pick: 'What do you want to work out?',
  questions: 'What you know',
  answers: 'What comes out',
  fix: 'Change the field marked in red and the answer comes.',
  cannot: 'These numbers do not go together',
  notKnown: 'not known',
  sewIt: (name: string) => `Sew it: ${name}`,
  putBack: (name: string) => `Use these numbers in “${name}”`,
  backTo: 'Back without them',
  needsFabric: 'Choose a fabric first, and you can sew with these numbers.',
  toMatch: 'Choose a fabric',
  taken: 'The numbers are in the operation.',
} as const;
