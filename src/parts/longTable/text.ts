/** What every long table offers. */
export const TABLE_TEXT = {
  columns: 'Columns',
  export: 'Export as CSV',
} as const;
