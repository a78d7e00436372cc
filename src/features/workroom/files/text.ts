import { counted } from '@/core/workroom';
import { upperFirst } from '@/core/units';

/** What is said about files, backups and what needs attention. */
export const FILES_TEXT = {
  title: 'Files',
  where: 'Your workroom is in this browser and in the files it exports, nowhere else.',
  exportAll: 'Export the workroom',
  exported: 'The workroom is in your downloads.',
  exportedWith: (count: number) =>
    `The workroom is in your downloads. ${counted('setAside', count)} could not be read and ${count === 1 ? 'is' : 'are'} in it as ${count === 1 ? 'it was' : 'they were'} found.`,
  importOne: 'Import a file',
  takeIn: 'Paste a card, or find one by its code',
  empty: 'Empty this workroom',
  demo: 'Open the demo instead',
  demoOpen: 'The demo workroom is open.',
  notImported: (name: string) => `${name} was not imported`,
  unchanged: 'Nothing here has changed.',
  close: 'Close',
  would: (name: string) => `Importing ${name} would`,
  listWould: (list: string, added: number, changed: number) =>
    [added > 0 && `add ${counted(list, added)}`, changed > 0 && `change ${counted(list, changed)}`]
      .filter(Boolean)
      .join(' and '),
  nothing: 'You have everything in it already.',
  same: (count: number) => (count === 1 ? '1 record is the same.' : `${count} records are the same.`),
  aside: (count: number) =>
    count === 1
      ? '1 record in it cannot be used. It will be set aside unchanged:'
      : `${count} records in it cannot be used. They will be set aside unchanged:`,
  more: (count: number) => `and ${count} more.`,
  merge: 'Add to what is here',
  replace: 'Replace everything',
  cancel: 'Cancel',
  importing: 'Importing …',
  stopped: 'Stopped. Nothing here has changed.',
  imported: 'The file is imported.',
  importedFrom: (name: string) => `${name} imported`,
};

/** What is said about backups. */
export const BACKUP_TEXT = {
  title: 'Backups',
  daily: 'Each day you use Bobbet, it saves a copy of the workroom in this browser. It keeps the last seven.',
  none: 'No copy yet. The first one is saved today.',
  day: (when: string) => `As it was when you opened Bobbet ${when}`,
  before: (text: string) => `Before: ${text.toLowerCase()}`,
  look: 'Go back to this',
  lookLabel: (what: string) => `Go back to this: ${what}`,
  notKept: 'That copy is no longer kept.',
  notOpened: (why: string) => `That copy could not be opened: ${why}`,
  wouldTitle: 'Going back would',
  back: (list: string, count: number) => `bring back ${counted(list, count)}`,
  changed: (list: string, count: number) => `change ${counted(list, count)}`,
  gone: (list: string, count: number) => `remove ${counted(list, count)}`,
  same: 'Nothing is different: the workroom is just as it was then.',
  undoable: 'You can undo this.',
  goBack: 'Go back',
  cancel: 'Cancel',
  wentBack: (what: string) => `Back to ${what}`,
  folderTitle: 'A folder of your own',
  folderWhy:
    'Choose a folder once, and Bobbet saves the workroom in it each day you use it. That copy survives if you lose this browser.',
  pick: 'Choose a folder',
  folderIs: (name: string) => `Bobbet saves to the folder “${name}”.`,
  folderAsks: (name: string) => `The browser needs your permission again before Bobbet can save to “${name}”.`,
  allow: 'Allow',
  writeNow: 'Save a file now',
  forget: 'Stop using this folder',
  written: (name: string) => `${name} saved.`,
  noFolder: 'This browser cannot save to a folder. Bobbet reminds you once a month to download a copy.',
  last: (when: string) => `Last copy outside this browser: ${when}.`,
  never: 'There is no copy outside this browser yet.',
  promised: 'This browser has promised to keep your work until you delete it.',
  notPromised: 'This browser may clear your work when the disk gets full. Keep a copy outside it.',
  notKnown: 'This browser does not say whether it may clear your work. Keep a copy outside it.',
};

/** What is said about entries that cannot be used. */
export const ATTENTION_TEXT = {
  title: 'Records that need attention',
  named: (name: string) => upperFirst(name),
  wrong: 'These are kept unchanged. Everything else works without them.',
  repair: 'Repair',
  aside: 'Set aside',
  save: 'Save as a file',
  label: (verb: string, name: string) => `${verb}: ${name}`,
  asideTitle: 'Set aside',
  asideWhy: 'These could not be used. They are kept unchanged, and exported with the workroom.',
  cleared: 'The record is in use, without the part that was wrong.',
  back: 'Put it back',
  remove: 'Delete',
  repaired: (name: string, told: string) => `${upperFirst(name)} repaired. ${told}`.trim(),
  setAside: (name: string) => `${upperFirst(name)} set aside.`,
  putBack: (told: string) => `It is back. ${told}`.trim(),
  deleted: 'Record deleted.',
};
