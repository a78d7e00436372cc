'use client';

import {
  CategoryScale,
  Chart,
  type ChartData,
  type ChartOptions,
  type ChartType,
  Legend,
  LinearScale,
  LineElement,
  type Plugin,
  PointElement,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import { type Ink, type InkName, useInk } from './chartInk';

Chart.register(CategoryScale, Legend, LinearScale, LineElement, PointElement);

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

interface Props {
  /** What a person who cannot see it is told. */
  label: string;
  x: { label: string; values: readonly string[] };
  y: { label: string; max?: number };
  lines: readonly ChartLine[];
  /** Where the setting stands now. */
  now?: { index: number; text: string };
  /** A level to be reached. */
  level?: { value: number; text: string };
  /** Values that may not be dialled. */
  shut?: readonly boolean[];
  height: number;
}

/** A line chart in the hand of the drawings: thin rules, dashes before colours, words on the lines that matter. */
export default function LineChart(props: Props) {
  const ink = useInk();
  if (!ink) return <div style={{ height: props.height }} />;
  return (
    <div style={{ height: props.height, position: 'relative' }} role="img" aria-label={props.label}>
      <Line data={dataOf(props, ink)} options={optionsOf(props, ink)} plugins={[MARKS]} aria-hidden />
    </div>
  );
}

function dataOf({ x, lines }: Props, ink: Ink): ChartData<'line'> {
  return {
    labels: [...x.values],
    datasets: lines.map(({ name, values, colour, dash, thick, dots }) => ({
      label: name,
      data: [...values],
      borderColor: ink[colour],
      borderWidth: thick ? 2.6 : 1.6,
      borderDash: [...(dash ?? [])],
      pointRadius: dots ? 4.5 : 0,
      pointBackgroundColor: ink[colour],
      pointStyle: dots ? ('circle' as const) : ('line' as const),
    })),
  };
}

function optionsOf({ x, y, lines, now, level, shut }: Props, ink: Ink): ChartOptions<'line'> {
  const font = { family: ink.text, size: 13 };
  const title = (text: string) => ({ display: true, text, color: ink['ink-2'], font });
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    events: [],
    layout: { padding: { top: 18 } },
    plugins: {
      legend: {
        display: lines.length > 1,
        position: 'bottom',
        labels: {
          usePointStyle: true,
          pointStyleWidth: 34,
          font,
          // The legend of a point has no dashes of its own, and they are what tells the lines apart.
          generateLabels: () =>
            lines.map(({ name, colour, dash, thick }, datasetIndex) => ({
              text: name,
              datasetIndex,
              fontColor: ink.ink,
              strokeStyle: ink[colour],
              lineWidth: thick ? 2.6 : 1.6,
              lineDash: [...(dash ?? [])],
              pointStyle: 'line' as const,
            })),
        },
      },
      // Read anew at every drawing: a plugin itself is kept from the first one.
      marks: { now, level, shut, ink },
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

type Marks = Pick<Props, 'now' | 'level' | 'shut'> & { ink: Ink };

declare module 'chart.js' {
  // eslint-disable-next-line @typescript-eslint/no-unused-vars
  interface PluginOptionsByType<TType extends ChartType> {
    marks?: Marks;
  }
}

/** What stands on the chart beside its lines: values that are shut, the level to reach, where the dial is. */
const MARKS: Plugin<'line'> = {
  id: 'marks',
  beforeDatasetsDraw({ ctx, chartArea: { top, bottom, left, right }, scales, options }) {
    const { now, level, shut, ink } = options.plugins!.marks as Marks;
    const at = (i: number) => scales.x.getPixelForValue(i);
    const half = (at(1) - at(0)) / 2;
    ctx.save();
    shut?.forEach((closed, i) => {
      if (closed) hatch(ctx, at(i) - half, Math.min(right, at(i) + half), top, bottom, ink['ink-2']);
    });
    ctx.lineWidth = 1.3;
    ctx.font = `650 13px ${ink.text}`;
    if (level) {
      const height = scales.y.getPixelForValue(level.value);
      stroke(ctx, ink.red, [
        [left, height],
        [right, height],
      ]);
      word(ctx, level.text, right - 4, height - 6, ink.red, ink.sheet, 'right');
    }
    if (now) {
      const place = at(now.index);
      stroke(ctx, ink.ink, [
        [place, top],
        [place, bottom],
      ]);
      word(ctx, now.text, place, top - 6, ink.ink, ink.sheet, place > (left + right) / 2 ? 'right' : 'left');
    }
    ctx.restore();
  },
};

function stroke(ctx: CanvasRenderingContext2D, colour: string, [[x1, y1], [x2, y2]]: [number, number][]) {
  ctx.strokeStyle = colour;
  ctx.beginPath();
  ctx.moveTo(x1, y1);
  ctx.lineTo(x2, y2);
  ctx.stroke();
}

function word(
  ctx: CanvasRenderingContext2D,
  text: string,
  x: number,
  y: number,
  colour: string,
  halo: string,
  align: CanvasTextAlign,
) {
  ctx.textAlign = align;
  ctx.strokeStyle = halo;
  ctx.lineWidth = 4;
  ctx.strokeText(text, x, y);
  ctx.fillStyle = colour;
  ctx.fillText(text, x, y);
  ctx.lineWidth = 1.3;
}

function hatch(ctx: CanvasRenderingContext2D, x1: number, x2: number, top: number, bottom: number, colour: string) {
  ctx.save();
  ctx.beginPath();
  ctx.rect(x1, top, x2 - x1, bottom - top);
  ctx.clip();
  ctx.globalAlpha = 0.45;
  const from = x1 - (x1 % 7) - (bottom - top);
  for (let x = from; x < x2; x += 7)
    stroke(ctx, colour, [
      [x, bottom],
      [x + bottom - top, top],
    ]);
  ctx.restore();
}
