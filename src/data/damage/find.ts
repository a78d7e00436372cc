import { idFieldOf, type LinkedList, linkedId, type Link, linksFrom, LISTS } from '@/core/file';
import { recordName } from '@/core/workroom';
import { database } from '../database';
import { readOnce } from '../readOnce';
import { inPages } from '../repository';
import type { Damage } from './state';

interface Seen {
  table: LinkedList;
  id: string;
  name: string;
  links: { link: Link; target: string }[];
}

/**
 * Looks through the whole workroom, page by page, for records that cannot be read and links that lead nowhere.
 *
 * @returns every finding; nothing is changed
 */
export async function findDamage(): Promise<Damage[]> {
  const wrong: Damage[] = [];
  const known = new Map<string, Set<string>>();
  const linked: Seen[] = [];
  for (const table of LISTS) {
    const ids = new Set<string>();
    known.set(table, ids);
    const links = linksFrom(table);
    await inPages(database.table(table), (raw) => {
      // A damaged key need not be a text; it is kept as it is, to find the record by.
      const id = (raw as Record<string, string>)[idFieldOf(table)];
      const read = readOnce(table, raw);
      if (!read.ok) {
        wrong.push({
          table,
          id,
          name: recordName(table, raw),
          kind: 'unreadable',
          path: read.path,
          problem: read.problem,
        });
        return undefined;
      }
      ids.add(id);
      if (links.length === 0) return undefined;
      const targets = links.flatMap((link) => {
        const target = linkedId(read.record, link);
        return target === null ? [] : [{ link, target }];
      });
      linked.push({ table, id, name: recordName(table, read.record), links: targets });
      return undefined;
    });
  }
  return [...wrong, ...hanging(linked, known)];
}

/** Links that lead nowhere, and what hangs on what hangs itself. */
function hanging(linked: readonly Seen[], known: Map<string, Set<string>>): Damage[] {
  const found: Damage[] = [];
  let open = [...linked];
  for (let count = -1; count !== open.length;) {
    count = open.length;
    open = open.filter(({ table, id, name, links }) => {
      const lost = links.find(({ link, target }) => link.ifGone === 'goes-too' && !known.get(link.to)?.has(target));
      if (!lost) return true;
      known.get(table)!.delete(id);
      const problem = `its ${recordName(lost.link.to, null)} is missing or cannot be read`;
      found.push({ table, id, name, kind: 'hanging', path: lost.link.field, problem });
      return false;
    });
  }
  for (const { table, id, name, links } of open) {
    const lost = links.find(({ link, target }) => link.ifGone === 'is-cleared' && !known.get(link.to)?.has(target));
    if (!lost) continue;
    const problem = `its ${recordName(lost.link.to, null)} is missing`;
    found.push({ table, id, name, kind: 'loose', path: lost.link.field, problem });
  }
  return found;
}
