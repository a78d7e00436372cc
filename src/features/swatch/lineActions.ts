import type { Card } from '@/core/card';
import type { NextStep } from '@/core/diagnose';
import { isPlanned, type TestLine } from '@/core/swatch';
import { cardFromLine, lineNeedleMinutes, nextTestLine } from '@/core/workroom';
import { cards, countSewing, edit, lines as lineStore } from '@/data';
import { newId, nowText } from '@/parts/workspace';
import type { Scrap } from './useScrap';

/** Keeps a line's outcome and counts the needle's time for it. */
export async function settle(scrap: Scrap, line: TestLine, status: TestLine['status']): Promise<void> {
  await edit(`Test line ${line.number} ${STATUS_TEXT[status]}`, async () => {
    await setStatus(line, status);
    const minutes = lineNeedleMinutes(line, scrap.machine);
    const { id, cloth } = scrap.cloth;
    if (minutes > 0) await countSewing(scrap.machine.id, minutes, { id, name: cloth.name, family: cloth.family });
  });
}

/** What became of a line, in the list of what was done. */
const STATUS_TEXT: Record<TestLine['status'], string> = {
  planned: 'planned',
  sewing: 'started',
  passed: 'passed',
  failed: 'failed',
  abandoned: 'skipped',
};

/**
 * Adds the next test line: like this one, with the one thing changed that the diagnosis named.
 *
 * @returns the key of the new line
 */
export async function anotherLine({ lines }: Scrap, from: TestLine, step?: NextStep): Promise<string> {
  const [line, ...planned] = nextTestLine(lines, from, { id: newId(), at: nowText() }, step);
  await edit(`Test line ${line.number} added`, () => lineStore.putAll([line, ...planned]));
  return line.id;
}

/** Keeps that a line has failed, and takes up the next one, as one change. */
export async function failed(scrap: Scrap, line: TestLine): Promise<string> {
  const { value } = await edit(`Test line ${line.number} failed`, async () => {
    await settle(scrap, line, 'failed');
    return nextLine(scrap, line);
  });
  return value;
}

/** Takes up the next planned line, or begins another one like this. */
export async function nextLine(scrap: Scrap, from: TestLine): Promise<string> {
  const planned = scrap.lines.find(isPlanned);
  if (!planned) return anotherLine(scrap, from);
  await takeUp(planned);
  return planned.id;
}

/** A line that was planned or given up is sewn now. */
export const takeUp = (line: TestLine): Promise<void> =>
  became(line, 'sewing', isPlanned(line) ? { sewnAt: nowText() } : {});

/** A line that is not sewn to its end. */
export const giveUp = (line: TestLine): Promise<void> => became(line, 'abandoned');

const became = async (line: TestLine, status: TestLine['status'], more: Partial<TestLine> = {}): Promise<void> =>
  void (await edit(`Test line ${line.number} ${STATUS_TEXT[status]}`, () => setStatus(line, status, more)));

/** Whatever else was written on the line a moment ago stays. */
const setStatus = (line: TestLine, status: TestLine['status'], more: Partial<TestLine> = {}): Promise<void> =>
  lineStore.change(line.id, (now) => ({ ...(now ?? line), ...more, status }));

/** Freezes a passed line as a card, with the cloth and the machine as they were; a card it was to prove again is proven again. */
export async function makeCard(scrap: Scrap, shown: TestLine, because: readonly string[]): Promise<Card> {
  const { value } = await edit(`Test line ${shown.number} passed`, () => passed(scrap, shown, because));
  return value;
}

async function passed(scrap: Scrap, shown: TestLine, because: readonly string[]): Promise<Card> {
  const { swatch, cloth, machine } = scrap;
  await settle(scrap, shown, 'passed');
  const line = (await lineStore.get(shown.id)) ?? shown;
  const before = line.provesCardId ? await cards.get(line.provesCardId) : undefined;
  const card = cardFromLine({ line, swatch, cloth, machine, before, because }, { id: newId(), at: nowText() });
  await cards.put(card);
  return card;
}
