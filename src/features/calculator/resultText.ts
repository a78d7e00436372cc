import type { Result } from '@/core/calculator';
import { formatForce, formatNumber, type Printing } from '@/core/units';
import { TEXT } from './text';

interface Units extends Printing {
  metres: (mm: number) => string;
  thread: (mm: number) => string;
  say: (text: string) => string;
}

/** A result as it is read: lengths in the person's units, stitches in mm. */
export function resultText({ value, unit, digits = 0 }: Result, units: Units): string {
  if (value === null) return TEXT.notKnown;
  if (typeof value === 'string') return units.say(value);
  const plain = formatNumber(value, digits);
  switch (unit) {
    case 'mm':
      return units.length(value);
    case 'metres':
      return units.metres(value);
    case 'thread':
      return units.thread(value);
    case 'newton':
      return formatForce(value);
    case 'stitch-mm':
      return `${plain} mm`;
    case 'percent':
      return `${plain}%`;
    case 'degrees':
      return `${plain}°`;
    case 'per-inch':
      return `${formatNumber(value, 1)} per inch`;
    case 'speed':
      return `${plain} stitches a minute`;
    default:
      return plain;
  }
}
