/** What is said over every station. */
export const FRAME_TEXT = {
  wrongLabel: 'Something needs attention',
  wrong: (count: number) =>
    count === 1 ? '1 saved entry cannot be used as it is.' : `${count} saved entries cannot be used as they are.`,
  wrongFirst: (name: string, problem: string) => `First: ${name}: ${problem}. Nothing is lost.`,
  lookAtThem: 'Look at them',
  clockLabel: 'The clock of this computer',
  clock: (day: string) =>
    `This computer’s clock is earlier than your newest entry, from ${day}. New entries are dated after it, so that they stay in order.`,
  clockRight: 'The clock is right',
  demoWorkroom: 'Demo workroom',
  thisIsADemo: 'This is a demo workroom:',
  lookRoundChangeAnything: '. Look round, change anything; nothing in it is real.',
  startMyOwnWorkroom: 'Start my own workroom',
  skipToTheTask: 'Skip to the task',
  whatIsOnThe: 'What is on the machine',
};

/** The measuring tape along the top. */
export const TAPE_TEXT = {
  today: 'Today',
  cloth: 'Cloth',
  match: 'Match',
  swatch: 'Swatch',
  sew: 'Sew',
  ledger: 'Ledger',
  jobs: 'Jobs',
  calculator: 'Calculator',
  workroom: 'Workroom',
  bobbet: 'bobbet',
  stations: 'Stations',
  ofSeams: (name: string, sewn: number, seams: number) => `${name}: ${sewn} of ${seams} seams`,
  unitsChange: (ending: string) => `Units: ${ending}. Change`,
} as const;

/** What could not be stored, wherever it happened. */
export const TROUBLE_TEXT = {
  noRoomLeft: 'No room left. ',
  allRight: 'All right',
} as const;
