import type { DiagnoseInput } from '@/core/diagnose';

type Result = DiagnoseInput['history'][number]['result'];

/** What the diagnosis says around its advice. */
export const DIAGNOSIS_TEXT = {
  question: 'One question first',
  change: 'Change one thing',
  nothing: 'Nothing to change',
  takes: (minutes: string) => `Takes about ${minutes} min and one more test.`,
  causes: 'Most likely causes',
  two: (a: string, b: string) => `There may be two causes at once: ${a}, and ${b}.`,
  tried: 'What you have tried',
  went: {
    better: 'It got better.',
    same: 'No change.',
    worse: 'It got worse, so change it back.',
  } satisfies Record<Result, string>,
  orChange: 'Or change something now',
  ifNot: 'If that does not help',
  instead: 'Do this instead',
} as const;

/** What can be done about a seam that is in the garment already. */
export const RESCUE_TEXT = {
  title: 'If it is in the garment already',
  way: { leave: 'Leave it:', press: 'Press it:', mend: 'Mend it:', unpick: 'Unpick it:' },
} as const;
