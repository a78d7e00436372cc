import Box from '@mui/material/Box';
import List from '@mui/material/List';
import ListItem from '@mui/material/ListItem';
import ListItemButton from '@mui/material/ListItemButton';
import ListSubheader from '@mui/material/ListSubheader';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { CALCULATION_GROUPS, CALCULATIONS } from '@/core/calculator';
import { TEXT } from './text';

interface Props {
  picked: string;
  onPick: (id: string) => void;
}

const inGroup = (group: (typeof CALCULATION_GROUPS)[number]) => CALCULATIONS.filter((one) => one.group === group);

/** All calculations: a list beside the form, and where it is narrow a field to pick from. */
export function CalculationList({ picked, onPick }: Props) {
  return (
    <>
      <TextField
        select
        fullWidth
        size="small"
        label={TEXT.pick}
        value={picked}
        onChange={(event) => onPick(event.target.value)}
        sx={{ display: { xs: 'flex', md: 'none' } }}
      >
        {CALCULATION_GROUPS.flatMap((group) => [
          <ListSubheader key={group}>{group}</ListSubheader>,
          ...inGroup(group).map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          )),
        ])}
      </TextField>
      <Box component="nav" aria-label={TEXT.pick} sx={{ display: { xs: 'none', md: 'block' } }}>
        {CALCULATION_GROUPS.map((group) => (
          <section key={group} aria-label={group}>
            <Typography variant="h3" component="h2" color="text.secondary" sx={{ mt: 1.5 }}>
              {group}
            </Typography>
            <List disablePadding>
              {inGroup(group).map(({ id, name }) => (
                <ListItem key={id} disablePadding>
                  <ListItemButton
                    component="button"
                    selected={id === picked}
                    aria-current={id === picked ? 'true' : undefined}
                    onClick={() => onPick(id)}
                    sx={{ px: 1.5, borderRadius: 1, minHeight: 44, fontSize: 'var(--type-press)' }}
                  >
                    {name}
                  </ListItemButton>
                </ListItem>
              ))}
            </List>
          </section>
        ))}
      </Box>
    </>
  );
}
