import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { casesPage } from './casesPage';
import { suitabilityPage } from './suitabilityPage';

const docs = path.join(import.meta.dirname, '../docs');
writeFileSync(path.join(docs, 'cases.md'), casesPage());
writeFileSync(path.join(docs, 'suitability.md'), suitabilityPage());
