import { PLAIN_MACHINE } from '../../kit';
import type { StoredRow } from './recordChange';

/** A record that stands for one that is gone, so that what hangs on it can be used again. */
export interface Placeholder {
  table: 'cloths' | 'machines' | 'swatches';
  id: string;
  row: StoredRow;
}

/** A colour for a fabric nobody can describe any more. */
const COLOUR = '#c9b79c';

/**
 * Records in the place of one that is gone, under its own id.
 *
 * @param table - the kind of record that is missing
 * @param id - its id, which others still point at
 * @param at - now, ISO text
 * @param machineId - a machine of the workroom for a swatch; null makes one up
 * @returns the record and what it needs itself, first what is pointed at; empty when this kind cannot be made up
 */
export function placeholders(table: string, id: string, at: string, machineId: string | null): Placeholder[] {
  if (table === 'cloths') {
    const cloth = { name: 'Recovered fabric', structure: 'woven', family: 'other', traits: [] };
    const row = { id, cloth, colour: COLOUR, readings: [], where: '', notes: '', addedAt: at };
    return [{ table, id, row }];
  }
  if (table === 'machines') {
    const machine = { ...PLAIN_MACHINE, name: 'Recovered machine' };
    return [{ table, id, row: { id, machine, sewn: [], addedAt: at } }];
  }
  if (table !== 'swatches') return [];
  const clothId = `${id.slice(0, 60)}-fabric`;
  const ownMachine = `${id.slice(0, 60)}-machine`;
  const machine = machineId === null ? placeholders('machines', ownMachine, at, null) : [];
  const operation = { kind: 'join' };
  const row = {
    id,
    clothId,
    machineId: machineId ?? ownMachine,
    operation,
    startedAt: at,
    name: 'Recovered swatch',
    where: '',
    spares: [],
  };
  return [...placeholders('cloths', clothId, at, null), ...machine, { table, id, row }];
}
