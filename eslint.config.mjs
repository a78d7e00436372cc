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
    // A control is a part of MUI's, in our theme; a drawing that is itself the control makes its own out of shapes.
    files: ['src/features/**/*.tsx', 'src/parts/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'JSXOpeningElement[name.name=/^(button|input|select|textarea|option|dialog|table|thead|tbody|tr|th|td|details|summary|progress)$/]',
          message: 'A raw control: take the part of MUI or of src/ui that stands for it.',
        },
      ],
    },
  },
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
