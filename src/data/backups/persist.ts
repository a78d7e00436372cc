/** Whether this browser keeps the data until the person deletes it, or may clear it when room runs short. */
export type Persistence = 'promised' | 'not promised' | 'not known';

/** What the browser says now. */
export async function readPersistence(): Promise<Persistence> {
  if (typeof navigator.storage?.persisted !== 'function') return 'not known';
  return (await navigator.storage.persisted()) ? 'promised' : 'not promised';
}

/** Asks the browser to keep the data; some ask the person, some decide by themselves. */
export async function askToPersist(): Promise<Persistence> {
  if (typeof navigator.storage?.persist !== 'function') return 'not known';
  return (await navigator.storage.persist()) ? 'promised' : 'not promised';
}
