// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { type LongColumn, useRows } from './useRows';

interface Needle {
  id: string;
  name: string;
  hours: number;
}
const NEEDLES: Needle[] = [
  { id: 'a', name: 'Jeans 100/16', hours: 9 },
  { id: 'b', name: 'Ballpoint 75/11', hours: 10 },
  { id: 'c', name: 'Universal 80/12', hours: 0.5 },
];
const COLUMNS: readonly LongColumn<Needle>[] = [
  { id: 'name', name: 'Needle', always: true, text: ({ name }) => name },
  { id: 'hours', name: 'Hours', text: ({ hours }) => `${hours} h`, sortBy: ({ hours }) => hours },
  { id: 'where', name: 'Kept in', hidden: true, text: () => 'tin' },
  { id: 'pick', name: 'Selected', bare: true, text: () => '' },
];

describe('rows of a table', () => {
  const table = () => renderHook(() => useRows(NEEDLES, COLUMNS, ({ id }) => id)).result;
  const order = (now: ReturnType<typeof table>) => now.current.getRowModel().rows.map(({ id }) => id);
  const shown = (now: ReturnType<typeof table>) => now.current.getVisibleLeafColumns().map(({ id }) => id);

  it('stand as they came until a heading is pressed', () => expect(order(table())).toEqual(['a', 'b', 'c']));

  it('are sorted by what a number is worth, not by how it is written', () => {
    const now = table();
    act(() => now.current.getColumn('hours')!.toggleSorting(false));
    expect(order(now)).toEqual(['c', 'a', 'b']);
    act(() => now.current.getColumn('hours')!.toggleSorting(true));
    expect(order(now)).toEqual(['b', 'a', 'c']);
    act(() => now.current.getColumn('hours')!.clearSorting());
    expect(order(now)).toEqual(['a', 'b', 'c']);
  });

  it('show the columns that are chosen; one that names the row cannot be left out', () => {
    const now = table();
    expect(shown(now)).toEqual(['name', 'hours', 'pick']);
    act(() => now.current.getColumn('where')!.toggleVisibility());
    act(() => now.current.getColumn('hours')!.toggleVisibility());
    expect(shown(now)).toEqual(['name', 'where', 'pick']);
    expect(now.current.getColumn('name')!.getCanHide()).toBe(false);
    expect(now.current.getColumn('pick')!.getCanSort()).toBe(false);
  });
});
