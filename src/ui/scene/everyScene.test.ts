import { describe, expect, it } from 'vitest';
import type { Cloth } from '@/core/cloth';
import type { Foot } from '@/core/kit';
import {
  givenOf,
  lineStates,
  type Numbers,
  PROCEDURES,
  type Procedure,
  procedurePrinter,
  type Scene,
  type ScenePoint,
  type Step,
  stepsOf,
  toolAt,
  workOut,
} from '@/core/procedure';
import { type Fit, fitScene } from './fitScene';
import { footOutline } from './footShape';
import { boxOf, dimLabel, hereLabel, type Label, LETTERS, onSheet, overlap, textLabels } from './labels';

const CLOTHS: readonly Cloth[] = [
  { structure: 'woven', family: 'silk', traits: [], massGsm: 60 },
  { structure: 'woven', family: 'denim', traits: [], massGsm: 400 },
  { structure: 'knit', family: 'jersey', traits: [], stretchAcross: 60 },
  { structure: 'foam', family: 'neoprene', traits: [], thicknessMm: 3 },
];

/** One step as it is drawn. */
interface Drawn {
  procedure: Procedure;
  numbers: Numbers;
  steps: readonly Step[];
  index: number;
  scene: Scene;
}

/** Every step of an operation on each fabric, with the usual answers and with the last of everything that is picked. */
function drawn(procedure: Procedure): Drawn[] {
  const picked = Object.fromEntries(
    procedure.asks.flatMap(({ key, options }) => (options ? [[key, options.at(-1)![0]]] : [])),
  );
  return CLOTHS.flatMap((cloth) => {
    const { given } = givenOf(cloth, procedure, null, null);
    return [{}, picked].flatMap((answers) => {
      const worked = workOut(procedure, answers, given);
      if (!worked.ok) return [];
      const { numbers } = worked;
      const steps = stepsOf(procedure, numbers);
      return steps.map((step, index) => ({
        procedure,
        numbers,
        steps,
        index,
        scene: procedure.views[step.view](numbers, given),
      }));
    });
  });
}

/** Where everything on a drawing is written. */
function labelsOf({ procedure, numbers, steps, index, scene }: Drawn, size: number, fit: Fit): Label[] {
  const { length } = procedurePrinter(procedure, numbers, 'metric');
  const said = [...scene.dims.map((dim) => dimLabel(dim, fit, length(dim.mm))), ...textLabels(scene, fit, length)];
  const tool = toolAt(scene, { ...steps[index], with: undefined });
  const taken = said.map((label) => boxOf(label, size));
  return tool?.tool === 'foot' ? [...said, hereLabel(tool, fit, taken)] : said;
}

