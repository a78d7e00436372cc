/** Texts of the machine bar. */
export const BAR_TEXT = {
  which: (name: string) => `It was set for “${name}”. Which fabric is that?`,
  none: 'None of these',
  choose: 'Choose the fabric',
  fit: {
    how: 'How to fit it',
    title: (foot: string) => `Fit the ${foot} foot`,
    checkFirst: 'Check:',
    manual: 'Machines differ: if your manual says something else, follow the manual.',
    fitted: 'It is fitted',
    close: 'Close',
  },
  onTheMachine: 'On the machine',
  toChange: (count: number) => `${count} to change`,
  allSet: 'all set',
  nothingNotedYet: 'nothing recorded yet',
  nothingNotedYetMatch: 'Nothing recorded yet. Find settings for a fabric, and what to change shows here.',
  stillSetFor: (leftOver: string, since: string) => `Still set for ${leftOver}, ${since}: `,
  toChange2: (changes: number) => `${changes} to change`,
  powerOffFirst: ', power off first',
  allSet2: 'All set',
  for: (ending: string, clothName: string, since: string) => `${ending} for ${clothName}, ${since}`,
  stillSet: 'Still set',
  set: (since: string) => `Set ${since}`,
  stopSewing: 'Stop sewing',
  iAmSewing: 'I am sewing',
  notKnown: 'not known',
  changeFromToTick: (name: string, from: string, to: string) =>
    `${name}: change from ${from} to ${to}. Tick off when done`,
  readsSetIt: (name: string, now: string) => `${name}: ${now}. Set to something else`,
  somethingElse: (name: string) => `${name}: it is set to something else`,
  whatIsIt: (name: string) => `${name}: what is on the machine?`,
  nothingToSet: (name: string) =>
    `There is nothing to set here: ${name.toLowerCase()} goes with the stitch and the foot.`,
  powerOff: ', power off',
  spentChangeIt: 'used up: change it',
  ofH: (lifeHours: number) => `of ${lifeHours} h`,
  changeIt: (so: string) => `${so}: change it`,
} as const;

/** Which needle of the tin is in. */
export const NEEDLE_CHOICE_TEXT = {
  anotherNeedleLikeIt: 'Another needle like it',
  whichNeedleIsIn: 'Which needle is in',
  anotherNeedleOfThis: 'Another needle of this kind',
  switchTheMachineOff: 'Switch off the machine before you change it.',
  aNewOne: 'a new one',
  fromThe: (where: string) => `, from the ${where}`,
  theOneWithH: (needleHours: string) => `the one with ${needleHours} h`,
  aNewOneThat: 'a new one that is not in your stock',
} as const;

/** The sewing clock of one machine. */
export const CLOCK_TEXT = {
  aCloth: 'a fabric',
  minAtTheMachine: (satMin: string, needleMin: string, name: string) =>
    `${satMin} min at the machine, ${needleMin} min of sewing counted for ${name}`,
} as const;

/** What is on the machine now and what has to change for the chosen setting. */
export const MACHINE_BAR_TEXT = {
  on: (text: string, name: string) => `${text} on ${name}`,
  fabricChosen: 'Fabric chosen',
  set: (reading: string) => `${reading} set`,
  allSet: 'All set',
  needleChanged: 'Needle changed',
} as const;
