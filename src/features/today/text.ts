import { upperFirst } from '@/core/units';

/** Texts of what waits for attention. */
export const ATTENTION_TEXT = {
  knowledge: 'Bobbet would recommend something different now',
  nowInstead: ({ name, was, now }: { name: string; was: string; now: string }) => `${name}: ${now} instead of ${was}`,
  needlesNearTheirHours: 'Needles that are nearly worn out',
  cardsOutOfDate: 'Cards out of date',
  careDue: 'Care due',
  aMachine: 'a machine',
  inTheTin: 'in stock',
  ofH: (hours: string, life: string, ending: string) => `${hours} of ${life} h, ${ending}`,
  in: (machine: string) => `in ${machine}`,
} as const;

/** The next thing to do, the machine led to it, and the way in. */
export const NEXT_UP_TEXT = {
  several: (count: number) => `${count} of these, `,
  on: (name: string) => `on ${name}`,
  itsClothIsStill: 'no fabric chosen yet',
  for: ', for',
  andToSetThe: (estimate: string) => `and ${estimate} to set the machine`,
  ofSeamsLeftToday: (done: number, seams: number, minutes: string) =>
    `${done} of ${seams} seams done, ${minutes} left. Today you have time for`,
  of: (stops: number) => `of ${stops}:`,
  theWholeOrderOf: 'The whole sewing order',
  proveItOnScrap: 'Test on scrap',
  goOnSewing: 'Carry on sewing',
  sewIt: 'Sew it',
  chooseIts: (missing: string) => `Choose its ${missing}`,
  itIsDone: 'Mark as done',
  toChange: (machine: string, changes: number, powerOff: boolean) =>
    changes === 0
      ? `✓ ${upperFirst(machine)} is set for this.`
      : `${upperFirst(machine)} needs ${changes === 1 ? 'one change' : `${changes} changes`}: see the bar below.${powerOff ? ' Switch it off first.' : ''}`,
  everythingIsSewn: (name: string) => `${name}: everything is sewn`,
  nothingIsWaitingTo: 'Nothing is waiting to be sewn',
  pressItALast: 'Give it a last press and check it over.',
  thenCallItDone: 'Then mark it as done',
  beginAJobAnd:
    'Start a project, and its next seam will show here with what to change on the machine. Or find the settings for a fabric.',
  beginAJob: 'Start a project',
  matchACloth: 'Find settings for a fabric',
} as const;

/** What lies half done. */
export const BEGUN_TEXT = {
  notBegun: 'not started',
  step: (value: number) => `step ${value}`,
  halfDone: 'Half done',
  scrapHalfTestedLine: (number: number) => `half tested: test ${number} started`,
  scrapPlannedNothingSewn: 'planned, nothing sewn yet',
  scrapHalfTestedFailed: (ending: string) => `half tested: ${ending} failed`,
  oneLine: 'one test',
  lines: (sewn: number) => `${sewn} tests`,
} as const;

/** Today. */
export const TODAY_STATION_TEXT = {
  workingItOut: 'Working out what is next',
  theNextThingTo: 'The next thing to do',
  whatWaits: 'Waiting',
  begun: (addedAt: string) => `started ${addedAt}`,
  otherJobs: 'Other projects',
  nothingElseWaitsNothing:
    'Nothing else is waiting: nothing half done, no worn needle, no card out of date, no care due.',
} as const;
