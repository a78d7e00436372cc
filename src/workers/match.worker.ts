import { expose } from 'comlink';
import { diagnose, type DiagnoseInput } from '@/core/diagnose';
import { answer, giveMap, lookOver, type MatchInput, schoolsThatMatter, sharpen, sweepDial } from '@/core/match';
import type { Dial, Setup } from '@/core/setup';

const api = {
  answer: (input: MatchInput) => answer(input),
  sharpen: (input: MatchInput) => sharpen(input),
  lookOver: (input: MatchInput, setup: Setup) => lookOver(input, setup),
  sweepDial: (input: MatchInput, setup: Setup, dial: Dial) => sweepDial(input, setup, dial),
  giveMap: (input: MatchInput, setup: Setup) => giveMap(input, setup),
  diagnose: (input: DiagnoseInput) => diagnose(input),
  schoolsThatMatter: (input: MatchInput) => schoolsThatMatter(input),
};
export type MatchWorker = typeof api;

expose(api);
