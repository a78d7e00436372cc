import { lineFacts } from '../card';
import { needleMinutes, PACE_SHARE, threadUse } from '../stitch';
import type { Machine } from '../kit';
import { DIALS, type Dial, dialOf, READING_TEXT, READINGS, settingReadings, withDial } from '../setup';
import { SIGN_TEXT } from '../stitch';
import { formatNumber, formatPercent, type Printing } from '../units';
import { SEVERITY_TEXT } from './severity';
import type { TestLine } from './swatch';

/** One row of two lines side by side. */
export interface ComparedRow {
  name: string;
  a: string;
  b: string;
  differs: boolean;
}

const NOT = 'not measured';

/**
 * Two lines side by side: every reading, what was measured and what was seen.
 *
 * @param machine - whose dials show the readings
 * @param a - one line
 * @param b - the other
 * @param printing - prints lengths in the person's units
 * @param thicknessMm - all layers as they are stitched down
 * @returns rows; what differs is marked
 */
export function compareLines(
  machine: Machine,
  a: TestLine,
  b: TestLine,
  { length }: Pick<Printing, 'length'>,
  thicknessMm: number,
): { setting: ComparedRow[]; outcome: ComparedRow[] } {
  const [one, two] = [settingReadings(machine, a.setup), settingReadings(machine, b.setup)];
  const row = (name: string, left: string, right: string) => ({ name, a: left, b: right, differs: left !== right });
  const takes = (line: TestLine) => takesOf(line, machine, thicknessMm);
  const told = outcomeOf(a, length).map(([name, left], i) => row(name, left, outcomeOf(b, length)[i][1]));
  return {
    setting: [
      ...READINGS.map((reading) => row(READING_TEXT[reading], one[reading], two[reading])),
      row('Direction', a.direction, b.direction),
      row('Seconds per metre', takes(a).seconds, takes(b).seconds),
      row('Thread per metre', takes(a).thread, takes(b).thread),
    ],
    outcome: told.filter((r) => r.a !== NOT || r.b !== NOT),
  };
}

/** What a metre of a line takes: seconds of needle at the usual pace, and thread, needle and bobbin together. */
function takesOf({ setup, measures }: TestLine, { speedSpm }: Machine, thicknessMm: number) {
  const lengthMm = lineFacts(measures).lengthMm ?? setup.lengthMm;
  const use = threadUse({ ...setup, lengthMm, thicknessMm, seamMm: 1000 });
  return {
    seconds: `${formatNumber(60 * needleMinutes(setup.stitch, lengthMm, 1000, speedSpm * PACE_SHARE), 0)} s`,
    thread: `${formatNumber(use.ratio, 1)} m`,
  };
}

/** A ridge between two rows: only looking tells that there is none. */
function tunnelOf(findings: TestLine['findings'], looked: boolean): string {
  const tunnel = findings.find(({ sign }) => sign === 'tunnel');
  return tunnel ? SEVERITY_TEXT[tunnel.severity] : looked ? 'none' : NOT;
}

function outcomeOf({ measures, findings, looked }: TestLine, length: Printing['length']): [string, string][] {
  const { lengthMm, growthPercent, give } = lineFacts(measures);
  const or = (value: number | undefined, text: (value: number) => string) => (value === undefined ? NOT : text(value));
  const seen = findings.map(({ sign, severity }) => `${SIGN_TEXT[sign].toLowerCase()} (${SEVERITY_TEXT[severity]})`);
  return [
    ['True length', or(lengthMm, (mm) => `${formatNumber(mm, 2)} mm`)],
    ['Grew', or(growthPercent, (percent) => formatPercent(percent))],
    ['Stretched', give ? `${give.popped ? 'popped at' : 'held to'} ${formatPercent(give.percent, 0)}` : NOT],
    ['Top layer shifted', or(measures.shiftMm, length)],
    ['Pucker grade', or(measures.pucker, (grade) => formatNumber(grade))],
    ['Ridge', or(measures.ridgeMm, length)],
    ['Tunnel', tunnelOf(findings, looked)],
    ['Seen', seen.join(', ') || (looked ? 'nothing wrong' : 'not looked at yet')],
  ];
}

/** What can be followed over a dial: its name, its unit, its value on a line, and the one dial it goes with, if it is one. */
const FOLLOWED: readonly [name: string, unit: string, of: (line: TestLine) => number | undefined, only?: Dial][] = [
  ['growth', '%', ({ measures }) => lineFacts(measures).growthPercent],
  ['seam stretch', '%', ({ measures }) => lineFacts(measures).give?.percent],
  ['layer shift', 'mm', ({ measures }) => measures.shiftMm],
  ['pucker grade', '', ({ measures }) => measures.pucker],
  ['ridge', 'mm', ({ measures }) => measures.ridgeMm],
  ['true stitch length', 'mm', ({ measures }) => lineFacts(measures).lengthMm, 'length'],
];

/** One measure over one dial, from lines that differ in nothing else. */
export interface Trend {
  dial: Dial;
  measure: string;
  unit: string;
  /** By the dial's value: at least two different ones. */
  points: { at: number; value: number; line: number }[];
}

/**
 * What the lines of a scrap show over the dials that were varied.
 *
 * Only lines that agree in every other reading and in direction are put together: with two things changed at once a curve would
 * say nothing.
 *
 * @param lines - of one scrap
 * @returns trends, the ones with the most lines first
 */
export function trendsOf(lines: readonly TestLine[]): Trend[] {
  const trends = DIALS.flatMap((dial) =>
    FOLLOWED.flatMap(([measure, unit, of, only]): Trend[] => {
      if (only && only !== dial) return [];
      const groups = new Map<string, Trend['points']>();
      for (const line of lines) {
        const value = of(line);
        if (value === undefined) continue;
        const key = JSON.stringify([line.direction, Boolean(line.simulated), withDial(line.setup, dial, 0)]);
        groups.set(key, [...(groups.get(key) ?? []), { at: dialOf(line.setup, dial), value, line: line.number }]);
      }
      const varied = [...groups.values()].filter((points) => new Set(points.map((p) => p.at)).size >= 2);
      const [most] = varied.sort((a, b) => b.length - a.length);
      return most ? [{ dial, measure, unit, points: most.sort((a, b) => a.at - b.at) }] : [];
    }),
  );
  return trends.sort((a, b) => b.points.length - a.points.length);
}
