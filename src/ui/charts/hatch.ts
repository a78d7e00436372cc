import type { Ink } from './chartInk';

/** The hatch of the drawings, as a canvas fills with it; plain where there is no canvas to draw it on. */
export function hatchOf(ink: Ink, strength = 1): CanvasPattern | string {
  const tile = document.createElement('canvas');
  [tile.width, tile.height] = [8, 8];
  const pen = tile.getContext('2d');
  if (!pen) return ink.rule;
  pen.strokeStyle = ink['ink-2'];
  pen.globalAlpha = strength;
  pen.lineWidth = 1;
  pen.beginPath();
  for (const x of [-8, 0, 8]) {
    pen.moveTo(x, 8);
    pen.lineTo(x + 8, 0);
  }
  pen.stroke();
  return pen.createPattern(tile, 'repeat') ?? ink.rule;
}
