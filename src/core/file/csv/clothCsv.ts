import {
  clothOf,
  FAMILIES,
  FAMILY,
  familyFromName,
  fibreText,
  parseFibres,
  STRUCTURES,
  type Trait,
  TRAITS,
} from '../../cloth';
import { formatNumber, parseArealMassGsm, parseLengthMm } from '../../units';
import { type ClothRecord, clothRecordSchema } from '../records';
import type { RowReader } from './cells';
import { readRecords, type ReadRecords } from './result';
import { type Column, writeRows } from './table';

const number = (value: number | undefined) => (value === undefined ? '' : formatNumber(value, 3));

/** The columns of a cloth file. */
// prettier-ignore
export const CLOTH_COLUMNS: readonly Column<ClothRecord>[] = [
  { heading: 'Name', means: 'what it is called', path: 'cloth.name', write: (r) => r.cloth.name },
  { heading: 'Closest to', means: 'a kind of fabric; if empty, taken from its name', also: [{ heading: 'Most like' }, { heading: 'Family' }], path: 'cloth.family', write: (r) => FAMILY[r.cloth.family].name },
  { heading: 'Made as', means: STRUCTURES.join(', '), also: [{ heading: 'Structure' }], path: 'cloth.structure', write: (r) => r.cloth.structure },
  { heading: 'Fibres', means: 'such as cotton 95, elastane 5', also: [{ heading: 'Fibre' }, { heading: 'Composition' }], path: 'cloth.fibres', write: (r) => fibreText(r.cloth.fibres) },
  { heading: 'Weight g/m²', means: 'of one layer', also: [{ heading: 'Weight' }, { heading: 'gsm' }, { heading: 'Weight oz/yd²', unit: 'oz' }, { heading: 'Weight oz', unit: 'oz' }, { heading: 'Momme', unit: 'momme' }], path: 'cloth.massGsm', write: (r) => number(clothOf(r).massGsm) },
  { heading: 'Thickness mm', means: 'of one layer', also: [{ heading: 'Thickness' }, { heading: 'Thickness in', unit: 'in' }], path: 'cloth.thicknessMm', write: (r) => number(clothOf(r).thicknessMm) },
  { heading: 'Stretch across %', means: 'how far it stretches', also: [{ heading: 'Stretch across' }, { heading: 'Stretch %' }, { heading: 'Stretch' }], path: 'cloth.stretchAcross', write: (r) => number(clothOf(r).stretchAcross) },
  { heading: 'Stretch along %', means: 'the other way', also: [{ heading: 'Stretch along' }], path: 'cloth.stretchAlong', write: (r) => number(clothOf(r).stretchAlong) },
  { heading: 'Recovery %', means: 'how far it goes back after stretching', also: [{ heading: 'Comes back %' }, { heading: 'Recovery' }], path: 'cloth.recovery', write: (r) => number(clothOf(r).recovery) },
  { heading: 'Traits', means: `several, with ; between: ${TRAITS.join(', ')}`, path: 'cloth.traits', write: (r) => r.cloth.traits.join('; ') },
  { heading: 'Colour', means: 'such as #a1b2c3', also: [{ heading: 'Color' }], path: 'colour', write: (r) => r.colour },
  { heading: 'Kept in', means: 'where it is kept', also: [{ heading: 'Where' }], path: 'where', write: (r) => r.where },
  { heading: 'Notes', means: 'anything else', path: 'notes', write: (r) => r.notes },
  { heading: 'Key', means: 'as exported: changes that fabric; empty: a new one', also: [{ heading: 'Id' }], path: 'id', write: (r) => r.id },
];

/** The drawer as a table. What was measured is written as measured. */
export const writeCloths = (records: readonly ClothRecord[]): string[][] => writeRows(CLOTH_COLUMNS, records);

/** Where new records get their key and moment from. */
export interface FreshFrom {
  newId: () => string;
  now: string;
}

/**
 * Reads a cloth table, all of it or nothing.
 *
 * A row with a known key changes that cloth by the cells that differ from what would be exported now, and keeps its
 * readings, photo and whatever the file does not say; any other row is a new cloth.
 *
 * @param table - cells, headings first
 * @param known - the cloths that are here
 * @param fresh - keys and moment for new ones
 * @returns cloths to store, or every wrong cell
 */
export function readCloths(
  table: readonly (readonly string[])[],
  known: readonly ClothRecord[],
  fresh: FreshFrom,
): ReadRecords<ClothRecord> {
  const build = (row: RowReader, before: ClothRecord | undefined) => clothRow(row, before, fresh);
  return readRecords(CLOTH_COLUMNS, table, ['Name'], known, build, clothRecordSchema);
}

const DRAWN = '#b9c0b0';

function clothRow(row: RowReader, before: ClothRecord | undefined, fresh: FreshFrom): unknown[] | null {
  if (row.lacks('Name', 'a name')) return null;
  const name = row.text('Name') || before!.cloth.name;
  const family =
    row.word('Closest to', FAMILIES, (id) => FAMILY[id].name) ??
    before?.cloth.family ??
    familyFromName(name) ??
    'other';
  const structure = row.word('Made as', STRUCTURES, (id) => id) ?? before?.cloth.structure ?? FAMILY[family].structure;
  const fibres = row.by(
    'Fibres',
    (text) => parseFibres(text) ?? null,
    'fibres with percents, such as cotton 95, elastane 5',
  );
  const cloth = {
    ...before?.cloth,
    name,
    family,
    structure,
    traits:
      row.by('Traits', traitsOf, `traits out of ${TRAITS.join(', ')}, with ; between`) ?? before?.cloth.traits ?? [],
    ...given('fibres', fibres),
    ...given('massGsm', row.quantity('Weight g/m²', parseArealMassGsm, 'a weight, such as 160, 12 oz or 19 momme')),
    ...given(
      'thicknessMm',
      row.quantity('Thickness mm', (text) => parseLengthMm(text, 'mm'), 'a thickness in mm'),
    ),
    ...given('stretchAcross', row.number('Stretch across %', '%', 'a percent')),
    ...given('stretchAlong', row.number('Stretch along %', '%', 'a percent')),
    ...given('recovery', row.number('Recovery %', '%', 'a percent')),
  };
  return [
    {
      ...(before ?? { addedAt: fresh.now }),
      id: before?.id ?? (row.text('Key') || fresh.newId()),
      cloth,
      colour: row.text('Colour') || before?.colour || DRAWN,
      where: row.text('Kept in') || before?.where || '',
      notes: row.text('Notes') || before?.notes || '',
    },
  ];
}

const given = (key: string, value: unknown) => (value === undefined ? {} : { [key]: value });

function traitsOf(text: string): Trait[] | null {
  const words = text
    .split(/[;,]/)
    .map((word) => word.trim().toLowerCase().replace(/\s+/g, '-'))
    .filter(Boolean);
  const known = words.filter((word): word is Trait => (TRAITS as readonly string[]).includes(word));
  return known.length === words.length ? [...new Set(known)] : null;
}
