import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableSortLabel from '@mui/material/TableSortLabel';
import type { Table } from '@tanstack/react-table';

const SAID = { asc: 'ascending', desc: 'descending' } as const;

/** The headings: a press sorts by one, another press turns it round, a third lets go of it. */
export function Head<T>({ table }: { table: Table<T> }) {
  return (
    <TableHead>
      <TableRow aria-rowindex={1}>
        {table.getFlatHeaders().map(({ id, column }) => {
          const sorted = column.getIsSorted();
          const { name, align, width, bare } = column.columnDef.meta!.column;
          return (
            <TableCell
              key={id}
              align={align}
              component={bare ? 'td' : 'th'}
              aria-sort={sorted ? SAID[sorted] : undefined}
              style={{ width }}
            >
              {!bare && (
                <TableSortLabel
                  active={sorted !== false}
                  direction={sorted || 'asc'}
                  onClick={column.getToggleSortingHandler()}
                >
                  {name}
                </TableSortLabel>
              )}
            </TableCell>
          );
        })}
      </TableRow>
    </TableHead>
  );
}
