'use client';

import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { transformedPath } from '@/core/geometry';
import { type Ask, type OutlineSpec, outlineSpecSchema } from '@/core/seam';
import { StopPlate } from '@/ui';
import { Answer } from '../Answer';
import styles from '../Sew.module.css';
import { readSvgFile } from './readSvgFile';

type Svg = Extract<OutlineSpec, { from: 'svg' }>;

const UNIT: Ask = {
  key: 'unit',
  label: 'One unit of the file is',
  unit: 'mm',
  usual: 1,
  least: 0.001,
  most: 1000,
  help: 'as the file says, where it says so',
};

/** A line from a picture file. What cannot be taken is said, and what was there before stays. */
export function SvgAsk({ spec, onSpec }: { spec: Svg; onSpec: (spec: Svg) => void }) {
  const [refused, setRefused] = useState<string | null>(null);
  const picker = useRef<HTMLInputElement>(null);
  const load = async (file: File) => {
    const found = readSvgFile(await file.text());
    if ('refused' in found) return setRefused(found.refused);
    const read = outlineSpecSchema.safeParse({
      ...spec,
      name: file.name.slice(0, 200),
      d: transformedPath(found.d, found.transform),
      mmPerUnit: found.mmPerUnit ?? 1,
    });
    if (!read.success) return setRefused(`This SVG cannot be taken: ${read.error.issues[0].message}.`);
    setRefused(null);
    onSpec(read.data as Svg);
  };
  return (
    <>
      <Button variant="outlined" onClick={() => picker.current?.click()}>
        Choose an SVG
      </Button>
      <input
        ref={picker}
        type="file"
        hidden
        accept=".svg,image/svg+xml"
        aria-label="An SVG with the line"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void load(file);
        }}
      />
      {refused && (
        <StopPlate title="Not taken">
          <p>{refused}</p>
        </StopPlate>
      )}
      {spec.d && (
        <>
          <p className={styles.quiet}>{spec.name}: its first path.</p>
          <Answer ask={UNIT} value={spec.mmPerUnit} onValue={(mmPerUnit) => onSpec({ ...spec, mmPerUnit })} />
        </>
      )}
    </>
  );
}
