'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Cloth } from '@/core/cloth';
import { rescueOf } from '@/core/diagnose';
import type { Sign } from '@/core/stitch';
import { useUnits } from '../workspace';
import { RESCUE_TEXT as TEXT } from './text';

/** What can be done about a seam that is in the garment already, the least first. */
export function RescueWays({ sign, cloth }: { sign: Sign; cloth: Cloth | null }) {
  const { say } = useUnits();
  return (
    <Box component="section" aria-label={TEXT.title}>
      <Typography variant="h4" sx={{ mt: 1.5 }}>
        {TEXT.title}
      </Typography>
      <Box component="ol" sx={{ my: 0.5, pl: 3, '& li': { mb: 0.5 } }}>
        {rescueOf(sign, cloth).map(({ way, text }) => (
          <li key={text}>
            <strong>{TEXT.way[way]}</strong> {say(text)}
          </li>
        ))}
      </Box>
    </Box>
  );
}
