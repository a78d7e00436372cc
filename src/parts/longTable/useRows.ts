'use client';

import {
  type ColumnDef,
  getCoreRowModel,
  getSortedRowModel,
  type RowData,
  type SortingState,
  useReactTable,
  type VisibilityState,
} from '@tanstack/react-table';
import { type ReactNode, useMemo, useState } from 'react';

/** One column of a table. */
export interface LongColumn<T> {
  id: string;
  name: string;
  /** The cell as words: what is exported, and what is shown where nothing else is. */
  text: (item: T) => string;
  /** What the column is sorted by; left out, its words. */
  sortBy?: (item: T) => string | number;
  render?: (item: T) => ReactNode;
  align?: 'left' | 'right';
  /** Width on a wide screen, as CSS says it; left out, what the others leave. */
  width?: string | number;
  /** Not shown until it is chosen. */
  hidden?: boolean;
  /** Cannot be left out. */
  always?: boolean;
  /** Nothing to sort or to export: ticks and the like. */
  bare?: boolean;
}

declare module '@tanstack/react-table' {
  // eslint-disable-next-line @typescript-eslint/no-unused-vars
  interface ColumnMeta<TData extends RowData, TValue> {
    column: LongColumn<never>;
  }
}

const definition = <T>(column: LongColumn<T>): ColumnDef<T> => ({
  id: column.id,
  header: column.name,
  accessorFn: column.sortBy ?? column.text,
  enableSorting: !column.bare,
  enableHiding: !column.always && !column.bare,
  sortUndefined: 'last',
  meta: { column: column as unknown as LongColumn<never> },
});

/** The rows of a table with its sorting and its chosen columns. Unsorted, they stand as they came. */
export function useRows<T>(items: readonly T[], columns: readonly LongColumn<T>[], keyOf: (item: T) => string) {
  const [sorting, setSorting] = useState<SortingState>([]);
  const [columnVisibility, setColumnVisibility] = useState<VisibilityState>(() =>
    Object.fromEntries(columns.filter((column) => column.hidden).map(({ id }) => [id, false])),
  );
  const definitions = useMemo(() => columns.map(definition), [columns]);
  // The table hands out functions that change with every drawing; nothing of it is kept.
  // eslint-disable-next-line react-hooks/incompatible-library
  return useReactTable({
    data: items as T[],
    columns: definitions,
    state: { sorting, columnVisibility },
    onSortingChange: setSorting,
    onColumnVisibilityChange: setColumnVisibility,
    getRowId: keyOf,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
}
