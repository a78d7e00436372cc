import { clamp } from '../numbers';
import { type ClothProfile, clothProfile } from '../cloth';
import { seeded } from '../random';
import { type Ground, groundOf } from './ground';
import type { StandIn } from './faults';
import type { SewInput } from './line';
import { blank, type Colour, cover, type Raster, spot, stacked, stroke } from './raster';
import { heightAt, type Relief, reliefOf, swayAt } from './relief';
import { type Sewing, sewing } from './sew';
import { gapOf } from './state';
import { type Stitching, stitchingOf, type Strand } from './stitching';

/** Colours of a picture; the two threads differ, or nobody could see which shows where. */
export interface Colours {
  cloth: Colour;
  needle: Colour;
  bobbin: Colour;
}
const COLOURS: Colours = { cloth: [201, 209, 196], needle: [180, 35, 60], bobbin: [26, 78, 112] };
const TABLE: Colour = [244, 238, 227];

/** Cloth left round the line, and table round the cloth, mm. */
const ROUND = { ends: 10, sides: 15, table: 3 };

interface Scene {
  input: SewInput;
  cloth: ClothProfile;
  sewn: Sewing;
  stitching: Stitching;
  relief: Relief;
  colours: Colours;
  pxPerMm: number;
}

/**
 * The picture of a line as the stand-in sewed it, front above back.
 *
 * Drawn from the stitch's own polyline with everything that happened under the foot: what a line shows can be seen in
 * thread and cloth. The back is the cloth turned over along the line. The same line gives the same picture.
 *
 * @param input - setting, cloth and line
 * @param machine - as it stands
 * @param seed - seed of its random numbers, as for `sewLine`
 * @param pxPerMm - pixels to the mm, above 0
 * @param colours - of cloth and threads
 * @returns the picture; null where the needle would strike and nothing is sewn
 */
export function sewnPicture(
  input: SewInput,
  machine: StandIn,
  seed: number,
  pxPerMm: number,
  colours: Partial<Colours> = {},
): Raster | null {
  const sewn = sewing(input, machine, seed);
  if ('blocked' in sewn) return null;
  const cloth = clothProfile(input.cloth);
  // Random numbers of its own, so that drawing a line does not change what it measures.
  const rng = seeded(seed + 0x5eed);
  const scene: Scene = {
    input,
    cloth,
    sewn,
    stitching: stitchingOf(input, sewn, rng),
    relief: reliefOf(input, cloth, sewn, rng),
    colours: { ...COLOURS, ...colours },
    pxPerMm,
  };
  return stacked(side(scene, 'front'), side(scene, 'back'));
}

function side(scene: Scene, which: Strand['side']): Raster {
  const { input, pxPerMm, stitching, relief } = scene;
  const width = Math.round((input.lengthMm + 2 * (ROUND.ends + ROUND.table)) * pxPerMm);
  const height = Math.round(2 * (ROUND.sides + ROUND.table) * pxPerMm);
  const raster = blank(width, height, TABLE);
  layCloth(scene, raster, which);
  const turned = which === 'front' ? 1 : -1;
  const px = (x: number, y: number) =>
    [
      (x + ROUND.ends + ROUND.table) * pxPerMm,
      (turned * (y + swayAt(relief, x)) + ROUND.sides + ROUND.table) * pxPerMm,
    ] as const;
  drawHoles(scene, raster, px);
  drawPartedYarns(scene, raster, px);
  const thread = scene.sewn.state.threadMm;
  for (const strand of stitching.strands.filter((s) => s.side === which)) drawStrand(scene, raster, strand, thread, px);
  // Where the thread goes down it lies in the shadow of the hole.
  for (const { x, y } of stitching.holes) spot(raster, px(x, y), thread * 0.6 * pxPerMm, darkOf(scene.colours.cloth));
  for (const loop of stitching.loops.filter((l) => l.side === which)) {
    const ring = [0, 1, 2, 3, 4, 5, 6].map((i) => (i * Math.PI) / 3);
    ring.slice(1).forEach((angle, i) => {
      const at = (a: number) =>
        px(loop.x + 0.7 * loop.radiusMm * Math.sin(a), loop.y + loop.radiusMm * (1 - Math.cos(a)) * turned);
      stroke(raster, at(ring[i]), at(angle), (thread * pxPerMm) / 2, round(scene.colours[loop.thread]));
    });
  }
  if (which === 'front') drawNeedlePoint(scene, raster, px);
  return raster;
}

/** A round thread, lit from above. */
const round =
  (colour: Colour) =>
  (off: number): Colour => {
    const lit = 1.12 - 0.42 * Math.abs(off + 0.25);
    return [colour[0] * lit, colour[1] * lit, colour[2] * lit];
  };

const darkOf = ([r, g, b]: Colour): Colour => [r * 0.3, g * 0.3, b * 0.3];

type Place = (x: number, y: number) => readonly [number, number];

