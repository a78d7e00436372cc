import type { Card } from '@/core/card';
import { clothOf } from '@/core/cloth';
import type { NextStep } from '@/core/diagnose';
import { needleMinutes, PACE_SHARE } from '@/core/stitch';
import { type Line, LINE_MM, newLine, replanned } from '@/core/swatch';
import { cards, countSewing, edit, lines as lineStore } from '@/data';
import { newId, nowText } from '@/parts/workspace';
import type { Scrap } from './useScrap';

/** Keeps a line's outcome and counts the needle's time for it; a stand-in wears no needle of ours. */
export async function settle(scrap: Scrap, line: Line, status: Line['status']): Promise<void> {
  await edit(`Test line ${line.number} ${STATUS_TEXT[status]}`, async () => {
    await setStatus(line, status);
    if (line.status !== 'sewing' || line.simulated) return;
    const { stitch, lengthMm } = line.setup;
    const minutes = needleMinutes(stitch, lengthMm, LINE_MM.sewn, scrap.machine.machine.speedSpm * PACE_SHARE);
    const { id, cloth } = scrap.cloth;
    await countSewing(scrap.machine.id, minutes, { id, name: cloth.name, family: cloth.family });
  });
}

/** What became of a line, in the list of what was done. */
const STATUS_TEXT: Record<Line['status'], string> = {
  planned: 'planned',
  sewing: 'started',
  passed: 'passed',
  failed: 'failed',
  abandoned: 'skipped',
};

/** Whether a line is still to come. */
export const isPlanned = (line: Line): boolean => line.status === 'planned';

/**
 * Begins another line: like this one, with the one thing changed that diagnosis named.
 *
 * It comes before the lines still planned, and those follow the new setting, each still varying only its own reading.
 *
 * @returns the key of the new line
 */
export async function anotherLine({ lines }: Scrap, from: Line, step?: NextStep): Promise<string> {
  const planned = lines.filter(isPlanned);
  const number = 1 + Math.max(0, ...lines.filter((l) => !isPlanned(l)).map((l) => l.number));
  const setup = step?.setup ?? from.setup;
  const line = newLine({
    id: newId(),
    swatchId: from.swatchId,
    number,
    setup,
    direction: from.direction,
    sewnAt: nowText(),
    change: step?.change,
    knowledge: from.knowledge,
    provesCardId: from.provesCardId,
  });
  const follow = planned.map((l, i) => ({ ...l, number: number + 1 + i, setup: step ? replanned(l, setup) : l.setup }));
  await edit(`Test line ${number} added`, () => lineStore.putAll([line, ...follow]));
  return line.id;
}

/** Keeps that a line has failed, and takes up the next one, as one change. */
export async function failed(scrap: Scrap, line: Line): Promise<string> {
  const { value } = await edit(`Test line ${line.number} failed`, async () => {
    await settle(scrap, line, 'failed');
    return nextLine(scrap, line);
  });
  return value;
}

/** Takes up the next planned line, or begins another one like this. */
export async function nextLine(scrap: Scrap, from: Line): Promise<string> {
  const planned = scrap.lines.find(isPlanned);
  if (!planned) return anotherLine(scrap, from);
  await takeUp(planned);
  return planned.id;
}

/** A line that was planned or given up is sewn now. */
export const takeUp = (line: Line): Promise<void> =>
  became(line, 'sewing', isPlanned(line) ? { sewnAt: nowText() } : {});

/** A line that is not sewn to its end. */
export const giveUp = (line: Line): Promise<void> => became(line, 'abandoned');

const became = async (line: Line, status: Line['status'], more: Partial<Line> = {}): Promise<void> =>
  void (await edit(`Test line ${line.number} ${STATUS_TEXT[status]}`, () => setStatus(line, status, more)));

/** Whatever else was written on the line a moment ago stays. */
const setStatus = (line: Line, status: Line['status'], more: Partial<Line> = {}): Promise<void> =>
  lineStore.change(line.id, (now) => ({ ...(now ?? line), ...more, status }));

/** Freezes a passed line as a card, with the cloth and the machine as they were; a card it was to prove again is proven again. */
export async function makeCard(scrap: Scrap, shown: Line, because: readonly string[]): Promise<Card> {
  const { value } = await edit(`Test line ${shown.number} passed`, () => passed(scrap, shown, because));
  return value;
}

async function passed(scrap: Scrap, shown: Line, because: readonly string[]): Promise<Card> {
  const { swatch, cloth, machine } = scrap;
  await settle(scrap, shown, 'passed');
  const line = (await lineStore.get(shown.id)) ?? shown;
  const before = line.provesCardId ? await cards.get(line.provesCardId) : undefined;
  const card: Card = {
    id: before?.id ?? newId(),
    name: before?.name ?? swatch.name,
    passedAt: nowText(),
    clothId: cloth.id,
    cloth: clothOf(cloth),
    operation: swatch.operation,
    secondId: swatch.secondId,
    proves: swatch.proves,
    knowledge: line.knowledge,
    machineId: machine.id,
    machine: machine.machine,
    setup: line.setup,
    measures: line.measures,
    lineId: line.id,
    notes: before ? before.notes : line.notes,
    where: swatch.where || (before?.where ?? ''),
    photoId: before?.photoId,
    simulated: line.simulated !== undefined,
    provenAgain: before
      ? [...before.provenAgain, { id: newId(), at: nowText(), lineId: line.id, because: [...because] }]
      : [],
  };
  await cards.put(card);
  return card;
}
