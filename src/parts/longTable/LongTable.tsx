'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { Row } from '@tanstack/react-table';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, type ReactNode, useLayoutEffect, useRef, useState } from 'react';
import { Head } from './Head';
import styles from './LongTable.module.css';
import { Tools } from './Tools';
import { type LongColumn, useRows } from './useRows';

interface Props<T> {
  label: string;
  items: readonly T[];
  keyOf: (item: T) => string;
  columns: readonly LongColumn<T>[];
  /** Height of one row, px, as near as can be said beforehand. */
  rowPx: number;
  /** What opens under a row, and which row is open. */
  detail?: (item: T) => ReactNode;
  openKey?: string | null;
  /** How a row stands, for its look. */
  stateOf?: (item: T) => string | undefined;
  /** What the exported file is called, without its ending; left out where the page has an export of its own. */
  fileName?: string;
  /** What stands beside the tools: how many were found, and what can be done with them. */
  children?: ReactNode;
}

/**
 * A table of any length: only the rows in sight are there, and it scrolls with the page under a head that stays. A
 * press on a heading sorts, columns are chosen, and what is shown can be exported. Arrow keys go from row to row.
 */
export function LongTable<T>(props: Props<T>) {
  const { label, items, columns, fileName, children } = props;
  const table = useRows(items, columns, props.keyOf);
  return (
    <div>
      <Tools table={table} fileName={fileName}>
        {children}
      </Tools>
      <Table aria-label={label} aria-rowcount={items.length + 1} className={styles.table}>
        <Head table={table} />
        <Rows {...props} table={table} />
      </Table>
    </div>
  );
}

function Rows<T>({
  keyOf,
  rowPx,
  detail,
  openKey,
  stateOf,
  table,
}: Props<T> & { table: ReturnType<typeof useRows<T>> }) {
  const { rows } = table.getRowModel();
  const body = useRef<HTMLTableSectionElement>(null);
  const top = useTopOf(body);
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: () => rowPx,
    overscan: 6,
    scrollMargin: top,
    getItemKey: (index) => rows[index].id,
  });
  const shown = virtual.getVirtualItems();
  const above = shown.length > 0 ? shown[0].start - top : 0;
  const below = virtual.getTotalSize() - (shown.length > 0 ? shown[shown.length - 1].end - top : 0);
  const span = table.getVisibleLeafColumns().length;
  const onKey = (event: KeyboardEvent<HTMLElement>) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const table = event.currentTarget.parentElement;
    const from = event.currentTarget.dataset.index;
    if (step === undefined || from === undefined || !isMain(event.target)) return;
    const to = Number(from) + step;
    if (to < 0 || to >= rows.length) return;
    event.preventDefault();
    virtual.scrollToIndex(to);
    // The row may be drawn only now.
    requestAnimationFrame(() => mainOf(table, to)?.focus());
  };
  return (
    <>
      <TableBody ref={body} aria-hidden>
        <TableRow style={{ height: above }} />
      </TableBody>
      {shown.map(({ index, key }) => (
        // Each in a body of its own: a row and what opens under it are measured together.
        <TableBody key={key} data-index={index} ref={virtual.measureElement} onKeyDown={onKey}>
          <OneRow row={rows[index]} index={index} state={stateOf?.(rows[index].original)} />
          {detail && openKey === keyOf(rows[index].original) && (
            <TableRow>
              <TableCell colSpan={span} data-detail>
                {detail(rows[index].original)}
              </TableCell>
            </TableRow>
          )}
        </TableBody>
      ))}
      <TableBody aria-hidden>
        <TableRow style={{ height: below }} />
      </TableBody>
    </>
  );
}

function OneRow<T>({ row, index, state }: { row: Row<T>; index: number; state: string | undefined }) {
  return (
    <TableRow aria-rowindex={index + 2} data-state={state}>
      {row.getVisibleCells().map((cell) => {
        const { render, text, align } = cell.column.columnDef.meta!.column as LongColumn<T>;
        return (
          <TableCell key={cell.id} align={align} data-column={cell.column.id}>
            {render ? render(row.original) : text(row.original)}
          </TableCell>
        );
      })}
    </TableRow>
  );
}

/** The press or the link a row is about. */
const isMain = (target: EventTarget) => target instanceof HTMLElement && target.closest('[data-main]') !== null;
const mainOf = (table: HTMLElement | null, index: number) =>
  table?.querySelector<HTMLElement>(`[data-index="${index}"] [data-main]`);

/** How far down the page the rows begin, px: it moves when something above opens. */
function useTopOf(body: React.RefObject<HTMLTableSectionElement | null>): number {
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    const measure = () => setTop((body.current?.getBoundingClientRect().top ?? 0) + window.scrollY);
    measure();
    const watcher = new ResizeObserver(measure);
    watcher.observe(document.body);
    return () => watcher.disconnect();
  }, [body]);
  return top;
}
