/** What Sew says. */
export const TEXT = {
  steps: (count: number) => `${count} steps`,
  withCare: 'with care',
  notThis: (instead: string | undefined) => (instead ? `instead: ${instead.toLowerCase()}` : 'not for this fabric'),
  changedTo: (name: string) => `Changed to ${name}`,
  onItsOwn: 'In the calculator:',
  setTo: (stitch: string) => `Set the machine to ${stitch}.`,
};
