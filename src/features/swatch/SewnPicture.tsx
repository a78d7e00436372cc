'use client';

import { useEffect, useRef } from 'react';
import type { Colour } from '@/core/standin';
import type { TestLine } from '@/core/swatch';
import { outdated, useFromWorker } from '@/parts/asking';
import { standInTask } from './StandIn';
import styles from './Swatch.module.css';
import { SIMULATED_TEXT as TEXT } from './text';
import type { Scrap } from './useScrap';

/** The scrap that a simulated machine sewed, front above back, marked as simulated. */
export function SewnPicture({ scrap, line }: { scrap: Scrap; line: TestLine }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const seed = line.simulated?.seed ?? 0;
  const asked = standInTask(scrap, line, seed);
  const cloth = rgb(scrap.cloth.colour);
  const { value: picture, isCurrent } = useFromWorker(JSON.stringify([asked, cloth]), (worker) =>
    worker.sewnPicture(asked, { cloth }),
  );
  useEffect(() => {
    if (!picture || !canvas.current) return;
    const { data, width, height } = picture;
    canvas.current.width = width;
    canvas.current.height = height;
    canvas.current.getContext('2d')?.putImageData(new ImageData(data, width, height), 0, 0);
  }, [picture]);
  return (
    <figure className={styles.sewn} {...outdated(isCurrent)}>
      <canvas ref={canvas} role="img" aria-label={TEXT.picture} />
      <figcaption>
        <strong>{TEXT.by(seed)}</strong> {TEXT.sides}
      </figcaption>
    </figure>
  );
}

const rgb = (hex: string): Colour => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as unknown as Colour;
