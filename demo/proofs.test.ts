import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { clothOf } from '../src/core/cloth';
import { readWorkroom } from '../src/core/file';
import { type Proof, seamQuestions, seamSetting, type SettingsFrom } from '../src/core/job';
import { matchRows, procedureOf } from '../src/core/procedure';

const read = readWorkroom(readFileSync(new URL('./tansy-wren.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.error.message);
const { workroom } = read;

it('the apron shows an operation that is proven, a stitch that is, and seams of which nothing is', () => {
  const job = workroom.jobs.find(({ id }) => id === 'apron')!;
  const { machine } = workroom.machines.find(({ id }) => id === job.machineId)!;
  const from: SettingsFrom = {
    machineId: job.machineId,
    cards: workroom.cards,
    clothOf: (id) => {
      const record = workroom.cloths.find((one) => one.id === id);
      return record ? clothOf(record) : null;
    },
  };
  const answered = new Map(
    seamQuestions(job.seams, from).map(({ key, seam }) => [
      key,
      matchRows(procedureOf(seam.procedureId)!, { cloth: from.clothOf(seam.clothId)!, machine }),
    ]),
  );
  const proofs = new Map<string, Proof>(
    job.seams.map((seam) => [seam.procedureId, seamSetting(seam, from, () => false, answered).proof]),
  );
  expect([proofs.get('topstitch-edge'), proofs.get('patch-pocket'), proofs.get('enclosed')]).toEqual([
    'proven',
    'stitch',
    'none',
  ]);
});
