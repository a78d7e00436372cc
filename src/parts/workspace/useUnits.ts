'use client';

import { useMemo } from 'react';
import {
  formatMetres,
  formatNumber,
  lengthWords,
  printingIn,
  printLengths,
  spiFromLength,
  type UnitSystem,
  withLengths,
} from '@/core/units';
import { useUnitPreference, writePreference } from '@/data';
import { UNITS_TEXT } from './text';

const metricOrInch = (system: UnitSystem) => {
  const words = lengthWords(system);
  const inch = system === 'inch';
  return {
    system,
    toggle: () => writePreference('units', inch ? 'metric' : 'inch'),
    ...printingIn(system),
    /** A rule of thumb: a round figure in either system. */
    round: words.round,
    /** A text of the core with its lengths printed. */
    say: (text: string) => withLengths(text, words),
    /** The same with every text inside. */
    printed: <T>(value: T): T => printLengths(value, words),
    metres: (mm: number) => formatMetres(mm, system),
    /** Thread that will be used, by an estimate. */
    thread: words.thread,
    perInch: (lengthMm: number) => UNITS_TEXT.perInch(formatNumber(spiFromLength(lengthMm), 1)),
  };
};

/** The person's units, and how things are printed in them. */
export function useUnits() {
  const system: UnitSystem = useUnitPreference() ?? 'metric';
  return useMemo(() => metricOrInch(system), [system]);
}