describe.each(PROCEDURES.map((procedure) => [procedure.name, procedure] as const))('%s', (_, procedure) => {
  const all = drawn(procedure);

  it('is drawn on at least one fabric', () => expect(all.length).toBeGreaterThan(0));

  it('has no label over another, and none off the sheet', () => {
    for (const one of all) {
      const fit = fitScene(one.scene);
      const where = `step ${one.index + 1}: ${one.steps[one.index].do.slice(0, 40)}`;
      const labels = labelsOf(one, LETTERS.dim, fit);
      labels.forEach((label, i) => {
        expect(onSheet(boxOf(label, LETTERS.text), fit), `${where}: “${label.lines.join(' ')}” on the sheet`).toBe(
          true,
        );
        for (const other of labels.slice(0, i))
          expect(
            overlap(boxOf(label, LETTERS.text), boxOf(other, LETTERS.text)),
            `${where}: “${label.lines.join(' ')}” over “${other.lines.join(' ')}”`,
          ).toBe(false);
      });
    }
  });

  it('is not cut off on a phone, where letters are larger', () => {
    for (const { scene, procedure: of, numbers } of all) {
      const fit = fitScene(scene);
      const { length } = procedurePrinter(of, numbers, 'metric');
      for (const label of scene.dims.map((dim) => dimLabel(dim, fit, length(dim.mm)))) {
        const { left, right } = boxOf(label, LETTERS.phone);
        expect([left >= -1, right <= 621], label.lines.join(' ')).toEqual([true, true]);
      }
    }
  });

  it('draws a line for everything that is sewn', () => {
    for (const { steps, index } of all)
      if (steps[index].sews) expect(steps[index].now, `step ${index + 1}`).not.toBeUndefined();
  });

  it('names only lines that are drawn, and leaves none that is still to come', () => {
    for (const { scene, steps, index } of all) {
      const ids = new Set(scene.lines.flatMap(({ id }) => id ?? []));
      for (const id of steps[index].now ?? []) expect(ids, `step ${index + 1}`).toContain(id);
      const after = lineStates(scene, steps, steps.length);
      scene.lines.forEach(({ id }, i) => expect(after[i], `${id} when all is done`).not.toBe('later'));
      // What is sewn is not green before, and is not grey afterwards.
      for (const id of steps[index].now ?? []) {
        const at = scene.lines.findIndex((line) => line.id === id);
        if (steps[index].sews === undefined) continue;
        const first = steps.findIndex(({ now, sews }) => sews !== undefined && now?.includes(id));
        for (let earlier = 0; earlier <= first; earlier += 1)
          expect(lineStates(scene, steps, earlier)[at], `${id} in step ${earlier + 1}`).not.toBe('done');
        const next = steps[index + 1];
        if (next && !next.now?.includes(id))
          expect(lineStates(scene, steps, index + 1)[at], `${id} after step ${index + 1}`).toBe('done');
      }
    }
  });

  it('has no foot over what is written', () => {
    for (const { scene, steps, index, procedure: of, numbers } of all) {
      const tool = toolAt(scene, steps[index]);
      if (tool?.tool !== 'foot') continue;
      const fit = fitScene(scene);
      const { length } = procedurePrinter(of, numbers, 'metric');
      const { machine } = steps[index];
      const shown = { foot: machine?.foot ?? 'standard', footSide: machine?.footSide } as const;
      const corners = footOutline(shown, fit.to(tool.at), tool.headingRad);
      const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
      const sole = { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
      const said = [...scene.dims.map((dim) => dimLabel(dim, fit, length(dim.mm))), ...textLabels(scene, fit, length)];
      for (const label of said)
        expect(
          overlap(sole, boxOf(label, LETTERS.text)),
          `step ${index + 1}: foot over “${label.lines.join(' ')}”`,
        ).toBe(false);
    }
  });

  it('keeps a one-bar foot off the teeth', () => {
    for (const { scene, steps, index } of all) {
      const { machine } = steps[index];
      const tool = toolAt(scene, steps[index]);
      if (machine?.foot !== 'zip' || tool?.tool !== 'foot') continue;
      const states = lineStates(scene, steps, index);
      const fit = fitScene(scene);
      const bar = footOutline(
        { foot: machine.foot as Foot, footSide: machine.footSide },
        fit.to(tool.at),
        tool.headingRad,
      );
      scene.lines.forEach(({ role, points }, i) => {
        if (role !== 'zip' || states[i] === 'hidden') return;
        const teeth = points.map(fit.to);
        for (let k = 1; k < teeth.length; k += 1)
          expect(crosses(bar, teeth[k - 1], teeth[k]), `step ${index + 1}: ${steps[index].do.slice(0, 50)}`).toBe(
            false,
          );
      });
    }
  });
});

/** Whether a line runs into a shape. */
function crosses(shape: readonly ScenePoint[], from: ScenePoint, to: ScenePoint): boolean {
  const STEPS = 200;
  return Array.from({ length: STEPS + 1 }, (_, i) => i / STEPS).some((t) =>
    inside(shape, [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])]),
  );
}

function inside(shape: readonly ScenePoint[], [x, y]: ScenePoint): boolean {
  return shape.reduce((within, [x1, y1], i) => {
    const [x2, y2] = shape[(i + 1) % shape.length];
    return y1 > y !== y2 > y && x < ((x2 - x1) * (y - y1)) / (y2 - y1) + x1 ? !within : within;
  }, false);
}
