'use client';

import PrintOutlined from '@mui/icons-material/PrintOutlined';
import Button from '@mui/material/Button';
import useMediaQuery from '@mui/material/useMediaQuery';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { NextStep } from '@/core/diagnose';
import { operationTitle } from '@/core/setup';
import { isPlanned, LINE_MM, swatchSchema, type TestLine } from '@/core/swatch';
import { MEASURABLE_TEXT } from '@/core/cloth';
import { swatches, writePreference } from '@/data';
import { PaperDialog } from '@/parts/paper';
import { SaveThing } from '@/parts/things';
import { useAct, useUnits } from '@/parts/workspace';
import { Field, More, PHONE, wordsBy } from '@/ui';
import { ForOperation } from './ForOperation';
import { anotherLine } from './lineActions';
import { LinePanel } from './LinePanel';
import { PrintSheet } from './PrintSheet';
import { ScrapDrawing } from './ScrapDrawing';
import styles from './Swatch.module.css';
import { ThreeStitches } from './ThreeStitches';
import { type Scrap } from './useScrap';
import { useWarmAdvice } from './useWarmAdvice';
import { SCRAP_PAGE_TEXT } from './text';

/** Fetched once there is something to compare. */
const Compare = dynamic(() => import('./Compare').then((part) => part.Compare), { ssr: false });

/** One swatch: drawn on the left, the current test on the right. */
export function ScrapPage({ scrap }: { scrap: Scrap }) {
  const { swatch, lines } = scrap;
  const [picked, setPicked] = useState<string | null>(null);
  const line =
    lines.find((l) => l.id === picked) ??
    lines.findLast((l) => l.status === 'sewing') ??
    lines.findLast((l) => !isPlanned(l)) ??
    lines[0] ??
    null;
  useTarget(scrap, line);
  useWarmAdvice(scrap);
  const step = async (from: TestLine, taken: NextStep) => setPicked(await anotherLine(scrap, from, taken));
  return (
    <div className={styles.page}>
      <section className={styles.scrap} aria-label={SCRAP_PAGE_TEXT.scrap}>
        <div className={styles.top}>
          <div className={styles.title}>
            <h1>{swatch.name}</h1>
            <span className={styles.quiet}>
              {SCRAP_PAGE_TEXT.on(scrap.seam.layers, operationTitle(swatch.operation.kind), scrap.machine.machine.name)}
            </span>
          </div>
          <ForOperation swatch={swatch} />
          <ScrapDrawing scrap={scrap} current={line?.id ?? null} onPick={setPicked} />
        </div>
        <div className={styles.about}>
          <About scrap={scrap} />
        </div>
      </section>
      {line ? (
        <LinePanel
          key={line.id}
          scrap={scrap}
          line={line}
          onPick={setPicked}
          onStep={(taken) => void step(line, taken)}
        />
      ) : (
        <p className={styles.panel}>{SCRAP_PAGE_TEXT.noLineOnThis}</p>
      )}
    </div>
  );
}

/** What is done with the swatch as a whole. On a phone it is folded: the test needs the room. */
function About({ scrap }: { scrap: Scrap }) {
  const phone = useMediaQuery(PHONE, { noSsr: true });
  const all = (
    <>
      <HowToCut scrap={scrap} />
      <Spares scrap={scrap} />
      <Compare scrap={scrap} />
      <Kept scrap={scrap} />
      <ScrapActions scrap={scrap} />
    </>
  );
  return phone ? <More summary={SCRAP_PAGE_TEXT.about}>{all}</More> : all;
}

/** Where it is kept, and what goes with it there: its sheet on paper. */
function Kept({ scrap }: { scrap: Scrap }) {
  const { swatch } = scrap;
  const [printing, setPrinting] = useState(false);
  return (
    <div className={styles.kept}>
      <Field
        label={SCRAP_PAGE_TEXT.whereTheScrapIs}
        text={swatch.where}
        read={wordsBy(swatchSchema.shape.where)}
        onValue={(where) => void swatches.change(swatch.id, (now) => now && { ...now, where })}
      />
      <ThreeStitches scrap={scrap} />
      <Button variant="outlined" startIcon={<PrintOutlined />} onClick={() => setPrinting(true)}>
        {SCRAP_PAGE_TEXT.printTheScrapAt}
      </Button>
      {printing && (
        <PaperDialog name={swatch.name} marginMm={10} trueScale onClose={() => setPrinting(false)}>
          {() => <PrintSheet scrap={scrap} />}
        </PaperDialog>
      )}
    </div>
  );
}

/** What a measurement would spare, while its lines are still to come. */
function Spares({ scrap: { swatch, lines } }: { scrap: Scrap }) {
  const open = lines.filter((line) => isPlanned(line) && line.plan?.varies).length;
  if (open === 0 || swatch.spares.length === 0) return null;
  const names = swatch.spares.map(({ measure }) => MEASURABLE_TEXT[measure].toLowerCase());
  return (
    <p className={styles.quiet}>
      {SCRAP_PAGE_TEXT.couldMeasure(open)}{' '}
      <Link href={`/fabric?id=${swatch.clothId}`}>{SCRAP_PAGE_TEXT.measure(names.join(' and '))}</Link>
      {SCRAP_PAGE_TEXT.andSkip(open)}
    </p>
  );
}

/** The machine bar leads to the line being sewn; a simulated line asks nothing of the real machine. */
function useTarget({ cloth, machine }: Scrap, line: TestLine | null) {
  const key = line?.status === 'sewing' && !line.simulated ? JSON.stringify(line.setup) : null;
  useEffect(() => {
    if (key !== null)
      void writePreference('target', {
        setup: JSON.parse(key),
        machineId: machine.id,
        clothId: cloth.id,
      });
  }, [key, machine.id, cloth.id]);
}

function ScrapActions({ scrap }: { scrap: Scrap }) {
  const remove = useRemoveScrap(scrap);
  return (
    <p>
      <Link href="/test">{SCRAP_PAGE_TEXT.allScraps}</Link>
      <SaveThing thing="scrap" id={scrap.swatch.id} name={scrap.swatch.name} />
      <Button onClick={() => void remove()}>{SCRAP_PAGE_TEXT.deleteThisSwatch}</Button>
    </p>
  );
}

function useRemoveScrap({ swatch }: Scrap) {
  const act = useAct();
  const router = useRouter();
  return async () => {
    await act(
      SCRAP_PAGE_TEXT.swatchDeleted(swatch.name),
      () => swatches.remove(swatch.id),
      SCRAP_PAGE_TEXT.cardsMadeFromIt,
    );
    router.push('/test');
  };
}

function HowToCut({ scrap: { cloth, lines } }: { scrap: Scrap }) {
  const { length, round } = useUnits();
  const marked = lines[0]?.measures.markedMm ?? LINE_MM.marked;
  return (
    <p className={styles.quiet}>
      {SCRAP_PAGE_TEXT.cutTheScrapFrom(cloth.cloth.name, length(marked), round(marked + 2 * LINE_MM.run))}
    </p>
  );
}