function drawStrand({ colours, pxPerMm }: Scene, raster: Raster, strand: Strand, thread: number, px: Place): void {
  const { from, to, slack, fibre } = strand;
  const radius = (thread * pxPerMm * (fibre ? 0.3 : 1)) / 2;
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 - slack };
  const shadow = (a: Place, b: typeof from, c: typeof from) =>
    stroke(raster, a(b.x, b.y + 0.12), a(c.x, c.y + 0.12), radius * 1.1, () => [70, 66, 74]);
  if (!fibre) {
    shadow(px, from, middle);
    shadow(px, middle, to);
  }
  const look = round(colours[strand.thread]);
  stroke(raster, px(from.x, from.y), px(middle.x, middle.y), radius, look);
  stroke(raster, px(middle.x, middle.y), px(to.x, to.y), radius, look);
}

function drawHoles({ stitching, relief, pxPerMm, colours }: Scene, raster: Raster, px: Place): void {
  const dark = darkOf(colours.cloth);
  stitching.holes.forEach(({ x, y }, i) => {
    if (relief.tornMm > 0.1)
      stroke(raster, px(x - relief.tornMm, y), px(x + relief.tornMm, y), 0.16 * pxPerMm, () => dark);
    spot(raster, px(x, y), relief.holeMm * pxPerMm, dark);
    if (relief.ladders && i % 4 === 1)
      for (let run = 1; run < 5; run += 1)
        stroke(raster, px(x - 0.5, y + run), px(x + 0.5, y + run), 0.12 * pxPerMm, () => dark);
  });
}

/** Yarns that have slid away from the line leave slits beside it, and a seam that gapes a slit along it. */
function drawPartedYarns({ stitching, relief, pxPerMm, colours }: Scene, raster: Raster, px: Place): void {
  const dark = darkOf(colours.cloth);
  if (relief.gapeMm > 0) stroke(raster, px(0, 0), px(stitching.toMm, 0), relief.gapeMm * pxPerMm, () => dark);
  if (relief.slipMm > 0.2)
    for (let x = 0.5; x < stitching.toMm; x += 0.9)
      for (const way of [-1, 1])
        stroke(raster, px(x, way * 0.7), px(x, way * (0.7 + relief.slipMm)), 0.14 * pxPerMm, () => dark);
}

const STEEL: Colour = [118, 122, 132];

/** What is left of a needle that broke. */
function drawNeedlePoint({ sewn: { ended, state }, stitching, pxPerMm }: Scene, raster: Raster, px: Place): void {
  const last = stitching.holes.at(-1);
  if (ended?.by !== 'needle-broke' || !last) return;
  const to = px(last.x + 5.5, last.y + 3.5);
  stroke(raster, px(last.x + 1, last.y + 1.2), to, (state.nm / 180) * pxPerMm, round(STEEL));
  spot(raster, px(last.x, last.y), 0.9 * pxPerMm, [40, 38, 42]);
}

/** Where the cloth ends at both ends of a row, mm: the start may be chewed, the two layers may end apart. */
function ends(
  { input, relief, sewn }: Scene,
  which: Strand['side'],
  y: number,
): { from: number; to: number; under: number } {
  const from = -ROUND.ends + relief.chewedMm * Math.exp(-((y / 3) ** 2));
  const whole = input.lengthMm + ROUND.ends;
  if (sewn.under.layers < 2) return { from, to: whole, under: whole };
  const top = whole - Math.max(0, relief.shiftMm);
  const bottom = whole + Math.min(0, relief.shiftMm);
  return which === 'front' ? { from, to: top, under: bottom } : { from, to: bottom, under: top };
}

function layCloth(scene: Scene, raster: Raster, which: Strand['side']): void {
  const { relief, colours, pxPerMm, cloth } = scene;
  const turned = which === 'front' ? 1 : -1;
  const ground = groundOf(cloth, which);
  const above = new Float32Array(raster.width);
  let left = 0;
  for (let j = 0; j < raster.height; j += 1) {
    for (let i = 0; i < raster.width; i += 1) {
      const x = (i + 0.5) / pxPerMm - ROUND.ends - ROUND.table;
      const y = turned * ((j + 0.5) / pxPerMm - ROUND.sides - ROUND.table) - swayAt(relief, x);
      const high = turned * heightAt(relief, x, y);
      const slope = (high - (i > 0 ? left : high) + high - (j > 0 ? above[i] : high)) * pxPerMm;
      left = high;
      above[i] = high;
      const inside = ends(scene, which, y);
      if (Math.abs(y) > ROUND.sides || x < inside.from || x > Math.max(inside.to, inside.under)) continue;
      const under = x > inside.to;
      const light = lightAt(scene, ground, x, y, under) * clamp(1 + 0.3 * slope, 0.55, 1.35);
      cover(raster, i, j, [colours.cloth[0] * light, colours.cloth[1] * light, colours.cloth[2] * light], 1);
    }
  }
}

function lightAt({ relief, input }: Scene, ground: Ground, x: number, y: number, under: boolean): number {
  const gap = gapOf(input.setup) > 0 ? 1 : 0;
  const track = Math.abs(Math.abs(y) - 4 - gap) < 1 ? 1 - 0.3 * relief.track : 1;
  // Where the iron stood yarns are melted flat: lighter, and the ground is gone.
  const pressed = relief.shine > 0 && Math.abs(y) < 7 ? Math.min(1, 1.3 * relief.shine) : 0;
  const own = ground(x, y) * (1 - pressed) + pressed * (1.12 + 0.06 * Math.cos(x / 5));
  return own * track * (under ? 0.72 : 1);
}
