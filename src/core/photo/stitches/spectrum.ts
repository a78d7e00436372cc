import { quantileOf } from '../picture/quantile';
import FFT from 'fft.js';
import { movingMean, type Signal } from './signal';

/** A period that stands out of a signal. */
export interface Period {
  /** Columns. */
  length: number;
  /** Its power over that of the background, 1 for none. */
  prominence: number;
}

/** Peaks whose background is worked out: the tallest. */
const LOOKED_AT = 14;

/**
 * Periods of a signal, the most prominent first.
 *
 * Power spectrum by the fast Fourier transform with a Hann window, zero-padded fourfold so that a peak is placed between
 * bins; the background is the median of the neighbourhood.
 *
 * @param signal - by column
 * @param shortest - columns
 * @param longest - columns
 * @param most - how many at most
 */
export function periodsOf(signal: Signal, shortest: number, longest: number, most: number): Period[] {
  const size = 4 * 2 ** Math.ceil(Math.log2(Math.max(16, signal.length)));
  const level = movingMean(signal, Math.round(longest));
  const windowed = new Array<number>(size).fill(0);
  for (let i = 0; i < signal.length; i += 1) {
    const hann = 0.5 - 0.5 * Math.cos((2 * Math.PI * (i + 0.5)) / signal.length);
    windowed[i] = (signal[i] - level[i]) * hann;
  }
  const fft = new FFT(size);
  const out = fft.createComplexArray() as number[];
  fft.realTransform(out, windowed);
  const power = new Float64Array(size / 2);
  for (let k = 0; k < size / 2; k += 1) power[k] = out[2 * k] ** 2 + out[2 * k + 1] ** 2;
  const from = Math.max(2, Math.floor(size / longest));
  const to = Math.min(size / 2 - 2, Math.ceil(size / shortest));
  const peaks: number[] = [];
  for (let k = from; k <= to; k += 1) if (power[k] >= power[k - 1] && power[k] > power[k + 1]) peaks.push(k);
  return peaks
    .sort((a, b) => power[b] - power[a])
    .slice(0, LOOKED_AT)
    .map((k) => {
      const near = power.subarray(Math.max(1, Math.floor(k * 0.6)), Math.min(size / 2, Math.ceil(k * 1.5)));
      const shift = parabola(power[k - 1], power[k], power[k + 1]);
      return { length: size / (k + shift), prominence: power[k] / Math.max(1e-12, quantileOf(near, 0.5)) };
    })
    .sort((a, b) => b.prominence - a.prominence)
    .slice(0, most);
}

/** Where between three values the top lies, −½ … ½. */
export function parabola(a: number, b: number, c: number): number {
  const bend = a - 2 * b + c;
  return bend < 0 ? Math.max(-0.5, Math.min(0.5, (a - c) / (2 * bend))) : 0;
}
