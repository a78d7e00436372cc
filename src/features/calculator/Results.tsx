import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { Calculated, Result } from '@/core/calculator';
import type { Provenance } from '@/core/result';
import { Origin, StopAlert } from '@/ui';
import { resultText } from './resultText';
import { TEXT } from './text';

interface Props {
  found: Calculated;
  /** What the numbers rest on. */
  rests: Provenance;
  printed: Parameters<typeof resultText>[1];
}

/** What comes out: the number that was looked for large, the others below; or why nothing does. */
export function Results({ found, rests, printed }: Props) {
  if (!found.ok)
    return 'blocked' in found ? (
      <StopAlert title={TEXT.cannot}>
        {found.blocked.map(({ code, text }) => (
          <p key={code}>{printed.say(text)}</p>
        ))}
      </StopAlert>
    ) : (
      <Typography>{TEXT.fix}</Typography>
    );
  const { results, notes = [] } = found.worked;
  const main = results.find((result) => result.main) ?? results[0];
  // Where all of it rests on the same, it is said once.
  const several = results.some((result) => (result.rests ?? rests) !== (main.rests ?? rests));
  return (
    <>
      <Main result={main} rests={main.rests ?? rests} printed={printed} />
      <Table size="small" sx={{ maxWidth: '36rem' }}>
        <TableBody>
          {results
            .filter((result) => result !== main)
            .map((result) => (
              <TableRow key={result.label}>
                <TableCell component="th" scope="row" sx={{ pl: 0 }}>
                  {printed.say(result.label)}
                </TableCell>
                <TableCell align="right" sx={{ pr: 0, fontWeight: 600, fontSize: 'var(--type-press)' }}>
                  {resultText(result, printed)}
                </TableCell>
                {several && (
                  <TableCell sx={{ pr: 0 }}>
                    <Origin of={result.rests ?? rests} />
                  </TableCell>
                )}
              </TableRow>
            ))}
        </TableBody>
      </Table>
      {notes.map((note) => (
        <Typography key={note} variant="body2" color="text.secondary">
          {printed.say(note)}
        </Typography>
      ))}
    </>
  );
}

function Main({ result, rests, printed }: { result: Result; rests: Provenance; printed: Props['printed'] }) {
  return (
    <Box component="dl" sx={{ m: 0 }}>
      <Typography component="dt" color="text.secondary">
        {printed.say(result.label)}
      </Typography>
      <Typography component="dd" sx={{ m: 0, fontSize: 'var(--type-dial)', fontWeight: 650, lineHeight: 1.15 }}>
        {resultText(result, printed)}
      </Typography>
      <Box component="dd" sx={{ m: 0 }}>
        <Origin of={rests} />
      </Box>
    </Box>
  );
}
