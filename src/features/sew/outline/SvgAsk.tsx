'use client';

import { useState } from 'react';
import { transformedPath } from '@/core/geometry';
import { type OutlineSpec, outlineSpecSchema } from '@/core/seam';
import { type Ask } from '@/core/procedure';
import { FileButton, StopAlert } from '@/ui';
import { AskField } from '@/parts/asks';
import styles from '../Sew.module.css';
import { readSvgFile } from './readSvgFile';
import { SVG_ASK_TEXT } from '../text';

type Svg = Extract<OutlineSpec, { from: 'svg' }>;

const UNIT: Ask = {
  key: 'unit',
  label: SVG_ASK_TEXT.oneUnitOfThe,
  unit: 'mm',
  usual: 1,
  least: 0.001,
  most: 1000,
  help: SVG_ASK_TEXT.asTheFileSays,
};

/** A line from a picture file. What cannot be taken is said, and what was there before stays. */
export function SvgAsk({ spec, onSpec }: { spec: Svg; onSpec: (spec: Svg) => void }) {
  const [refused, setRefused] = useState<string | null>(null);
  const load = async (file: File) => {
    const found = readSvgFile(await file.text());
    if ('refused' in found) return setRefused(found.refused);
    const read = outlineSpecSchema.safeParse({
      ...spec,
      name: file.name.slice(0, 200),
      d: transformedPath(found.d, found.transform),
      mmPerUnit: found.mmPerUnit ?? 1,
    });
    if (!read.success) return setRefused(SVG_ASK_TEXT.thisSvgCannotBe(read.error.issues[0].message));
    setRefused(null);
    onSpec(read.data as Svg);
  };
  return (
    <>
      <FileButton
        variant="outlined"
        text={SVG_ASK_TEXT.chooseAnSvg}
        label={SVG_ASK_TEXT.anSvgWithThe}
        accept=".svg,image/svg+xml"
        onFile={(file) => void load(file)}
      />
      {refused && (
        <StopAlert title={SVG_ASK_TEXT.notTaken}>
          <p>{refused}</p>
        </StopAlert>
      )}
      {spec.d && (
        <>
          <p className={styles.quiet}>{SVG_ASK_TEXT.itsFirstPath(spec.name)}</p>
          <AskField ask={UNIT} value={spec.mmPerUnit} onValue={(mmPerUnit) => onSpec({ ...spec, mmPerUnit })} />
        </>
      )}
    </>
  );
}
