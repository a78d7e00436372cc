import { type Job, type JobSeam, jobSeamSchema, ringIn, STAGE_TEXT, STAGES, usualStage } from '../../job';
import { PROCEDURES, procedureOf, procedureName } from '../../procedure';
import { formatNumber, parseLengthMm } from '../../units';
import type { Named } from '../settleJob';
import type { RowReader } from './cells';
import { readRecords, type ReadRecords } from './result';
import { type Column, readRows, writeRows } from './table';

/** What the names in a table of seams stand for. */
export interface SeamNames {
  job: Pick<Job, 'seams' | 'pieces'>;
  cloths: readonly Named[];
}

const LIST = '; ';

const same = (a: string, b: string) => a.toLowerCase() === b.toLowerCase();

/** What a thing is called in a cell: by its name, or by its key where the name could mean another or would fall apart. */
function called(all: readonly Named[], id: string): string {
  const name = all.find((one) => one.id === id)?.name;
  const clear = name && !name.includes(';') && all.filter((one) => same(one.name, name)).length === 1;
  return clear ? name : id;
}

/** What a cell calls, by name or by key. */
const meant = (all: readonly Named[], text: string): string | undefined =>
  (all.find(({ name }) => same(name, text)) ?? all.find(({ id }) => id === text))?.id;

const A_CLOTH = 'one of your fabrics, by its name or, where two share a name, by its key';

/** What a cell calls where it must be one thing: null where several are called so. */
function oneMeant(all: readonly Named[], text: string): string | null {
  const byName = all.filter(({ name }) => same(name, text));
  if (byName.length === 1) return byName[0].id;
  return all.find(({ id }) => id === text)?.id ?? null;
}

/** The question that says how long a seam is: the first one its operation asks, where that is a length. */
const measureKey = (procedureId: string): string | null => {
  const ask = procedureOf(procedureId)?.asks[0];
  return ask?.unit === 'mm' ? ask.key : null;
};

/** The columns of a table of seams, names written as the job has them. */
function seamColumns({ job, cloths }: SeamNames): readonly Column<JobSeam>[] {
  const cloth = (id: string | null) => (id === null ? '' : called(cloths, id));
  const pieces = (ids: readonly string[]) => ids.map((id) => called(job.pieces, id)).join(LIST);
  const before = (seam: JobSeam) => seam.after.map(({ seamId }) => called(job.seams, seamId)).join(LIST);
  const measure = ({ procedureId, answers }: JobSeam) => answers[measureKey(procedureId) ?? ''];
  // prettier-ignore
  return [
    { heading: 'Seam', means: 'its name', also: [{ heading: 'Name' }], path: 'name', write: (s) => s.name },
    { heading: 'Operation', means: 'its name in Sew', path: 'procedureId', write: (s) => procedureName(s.procedureId) },
    { heading: 'Measure mm', means: 'how long it is: the first question of its operation', also: [{ heading: 'Length' }, { heading: 'Length in', unit: 'in' }], path: 'answers', write: (s) => (measure(s) === undefined ? '' : formatNumber(measure(s), 2)) },
    { heading: 'Count', means: 'how many of these', path: 'count', write: (s) => String(s.count) },
    { heading: 'Fabric', means: 'one of your fabrics, by its name', also: [{ heading: 'Cloth' }], path: 'clothId', write: (s) => cloth(s.clothId) },
    { heading: 'Second fabric', means: 'where two meet', also: [{ heading: 'Second cloth' }], path: 'secondClothId', write: (s) => cloth(s.secondClothId) },
    { heading: 'Band fabric', means: 'what a band is cut from', also: [{ heading: 'Band cloth' }], path: 'bandClothId', write: (s) => cloth(s.bandClothId) },
    { heading: 'Pieces', means: 'pieces it joins, with ; between them', path: 'pieces', write: (s) => pieces(s.pieces) },
    { heading: 'Place', means: `where on the project: ${STAGES.join(', ')}`, also: [{ heading: 'Stage' }], path: 'stage', write: (s) => s.stage },
    { heading: 'After', means: 'seams that come before it, with ; between them', path: 'after', write: before },
    { heading: 'Needle colour', means: 'thread colour, where it differs', path: 'needleColour', write: (s) => s.needleColour },
    { heading: 'Bobbin colour', means: 'thread colour below, where it differs', path: 'bobbinColour', write: (s) => s.bobbinColour },
    { heading: 'Notes', means: 'anything else', path: 'notes', write: (s) => s.notes },
    { heading: 'Key', means: 'as exported: changes that seam; empty: a new one', also: [{ heading: 'Id' }], path: 'id', write: (s) => s.id },
  ];
}

/** Every heading of such a table, with what stands under it. */
export const SEAM_COLUMNS: readonly { heading: string; means: string }[] = seamColumns({
  job: { seams: [], pieces: [] },
  cloths: [],
});

