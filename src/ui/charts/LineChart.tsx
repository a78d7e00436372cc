'use client';

import {
  CategoryScale,
  Chart,
  type ChartData,
  type ChartOptions,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import annotation from 'chartjs-plugin-annotation';
import { useRef } from 'react';
import { Line } from 'react-chartjs-2';
import { ChartFrame, type ChartValue } from './ChartFrame';
import { type Ink, type InkName, useInk } from './chartInk';
import { type Marks, marksOn } from './marks';
import { tooltipIn } from './tooltip';
import { spokenText } from '../english';

Chart.register(annotation, CategoryScale, Legend, LinearScale, LineElement, PointElement, Tooltip);

/** One line: its name, its values over the x values, and how it is drawn apart from the others. */
export interface ChartLine {
  name: string;
  values: readonly number[];
  colour: InkName;
  /** Dashes in px; none for a full line. */
  dash?: readonly number[];
  thick?: boolean;
  /** Marks every value: for the few that were measured. */
  dots?: boolean;
}

interface Props extends Marks {
  /** What a screen reader says of it. */
  label: string;
  x: { label: string; values: readonly string[] };
  y: { label: string; max?: number };
  lines: readonly ChartLine[];
  height: number;
}

/** A line chart in the hand of the drawings: thin rules, dashes before colours, words on the lines that matter. */
export default function LineChart(props: Props) {
  const ink = useInk();
  const chart = useRef<Chart<'line'> | null>(null);
  const { label, height, x, y } = props;
  if (!ink) return <div style={{ height }} />;
  return (
    <ChartFrame
      label={label}
      height={height}
      columns={{ at: x.label, value: y.label }}
      values={valuesOf(props)}
      chart={chart as never}
    >
      <Line ref={chart} data={dataOf(props, ink)} options={optionsOf(props, ink)} aria-hidden />
    </ChartFrame>
  );
}

const PRINTED = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 2 });

/** What a reader sees as “now” comes first: the thick line before the others. */
function valuesOf({ x, lines }: Props): ChartValue[] {
  const order = lines
    .map((_, i) => i)
    .sort((a, b) => Number(lines[b].thick ?? false) - Number(lines[a].thick ?? false));
  return order.flatMap((datasetIndex) =>
    lines[datasetIndex].values.flatMap((value, index) =>
      Number.isFinite(value)
        ? [{ series: lines[datasetIndex].name, at: x.values[index], value: PRINTED.format(value), datasetIndex, index }]
        : [],
    ),
  );
}

function dataOf({ x, lines }: Props, ink: Ink): ChartData<'line'> {
  return {
    labels: x.values.map(spokenText),
    datasets: lines.map(({ name, values, colour, dash, thick, dots }) => ({
      label: spokenText(name),
      data: [...values],
      borderColor: ink[colour],
      borderWidth: thick ? 2.6 : 1.6,
      borderDash: [...(dash ?? [])],
      pointRadius: dots ? 4.5 : 0,
      pointHoverRadius: 5,
      pointHoverBorderColor: ink.ink,
      pointBackgroundColor: ink[colour],
      pointStyle: dots ? ('circle' as const) : ('line' as const),
    })),
  };
}

function optionsOf({ x, y, lines, now, level, shut }: Props, ink: Ink): ChartOptions<'line'> {
  const font = { family: ink.text, size: 13 };
  const title = (text: string) => ({ display: true, text: spokenText(text), color: ink['ink-2'], font });
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    interaction: { mode: 'nearest', axis: 'x', intersect: false },
    layout: { padding: { top: 18 } },
    plugins: {
      legend: {
        display: lines.length > 1,
        position: 'bottom',
        onClick: () => {},
        labels: {
          usePointStyle: true,
          pointStyleWidth: 34,
          font,
          // The legend of a point has no dashes of its own, and they are what tells the lines apart.
          generateLabels: () =>
            lines.map(({ name, colour, dash, thick }, datasetIndex) => ({
              text: spokenText(name),
              datasetIndex,
              fontColor: ink.ink,
              strokeStyle: ink[colour],
              lineWidth: thick ? 2.6 : 1.6,
              lineDash: [...(dash ?? [])],
              pointStyle: 'line' as const,
            })),
        },
      },
      tooltip: {
        ...tooltipIn(ink),
        callbacks: {
          title: ([first]) => `${x.label}: ${first?.label ?? ''}`,
          label: ({ dataset, parsed }) => `${dataset.label}: ${PRINTED.format(parsed.y ?? 0)}`,
        },
      },
      annotation: { clip: false, annotations: marksOn({ now, level, shut }, x.values.length, ink) },
    },
    scales: {
      x: {
        title: title(x.label),
        grid: { display: false },
        border: { color: ink.ink },
        ticks: { color: ink['ink-2'], font, maxRotation: 0, autoSkipPadding: 14 },
      },
      y: {
        title: title(y.label),
        min: 0,
        max: y.max,
        grid: { color: ink.rule },
        border: { display: false },
        ticks: { color: ink['ink-2'], font, maxTicksLimit: 5 },
      },
    },
  };
}
