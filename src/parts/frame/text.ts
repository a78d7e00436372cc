/** What is said over every station. */
export const FRAME_TEXT = {
  wrongLabel: 'Something needs attention',
  wrong: (count: number) =>
    count === 1 ? '1 saved record cannot be used as it is.' : `${count} saved records cannot be used as they are.`,
  wrongFirst: (name: string, problem: string) => `First: ${name}: ${problem}. Nothing is lost.`,
  lookAtThem: 'Show them',
  clockLabel: 'This computer’s clock',
  clock: (day: string) =>
    `This computer’s clock is earlier than your newest record, from ${day}. New records are dated after it to keep them in order.`,
  clockRight: 'The clock is right',
  demoWorkroom: 'Demo workroom',
  thisIsADemo: 'Demo workroom:',
  lookRoundChangeAnything: '. Change anything: nothing in it is real.',
  hide: 'Hide this line',
  startMyOwnWorkroom: 'Start my own workroom',
  skipToTheTask: 'Skip to the task',
  whatIsOnThe: 'What is on the machine',
};

/** The measuring tape along the top. */
export const TAPE_TEXT = {
  today: 'Today',
  cloth: 'Fabric',
  match: 'Match',
  swatch: 'Test',
  sew: 'Sew',
  ledger: 'Log',
  jobs: 'Projects',
  calculator: 'Calculator',
  workroom: 'Workroom',
  bobbet: 'bobbet',
  stations: 'Stations',
  ofSeams: (name: string, sewn: number, seams: number) => `${name}: ${sewn} of ${seams} seams`,
  wordsChange: (ending: string) => `Words: ${ending}. Change`,
  daylight: 'Daylight',
  evening: 'Evening',
  unitsChange: (ending: string) => `Units: ${ending}. Change`,
} as const;

/** The units measures are read and written in. */
export const UNITS_TEXT = { metric: 'mm', inch: 'inch' } as const;

/** Whose words are used. */
export const ENGLISH_TEXT = { uk: 'UK', us: 'US' } as const;

/** What could not be stored, wherever it happened. */
export const TROUBLE_TEXT = {
  noRoomLeft: 'No room left. ',
  allRight: 'OK',
} as const;
