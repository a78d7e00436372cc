/** Texts of what waits for attention. */
export const ATTENTION_TEXT = {
  knowledge: 'Bobbet would recommend something else now',
  nowInstead: ({ name, was, now }: { name: string; was: string; now: string }) => `${name}: ${now} instead of ${was}`,
  needlesNearTheirHours: 'Needles near their hours',
  cardsOutOfDate: 'Cards out of date',
  careDue: 'Care due',
  aMachine: 'a machine',
  inTheTin: 'in the tin',
  ofH: (hours: string, life: string, ending: string) => `${hours} of ${life} h, ${ending}`,
  in: (machine: string) => `in ${machine}`,
} as const;

/** The next thing to do, the machine led to it, and the way in. */
export const NEXT_UP_TEXT = {
  ofThem: (count: number) => `${count} of them, `,
  on: (name: string) => `on ${name}`,
  itsClothIsStill: 'its cloth is still to be chosen',
  for: ', for',
  andToSetThe: (estimate: string) => `and ${estimate} to set the machine`,
  ofSeamsLeftToday: (done: number, seams: number, minutes: string) =>
    `${done} of ${seams} seams, ${minutes} left. Today there is time for`,
  of: (stops: number) => `of ${stops}:`,
  theWholeOrderOf: 'The whole order of work',
  proveItOnScrap: 'Prove it on scrap',
  goOnSewing: 'Go on sewing',
  sewIt: 'Sew it',
  chooseIts: (missing: string) => `Choose its ${missing}`,
  itIsDone: 'It is done',
  on2: (name: string) => `On ${name}`,
  itIsSetFor: '✓ It is set for this.',
  notKnown: 'not known',
  powerOff: 'power off',
  everythingIsSewn: (name: string) => `${name}: everything is sewn`,
  nothingIsWaitingTo: 'Nothing is waiting to be sewn',
  pressItALast: 'Press it a last time and look it over.',
  thenCallItDone: 'Then call it done',
  beginAJobAnd:
    'Begin a job, and its next seam stands here with what to change on the machine. Or ask what a cloth wants.',
  beginAJob: 'Begin a job',
  matchACloth: 'Match a cloth',
} as const;

/** What lies half done. */
export const BEGUN_TEXT = {
  notBegun: 'not begun',
  step: (value: number) => `step ${value}`,
  halfDone: 'Half done',
  scrapHalfTestedLine: (number: number) => `scrap half tested, line ${number} started`,
  scrapPlannedNothingSewn: 'scrap planned, nothing sewn yet',
  scrapHalfTestedFailed: (ending: string) => `scrap half tested, ${ending} failed`,
  oneLine: 'one line',
  lines: (sewn: number) => `${sewn} lines`,
} as const;

/** Today. */
export const TODAY_STATION_TEXT = {
  workingItOut: 'Working out what is next',
  theNextThingTo: 'The next thing to do',
  whatWaits: 'What waits',
  begun: (addedAt: string) => `begun ${addedAt}`,
  otherJobs: 'Other jobs',
  nothingElseWaitsNothing:
    'Nothing else waits: nothing half done, no needle near its hours, no card out of date, no care due.',
} as const;
