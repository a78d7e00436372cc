/** Raised when something wrong is about to be stored; names the field. */
export class StoreError extends Error {
  constructor(
    readonly noun: string,
    readonly path: string,
    problem: string,
  ) {
    super(`${noun}: ${path}: ${problem}`);
    this.name = 'StoreError';
  }
}
