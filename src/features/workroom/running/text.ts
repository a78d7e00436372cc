import type { Ability, RunningWay, Standing } from '@/parts/offline';

/** What is said about how Bobbet runs. */
export const RUNNING_TEXT = {
  title: 'How Bobbet runs here',
  works: 'What works here',
  others: 'The three ways',
  here: 'this one',
  offlineNow: 'Everything is on this device: Bobbet works with the network off.',
  offlineSoon: 'Bobbet is being saved to this device. When that is done, it works with the network off.',
  newer: 'A new version is ready.',
  take: 'Switch to it',
  install: 'Install Bobbet',
  installed: 'Bobbet is installed here: it has a window and an icon of its own.',
  address: 'Address of my Bobbet',
  addressHelp:
    'Leave it empty unless your Bobbet has a web address beginning with https. Links and the codes on printed cards lead there.',
  addressWrong: 'a web address that begins with https://, for example https://sewing.example',
  addressHere: 'Use this one',
};

/** The three ways to run Bobbet. */
export const WAY_TEXT: Readonly<Record<RunningWay, { title: string; is: string; adds: string }>> = {
  'this-computer': {
    title: 'From this computer, with npm start',
    is: 'This window runs on the computer that serves it. Whatever this browser can do, it can do here.',
    adds: 'It needs nothing else: no host, no certificate.',
  },
  secure: {
    title: 'From a web address with https',
    is: 'The exported folder (npm run export) on a host of yours. Each device keeps its own workroom.',
    adds: 'Phones and tablets can keep Bobbet, work offline, use the camera, and open cards from links.',
  },
  plain: {
    title: 'From another computer on your network, by http',
    is: 'Every station works while that computer is on, and files go in and out. The browser does not keep Bobbet, install it or allow the camera, because the connection is not encrypted.',
    adds: 'A quick look on a phone, without a host. Export the workroom often.',
  },
};

/** What a browser can do for Bobbet, as a row of the list. */
export const ABILITY_TEXT: Readonly<Record<Ability, { name: string; what: string }>> = {
  offline: { name: 'Works offline', what: 'Every station opens with the network or the server off.' },
  install: {
    name: 'Can be installed',
    what: 'An icon and a window of its own; it opens your card files. Some browsers offer it in their own menu only.',
  },
  camera: { name: 'Camera', what: 'Scans the code on a label or a printed card.' },
  share: { name: 'Share', what: 'Sends a card to another app on this device.' },
  awake: { name: 'Screen stays on', what: 'While you follow the steps of a seam.' },
  folder: { name: 'Saves to a folder', what: 'A daily copy in a folder of your own.' },
};

export const STANDING_TEXT: Readonly<Record<Standing, string>> = {
  works: 'works',
  'not-this-browser': 'not in this browser',
  'not-this-way': 'not by http',
};
