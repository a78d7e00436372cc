/** What is said where a page, or a part of one, cannot be shown. */
export const BOUNDARY_TEXT = {
  page: 'This page cannot be shown',
  pageText: 'Something on it went wrong. Everything you saved is still here, and the other pages work.',
  again: 'Try again',
  today: 'Go to Today',
  exportAll: 'Export the workroom',
  part: (what: string) => `${what} cannot be shown`,
  partText: 'Something in it went wrong. The rest of this page works.',
  recordText: 'Something in it went wrong. Everything else works.',
  recordWrong: (problem: string) => `It is kept unchanged, but it cannot be used: ${problem}. Everything else works.`,
  repair: 'Repair it',
  repaired: (what: string, told: string) => `${what} repaired. ${told}`.trim(),
  exportOne: 'Export it',
  deleteOne: 'Delete it',
  deleted: (what: string) => `${what} deleted`,
  stopped: 'Bobbet has stopped',
  stoppedText:
    'The program that shows Bobbet’s pages is not running. Everything you saved is safe in this browser. Start it again with “npm start”, then try again.',
  stillStopped: 'It is still not running.',
};
