/** Random numbers that can be drawn again: the same seed gives the same numbers, for ever. */
export interface Rng {
  /** A number from 0 (in) to 1 (out). */
  next: () => number;
  /** A number of the standard normal distribution (mean 0, deviation 1). */
  normal: () => number;
}

/**
 * A seeded generator.
 *
 * Mulberry32: 32 bits of state, good enough to shake a simulation, not for secrets. The normal distribution is Box and Muller's.
 *
 * @param seed - any whole number
 * @returns the generator, at its start
 * @example
 * seeded(1).next() === seeded(1).next() // => true
 */
export function seeded(seed: number): Rng {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
  const normal = () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
  return { next, normal };
}
