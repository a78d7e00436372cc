import { counted } from '@/core/workroom';

/** What is said where two devices are brought together. */
export const DEVICES_TEXT = {
  title: 'Two devices',
  what: 'Bobbet on your phone and on your laptop are two workrooms. Take a file from each to the other, and both have everything.',
  save: 'Save what changed',
  saveAll: 'Save everything',
  saved: 'What has changed is in your downloads. Import it on your other device.',
  how: '“Save everything” is for a device that has none of it yet, or that has missed a file.',
  fileName: (day: string) => `bobbet-changes-${day}.json`,
  own: 'This file is from this device. Import it on the other one.',
  ahead: 'The clock of that device is more than a year ahead. Put it right there, and save what changed again.',
  gap: 'A file from that device is missing in between. Choose “Save everything” there, and import that file here.',
  would: (day: string) => `What changed on your other device, saved ${day}, would`,
  nothing: 'You have all of it already.',
  line: (list: string, added: number, changed: number, removed: number) => {
    const kit = list === 'kit';
    if (kit) return 'change what you own';
    return [
      added > 0 && `add ${counted(list, added)}`,
      changed > 0 && `change ${counted(list, changed)}`,
      removed > 0 && `delete ${counted(list, removed)}`,
    ]
      .filter(Boolean)
      .join(', ');
  },
  both: (count: number) =>
    count === 1
      ? '1 thing was changed on both devices. The later change stays; you can choose the other one afterwards.'
      : `${count} things were changed on both devices. The later change stays; you can choose the other one afterwards.`,
  take: 'Bring them together',
  cancel: 'Cancel',
  taken: 'Both devices’ changes are here.',
  clashTitle: 'Changed on both devices',
  clash: (name: string, field: string) => `${name}: ${field}`,
  stays: (value: string) => `Stays: ${value}.`,
  other: (value: string) => `The other: ${value}.`,
  nothingThere: 'nothing',
  yes: 'yes',
  no: 'no',
  gone: 'deleted',
  whole: 'all of it',
  keptWhole: 'It was deleted on one device and changed later, or still needed, on the other. It stays.',
  entries: (count: number) => (count === 1 ? '1 entry' : `${count} entries`),
  cannot: (name: string) => `The other version of ${name} no longer fits what is here. Nothing has changed.`,
  use: 'Use the other',
  used: (name: string) => `The other version of ${name} is used.`,
  right: 'Keep it',
  label: (verb: string, name: string) => `${verb}: ${name}`,
};
