import { expose } from 'comlink';
import jsQR from 'jsqr';

const api = {
  /**
   * The text of the code in a picture; null when there is none.
   *
   * @param pixels - four bytes a pixel, red green blue and alpha
   */
  read(pixels: Uint8ClampedArray, widthPx: number, heightPx: number): string | null {
    return jsQR(pixels, widthPx, heightPx, { inversionAttempts: 'dontInvert' })?.data ?? null;
  },
};
export type ScanWorker = typeof api;

expose(api);
