'use client';

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { type ReactNode, useLayoutEffect, useRef, useState } from 'react';
import styles from './LongList.module.css';

interface Props<T> {
  label: string;
  items: readonly T[];
  keyOf: (item: T) => string;
  children: (item: T) => ReactNode;
  /** Height of one row, px, as near as can be said beforehand. */
  rowPx: number;
  /** Least width of one column, px; left out, the list has one column. */
  columnPx?: number;
  gapPx?: number;
}

/** A list of any length: only the rows in sight are there. It scrolls with the page. */
export function LongList<T>({ label, items, keyOf, children, rowPx, columnPx, gapPx = 0 }: Props<T>) {
  const list = useRef<HTMLUListElement>(null);
  const [place, setPlace] = useState({ width: 0, top: 0 });
  useLayoutEffect(() => {
    const element = list.current!;
    const measure = () => setPlace({ width: element.clientWidth, top: element.offsetTop });
    const watcher = new ResizeObserver(measure);
    watcher.observe(element);
    watcher.observe(document.body);
    return () => watcher.disconnect();
  }, []);
  const columns = columnPx ? Math.max(1, Math.floor((place.width + gapPx) / (columnPx + gapPx))) : 1;
  const rows = Math.ceil(items.length / columns);
  const virtual = useWindowVirtualizer({
    count: place.width === 0 ? 0 : rows,
    estimateSize: () => rowPx,
    overscan: 4,
    gap: gapPx,
    scrollMargin: place.top,
  });
  return (
    <ul ref={list} aria-label={label} className={styles.list} style={{ height: virtual.getTotalSize() }}>
      {virtual.getVirtualItems().flatMap((row) =>
        items.slice(row.index * columns, (row.index + 1) * columns).map((item, column) => (
          <li
            key={keyOf(item)}
            data-index={row.index}
            ref={column === 0 ? virtual.measureElement : undefined}
            aria-setsize={items.length}
            aria-posinset={row.index * columns + column + 1}
            style={{
              top: row.start - place.top,
              left: `calc((100% + ${gapPx}px) / ${columns} * ${column})`,
              width: `calc((100% + ${gapPx}px) / ${columns} - ${gapPx}px)`,
            }}
          >
            {children(item)}
          </li>
        )),
      )}
    </ul>
  );
}
