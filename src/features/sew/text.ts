/** What Sew says. */
export const TEXT = {
  onItsOwn: 'In the calculator:',
  setTo: (stitch: string) => `Set the machine to ${stitch}.`,
};
