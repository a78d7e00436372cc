import { expose } from 'comlink';
import { answer, type MatchInput, sharpen } from '@/core/match';

const api = {
  answer: (input: MatchInput) => answer(input),
  sharpen: (input: MatchInput) => sharpen(input),
};
export type MatchWorker = typeof api;

expose(api);
