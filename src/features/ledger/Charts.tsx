'use client';

import { type ReactNode, useState } from 'react';
import { clothOf } from '@/core/cloth';
import { faultsByCloth, feedOverTime, giveByWidth, hoursByKind, tensionByThickness, momentOnAxis } from '@/core/ledger';
import { SIGN_TEXT } from '@/core/stitch';
import { formatNumber } from '@/core/units';
import { useCards, useCloths, useLines, useMachines, useNeedles, useSwatches } from '@/data';
import { LazyBarChart, LazyPointChart } from '@/parts/asking';
import { Pick } from '@/ui';
import { sayDate, useUnits } from '@/parts/workspace';
import styles from './Ledger.module.css';
import { CHARTS_TEXT } from './text';

/** Charts that answer a question each, from what was sewn here. */
export function Charts() {
  return (
    <div className={styles.charts}>
      <Feeds />
      <Needles />
      <Faults />
      <Tension />
      <Give />
    </div>
  );
}

interface ChartProps {
  question: string;
  /** What there is to see, in a sentence. */
  answer: string;
  /** What has to be sewn or measured before there is anything to see. */
  empty: string | null;
  children: ReactNode;
}

function ChartOf({ question, answer, empty, children }: ChartProps) {
  return (
    <section className={styles.chart} aria-label={question}>
      <h2>{question}</h2>
      {empty ? (
        <p className={styles.quiet}>{empty}</p>
      ) : (
        <>
          <p>{answer}</p>
          {children}
        </>
      )}
    </section>
  );
}

const SHAPES = ['circle', 'triangle', 'rect', 'crossRot'] as const;
const INKS = ['ink', 'red', 'green', 'ink-2'] as const;

function Feeds() {
  const [lines, swatches, machines] = [useLines(), useSwatches(), useMachines()];
  if (!lines || !swatches || !machines) return null;
  const fed = feedOverTime(lines, swatches, machines);
  const off = fed.map(({ machine, points, meanPercent }) => {
    return CHARTS_TEXT.feeds(machine, formatNumber(meanPercent, 0), points.length);
  });
  return (
    <ChartOf
      question={CHARTS_TEXT.whichMachineFeedsTruer}
      answer={CHARTS_TEXT.ofTheStitchLength(off.join('; '))}
      empty={fed.length === 0 ? CHARTS_TEXT.countTheStitchesOf : null}
    >
      <LazyPointChart
        label={off.join('; ')}
        x={{
          label: 'sewn',
          say: (day) => sayDate(new Date(momentOnAxis(fed, day)), 'dayAndMonth'),
        }}
        y={{ label: CHARTS_TEXT.ofTheWantedLength }}
        sets={fed.map(({ machine, points }, i) => ({
          name: machine,
          points,
          colour: INKS[i % INKS.length],
          shape: SHAPES[i % SHAPES.length],
          joined: true,
        }))}
        height={250}
      />
    </ChartOf>
  );
}

function Needles() {
  const needles = useNeedles();
  if (!needles) return null;
  const bars = hoursByKind(needles);
  return (
    <ChartOf
      question={CHARTS_TEXT.whichNeedlesDoThe}
      answer={bars.length > 0 ? CHARTS_TEXT.mostOfItHours(bars[0].name) : ''}
      empty={bars.length === 0 ? CHARTS_TEXT.noNeedleOfThe : null}
    >
      <LazyBarChart
        label={CHARTS_TEXT.needleHoursByKind}
        columns={CHARTS_TEXT.needleColumns}
        bars={bars.map((bar) => ({ ...bar, note: `${formatNumber(bar.value, 1)} h` }))}
      />
    </ChartOf>
  );
}

function Faults() {
  const [lines, swatches, cloths] = [useLines(), useSwatches(), useCloths()];
  if (!lines || !swatches || !cloths) return null;
  const counts = faultsByCloth(lines, swatches, cloths);
  return (
    <ChartOf
      question={CHARTS_TEXT.whatFaultsComeBack}
      answer={CHARTS_TEXT.linesOnWhichIt}
      empty={counts.length === 0 ? CHARTS_TEXT.noFaultWasNoted : null}
    >
      <LazyBarChart
        label={CHARTS_TEXT.faultsByCloth}
        columns={CHARTS_TEXT.faultColumns}
        bars={counts.map(({ cloth, sign, count }) => ({
          name: `${SIGN_TEXT[sign]}, ${cloth}`,
          value: count,
          note: `${count} ×`,
        }))}
      />
    </ChartOf>
  );
}

function Tension() {
  const { length } = useUnits();
  const [cards, machines] = [useCards(), useMachines()];
  const [chosen, setChosen] = useState('');
  if (!cards || !machines) return null;
  const machine = machines.find((m) => m.id === chosen) ?? machines[0];
  const points = tensionByThickness(cards.filter((c) => c.machineId === machine?.id && !c.simulated));
  return (
    <ChartOf
      question={CHARTS_TEXT.whereDoesTheTension}
      answer={CHARTS_TEXT.cardsProvenOn(machine?.machine.name ?? '')}
      empty={machine ? null : CHARTS_TEXT.thereIsNoMachine}
    >
      <div className={styles.chooser}>
        <Pick
          label={CHARTS_TEXT.machine}
          value={machine?.id ?? ''}
          options={machines.map((m) => [m.id, m.machine.name] as const)}
          onPick={setChosen}
        />
      </div>
      {points.length === 0 ? (
        <p className={styles.quiet}>{CHARTS_TEXT.noCardWasProven}</p>
      ) : (
        <LazyPointChart
          label={points.map((p) => `${length(p.x)}: ${formatNumber(p.y, 1)}`).join(', ')}
          x={{ label: CHARTS_TEXT.allLayersMm, min: 0 }}
          y={{
            label: CHARTS_TEXT.tensionDial,
            min: machine.machine.tensionDial.min,
            max: machine.machine.tensionDial.max,
          }}
          sets={[{ name: 'cards', points, colour: 'red', shape: 'circle' }]}
          height={230}
        />
      )}
    </ChartOf>
  );
}

function Give() {
  const [lines, swatches, cloths] = [useLines(), useSwatches(), useCloths()];
  if (!lines || !swatches || !cloths) return null;
  const points = giveByWidth(lines, swatches, (id) => {
    const cloth = cloths.find((c) => c.id === id);
    return cloth ? clothOf(cloth) : null;
  });
  const set = (of: (p: (typeof points)[number]) => number, only: boolean | null) =>
    points.filter((p) => only === null || p.popped === only).map((p) => ({ x: p.widthMm, y: of(p) }));
  return (
    <ChartOf
      question={CHARTS_TEXT.doesAWiderStitch}
      answer={CHARTS_TEXT.whatHeldGaveAt}
      empty={points.length === 0 ? CHARTS_TEXT.pullALineOn : null}
    >
      <LazyPointChart
        label={points
          .map((p) =>
            CHARTS_TEXT.mmWideMeasuredPredicted(p.widthMm, formatNumber(p.measured, 0), formatNumber(p.predicted, 0)),
          )
          .join('; ')}
        x={{ label: CHARTS_TEXT.stitchWidthMm, min: 0 }}
        y={{ label: CHARTS_TEXT.give, min: 0 }}
        sets={[
          { name: 'popped', points: set((p) => p.measured, true), colour: 'red', shape: 'crossRot' },
          { name: 'held', points: set((p) => p.measured, false), colour: 'green', shape: 'triangle' },
          { name: 'predicted', points: set((p) => p.predicted, null), colour: 'ink-2', shape: 'circle' },
        ]}
        height={250}
      />
    </ChartOf>
  );
}
