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
