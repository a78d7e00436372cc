/** Mutation runs (`npm run mutants`): at least 85 % of the changed conditions and numbers have to turn a test red. */
const config = {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutants.config.ts' },
  mutate: [
    'src/core/{card,workroom}/**/*.ts',
    '!src/core/**/*.test.ts',
    '!src/core/**/*.testing.ts',
    '!src/core/**/index.ts',
  ],
  // Another wording is no other decision.
  mutator: { excludedMutations: ['StringLiteral'] },
  ignoreStatic: true,
  coverageAnalysis: 'perTest',
  concurrency: 2,
  thresholds: { high: 95, low: 85, break: 85 },
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, allowEmojis: false, reportTests: false },
  tempDirName: '.mutants',
  cleanTempDir: 'always',
};

export default config;
