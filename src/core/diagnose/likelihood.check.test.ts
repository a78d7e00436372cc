import { describe, expect, it } from 'vitest';
import type { Sign } from '../stitch';
import { type Cause, LIKELIHOOD } from '.';

// First suspects of each sign, in the order in which people try them (common practice, the trade's table of faults).
const SUSPECTS: [Sign, Cause[]][] = [
  [
    'skipped',
    ['needle-worn', 'needle-inserted-wrong', 'wrong-point', 'thread-poor', 'pulled', 'plate-slot-wide', 'pressure-low'],
  ],
  ['pucker-away', ['needle-too-big', 'needle-worn']],
  ['pucker-line', ['upper-tension-high', 'thread-too-thick', 'foot-drag', 'stitch-too-long', 'stitch-too-short']],
  ['wavy', ['pressure-high', 'pulled', 'stitch-too-short']],
  ['uneven-layers', ['foot-drag', 'pressure-high', 'lint-in-feed']],
  ['bowed', ['foot-drag', 'pressure-high', 'lint-in-feed']],
  ['popped', ['stitch-no-give', 'thread-no-give', 'stitch-too-long']],
  ['grinning', ['upper-tension-low']],
  ['tunnel', ['upper-tension-high', 'bobbin-tension', 'soft-hem']],
  ['chewed', ['start-at-edge', 'plate-slot-wide', 'needle-worn']],
  ['nest', ['rethread-needed', 'lever-not-up', 'tails-loose']],
  ['loops-below', ['rethread-needed', 'upper-tension-low']],
  ['loops-above', ['upper-tension-high', 'rethread-needed']],
  ['holes', ['wrong-point', 'needle-too-big', 'stitch-too-short']],
  ['no-feed', ['lint-in-feed', 'pressure-low', 'foot-drag']],
  ['slippage', ['stitch-too-long', 'allowance-narrow']],
  ['marks', ['pressure-high']],
  ['one-needle-missing', ['needle-worn', 'rethread-needed', 'needle-inserted-wrong']],
  ['wandering', ['eyes-on-needle']],
  ['perforated', ['stitch-too-short']],
  ['hump-stall', ['hump-step']],
  ['needle-broke', ['hit-metal', 'hump-step', 'needle-too-small']],
  ['shreds', ['thread-too-thick', 'needle-worn', 'thread-poor']],
  ['uneven-length', ['lint-in-feed', 'pressure-low', 'pulled']],
  ['shine', ['heat']],
  ['zip-bubble', ['zip-gap']],
];

describe('practice: the graph knows what the trade suspects', () => {
  it.each(SUSPECTS)('%s', (sign, suspects) => {
    for (const cause of suspects) expect(LIKELIHOOD[sign][cause] ?? 0, cause).toBeGreaterThan(0);
  });

  it('pulls away from the line have nothing to do with the tension', () =>
    expect(Object.keys(LIKELIHOOD['pucker-away']).filter((cause) => cause.includes('tension'))).toEqual([]));

  it('the bobbin screw is never the first thing a sign points to', () => {
    for (const links of Object.values(LIKELIHOOD)) {
      const strongest = Math.max(...Object.values(links));
      expect(links['bobbin-tension'] ?? 0).toBeLessThan(strongest);
    }
  });
});
