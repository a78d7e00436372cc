/** Before something goes on which other things hang. */
export const DEPENDENCE_TEXT = {
  whatIsOnA: 'what is on a machine now',
  on: (what: string) => `on ${what}`,
  deleteForGood: 'Delete for good:',
  leaveIt: 'Keep it',
  deleteForGood2: 'Delete for good',
} as const;
