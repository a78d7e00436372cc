import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** The tests beside the rooms that are mutated; nothing else may notice for them. */
export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    environment: 'node',
    setupFiles: ['vitest.setup.ts'],
    testTimeout: 120_000,
    include: ['src/core/{card,workroom}/**/*.test.ts'],
  },
});
