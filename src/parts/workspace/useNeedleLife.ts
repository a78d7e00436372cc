'use client';

import { LIFE_HOURS } from '@/core/kit';
import { usePreference } from '@/data';

/** Hours a needle is kept by the school the person follows; null where hours do not decide. */
export function useNeedleLife(): number | null {
  const schools = usePreference('schools');
  return LIFE_HOURS[schools?.['needle-life'] ?? 'five-hours'];
}
