import List from '@mui/material/List';
import ListItem from '@mui/material/ListItem';
import ListItemButton from '@mui/material/ListItemButton';
import Typography from '@mui/material/Typography';
import type { Procedure, ProcedureId } from '@/core/procedure';
import type { Offer } from './useOffers';

interface Props {
  of: readonly Offer[];
  able: boolean;
  onBegin: (procedure: Procedure<ProcedureId>) => void;
}

/** Operations to begin: what does not suit the fabric is quieter, and never hidden. */
export function Operations({ of, able, onBegin }: Props) {
  return (
    <List disablePadding sx={{ mt: 0.5, borderTop: '2px solid', borderColor: 'text.primary' }}>
      {of.map(({ procedure, refused, says }) => (
        <ListItem key={procedure.id} disablePadding divider>
          <ListItemButton
            component="button"
            type="button"
            disabled={!able}
            data-unsuitable={refused || undefined}
            onClick={() => onBegin(procedure)}
            sx={{ minHeight: 48, px: 0.5, gap: 1.5, justifyContent: 'space-between', textAlign: 'left' }}
          >
            <Typography
              component="span"
              sx={{
                font: 'inherit',
                fontFamily: 'var(--display)',
                fontSize: 'var(--type-row)',
                fontWeight: refused ? 450 : 650,
                color: refused ? 'text.secondary' : 'text.primary',
              }}
            >
              {procedure.name}
            </Typography>
            <Typography
              component="span"
              variant="body2"
              sx={{ color: 'text.secondary', textAlign: 'right', textWrap: 'balance', minWidth: '4.2em' }}
            >
              {says}
            </Typography>
          </ListItemButton>
        </ListItem>
      ))}
    </List>
  );
}
