/** What a browser that can install a page hands over, to be shown when the person asks for it. */
interface InstallAsk extends Event {
  prompt: () => Promise<{ outcome: 'accepted' | 'dismissed' }>;
}

let ask: InstallAsk | null = null;
const listeners = new Set<() => void>();
const tell = () => listeners.forEach((listener) => listener());

/** Keeps the browser's own question back until the person asks to install; gives back how to stop. */
export function awaitInstall(): () => void {
  const hold = (event: Event) => {
    event.preventDefault();
    ask = event as InstallAsk;
    tell();
  };
  const done = () => {
    ask = null;
    tell();
  };
  window.addEventListener('beforeinstallprompt', hold);
  window.addEventListener('appinstalled', done);
  return () => {
    window.removeEventListener('beforeinstallprompt', hold);
    window.removeEventListener('appinstalled', done);
  };
}

/** Whether Bobbet has a window of its own already. */
export const isInstalled = (): boolean => window.matchMedia('(display-mode: standalone)').matches;

export const canInstall = (): boolean => ask !== null;

/** Follows whether Bobbet can be installed; gives back how to stop. */
export function followInstall(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Lets the browser ask whether to install. */
export async function install(): Promise<void> {
  const asked = ask;
  ask = null;
  await asked?.prompt();
  tell();
}
