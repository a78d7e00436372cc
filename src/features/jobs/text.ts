import { lowerFirst } from '@/core/units';

/** Several things alike, or one. */
const of = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;

/** What a project takes. */
export const BUDGET_TEXT = {
  none: 'No seam yet, so it takes nothing.',
  notYet: 'Thread, bobbins and needles are counted once a seam has its fabric and its settings.',
  how: (operations: number) =>
    `Thread is worked out from the stitch, with tails and a tenth for unpicking. ${
      operations === 0
        ? 'Times are typical ones until you have sewn a few seams step by step.'
        : `Times are at your own pace, from ${of(operations, 'seam', 'seams')} sewn step by step.`
    }`,
  thread: 'Thread',
  columns: {
    colour: 'Colour',
    needle: 'On top',
    bobbin: 'Bobbin',
    hand: 'By hand',
    unpick: 'Unpicking',
    total: 'Total',
    owned: 'You have',
  },
  anyColour: 'any colour',
  byHandNone: '–',
  howMuchLeft: 'You have this: how much is left?',
  checkSpool: (thread: string, needed: string) => `You have ${thread}. This takes ${needed}: is that much left?`,
  noteIt: 'Note it in the workroom',

  bobbins: 'Bobbins',
  full: (thread: string, used: string) => `of ${thread}, ${used}`,
  first: (seam: string) => `Wind one before “${seam}”`,
  next: (seam: string) => `Put the next one in before “${seam}”`,
  runsOut: (seam: string, percent: string) => `; it runs out ${percent}% of the way through “${seam}”`,
  setAside: (left: string) => `; take it out with ${left} left, so that no visible row has a join`,
  usedUpIn: (seams: readonly string[]) => `; use it up in ${seams.map((seam) => `“${seam}”`).join(', ')}`,

  needles: 'Needles',
  takes: (time: string) => `about ${time} of sewing`,
  hoursIdle: 'does not depend on hours',
  hoursLeft: (hours: string) => `${hours} h left in your needles`,
  get: (count: number) => `get ${count}`,
  enough: 'enough',

  time: 'Time',
  left: 'left',
  byTimer: 'in all, by the timer',
  soFar: (time: string) => `${time} so far, by the timer.`,
  allSewn: (needle: string) => `Everything is sewn. The machine ran for about ${needle}.`,
  likely: (low: string, high: string) => `Most likely between ${low} and ${high}.`,
  parts: (changes: string, needle: string) =>
    `Changing the machine over: ${changes}. The machine itself runs for about ${needle}.`,
  pace: (factor: string, operations: number) => (operations === 0 ? '' : `You take ${factor} times the typical time.`),

  toGet: 'To get',
  amount: (amount: string, what: string) => `${amount} of ${what}`,
  pieces: (count: number, what: string) => `${count} × ${what}`,
  complete: '✓ You have everything.',
} as const;

/** What a template says of the fabric chosen for it. */
export const TEMPLATE_TEXT = {
  unsuitable: (seam: string, why: string, instead: string | undefined) =>
    `“${seam}”: ${why}${instead ? ` Sewn instead: ${instead.toLowerCase()}.` : ''}`,
} as const;

/** What the order of work says. */
export const WORK_TEXT = {
  forRow: (row: string) => `then, for ${lowerFirst(row)}:`,
} as const;
