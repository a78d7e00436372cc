import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    include: ['{src,cli,scripts,demo,bench}/**/*.test.{ts,tsx}'],
    environment: 'node',
    setupFiles: ['vitest.setup.ts'],
    testTimeout: 120_000,
  },
});
