'use client';

import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import annotation, { type AnnotationOptions } from 'chartjs-plugin-annotation';
import { useRef } from 'react';
import { Bar } from 'react-chartjs-2';
import { ChartFrame } from './ChartFrame';
import { type Ink, useInk } from './chartInk';
import { hatchOf } from './hatch';
import { spokenText } from '../english';

Chart.register(annotation, BarElement, CategoryScale, LinearScale, Tooltip);

interface Props {
  label: string;
  /** What the bars and their numbers are, over the table of them. */
  columns: { at: string; value: string };
  /** Longest first; `note` is the number as it stands at the end of the bar. */
  bars: readonly { name: string; value: number; note: string }[];
}

const ROW_PX = 34;

/** A few bars, each with its name before it and its number behind it: nothing to be read off an axis. */
export default function BarChart({ label, columns, bars }: Props) {
  const ink = useInk();
  const chart = useRef<Chart<'bar'> | null>(null);
  const height = ROW_PX * bars.length + 12;
  if (!ink) return <div style={{ height }} />;
  return (
    <ChartFrame
      label={`${label}: ${bars.map(({ name, note }) => `${name} ${note}`).join(', ')}`}
      height={height}
      columns={columns}
      values={bars.map(({ name, note }, index) => ({ series: label, at: name, value: note, datasetIndex: 0, index }))}
      chart={chart as never}
    >
      <Bar
        ref={chart}
        aria-hidden
        data={{
          labels: bars.map(({ name }) => spokenText(name)),
          datasets: [
            {
              data: bars.map(({ value }) => value),
              backgroundColor: hatchOf(ink),
              borderColor: ink.ink,
              borderWidth: 1.3,
              barThickness: 18,
            },
          ],
        }}
        options={{
          indexAxis: 'y',
          animation: false,
          responsive: true,
          maintainAspectRatio: false,
          layout: { padding: { right: 64 } },
          // The number stands behind the bar for everyone: nothing is left for a hover to tell.
          plugins: {
            legend: { display: false },
            tooltip: { enabled: false },
            annotation: { clip: false, annotations: notesOf(bars, ink) },
          },
          scales: {
            x: { display: false, min: 0 },
            y: {
              grid: { display: false },
              border: { color: ink.ink },
              ticks: { color: ink.ink, font: { family: ink.text, size: 14 } },
            },
          },
        }}
      />
    </ChartFrame>
  );
}

/** The number of each bar, behind its end. */
const notesOf = (bars: Props['bars'], ink: Ink): AnnotationOptions[] =>
  bars.map(({ value, note }, i) => ({
    type: 'label',
    xValue: value,
    yValue: i,
    content: note,
    position: { x: 'start', y: 'center' },
    xAdjust: 6,
    padding: 0,
    color: ink.ink,
    font: { family: ink.text, size: 14, weight: 650 as never },
  }));
