declare module 'fft.js' {
  /** Fast Fourier transform of a fixed size, a power of two. */
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    /** The first half of the spectrum of real values, real and imaginary parts in turn. */
    realTransform(out: number[], data: ArrayLike<number>): void;
  }
}
