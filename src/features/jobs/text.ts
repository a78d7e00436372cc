import { lowerFirst } from '@/core/units';

/** What a project says of its thread. */
export const BUDGET_TEXT = {
  howMuchLeft: 'You have this: how much is left?',
  checkSpool: (thread: string, needed: string) => `You have ${thread}. This takes ${needed}: is that much left?`,
  noteIt: 'Note it in the workroom',
} as const;

/** What a template says of the fabric chosen for it. */
export const TEMPLATE_TEXT = {
  unsuitable: (seam: string, why: string, instead: string | undefined) =>
    `“${seam}”: ${why}${instead ? ` Sewn instead: ${instead.toLowerCase()}.` : ''}`,
} as const;

/** What the order of work says. */
export const WORK_TEXT = {
  forRow: (row: string) => `then, for ${lowerFirst(row)}:`,
} as const;
