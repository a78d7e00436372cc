/** Texts of the workroom’s machines. */
export const MACHINE_TEXT = {
  labels: 'What the machine calls each stitch',
  labelsWhy:
    'The number or letter beside the stitch on the machine, such as 07. It then stands beside the stitch everywhere.',
  stitch: 'Stitch',
  printed: 'Printed beside it',
  labelOf: (stitch: string) => `Printed beside ${stitch.toLowerCase()}`,
  feet: 'Feet that fit it',
  anyFoot: 'Any foot I own fits this machine',
  needleStop: 'It can stop with the needle down',
  autoLock: 'It ties off by itself at both ends',
  tooLong: 'At most 12 letters or digits.',
} as const;

/** The number of a spool: as it is printed, and what it was taken as. */
export const SPOOL_TEXT = {
  number: 'Number on the spool',
  left: 'Thread left',
  leftHelp: 'leave it empty if you don’t know',
  emptyMeans: (tex: string) => `in any system; Tex ${tex} if left empty`,
  any: 'in any system',
  aNumber: 'Type the number as printed, such as 120, Tex 27, 40 wt, 50/2 or 243 den.',
  is: (tex: number) => `Tex ${Math.round(tex * 10) / 10}`,
  takenAs: (as: string, tex: number) =>
    as.startsWith('Tex') ? `Taken as ${as}.` : `Taken as ${as}: Tex ${Math.round(tex * 10) / 10}.`,
  orIsIt: (as: string, tex: number) => `No, ${as} (Tex ${Math.round(tex * 10) / 10})`,
} as const;

/** Pins, clips and blades. */
export const TOOL_TEXT = {
  pins: 'Pins, clips and weights',
  anyPins: 'Nothing is ticked, so steps may ask for any kind of pin. Tick what you own, and they ask for that.',
  tick: 'Tick the pins I own',
  untick: 'Untick all pins',
  blades: 'Shears and cutters',
  kind: 'Kind',
  add: 'Add it',
  keeps: 'Good for',
  cutOf: (cut: string, keeps: string, since?: string) => `${cut} of ${keeps} cut${since ? ` since ${since}` : ''}.`,
  due: { change: 'Put a new blade in.', sharpen: 'Have it sharpened.' },
  fresh: { change: 'New blade today', sharpen: 'Sharpened today' },
  worn: (name: string) => `${name}: how worn it is`,
  cut: 'I cut something',
  cutWith: (name: string) => `${name}: I cut something`,
  howMuch: 'Length cut',
  addCut: 'Add',
  delete: 'Delete',
  deleteOf: (name: string) => `Delete ${name.toLowerCase()}`,
} as const;
