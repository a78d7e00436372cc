/** A key for a new record. */
export const newId = (): string => crypto.randomUUID();

/** Now, as records keep it. */
export const nowText = (): string => new Date().toISOString();
