'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { serverAnswers } from './server';
import { TroublePlate } from './Plate';
import { BOUNDARY_TEXT as TEXT } from './text';

/** Whether an error says that a part of the program could not be fetched. */
export const isNotLoaded = ({ name, message }: Error): boolean =>
  name === 'ChunkLoadError' || /loading chunk|dynamically imported module|failed to load/i.test(message);

/** Said where a page could not be fetched because nothing answers any more. */
export function Stopped({ onBack }: { onBack: () => void }) {
  const [still, setStill] = useState(false);
  const again = async () => {
    if (await serverAnswers()) onBack();
    else setStill(true);
  };
  return (
    <TroublePlate
      title={TEXT.stopped}
      text={
        <>
          <p>{TEXT.stoppedText}</p>
          <p role="status">{still && TEXT.stillStopped}</p>
        </>
      }
    >
      <Button variant="contained" onClick={() => void again()}>
        {TEXT.again}
      </Button>
    </TroublePlate>
  );
}
