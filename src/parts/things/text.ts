/** Texts of saving one thing as a file. */
export const THING_TEXT = {
  save: 'Save as a file',
  saved: (name: string) => `“${name}” is in your downloads, with everything it needs.`,
  gone: (name: string) => `“${name}” cannot be saved: it has been deleted or cannot be read.`,
} as const;

/** What is said where a card is passed on. */
export const PASS_ON_TEXT = {
  title: 'Pass it on',
  lines: 'The card as text',
  copy: 'Copy as text',
  copied: 'The card is copied. Paste it into any message.',
  byHand: 'This browser does not allow copying. Select the lines under “The card as text” and copy them.',
  share: 'Share',
  notShared: 'It was not shared. Copy it as text instead.',
  link: 'Copy a link',
  linkCopied: 'The link is copied. It opens the card in Bobbet.',
  code: (code: string) => `Code ${code}`,
};
