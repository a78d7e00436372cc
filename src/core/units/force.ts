import { formatNumber } from './format';

/** Newton in a pound of force. */
export const N_PER_LBF = 4.448222;

/**
 * A force, in newton and in pounds: makers print either.
 *
 * @param newton - newton
 * @example
 * formatForce(148.1) // => '148 N (33 lbf)'
 */
export const formatForce = (newton: number): string =>
  `${formatNumber(newton, 0)} N (${formatNumber(newton / N_PER_LBF, 0)} lbf)`;
