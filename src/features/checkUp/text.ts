import type { CheckUpPart, Shows } from '@/core/workroom';

/** What the check-up of a machine says. Lengths stand in braces and follow the person's units. */
export const CHECK_UP_TEXT = {
  title: (machine: string) => `Check-up of ${machine}`,
  about: (lines: string) =>
    `Half an hour, ${lines} on plain cotton. From then on every setting is worked out for this very machine, not for one like it.`,
  skip: 'Leave out any line. What you leave out stays as it is.',
  needed: 'Have ready',
  need: [
    'plain firm cotton, washed and pressed: two pieces of about {200 mm} by {300 mm}, laid together, and six strips {50 mm} wide',
    'a new universal needle 80/12, put in with the machine switched off',
    'all-purpose polyester thread of one kind in two colours: light on top, dark in the bobbin',
    'a ruler, a fine pen, a magnifier if you have one',
  ],
  print: 'Print the sheet',
  printHint: 'One page with every line, to write on at the machine.',
  manual: 'Change the needle and the foot with the machine switched off, as its manual shows.',
  part: {
    length: {
      title: 'Stitch length',
      gains: 'Settings then name the dial place that really gives the length.',
      how: (over: string) =>
        `Draw two marks ${over} apart. Sew from before the first to after the last, and count the stitches between them.`,
    },
    width: {
      title: 'Zigzag width',
      gains: 'Settings then name the dial place that really gives the width.',
      how: () => 'Measure from the holes on one side to the holes on the other.',
    },
    tension: {
      title: 'Needle tension',
      gains: 'Settings then begin where your machine balances, not at the number most machines do.',
      how: () => 'Look at both sides. Dots of the other colour show which thread wins.',
    },
    pressure: {
      title: 'Presser pressure and creep',
      gains: 'Settings then allow for how hard your foot presses and how far your top layer slides.',
      how: (_: string, strips: string) =>
        `For each line lay two equal strips edge to edge and sew ${strips} along the middle, without pulling. Then see how the ends lie.`,
    },
  } satisfies Record<CheckUpPart, { title: string; gains: string; how: (over: string, strips: string) => string }>,
  line: (number: number) => `Line ${number}`,
  setting: {
    straight: 'straight stitch',
    zigzag: 'zigzag',
    length: (mm: string) => `length ${mm}`,
    width: (mm: string) => `width ${mm}`,
    tension: (mark: string) => `needle tension ${mark}`,
    pressure: (mark: string) => `pressure ${mark}`,
  },
  stitches: (number: number) => `Line ${number}: stitches counted`,
  width: (number: number) => `Line ${number}: true width`,
  shift: (number: number) => `Line ${number}: top behind by`,
  shiftHelp: 'A minus if it ends ahead.',
  saw: (number: number) => `Line ${number}: what you see`,
  shows: {
    tension: {
      'too-little': 'Dark pulled flat, light loops below',
      well: 'Even on both sides',
      'too-much': 'Dark dots on top',
    },
    pressure: {
      'too-little': 'Stitches uneven, it slips',
      well: 'Even and flat',
      'too-much': 'Marks, or ripples',
    },
  } satisfies Record<'tension' | 'pressure', Record<Shows, string>>,
  keep: 'Save the check-up',
  nothing: 'Fill in at least one line.',
  kept: (machine: string) => `Check-up of ${machine} saved`,
  found: {
    title: 'What it tells',
    soFar: 'What it tells so far',
    length: (off: string) => `Stitch length: ${off}.`,
    width: (off: string) => `Zigzag width: ${off}.`,
    asItSays: 'the dial does what it says',
    off: (percent: string, way: 'more' | 'less') => `the dial gives about ${percent} ${way} than it says`,
    tension: (mark: string, normal: string) =>
      mark === normal
        ? `Needle tension: balances at ${mark}, its normal.`
        : `Needle tension: balances at ${mark}, not at ${normal}.`,
    pressure: (mark: string, normal: string) =>
      mark === normal
        ? `Pressure: feeds well at ${mark}, its normal.`
        : `Pressure: feeds well at ${mark}, not at ${normal}.`,
    creep: (times: string) => `Creep: ${times} times what is usual on such cotton.`,
    beyond: {
      tension: {
        higher:
          'Needle tension: still too loose at the highest line. Thread it again with the foot up, and see that the thread lies between the discs. If that does not help, ask a technician.',
        lower:
          'Needle tension: still too tight at the lowest line. Thread the bobbin again and see that its thread lies under the spring. If that does not help, ask a technician.',
      },
      pressure: {
        higher:
          'Pressure: slips even at the firmest line. Clean the feed dogs; if that does not help, ask a technician.',
        lower:
          'Pressure: marks even at the lightest line. Press-marks on plain cotton are worth showing to a technician.',
      },
    },
    cards: 'Settings cards sewn before on this machine say that they want a new test.',
    settings: 'Find settings',
    machine: 'To the machine',
  },
  noMachine: 'There is no machine in the workroom yet.',
  add: 'Add one',
  sheet: {
    title: (machine: string) => `Check-up: ${machine}`,
    date: 'Date',
    number: 'Line',
    dial: { stitch: 'Stitch', length: 'Length', width: 'Width', tension: 'Tension', pressure: 'Pressure' },
    none: 'none',
    write: 'Write down; bold is what to turn',
    write2: {
      length: '______ stitches between the marks',
      width: '______ mm from side to side',
      tension: 'light loops below   /   even   /   dark dots on top',
      pressure: 'slips   /   even   /   marks      top behind by ______',
    } satisfies Record<CheckUpPart, string>,
  },
} as const;
