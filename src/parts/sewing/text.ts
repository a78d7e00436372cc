/** Whether an operation suits a fabric. */
export const FITS_TEXT = {
  takeCare: 'On this fabric, take care',
  notForIt: (name: string, fabric: string) => `${name} is not for ${fabric}`,
  sewInstead: (name: string) => `Sew it as: ${name}`,
} as const;
