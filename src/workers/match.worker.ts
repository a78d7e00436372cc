import { expose } from 'comlink';
import { z } from 'zod';
import { answer, type MatchInput, sharpen } from '@/core/match';

// No eval under our Content-Security-Policy.
z.config({ jitless: true });

const api = {
  answer: (input: MatchInput) => answer(input),
  sharpen: (input: MatchInput) => sharpen(input),
};
export type MatchWorker = typeof api;

expose(api);
