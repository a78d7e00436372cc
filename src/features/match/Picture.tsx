'use client';

import Slider from '@mui/material/Slider';
import { useState } from 'react';
import type { ClothRecord } from '@/core/file';
import type { SeamContext } from '@/core/physics';
import type { Setup } from '@/core/setup';
import { STITCH } from '@/core/stitch';
import { formatPercent } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { GiveBar, StitchDrawing } from '@/ui';
import styles from './Match.module.css';
import { PICTURE_TEXT } from './text';

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
        label={PICTURE_TEXT.mmLongDrawnTo(
          STITCH[stitch].name,
          lengthMm,
          widthMm > 0 ? PICTURE_TEXT.mmWide(widthMm) : '',
          cloth.cloth.name,
        )}
      />
      {stretchy && (
        <>
          <div className={styles.pulling}>
            <label className={styles.pull} id="pull-label">
              {PICTURE_TEXT.pullTheSeam} <strong>{formatPercent(pulled, 0)}</strong>{' '}
              <span>
                {popped
                  ? PICTURE_TEXT.theThreadWouldGo
                  : pulled > low
                    ? PICTURE_TEXT.theThreadMayTake
                    : pulled > 0
                      ? PICTURE_TEXT.theThreadStillHas
                      : PICTURE_TEXT.atRest}
              </span>
            </label>
            <Slider
              value={pulled}
              min={0}
              max={most}
              onChange={(_, value) => setPulled(value as number)}
              aria-labelledby="pull-label"
              aria-valuetext={PICTURE_TEXT.percent(pulled)}
            />
          </div>
          <p className={styles.quiet}>{PICTURE_TEXT.howFarTheSeam}</p>
          <GiveBar required={required} low={low} high={high} measured={measured} pulled={pulled} />
        </>
      )}
    </div>
  );
}
