import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { casesPage } from './casesPage';

writeFileSync(path.join(import.meta.dirname, '../docs/cases.md'), casesPage());
