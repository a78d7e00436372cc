import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** Tests that change what all modules share: the database, the clock, the browser's storage. Each file gets its own. */
const APART = 'src/{data,features,parts}/**/*.test.{ts,tsx}';

const shared = {
  environment: 'node' as const,
  setupFiles: ['vitest.setup.ts'],
  testTimeout: 120_000,
};

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    // Two at a time on two cores: the runner keeps one core free otherwise.
    maxWorkers: '100%',
    projects: [
      { extends: true, test: { ...shared, name: 'apart', include: [APART] } },
      {
        extends: true,
        test: {
          ...shared,
          name: 'pure',
          include: ['{src,cli,scripts,demo,bench}/**/*.test.{ts,tsx}'],
          exclude: [APART],
          // The tables of the core are read once for all of them, not once for each.
          isolate: false,
        },
      },
    ],
  },
});
