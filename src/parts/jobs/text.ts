/** The ways from a job into the work. */
export const WORK_ACTIONS_TEXT = {
  chooseAClothAnd: 'Choose a fabric and a machine for it first.',
  itsSettingIsStill: 'Its settings are still being worked out.',
  started: (name: string) => `“${name}” started`,
  done: (name: string) => `“${name}” done`,
} as const;
