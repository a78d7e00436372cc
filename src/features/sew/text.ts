/** What Sew says. */
export const TEXT = {
  sewnWith: (stitch: string) => `Sewn with ${stitch}.`,
};
