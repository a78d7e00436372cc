'use client';

import { usePreference, writePreference } from '@/data';
import { CautionAlert, Tick } from '@/ui';
import { HANDS_FULL_TEXT as TEXT } from './text';

/** For when both hands hold the fabric: a switch that moves the steps, and steps that are read from a metre away. */
export function HandsFull() {
  const footSwitch = usePreference('footSwitch') ?? false;
  const big = usePreference('bigSteps') ?? false;
  return (
    <>
      <Tick name={TEXT.big} checked={big} onToggle={(on) => void writePreference('bigSteps', on)} />
      <Tick name={TEXT.footSwitch} checked={footSwitch} onToggle={(on) => void writePreference('footSwitch', on)} />
      {footSwitch && (
        <CautionAlert>
          <p>{TEXT.whereItLies}</p>
        </CautionAlert>
      )}
    </>
  );
}
