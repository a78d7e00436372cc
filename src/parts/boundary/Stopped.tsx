'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { serverAnswers } from './server';
import { TroublePlate } from './Plate';
import { BOUNDARY_TEXT as TEXT } from './text';

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
