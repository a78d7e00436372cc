import List from '@mui/material/List';
import ListItemButton from '@mui/material/ListItemButton';
import ListSubheader from '@mui/material/ListSubheader';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
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
      <List component="nav" aria-label={TEXT.pick} sx={{ display: { xs: 'none', md: 'block' }, py: 0 }}>
        {CALCULATION_GROUPS.map((group) => (
          <li key={group}>
            <List disablePadding>
              <ListSubheader disableSticky disableGutters sx={{ lineHeight: 2.2, background: 'none' }}>
                {group}
              </ListSubheader>
              {inGroup(group).map(({ id, name }) => (
                <ListItemButton
                  key={id}
                  selected={id === picked}
                  aria-current={id === picked ? 'true' : undefined}
                  onClick={() => onPick(id)}
                  sx={{ py: 0.5, px: 1.5, borderRadius: 1, minHeight: 36 }}
                >
                  {name}
                </ListItemButton>
              ))}
            </List>
          </li>
        ))}
      </List>
    </>
  );
}
