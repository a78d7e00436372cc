/** What Sew says. */
export const TEXT = {
  setTo: (stitch: string) => `Set the machine to ${stitch}.`,
};
