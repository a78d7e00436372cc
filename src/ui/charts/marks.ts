import type { AnnotationOptions } from 'chartjs-plugin-annotation';
import { hatchOf } from './hatch';
import type { Ink } from './chartInk';

/** What stands on a line chart beside its lines. */
export interface Marks {
  /** Where the setting stands now. */
  now?: { index: number; text: string };
  /** A level to be reached. */
  level?: { value: number; text: string };
  /** Values that may not be dialled. */
  shut?: readonly boolean[];
}

const word = (text: string, ink: Ink, colour: string) => ({
  display: true,
  content: text,
  color: colour,
  backgroundColor: ink.sheet,
  padding: { x: 4, y: 1 },
  font: { family: ink.text, size: 13, weight: 650 as never },
});

/** Values that are shut as hatched columns, the level to reach and the place of the dial as lines with a word. */
export function marksOn({ now, level, shut }: Marks, values: number, ink: Ink): AnnotationOptions[] {
  const closed = (shut ?? []).flatMap((isShut, i): AnnotationOptions[] =>
    isShut
      ? [
          {
            type: 'box',
            xMin: Math.max(0, i - 0.5),
            xMax: Math.min(values - 1, i + 0.5),
            borderWidth: 0,
            backgroundColor: hatchOf(ink, 0.45),
            drawTime: 'beforeDatasetsDraw',
          },
        ]
      : [],
  );
  const reach: AnnotationOptions[] = level
    ? [
        {
          type: 'line',
          yMin: level.value,
          yMax: level.value,
          borderColor: ink.red,
          borderWidth: 1.3,
          label: { ...word(level.text, ink, ink.red), position: 'end', yAdjust: -12 },
        },
      ]
    : [];
  const here: AnnotationOptions[] = now
    ? [
        {
          type: 'line',
          xMin: now.index,
          xMax: now.index,
          borderColor: ink.ink,
          borderWidth: 1.3,
          label: { ...word(now.text, ink, ink.ink), position: 'end', yAdjust: -14 },
        },
      ]
    : [];
  return [...closed, ...reach, ...here];
}