/** The seams of a job as a table. */
export const writeSeams = (names: SeamNames): string[][] => writeRows(seamColumns(names), names.job.seams);

/**
 * Reads a table of seams, all of it or nothing. Seams of the table may come after each other in any order of rows.
 *
 * @param table - cells, headings first
 * @param names - the job, and the cloths there are
 * @param newId - makes keys for new seams
 * @returns seams to store, or every wrong cell
 */
export function readSeams(
  table: readonly (readonly string[])[],
  names: SeamNames,
  newId: () => string,
): ReadRecords<JobSeam> {
  const columns = seamColumns(names);
  const { rows } = readRows(columns, table, []);
  const keyed = keysOf(
    rows.map(({ cells }) => cells),
    names,
    newId,
  );
  const build = (row: RowReader, before: JobSeam | undefined) => seamRow(row, before, names, keyed);
  const read = readRecords(columns, table, ['Seam', 'Operation'], names.job.seams, build, jobSeamSchema);
  if (!read.ok) return read;
  const given = new Set(read.records.map(({ id }) => id));
  const ring = ringIn([...read.records, ...names.job.seams.filter(({ id }) => !given.has(id))]);
  if (!ring) return read;
  // A ring that is new here runs through at least one row of the table.
  const at = read.records.findIndex(({ id }) => ring.ids.includes(id));
  return { ok: false, errors: [{ row: rows[Math.max(0, at)].row, column: 'After', message: ring.message }] };
}

/** Which seam a name or key means, and which key the next new row of a name takes. */
interface Keyed {
  of: (text: string) => string | undefined;
  take: (name: string) => string;
}

/** Keys before the rows are read, for a row may wait for one further down. The first of a name is what its name means. */
function keysOf(rows: readonly Readonly<Record<string, string>>[], { job }: SeamNames, newId: () => string): Keyed {
  const seams: Named[] = [];
  const fresh = new Map<string, string[]>();
  for (const { Seam: name, Key: key } of rows) {
    if (!name) continue;
    const id = key || newId();
    seams.push({ id, name });
    if (!key) fresh.set(name, [...(fresh.get(name) ?? []), id]);
  }
  seams.push(...job.seams);
  return { of: (text) => meant(seams, text), take: (name) => fresh.get(name)?.shift() ?? newId() };
}

function seamRow(
  row: RowReader,
  before: JobSeam | undefined,
  { job, cloths }: SeamNames,
  keyed: Keyed,
): unknown[] | null {
  row.lacks('Seam', 'a name');
  row.lacks('Operation', 'an operation');
  const name = row.text('Seam') || before?.name || '';
  const procedureId =
    row.word(
      'Operation',
      PROCEDURES.map(({ id }) => id),
      procedureName,
    ) ??
    before?.procedureId ??
    '';
  const measure = row.quantity('Measure mm', (text) => parseLengthMm(text, 'mm'), 'a length');
  const key = measureKey(procedureId);
  if (measure !== undefined && !key) row.wrong('Measure mm', 'nothing: this operation does not ask for a length first');
  const count = row.number('Count', 'pcs', 'a whole number');
  const clothId = (heading: string) => row.by(heading, (text) => oneMeant(cloths, text), A_CLOTH);
  const listed = (heading: string, find: (text: string) => string | undefined, what: string) =>
    row.by(heading, (text) => allOf(text.split(';').map((part) => find(part.trim()))), what);
  const pieces = listed('Pieces', (text) => meant(job.pieces, text), 'pieces of this project, with ; between them');
  const after = listed('After', keyed.of, 'names of seams, with ; between them');
  return [
    {
      ...before,
      id: before?.id ?? (row.text('Key') || keyed.take(name)),
      name,
      procedureId,
      clothId: clothId('Fabric') ?? before?.clothId ?? null,
      secondClothId: clothId('Second fabric') ?? before?.secondClothId ?? null,
      bandClothId: clothId('Band fabric') ?? before?.bandClothId ?? null,
      pieces: pieces ?? before?.pieces ?? [],
      count: count ?? before?.count ?? 1,
      answers: { ...before?.answers, ...(measure !== undefined && key && { [key]: measure }) },
      stage: row.word('Place', STAGES, (stage) => STAGE_TEXT[stage]) ?? before?.stage ?? usualStage(procedureId),
      needleColour: row.text('Needle colour') || before?.needleColour || '',
      bobbinColour: row.text('Bobbin colour') || before?.bobbinColour || '',
      after:
        after?.map((seamId) => before?.after.find((a) => a.seamId === seamId) ?? { seamId, why: '' }) ??
        before?.after ??
        [],
      notes: row.text('Notes') || before?.notes || '',
    },
  ];
}

/** All of them, or null when one is missing. */
function allOf(found: readonly (string | undefined)[]): string[] | null {
  return found.every((id) => id !== undefined) ? (found as string[]) : null;
}
