import fc from 'fast-check';

// The same cases in every run, so that a red run can be run again; SEED=7 npx vitest run draws others.
fc.configureGlobal({ seed: Number(process.env.SEED ?? 20261128) });
