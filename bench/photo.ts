import { encode as encodeJpeg } from 'jpeg-js';
import { measurePhoto, type PhotoSeam } from '../src/core/photo';
import { type Rendered, renderScene } from '../src/core/photo/scene.testing';
import { DIFFICULTIES, randomScene } from '../src/core/photo/scenes.testing';
import { readPicture } from '../cli/picture';

// Accuracy of the photo gauge on rendered pictures with known truth: BOBBET_PHOTOS a difficulty, 70 when not said.
const EACH = Number(process.env.BOBBET_PHOTOS ?? 70);

interface Row {
  read: number;
  pitch: number;
  count: number;
  skipped: number;
  width: number;
  zigzags: number;
  kind: number;
  confident: number;
  wrong: number;
  milliseconds: number[];
}

const within = (value: number, truth: number, share: number) => Math.abs(value / truth - 1) <= share;

function score(row: Row, seam: PhotoSeam, { truth }: Rendered): void {
  row.read += 1;
  if (within(seam.pitchMm, truth.pitchMm, 0.015)) row.pitch += 1;
  if (Math.abs(seam.count - truth.count) <= Math.max(1, truth.count / 40)) row.count += 1;
  if (seam.skipped === truth.skipped) row.skipped += 1;
  if ((seam.kind === 'zigzag') === truth.widthMm > 0) row.kind += 1;
  if (truth.widthMm > 0) {
    row.zigzags += 1;
    if (within(seam.widthMm, truth.widthMm, 0.05)) row.width += 1;
  }
  if (seam.confidence > 0.7) {
    row.confident += 1;
    if (!within(seam.pitchMm, truth.pitchMm, 0.05)) row.wrong += 1;
  }
}

const percent = (part: number, of: number) => (of === 0 ? '–' : `${((100 * part) / of).toFixed(1)}%`).padStart(7);

console.log(`\nPhoto gauge on ${EACH} rendered pictures a difficulty (as JPEG, quality 92)`);
console.log('            read   pitch   count skipped   width    kind  sure wrong  median   worst');
for (const difficulty of DIFFICULTIES) {
  const row: Row = {
    read: 0,
    pitch: 0,
    count: 0,
    skipped: 0,
    width: 0,
    zigzags: 0,
    kind: 0,
    confident: 0,
    wrong: 0,
    milliseconds: [],
  };
  for (let seed = 1; seed <= EACH; seed += 1) {
    const picture = renderScene(randomScene(seed, difficulty));
    const pixels = readPicture(encodeJpeg({ ...picture, data: picture.data }, 92).data);
    if (!pixels) throw new Error('photo: expected a picture that can be read back');
    const began = performance.now();
    const measured = measurePhoto(pixels, { scale: { from: 'card' }, kind: null, line: null, most: 1 });
    row.milliseconds.push(performance.now() - began);
    if (!('blocked' in measured)) score(row, measured.seams[0], picture);
  }
  const times = row.milliseconds.sort((a, b) => a - b);
  console.log(
    `  ${difficulty.name.padEnd(8)}${percent(row.read, EACH)} ${percent(row.pitch, row.read)} ${percent(row.count, row.read)} ${percent(row.skipped, row.read)} ${percent(row.width, row.zigzags)} ${percent(row.kind, row.read)} ${String(row.confident).padStart(5)} ${String(row.wrong).padStart(5)} ${times[times.length >> 1].toFixed(0).padStart(6)}ms ${times[times.length - 1].toFixed(0).padStart(6)}ms`,
  );
}
