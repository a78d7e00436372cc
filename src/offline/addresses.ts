/** Addresses of stations as they were; what was kept as a bookmark still opens. */
export const moved: Readonly<Record<string, string>> = {
  cloth: 'fabric',
  swatch: 'test',
  ledger: 'log',
  jobs: 'projects',
};
