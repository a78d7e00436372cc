import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

const size = { skipBlankLines: true, skipComments: true };

const config = [
  { ignores: ['.next/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**'] },
  ...next,
  ...typescript,
  {
    rules: {
      'max-lines': ['error', { max: 300, ...size }],
      'max-lines-per-function': ['error', { max: 60, ...size }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  // A describe block is one function to the linter and many ideas to a reader.
  { files: ['**/*.test.{ts,tsx}', 'e2e/**'], rules: { 'max-lines-per-function': 'off' } },
  { files: ['scripts/**', 'cli/**', 'bench/**', 'e2e/**', 'demo/**'], rules: { 'no-console': 'off' } },
  {
    files: ['src/core/**'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'fetch', 'performance'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'The core takes a seeded generator.' },
        { object: 'Date', property: 'now', message: 'The core is passed the time.' },
      ],
    },
  },
];
export default config;
