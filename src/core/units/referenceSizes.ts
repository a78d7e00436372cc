/**
 * Sizes of things nearly everybody has at hand, to bring a screen or a photo to true scale.
 *
 * ID-1 is the format of bank and library cards (ISO/IEC 7810): 85.60 × 53.98 mm.
 */
export const ID1_CARD_MM = { width: 85.6, height: 53.98 } as const;
