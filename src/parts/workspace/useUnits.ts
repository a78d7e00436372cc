'use client';

import { arealMass, formatLength, formatMetres, formatNumber, spiFromLength, type UnitSystem } from '@/core/units';
import { usePreference, writePreference } from '@/data';

/** The person's units, and how things are printed in them. */
export function useUnits() {
  const system: UnitSystem = usePreference('units') ?? 'metric';
  const inch = system === 'inch';
  return {
    system,
    toggle: () => writePreference('units', inch ? 'metric' : 'inch'),
    length: (mm: number) => formatLength(mm, system),
    metres: (mm: number) => formatMetres(mm, system),
    mass: (gsm: number) =>
      inch ? `${formatNumber(arealMass(gsm).ozPerSqYd, 1)} oz/yd²` : `${formatNumber(gsm, 0)} g/m²`,
    perInch: (lengthMm: number) => `${formatNumber(spiFromLength(lengthMm), 1)} per inch`,
  };
}
