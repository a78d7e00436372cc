import type { ThreadMap } from '../seam/thread';

/** A value for each column of a strip. */
export type Signal = Float64Array;

/** Mean of some rows of a thread map, from `fromMm` to `toMm` across, by column. */
export function rowsOf({ width, height, pxPerMm, values }: ThreadMap, fromMm: number, toMm: number): Signal {
  const half = (height - 1) / 2;
  const from = Math.max(0, Math.round(half + fromMm * pxPerMm));
  const to = Math.min(height - 1, Math.max(from, Math.round(half + toMm * pxPerMm)));
  const signal = new Float64Array(width);
  for (let j = from; j <= to; j += 1) for (let i = 0; i < width; i += 1) signal[i] += values[j * width + i];
  for (let i = 0; i < width; i += 1) signal[i] /= to - from + 1;
  return signal;
}

/** Moving mean over 2 · reach + 1 columns. */
export function movingMean(signal: Signal, reach: number): Signal {
  const sums = new Float64Array(signal.length + 1);
  for (let i = 0; i < signal.length; i += 1) sums[i + 1] = sums[i] + signal[i];
  return signal.map((_, i) => {
    const from = Math.max(0, i - reach);
    const to = Math.min(signal.length, i + reach + 1);
    return (sums[to] - sums[from]) / (to - from);
  });
}

/** The value between two columns. */
export function valueAt(signal: Signal, at: number): number {
  if (at <= 0) return signal[0];
  if (at >= signal.length - 1) return signal[signal.length - 1];
  const i = Math.floor(at);
  return signal[i] + (at - i) * (signal[i + 1] - signal[i]);
}

/** Mean from one place to another, parts of a column counted. */
export function meanBetween(signal: Signal, from: number, to: number): number {
  const steps = Math.max(1, Math.ceil((to - from) * 2));
  let sum = 0;
  for (let k = 0; k < steps; k += 1) sum += valueAt(signal, from + ((k + 0.5) * (to - from)) / steps);
  return sum / steps;
}

/** How alike two stretches are, −1 … 1 (Pearson); 0 where one is flat. */
export function correlation(a: ArrayLike<number>, b: ArrayLike<number>): number {
  const n = Math.min(a.length, b.length);
  let [ma, mb] = [0, 0];
  for (let i = 0; i < n; i += 1) {
    ma += a[i] / n;
    mb += b[i] / n;
  }
  let [ab, aa, bb] = [0, 0, 0];
  for (let i = 0; i < n; i += 1) {
    ab += (a[i] - ma) * (b[i] - mb);
    aa += (a[i] - ma) ** 2;
    bb += (b[i] - mb) ** 2;
  }
  return aa > 1e-12 && bb > 1e-12 ? ab / Math.sqrt(aa * bb) : 0;
}
