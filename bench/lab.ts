/** How the diagnosis does against the stand-in machine: 200 machines for each hidden fault, and two plain strategies beside it. */
import { advised, atRandom, type Strategy, tally, textbook } from './trial';

const SEEDS = 200;
const strategies: [string, Strategy][] = [
  ['advised', advised],
  ['textbook order', textbook],
  ['at random', atRandom],
];

for (const [name, strategy] of strategies) {
  for (const { fault, passed, median } of tally(strategy, SEEDS)) {
    const lines = median > 8 ? 'more than 8' : String(median);
    console.log(
      `${name}, ${fault}`.padEnd(44),
      `passed ${(100 * passed).toFixed(0).padStart(3)} %   median ${lines} lines`,
    );
  }
}
