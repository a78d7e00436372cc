import type { MatchRequest } from '.';

type MatchMachine = NonNullable<MatchRequest['machine']>;

/**
 * A small old machine: one needle position, no pressure dial, only the stitches that are named.
 *
 * @param stitches - what it sews
 */
export const basicMachine = (stitches: MatchMachine['stitches']): MatchMachine => ({
  stitches,
  maxLengthMm: 4,
  maxWidthMm: 5,
  plates: ['standard'],
  shank: 'low',
  pressureDial: null,
  tensionDial: { min: 0, max: 9, normal: 4 },
  footLiftMm: 5,
  speedSpm: 600,
  needlePositions: 1,
});
