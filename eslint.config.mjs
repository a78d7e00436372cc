import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

/** What a person reads stands in a text.ts or in a table of the core, never in a component. */
const WORDS = '/[A-Za-z]{2,}[,.:;?!]? [A-Za-z]{2,}/';
const CSS = '/var\\(|\\d(px|fr|vw|vh|em|s)\\b|^(min|max)-|^use client$|color-mix|@page|margin: |xMidYMid|\\[role/';
const said = { message: 'A sentence: it stands in the text.ts of its station.' };
const SENTENCES = [
  { selector: 'JSXText[value=/[A-Za-z]/]', ...said },
  {
    selector: `Literal[value=${WORDS}]:not([value=${CSS}]):not(BinaryExpression > Literal):not(Property > Literal.key)`,
    ...said,
  },
  {
    selector: ':not(JSXAttribute) > JSXExpressionContainer > ConditionalExpression > Literal[value=/[a-z]{2}/]',
    ...said,
  },
  { selector: `TemplateElement[value.raw=${WORDS}]:not([value.raw=${CSS}])`, ...said },
];

const size = { skipBlankLines: true, skipComments: true };

const config = [
  { ignores: ['.next/**', 'exported/**', 'out/**', 'public/sw.js', 'node_modules/**', 'next-env.d.ts', 'test-results/**'] },
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
        ...SENTENCES,
      ],
    },
  },
  {
    files: ['src/ui/**/*.tsx', 'src/features/**/use*.ts', 'src/parts/**/use*.ts'],
    ignores: ['**/*.test.*'],
    rules: { 'no-restricted-syntax': ['error', ...SENTENCES] },
  },
  // Texts are data: a station's stand in one file, however many they are.
  { files: ['**/text.ts'], rules: { 'max-lines': 'off' } },
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
