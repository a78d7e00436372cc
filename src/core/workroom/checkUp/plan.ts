import { type Machine, pressureSteps } from '../../kit';
import { clamp } from '../../numbers';
import { MM_PER_INCH, type UnitSystem } from '../../units';

/** What a line of the check-up is sewn for. */
export const CHECK_UP_PARTS = ['length', 'width', 'tension', 'pressure'] as const;
export type CheckUpPart = (typeof CHECK_UP_PARTS)[number];

/** One line of the check-up: what it is for, and where the dials stand for it. */
export interface CheckUpLine {
  /** As it is numbered on paper, from 1. */
  number: number;
  part: CheckUpPart;
  stitch: 'straight' | 'zigzag';
  lengthMm: number;
  widthMm: number;
  /** On the dial. */
  tension: number;
  /** On the dial. */
  pressure: string;
}

/** How far apart the marks are between which stitches are counted, and how long the strips are, mm. */
export interface CheckUpMarks {
  countedMm: number;
  stripsMm: number;
}

/** Marks a person can draw with the ruler at hand. */
export const CHECK_UP_MARKS: Readonly<Record<UnitSystem, CheckUpMarks>> = {
  metric: { countedMm: 100, stripsMm: 300 },
  inch: { countedMm: 4 * MM_PER_INCH, stripsMm: 12 * MM_PER_INCH },
};

/** Places of a dial that are tried, as shares of its whole way (model): spread over what people use. */
const TRIED = { length: [0.4, 0.6, 0.8], width: [0.3, 0.6, 0.9] } as const;
/** How far to each side of normal the needle tension is turned, in numbers on the dial (model). */
const TENSION_AWAY = 2;
const USUAL = { lengthMm: 2.5, zigzagLengthMm: 2 } as const;

const half = (mm: number) => Math.max(0.5, Math.round(mm * 2) / 2);
const unique = <T>(values: readonly T[]): T[] => [...new Set(values)];

/**
 * The lines that tell what a machine truly does: twelve for one with every dial, fewer where there is nothing to turn.
 *
 * @param machine - the machine
 * @returns in the order they are sewn, the dials changed as little as can be
 */
export function checkUpPlan(machine: Machine): CheckUpLine[] {
  const { tensionDial, pressureDial, maxLengthMm, maxWidthMm, stitches } = machine;
  const usual = {
    stitch: 'straight',
    lengthMm: Math.min(USUAL.lengthMm, maxLengthMm),
    widthMm: 0,
    tension: tensionDial.normal,
    pressure: String(pressureDial?.normal ?? 'fixed'),
  } as const;
  const widths = stitches.includes('zigzag') ? TRIED.width.map((share) => half(share * maxWidthMm)) : [];
  const tensions = [-TENSION_AWAY, 0, TENSION_AWAY].map((away) =>
    clamp(tensionDial.normal + away, tensionDial.min, tensionDial.max),
  );
  const lines: Omit<CheckUpLine, 'number'>[] = [
    ...unique(TRIED.length.map((share) => half(share * maxLengthMm))).map((lengthMm) => ({
      ...usual,
      part: 'length' as const,
      lengthMm,
    })),
    ...unique(maxWidthMm > 0 ? widths : []).map((widthMm) => ({
      ...usual,
      part: 'width' as const,
      stitch: 'zigzag' as const,
      lengthMm: Math.min(USUAL.zigzagLengthMm, maxLengthMm),
      widthMm,
    })),
    ...unique(tensions).map((tension) => ({ ...usual, part: 'tension' as const, tension })),
    ...pressuresToTry(machine).map((pressure) => ({ ...usual, part: 'pressure' as const, pressure })),
  ];
  return lines.map((line, i) => ({ number: i + 1, ...line }));
}

/** The normal mark and its neighbours; on a machine with one pressure, that one. */
function pressuresToTry({ pressureDial }: Machine): string[] {
  const marks = pressureSteps({ pressureDial }).map(({ position }) => position);
  const at = pressureDial ? marks.indexOf(String(pressureDial.normal)) : 0;
  return marks.slice(Math.max(0, at - 1), at + 2);
}
