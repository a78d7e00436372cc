import './withoutEval';
import { expose, transfer } from 'comlink';
import { diagnose, type DiagnoseInput } from '@/core/diagnose';
import type { Offset, TestedCard } from '@/core/card';
import {
  answer,
  bestStitches,
  byTablesAlone,
  contrast,
  giveMap,
  knowledgeChange,
  lookOver,
  machineOffsets,
  type MatchInput,
  schoolsThatMatter,
  sharpen,
  sweepDial,
} from '@/core/match';
import { type Matched, matchRows, type RowsQuestion } from '@/core/procedure';
import { sewOnStandIn, standInInput, standInLineOf, type StandInTask } from '@/core/practice';
import type { Dial, Setup } from '@/core/setup';
import { type Colours, sewnPicture } from '@/core/standin';
import { planScrap } from '@/core/swatch';

/** Sharp on a dense screen, and drawn in about a second. */
const PX_PER_MM = 8;

const api = {
  answer: (input: MatchInput) => answer(input),
  matchRows: (procedure: Matched, question: RowsQuestion) => matchRows(procedure, question),
  sharpen: (input: MatchInput) => sharpen(input),
  lookOver: (input: MatchInput, setup: Setup) => lookOver(input, setup),
  sweepDial: (input: MatchInput, setup: Setup, dial: Dial) => sweepDial(input, setup, dial),
  giveMap: (input: MatchInput, setup: Setup) => giveMap(input, setup),
  diagnose: (input: DiagnoseInput) => diagnose(input),
  bestStitches: (input: MatchInput, most: number) => bestStitches(input, most),
  contrast: (input: MatchInput, best: Setup, other: Setup) => contrast(input, best, other),
  recommended: (input: MatchInput) => byTablesAlone(input).setup,
  knowledgeChanges: (asked: readonly [Parameters<typeof knowledgeChange>[0], MatchInput][]) =>
    asked.flatMap(([card, input]) => knowledgeChange(card, input) ?? []),
  schoolsThatMatter: (input: MatchInput) => schoolsThatMatter(input),
  machineOffsets: (cards: readonly TestedCard[], since: Partial<Record<Offset, string>>) =>
    machineOffsets(cards, since),
  planScrap: (input: MatchInput, setup: Setup) => planScrap(input, setup),
  sewOnStandIn: (task: StandInTask) => sewOnStandIn(standInLineOf(task)),
  /** The picture of a line a simulated machine sewed; its pixels are handed over, not copied. */
  sewnPicture: (task: StandInTask, colours: Partial<Colours>) => {
    const line = standInLineOf(task);
    const picture = sewnPicture(standInInput(line), line.machine, line.seed, PX_PER_MM, colours);
    return picture && transfer(picture, [picture.data.buffer]);
  },
};
export type MatchWorker = typeof api;

expose(api);
