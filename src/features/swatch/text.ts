/** Texts of the simulated machine. */
export const SIMULATED_TEXT = {
  which: 'Simulated machine',
  one: (number: number) => `Simulated machine ${number}`,
  ask: 'No machine at hand?',
  about:
    'A simulated machine can sew this line, to practise reading a scrap. Each has its own quirks, some hide a fault, and ' +
    'none tells. What it sews is marked as simulated and proves nothing for a real machine.',
  sew: 'Let it sew this line',
  failed: (why: string) => `The simulated machine could not sew this line: ${why}`,
  stopped: 'Sewing stopped before the end of the line: nothing there to measure.',
  by: (number: number) => `Sewn by simulated machine ${number}.`,
  sides: 'Front above, back below; needle thread red, bobbin thread blue.',
  picture: 'The simulated scrap: front above, back below',
  passed: 'Passed on a simulated machine: the card is marked as simulated.',
  passedHere: 'It passed on a simulated machine. Sew it on your own, and it becomes a card.',
} as const;

/** What a scrap says of the operation it is sewn for. */
export const FOR_TEXT = {
  testedFor: (name: string) => `Sewn for: ${name}.`,
  backTo: 'Back to it',
} as const;

/** What is said where stitches are compared. */
export const STITCHES_TEXT = {
  offer: 'Try three stitches',
  added: (names: readonly string[]) => `Lines planned: ${names.join(', ')}.`,
  none: 'No other stitch of this machine serves this seam.',
  failed: (why: string) => `The lines could not be planned: ${why}`,
} as const;

/** The page that says what every sign means. */
export const SIGNS_TEXT = {
  title: 'What a line can show',
  about:
    'Above the line the front, below it, hatched, the back. Open a sign to read why it happens and what to try, the most usual first. On your own scrap the fabric, the settings and the needle decide, and Bobbet names the one thing to change.',
  all: 'All scraps',
  find: 'Find a sign or a cause',
  none: 'Nothing on the list is called that.',
  why: 'Why it happens',
  tries: 'What to try',
  causes: 'What can be behind it',
  showsAs: 'How it shows',
} as const;
