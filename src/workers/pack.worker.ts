import './withoutEval';
import { expose } from 'comlink';
import { pack, unpack } from './packing';

const api = { pack, unpack };
export type PackWorker = typeof api;

expose(api);
