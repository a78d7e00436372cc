'use client';

import Slider from '@mui/material/Slider';
import { ID1_CARD_MM } from '@/core/units';
import styles from './Gauge.module.css';
import { SCALE_CARD_TEXT } from '../text';

interface Props {
  pxPerMm: number;
  onChange: (pxPerMm: number) => void;
}

/** The outline of an ID-1 card, to be matched with a real one laid on the screen. */
export function ScaleCard({ pxPerMm, onChange }: Props) {
  const { width, height } = ID1_CARD_MM;
  return (
    <div className={styles.card}>
      <svg
        width={width * pxPerMm + 4}
        height={height * pxPerMm + 4}
        role="img"
        aria-label={SCALE_CARD_TEXT.outlineOfABank}
        className={styles.cardOutline}
      >
        <rect
          x="2"
          y="2"
          width={width * pxPerMm}
          height={height * pxPerMm}
          rx={3.18 * pxPerMm}
          fill="var(--sheet)"
          stroke="var(--red)"
          strokeWidth="2"
        />
        <path
          d={`M2 ${14 * pxPerMm} h${width * pxPerMm}`}
          stroke="var(--rule)"
          strokeWidth={7 * pxPerMm}
          strokeOpacity="0.7"
        />
        <text x={6 * pxPerMm} y={(height - 8) * pxPerMm} fontSize="15" fill="var(--ink-2)">
          {SCALE_CARD_TEXT.layTheCardHere}
        </text>
      </svg>
      <Slider
        aria-label={SCALE_CARD_TEXT.widthOfTheOutline}
        value={pxPerMm}
        min={2}
        max={12}
        step={0.01}
        onChange={(_, value) => onChange(value as number)}
        getAriaValueText={(value) => SCALE_CARD_TEXT.pixelsWide((value * width).toFixed(0))}
      />
    </div>
  );
}
