/** What is said over every station. */
export const FRAME_TEXT = {
  wrongLabel: 'Something needs attention',
  wrong: (count: number) =>
    count === 1 ? '1 saved entry cannot be used as it is.' : `${count} saved entries cannot be used as they are.`,
  wrongFirst: (name: string, problem: string) => `First: ${name}: ${problem}. Nothing is lost.`,
  lookAtThem: 'Look at them',
  clockLabel: 'The clock of this computer',
  clock: (day: string) =>
    `This computer’s clock is earlier than your newest entry, from ${day}. New entries are dated after it, so that they stay in order.`,
  clockRight: 'The clock is right',
};
