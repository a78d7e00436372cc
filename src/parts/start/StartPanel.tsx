'use client';

import Button from '@mui/material/Button';
import type { StartProblem } from '@/data';
import { TroublePlate } from '../boundary/Plate';
import { START_TEXT, START_PANEL_TEXT } from './text';
import { START_WORDS } from './words';

/** Why Bobbet cannot start, in the place of everything else. */
export function StartPanel({ problem }: { problem: StartProblem }) {
  const { title, text } = START_TEXT[problem];
  return (
    <main id="task">
      <h1 className="unseen">{START_PANEL_TEXT.bobbet}</h1>
      <TroublePlate title={title} text={text}>
        <Button variant="contained" onClick={() => window.location.reload()}>
          {problem === 'updated-elsewhere' ? START_WORDS.reload : START_WORDS.again}
        </Button>
      </TroublePlate>
    </main>
  );
}
