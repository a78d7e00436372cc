/** A line sewn again to see whether a change helped, with laying and looking, minutes (model). */
export const LINE_MIN = 2;
