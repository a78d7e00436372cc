'use client';

import { Chart, type ChartOptions, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { useRef } from 'react';
import { Scatter } from 'react-chartjs-2';
import { ChartFrame } from './ChartFrame';
import { type Ink, type InkName, useInk } from './chartInk';
import { tooltipIn } from './tooltip';
import { spokenText } from '../english';

Chart.register(Legend, LinearScale, LineElement, PointElement, Tooltip);

/** Points of one kind: shape as well as colour tells them apart. */
export interface PointSet {
  name: string;
  points: readonly { x: number; y: number }[];
  colour: InkName;
  shape: 'circle' | 'triangle' | 'rect' | 'crossRot';
  /** They are joined in order. */
  joined?: boolean;
}

interface Axis {
  label: string;
  min?: number;
  max?: number;
  /** A value as it stands beside the axis. */
  say?: (value: number) => string;
}

interface Props {
  label: string;
  x: Axis;
  y: Axis;
  sets: readonly PointSet[];
  height: number;
}

/** Points on a plane, in the hand of the drawings. */
export default function PointChart({ label, x, y, sets, height }: Props) {
  const ink = useInk();
  const chart = useRef<Chart<'scatter'> | null>(null);
  if (!ink) return <div style={{ height }} />;
  return (
    <ChartFrame
      label={label}
      height={height}
      columns={{ at: x.label, value: y.label }}
      values={sets.flatMap(({ name, points }, datasetIndex) =>
        points.map((p, index) => ({ series: name, at: sayOn(x, p.x), value: sayOn(y, p.y), datasetIndex, index })),
      )}
      chart={chart as never}
    >
      <Scatter
        ref={chart}
        aria-hidden
        data={{
          datasets: sets.map(({ name, points, colour, shape, joined }) => ({
            label: spokenText(name),
            data: points.map((p) => ({ ...p })),
            borderColor: ink[colour],
            backgroundColor: ink[colour],
            borderWidth: 1.8,
            pointStyle: shape,
            pointRadius: 6,
            showLine: joined ?? false,
          })),
        }}
        options={optionsOf(x, y, sets.length > 1, ink)}
      />
    </ChartFrame>
  );
}

const PRINTED = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 2 });
const sayOn = ({ say }: Axis, value: number) => (say ? say(value) : PRINTED.format(value));

function optionsOf(x: Axis, y: Axis, legend: boolean, ink: Ink): ChartOptions<'scatter'> {
  const font = { family: ink.text, size: 13 };
  const scale = ({ label, min, max, say }: Axis) => ({
    min,
    max,
    title: { display: true, text: spokenText(label), color: ink['ink-2'], font },
    grid: { color: ink.rule },
    border: { color: ink.ink },
    ticks: {
      color: ink['ink-2'],
      font,
      maxTicksLimit: 6,
      ...(say && { callback: (value: number | string) => say(Number(value)) }),
    },
  });
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    plugins: {
      legend: {
        display: legend,
        position: 'bottom',
        onClick: () => {},
        labels: { usePointStyle: true, font, color: ink.ink },
      },
      tooltip: {
        ...tooltipIn(ink),
        callbacks: {
          title: ([first]) => first?.dataset.label ?? '',
          label: ({ parsed }) => `${sayOn(x, parsed.x ?? 0)}: ${sayOn(y, parsed.y ?? 0)}`,
        },
      },
    },
    scales: { x: scale(x), y: scale(y) },
  };
}
