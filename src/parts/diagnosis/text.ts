import type { DiagnoseInput } from '@/core/diagnose';

type Result = DiagnoseInput['history'][number]['result'];

/** What the diagnosis says around its advice. */
export const DIAGNOSIS_TEXT = {
  question: 'One question first',
  change: 'Change one thing',
  nothing: 'Nothing to change',
  takes: (minutes: string) => `About ${minutes} min, and a line to see.`,
  causes: 'What is most likely behind it',
  two: (a: string, b: string) => `It may be two things at once: ${a}, and ${b}.`,
  tried: 'What you tried',
  went: {
    better: 'It got better.',
    same: 'It changed nothing.',
    worse: 'It got worse, so it is put back.',
  } satisfies Record<Result, string>,
  orChange: 'Or change something now',
  ifNot: 'If that does not help',
  instead: 'Do this instead',
} as const;
