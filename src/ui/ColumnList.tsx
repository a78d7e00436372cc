import Box from '@mui/material/Box';
import { More } from './More';

interface Props {
  /** Each heading of a table with what stands under it. */
  columns: readonly { heading: string; means: string }[];
  summary: string;
  /** Opened, where the columns are fetched only then. */
  onOpen?: () => void;
}

/** The columns a table may have, folded away. It stands under the buttons it is beside, not among them. */
export function ColumnList({ columns, summary, onOpen }: Props) {
  return (
    <Box sx={{ flex: '1 0 100%' }}>
      <More summary={summary} onToggle={(open) => open && onOpen?.()}>
        <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: '150px 1fr', rowGap: 0.5 }}>
          {columns.map(({ heading, means }) => [
            <Box key={`${heading}?`} component="dt" sx={{ color: 'text.secondary' }}>
              {heading}
            </Box>,
            <Box key={heading} component="dd" sx={{ m: 0 }}>
              {means}
            </Box>,
          ])}
        </Box>
      </More>
    </Box>
  );
}
