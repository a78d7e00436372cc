import { upperFirst } from '@/core/units';

/** Before something goes on which other things hang. */
export const DEPENDENCE_TEXT = {
  whatIsOnA: 'what is on a machine now',
  use: (things: string, many: boolean, what: string) => `${upperFirst(things)} ${many ? 'use' : 'uses'} ${what}`,
  deleteForGood: 'Delete for good:',
  leaveIt: 'Keep it',
  deleteForGood2: 'Delete for good',
} as const;
