/** Said before the first stitch by hand. */
export const HAND_NEEDLE = 'Never hold a needle in your mouth; put it into its case when you lay the work down.';
/** Thread left at an end sewn by hand, mm (common practice). */
export const HAND_TAIL_MM = 150;
