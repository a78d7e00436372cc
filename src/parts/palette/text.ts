/** The kinds of things there are to go to, as the palette names them. */
export const KIND_TEXT = {
  place: 'Page',
  act: 'Do',
  put: 'On the machine',
  cloth: 'Fabric',
  card: 'Settings card',
  swatch: 'Swatch',
  job: 'Project',
  machine: 'Machine',
  thread: 'Thread',
  operation: 'Sew',
  calculation: 'Calculator',
  sign: 'Fault',
  word: 'Word',
} as const;

export const PALETTE_TEXT = {
  button: 'Search everything',
  title: 'Search everything',
  label: 'Find or do',
  help: 'A fabric, a seam, a fault, “tension 4”, “5/8 in”, “42 cm / 5” …',
  none: 'Nothing found. Try fewer letters, or another word for it.',
  results: 'What was found',
  is: (from: string) => `${from} is`,
  set: (reading: string, to: string, machine: string) => `Set ${reading} to ${to} on ${machine}`,
  setNote: 'Notes that the machine is set to this.',
  noMark: (reading: string, least: string, most: string) =>
    `The ${reading} goes from ${least} to ${most} on this machine.`,
  swatchOf: (when: string) => `started ${when}`,
  putAway: 'archived',
} as const;

/** Pages that are not a thing of the person's own; `also` is what else they answer to. */
export const PLACES: readonly { id: string; title: string; also: string; href: string }[] = [
  { id: 'today', title: 'Today', also: 'what next, home, tasks', href: '/today' },
  { id: 'fabric', title: 'Fabric', also: 'cloth, fabrics, drawer, stash', href: '/fabric' },
  { id: 'match', title: 'Match: find settings', also: 'needle, stitch, tension, recommend', href: '/match' },
  { id: 'test', title: 'Test: swatches', also: 'scrap, test sew', href: '/test' },
  { id: 'sew', title: 'Sew: all operations', also: 'seams, zips, hems, steps', href: '/sew' },
  { id: 'log', title: 'Sewing log', also: 'history, diary, ledger', href: '/log' },
  { id: 'cards', title: 'Settings cards', also: 'tested, proven', href: '/log?place=cards' },
  { id: 'charts', title: 'Charts', also: 'graphs, statistics', href: '/log?place=charts' },
  { id: 'projects', title: 'Projects', also: 'jobs, garment', href: '/projects' },
  { id: 'calculator', title: 'Calculator', also: 'arithmetic, numbers', href: '/calculator' },
  {
    id: 'machines',
    title: 'Machines',
    also: 'workroom, sewing machine, dials, calibrate',
    href: '/workroom?place=machines',
  },
  {
    id: 'check-up',
    title: 'Check up a machine',
    also: 'calibrate, new machine, dials, tension balance',
    href: '/check-up',
  },
  { id: 'shop', title: 'In the shop: is it for my machine?', also: 'buy fabric, shopping, store', href: '/shop' },
  { id: 'take', title: 'Paste a card or find one by its code', also: 'import, link, QR, scan, label', href: '/take' },
  {
    id: 'running',
    title: 'How Bobbet runs here',
    also: 'offline, install, app, address, version',
    href: '/workroom?place=running',
  },
  { id: 'devices', title: 'Two devices', also: 'sync, phone, laptop, changes', href: '/workroom?place=files' },
  { id: 'start', title: 'What do you sew with?', also: 'first, new machine, set up, kit', href: '/start' },
  { id: 'care', title: 'Machine care', also: 'oil, clean, lint, service', href: '/workroom?place=care' },
  { id: 'kit', title: 'Feet, pins and blades', also: 'presser foot, tools, plates', href: '/workroom?place=kit' },
  { id: 'needles', title: 'Needles', also: 'packs', href: '/workroom?place=needles' },
  { id: 'threads', title: 'Threads', also: 'spools', href: '/workroom?place=threads' },
  { id: 'files', title: 'Files and backups', also: 'export, import, save, snapshot', href: '/workroom?place=files' },
  {
    id: 'signs',
    title: 'What each fault looks like',
    also: 'faults, signs, troubleshooting, rescue a seam, wrong seam, mend',
    href: '/test/signs',
  },
  { id: 'words', title: 'Words: what everything is called', also: 'glossary, dictionary', href: '/words' },
];

/** Things that are begun on a page. */
export const BEGINNINGS: typeof PLACES = [
  { id: 'new-fabric', title: 'Add a fabric', also: 'new cloth', href: '/fabric' },
  { id: 'new-project', title: 'Start a project', also: 'new job', href: '/projects' },
  { id: 'new-scrap', title: 'Find settings and test them on scrap', also: 'new swatch', href: '/match' },
  { id: 'add-needles', title: 'Add needles', also: 'new pack', href: '/workroom?place=needles' },
  { id: 'add-thread', title: 'Add a thread', also: 'new spool', href: '/workroom?place=threads' },
];

/** What can be done at once, wherever one is. */
export const DEEDS = {
  undo: { title: 'Undo', also: 'take back' },
  redo: { title: 'Redo', also: 'again' },
  bar: { title: 'Go to the machine bar', also: 'on the machine, set' },
  units: { title: 'Change between mm and inches', also: 'units, metric, imperial' },
  english: { title: 'Change between UK and US words', also: 'language, british, american' },
  evening: { title: 'Change between daylight and evening', also: 'dark, light, theme' },
  keys: { title: 'Show the keys', also: 'shortcuts, keyboard, help' },
} as const satisfies Record<string, { title: string; also: string }>;
export type DeedId = keyof typeof DEEDS;
