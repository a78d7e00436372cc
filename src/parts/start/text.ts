import type { StartProblem } from '@/data';

/** What is said when Bobbet cannot start: what is wrong, and what to do. */
export const START_TEXT: Record<StartProblem, { title: string; text: string }> = {
  'no-database': {
    title: 'This browser cannot keep your work',
    text: 'Bobbet stores everything in the browser, and this one has no database. Use a current browser, in an ordinary window.',
  },
  'database-refused': {
    title: 'This browser will not keep your work here',
    text: 'Bobbet stores everything in the browser, and this window is not allowed to. It may be a private window, or stored data may be switched off in the settings. Open Bobbet in an ordinary window.',
  },
  'database-full': {
    title: 'There is no room left',
    text: 'The disk is full, or the space this browser gives to pages is used up. Everything you saved is still there. Free some space, then try again.',
  },
  'database-newer': {
    title: 'This is an older Bobbet',
    text: 'The work in this browser was saved by a newer Bobbet. Nothing was changed. Start the newer one to carry on.',
  },
  'database-held': {
    title: 'Another tab has an older Bobbet open',
    text: 'Bobbet has been updated and is waiting for the older tab. Close that tab, or reload it, and this one carries on.',
  },
  'updated-elsewhere': {
    title: 'Bobbet has been updated in another tab',
    text: 'Everything you saved is there. Reload this tab to use the newer Bobbet.',
  },
  'no-worker': {
    title: 'This browser is too old for Bobbet',
    text: 'It cannot do calculations in the background. Use a current browser.',
  },
  'no-random': {
    title: 'This browser is too old for Bobbet',
    text: 'It cannot make random numbers, which every new record needs. Use a current browser.',
  },
  'storage-blocked': {
    title: 'Stored data is switched off',
    text: 'This browser does not let pages store anything. Allow it for this page in the browser’s settings, then try again.',
  },
};

/** Why Bobbet cannot start, in the place of everything else. */
export const START_PANEL_TEXT = {
  bobbet: 'Bobbet',
} as const;
