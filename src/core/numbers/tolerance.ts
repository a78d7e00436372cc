/** Rounding noise of sums and quotients of sizes and minutes; whatever lies nearer is the same number. */
export const TOLERANCE = 1e-9;

/**
 * Whether a number reaches a limit, rounding noise aside.
 *
 * @example
 * atLeast(0.1 + 0.2 - 0.3 + 1, 1) // => true
 */
export const atLeast = (value: number, limit: number): boolean => value >= limit - TOLERANCE;

/**
 * Whether a number keeps to a limit, rounding noise aside.
 *
 * @example
 * atMost(0.1 + 0.2, 0.3) // => true
 */
export const atMost = (value: number, limit: number): boolean => value <= limit + TOLERANCE;

/** Whether a number is above a limit by more than rounding noise. */
export const isAbove = (value: number, limit: number): boolean => !atMost(value, limit);

/** Whether a number is below a limit by more than rounding noise. */
export const isBelow = (value: number, limit: number): boolean => !atLeast(value, limit);

/**
 * Whether two numbers are the same, rounding noise aside.
 *
 * @example
 * isNear(0.1 + 0.2, 0.3) // => true
 */
export const isNear = (a: number, b: number): boolean => Math.abs(a - b) <= TOLERANCE;

/**
 * How many whole steps fit, a step that is there but for rounding noise included.
 *
 * @example
 * stepsWithin(0.3 / 0.1) // => 3
 */
export const stepsWithin = (steps: number): number => Math.floor(steps + TOLERANCE);

/**
 * How many whole steps it takes, a step that is wanted only by rounding noise left out.
 *
 * @example
 * stepsToReach((0.1 + 0.2) / 0.1) // => 3
 */
export const stepsToReach = (steps: number): number => Math.ceil(steps - TOLERANCE);
