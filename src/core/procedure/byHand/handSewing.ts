/** Said before the first stitch by hand. */
export const HAND_NEEDLE = 'Never hold a needle in your mouth. Put it in its case when you put the work down.';
/** Thread left at an end sewn by hand, mm (common practice). */
export const HAND_TAIL_MM = 150;
