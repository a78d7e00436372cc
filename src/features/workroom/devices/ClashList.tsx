'use client';

import Button from '@mui/material/Button';
import List from '@mui/material/List';
import ListItem from '@mui/material/ListItem';
import ListItemText from '@mui/material/ListItemText';
import type { Clash } from '@/core/exchange';
import { usePreference } from '@/data';
import { closeClash, useOther as takeOther } from '@/data/changes';
import { useSay } from '@/parts/workspace';
import { upperFirst } from '@/core/units';
import { sayClash } from './sayClash';
import { DEVICES_TEXT as TEXT } from './text';

/** What two devices had both changed: what stayed, and the other version, which can be used instead. */
export function ClashList() {
  const clashes = usePreference('clashes');
  const say = useSay();
  if (!clashes?.length) return null;
  const use = async (clash: Clash, about: string) => {
    const isUsed = await takeOther(clash, TEXT.used(about));
    say(isUsed ? TEXT.used(about) : TEXT.cannot(about));
  };
  return (
    <section aria-labelledby="clashes">
      <h3 id="clashes">{TEXT.clashTitle}</h3>
      <List dense disablePadding>
        {clashes.map((clash, i) => {
          const { about, stays, other } = sayClash(clash);
          const canUse = clash.lost !== null;
          return (
            <ListItem key={`${clash.list} ${clash.id} ${clash.field} ${i}`} divider disableGutters sx={{ gap: 2 }}>
              <ListItemText primary={upperFirst(about)} secondary={canUse ? `${stays} ${other}` : stays} />
              {canUse && (
                <Button
                  variant="outlined"
                  sx={{ flexShrink: 0 }}
                  aria-label={TEXT.label(TEXT.use, about)}
                  onClick={() => void use(clash, about)}
                >
                  {TEXT.use}
                </Button>
              )}
              <Button
                sx={{ flexShrink: 0 }}
                aria-label={TEXT.label(TEXT.right, about)}
                onClick={() => void closeClash(clash)}
              >
                {TEXT.right}
              </Button>
            </ListItem>
          );
        })}
      </List>
    </section>
  );
}
