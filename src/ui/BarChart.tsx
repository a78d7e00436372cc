'use client';

import { BarElement, CategoryScale, Chart, type ChartType, LinearScale, type Plugin } from 'chart.js';
import { Bar } from 'react-chartjs-2';
import { type Ink, useInk } from './chartInk';

Chart.register(BarElement, CategoryScale, LinearScale);

interface Props {
  label: string;
  /** Longest first; `note` is the number as it stands at the end of the bar. */
  bars: readonly { name: string; value: number; note: string }[];
}

const ROW_PX = 34;

/** A few bars, each with its name before it and its number behind it: nothing to be read off an axis. */
export default function BarChart({ label, bars }: Props) {
  const ink = useInk();
  const height = ROW_PX * bars.length + 12;
  if (!ink) return <div style={{ height }} />;
  return (
    <div
      style={{ height, position: 'relative' }}
      role="img"
      aria-label={`${label}: ${bars.map(({ name, note }) => `${name} ${note}`).join(', ')}`}
    >
      <Bar
        aria-hidden
        data={{
          labels: bars.map(({ name }) => name),
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
          events: [],
          layout: { padding: { right: 58 } },
          plugins: { legend: { display: false }, notes: { texts: bars.map(({ note }) => note), ink } },
          scales: {
            x: { display: false, min: 0 },
            y: {
              grid: { display: false },
              border: { color: ink.ink },
              ticks: { color: ink.ink, font: { family: ink.text, size: 14 } },
            },
          },
        }}
        plugins={[NOTES]}
      />
    </div>
  );
}

/** The hatch of the drawings, as a canvas fills with it. */
function hatchOf(ink: Ink): CanvasPattern | string {
  const tile = document.createElement('canvas');
  [tile.width, tile.height] = [8, 8];
  const pen = tile.getContext('2d');
  if (!pen) return ink.rule;
  pen.strokeStyle = ink['ink-2'];
  pen.lineWidth = 1;
  pen.beginPath();
  for (const x of [-8, 0, 8]) {
    pen.moveTo(x, 8);
    pen.lineTo(x + 8, 0);
  }
  pen.stroke();
  return pen.createPattern(tile, 'repeat') ?? ink.rule;
}

declare module 'chart.js' {
  // eslint-disable-next-line @typescript-eslint/no-unused-vars
  interface PluginOptionsByType<TType extends ChartType> {
    notes?: { texts: readonly string[]; ink: Ink };
  }
}

/** The number of each bar, behind its end. */
const NOTES: Plugin<'bar'> = {
  id: 'notes',
  afterDatasetsDraw(chart) {
    const { texts, ink } = chart.options.plugins!.notes as { texts: readonly string[]; ink: Ink };
    const { ctx } = chart;
    ctx.save();
    ctx.font = `650 14px ${ink.text}`;
    ctx.fillStyle = ink.ink;
    ctx.textBaseline = 'middle';
    chart.getDatasetMeta(0).data.forEach((bar, i) => ctx.fillText(texts[i], bar.x + 8, bar.y));
    ctx.restore();
  },
};
