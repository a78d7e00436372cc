'use client';

import { useMemo } from 'react';
import {
  arealMass,
  formatLength,
  formatMetres,
  formatNumber,
  lengthWords,
  printLengths,
  spiFromLength,
  type UnitSystem,
  withLengths,
} from '@/core/units';
import { usePreference, writePreference } from '@/data';

const metricOrInch = (system: UnitSystem) => {
  const words = lengthWords(system);
  const inch = system === 'inch';
  return {
    system,
    toggle: () => writePreference('units', inch ? 'metric' : 'inch'),
    length: (mm: number) => formatLength(mm, system),
    /** A rule of thumb: a round figure in either system. */
    round: words.round,
    /** A text of the core with its lengths printed. */
    say: (text: string) => withLengths(text, words),
    /** The same with every text inside. */
    printed: <T>(value: T): T => printLengths(value, words),
    metres: (mm: number) => formatMetres(mm, system),
    mass: (gsm: number) =>
      inch ? `${formatNumber(arealMass(gsm).ozPerSqYd, 1)} oz/yd²` : `${formatNumber(gsm, 0)} g/m²`,
    perInch: (lengthMm: number) => `${formatNumber(spiFromLength(lengthMm), 1)} per inch`,
  };
};

/** The person's units, and how things are printed in them. */
export function useUnits() {
  const system: UnitSystem = usePreference('units') ?? 'metric';
  return useMemo(() => metricOrInch(system), [system]);
}
