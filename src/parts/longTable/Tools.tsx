'use client';

import CheckBox from '@mui/icons-material/CheckBox';
import CheckBoxOutlineBlank from '@mui/icons-material/CheckBoxOutlineBlank';
import FileDownloadOutlined from '@mui/icons-material/FileDownloadOutlined';
import ViewColumnOutlined from '@mui/icons-material/ViewColumnOutlined';
import Button from '@mui/material/Button';
import ListItemIcon from '@mui/material/ListItemIcon';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { Table } from '@tanstack/react-table';
import { type ReactNode, useState } from 'react';
import { saveFile, today } from '../workspace';
import styles from './LongTable.module.css';
import { TABLE_TEXT as TEXT } from './text';
import type { LongColumn } from './useRows';

interface Props<T> {
  table: Table<T>;
  fileName?: string;
  children: ReactNode;
}

/** What can be done with the table as it is shown. */
export function Tools<T>({ table, fileName, children }: Props<T>) {
  const write = async () => {
    const { guarded, tableText } = await import('@/data/csv');
    const shown = table
      .getVisibleLeafColumns()
      .map(({ columnDef }) => columnDef.meta!.column as unknown as LongColumn<T>)
      .filter(({ bare }) => !bare);
    const cells = table.getRowModel().rows.map(({ original }) => shown.map(({ text }) => guarded(text(original))));
    saveFile(`${fileName}-${today()}.csv`, tableText([shown.map(({ name }) => name), ...cells]), 'text/csv');
  };
  return (
    <div className={styles.tools}>
      {children}
      <span className={styles.presses}>
        <Columns table={table} />
        {fileName && (
          <Button startIcon={<FileDownloadOutlined />} onClick={() => void write()}>
            {TEXT.export}
          </Button>
        )}
      </span>
    </div>
  );
}

function Columns<T>({ table }: { table: Table<T> }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const columns = table.getAllLeafColumns().filter((column) => !column.columnDef.meta!.column.bare);
  return (
    <>
      <Button
        startIcon={<ViewColumnOutlined />}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {TEXT.columns}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {columns.map((column) => (
          <MenuItem
            key={column.id}
            role="menuitemcheckbox"
            aria-checked={column.getIsVisible()}
            disabled={!column.getCanHide()}
            onClick={() => column.toggleVisibility()}
          >
            <ListItemIcon>
              {column.getIsVisible() ? <CheckBox color="secondary" /> : <CheckBoxOutlineBlank />}
            </ListItemIcon>
            {column.columnDef.meta!.column.name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
