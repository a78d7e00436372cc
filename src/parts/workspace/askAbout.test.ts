import 'fake-indexeddb/auto';
import { expect, it } from 'vitest';
import { readPreference } from '@/data';
import { askAbout } from './useQuestion';

it('a press counts before anything of the workroom has been read, and changes only what it names', async () => {
  await askAbout({ clothId: 'poplin' });
  await askAbout({ machineId: 'old' });
  expect(await readPreference('question')).toMatchObject({ clothId: 'poplin', machineId: 'old' });
});
