/** What Sew says. */
export const TEXT = {
  steps: (count: number) => `${count} steps`,
  withCare: 'with care',
  notThis: (instead: string | undefined) => (instead ? `instead: ${instead.toLowerCase()}` : 'not for this fabric'),
  notForIt: (name: string, fabric: string) => `${name} is not for ${fabric}`,
  takeCare: 'On this fabric, take care',
  changedTo: (name: string) => `Changed to ${name}`,
  sewInstead: (name: string) => `Sew it as: ${name}`,
  onItsOwn: 'In the calculator:',
  setTo: (stitch: string) => `Set the machine to ${stitch}.`,
};
