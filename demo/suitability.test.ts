import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, it } from 'vitest';
import { suitabilityPage } from './suitabilityPage';

it('docs/suitability.md says what is answered now (npm run cases writes it anew)', () => {
  const written = readFileSync(path.join(import.meta.dirname, '../docs/suitability.md'), 'utf8');
  expect(written).toBe(suitabilityPage());
});
