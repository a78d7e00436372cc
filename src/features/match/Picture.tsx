'use client';

import Slider from '@mui/material/Slider';
import { useState } from 'react';
import type { ClothRecord } from '@/core/file';
import type { SeamContext } from '@/core/physics';
import type { Setup } from '@/core/setup';
import { STITCH } from '@/core/stitch';
import { formatNumber } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { GiveBar, StitchDrawing } from '@/ui';
import styles from './Match.module.css';

interface Props {
  cloth: ClothRecord;
  seam: SeamContext;
  setup: Setup;
  low: number;
  high: number;
  /** What a tested card says, once there is one. */
  measured?: number;
  required: number;
}

/** The stitch on the cloth, to be pulled by a slider until the thread would go. */
export function Picture({ cloth, seam, setup, low, high, measured, required }: Props) {
  const [pulled, setPulled] = useState(0);
  const { length } = useUnits();
  const { structure, family } = cloth.cloth;
  const { stitch, lengthMm, widthMm } = setup;
  const edge =
    seam.operation.joins && structure !== 'foam' ? (seam.asked.allowanceMm ?? seam.operation.allowanceMm) : null;
  const most = Math.ceil(Math.max(10, seam.clothGive, required) * 1.1);
  const popped = pulled > high;
  const stretchy = seam.clothGive > 4;
  return (
    <div className={styles.drawing}>
      <StitchDrawing
        line={{ stitch, lengthMm, widthMm, gapMm: setup.needle.gapMm }}
        look={{ structure, family, colour: cloth.colour }}
        stretch={pulled / 100}
        popped={popped}
        edge={edge === null ? null : { mm: edge, text: length(edge) }}
        label={`${STITCH[stitch].name}, ${lengthMm} mm long${widthMm > 0 ? `, ${widthMm} mm wide` : ''}, drawn to scale on ${cloth.cloth.name}`}
      />
      {stretchy && (
        <>
          <div className={styles.pulling}>
            <label className={styles.pull} id="pull-label">
              Pull the seam: <strong>{formatNumber(pulled, 0)} %</strong>{' '}
              <span>
                {popped
                  ? 'the thread would go'
                  : pulled > low
                    ? 'the thread may take the load'
                    : pulled > 0
                      ? 'the thread still has slack'
                      : 'at rest'}
              </span>
            </label>
            <Slider
              value={pulled}
              min={0}
              max={most}
              onChange={(_, value) => setPulled(value as number)}
              aria-labelledby="pull-label"
              aria-valuetext={`${pulled} percent`}
            />
          </div>
          <p className={styles.quiet}>How far the seam can stretch before the thread takes the load</p>
          <GiveBar required={required} low={low} high={high} measured={measured} pulled={pulled} />
        </>
      )}
    </div>
  );
}
