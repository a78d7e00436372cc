/** Texts of the workroom’s machines. */
export const MACHINE_TEXT = {
  shank: 'Shank',
  shankHelp:
    'Foot down, measure from the needle plate up to the middle of the screw that holds the foot. A foot for another shank does not fit.',
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

/** Feet, plates, pins, clips and blades. */
export const TOOL_TEXT = {
  anyFeet:
    'Nothing is ticked, so Match chooses from every foot and plate on sale. Tick what you own, and it chooses from that and says what one thing more would gain.',
  tickFeet: 'Tick what I own',
  feet: 'Feet',
  plates: 'Needle plates',
  overlocker: 'An overlocker',
  untickFeet: 'Untick all: choose from everything on sale',
  archived: 'archived: tick it to use it again',
  theFoot: (name: string) => `the ${name} foot`,
  archive: 'Archive',
  archiveMeans: 'Match does not choose it any more; it stays in the list, and a tick brings it back.',
  removeMeans: 'You don’t own it any more. Cards stay as they are, but you cannot sew what they say.',
  pins: 'Pins, clips and weights',
  anyPins: 'Nothing is ticked, so steps may ask for any kind of pin. Tick what you own, and they ask for that.',
  tick: 'Tick the pins I own',
  untick: 'Untick all pins',
  blades: 'Shears and cutters',
  keptIn: 'kept in',
  keptWhere: (name: string) => `Where ${name} is kept`,
  tooLong: 'Expected at most 120 letters.',
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

/** A pack of needles that was bought. */
export const NEEDLES_TEXT = {
  form: 'A pack of needles',
  fields: { point: 'Point', gap: 'Gap', nm: 'Size', count: 'How many', where: 'Kept in' },
  usual: (count: number) => `${count} if left empty`,
  tooLong: 'At most 120 letters here.',
  packOf: (count: number) => `pack of ${count}`,
  add: 'Into the tin',
  added: (count: number, needle: string) => `${count} × ${needle} ${count === 1 ? 'is' : 'are'} in the tin.`,
} as const;
