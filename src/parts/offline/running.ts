/** How Bobbet is run, seen from a browser: it decides what a browser lets a page do. */
export type RunningWay =
  /** From this computer, for this computer. */
  | 'this-computer'
  /** From an address with https, as any host serves the exported folder. */
  | 'secure'
  /** From another computer by plain http. */
  | 'plain';

/** What the window of a browser tells. */
export interface WindowFacts {
  isSecureContext: boolean;
  hostname: string;
}

const OWN = /^(localhost|.+\.localhost|127(\.\d+){3}|\[::1\])$/;

export const runningWay = ({ isSecureContext, hostname }: WindowFacts): RunningWay =>
  !isSecureContext ? 'plain' : OWN.test(hostname) ? 'this-computer' : 'secure';

/** What more than pages and files a browser can do for Bobbet. */
export const ABILITIES = ['offline', 'install', 'camera', 'share', 'awake', 'folder'] as const;
export type Ability = (typeof ABILITIES)[number];

/** Whether something works: here, not in this browser, or not for this way of running Bobbet. */
export type Standing = 'works' | 'not-this-browser' | 'not-this-way';

/** What a browser has, as far as a page can see it. */
export interface BrowserFacts extends WindowFacts {
  has: Readonly<Record<Ability, boolean>>;
}

/**
 * What works where Bobbet runs now. All of these are for secure pages alone, so a browser that hides one by plain http
 * may well have it.
 */
export function abilities(facts: BrowserFacts): Readonly<Record<Ability, Standing>> {
  const standing = (ability: Ability): Standing =>
    facts.has[ability] ? 'works' : facts.isSecureContext ? 'not-this-browser' : 'not-this-way';
  return Object.fromEntries(ABILITIES.map((ability) => [ability, standing(ability)])) as Record<Ability, Standing>;
}

/** Looks at the browser this window is in. */
export function browserFacts(canInstall: boolean): BrowserFacts {
  const { isSecureContext, location, navigator } = window;
  return {
    isSecureContext,
    hostname: location.hostname,
    has: {
      offline: isSecureContext && 'serviceWorker' in navigator,
      install: isSecureContext && canInstall,
      camera: typeof navigator.mediaDevices?.getUserMedia === 'function',
      share: typeof navigator.share === 'function',
      awake: 'wakeLock' in navigator,
      folder: 'showDirectoryPicker' in window,
    },
  };
}
