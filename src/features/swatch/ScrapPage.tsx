'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { NextStep } from '@/core/diagnose';
import { OPERATION } from '@/core/setup';
import type { Line } from '@/core/swatch';
import { lines as lineStore, swatches, writePreference } from '@/data';
import { newId, nowText, useUndo } from '@/parts/workspace';
import { LinePanel } from './LinePanel';
import { ScrapDrawing } from './ScrapDrawing';
import styles from './Swatch.module.css';
import { type Scrap } from './useScrap';

/** One scrap: drawn on the left, the line in hand on the right. */
export function ScrapPage({ scrap }: { scrap: Scrap }) {
  const { swatch, cloth, lines } = scrap;
  const [picked, setPicked] = useState<string | null>(null);
  const line =
    lines.find((l) => l.id === picked) ?? lines.findLast((l) => l.status === 'sewing') ?? lines.at(-1) ?? null;
  useTarget(scrap, line);
  const remove = useRemoveScrap(scrap);
  const add = async (from: Line, step?: NextStep) => {
    const id = newId();
    const number = Math.max(0, ...lines.map((l) => l.number)) + 1;
    await lineStore.put({
      ...from,
      setup: step?.setup ?? from.setup,
      change: step?.change,
      id,
      number,
      measures: { markedMm: 100 },
      findings: [],
      looked: false,
      status: 'sewing',
      sewnAt: nowText(),
      notes: '',
    });
    setPicked(id);
  };
  return (
    <div className={styles.page}>
      <section className={styles.scrap} aria-label="Scrap">
        <div className={styles.title}>
          <h1>{swatch.name}</h1>
          <span className={styles.quiet}>
            {scrap.seam.layers} {scrap.seam.layers === 1 ? 'layer' : 'layers'}, {OPERATION[swatch.operation.kind].name},
            on {scrap.machine.machine.name}
          </span>
        </div>
        <ScrapDrawing scrap={scrap} current={line?.id ?? null} onPick={setPicked} />
        <p className={styles.quiet}>
          Cut the scrap from {cloth.cloth.name}, the same number of layers as the real seam. Mark 100 mm, sew 120 mm
          through the marks. Swings are drawn wider than they are.
        </p>
        <p>
          <Link href="/swatch">All scraps</Link>
          <Button onClick={() => void remove()}>Throw this scrap away</Button>
        </p>
      </section>
      {line ? (
        <LinePanel key={line.id} scrap={scrap} line={line} onNext={(step) => void add(line, step)} />
      ) : (
        <p className={styles.panel}>No line on this scrap. Start again from Match.</p>
      )}
    </div>
  );
}

/** The strip leads to the line in hand. */
function useTarget({ cloth, machine }: Scrap, line: Line | null) {
  const key = line?.status === 'sewing' ? JSON.stringify(line.setup) : null;
  useEffect(() => {
    if (key !== null)
      void writePreference('target', {
        setup: JSON.parse(key),
        machineId: machine.id,
        clothName: cloth.cloth.name,
      });
  }, [key, machine.id, cloth.cloth.name]);
}

function useRemoveScrap({ swatch, lines }: Scrap) {
  const undo = useUndo();
  const router = useRouter();
  return async () => {
    for (const line of lines) await lineStore.remove(line.id);
    await swatches.remove(swatch.id);
    router.push('/swatch');
    undo('The scrap is thrown away. Cards made from it stay.', async () => {
      await swatches.put(swatch);
      for (const line of lines) await lineStore.put(line);
    });
  };
}
