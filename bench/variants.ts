/** A full file broken in many ways: what opening each came to, and whether any was half read, threw, or said nothing. */
import { readFileSync } from 'node:fs';
import { seeded } from '../src/core/random';
import { tried, variants } from '../src/core/file/variants.testing';

const COUNT = Number(process.env.COUNT ?? 5000);
const whole = readFileSync(new URL('../demo/tansy-wren.json', import.meta.url), 'utf8');
const table: Record<string, Record<string, number>> = {};
const wrong: string[] = [];
const started = Date.now();
for (const variant of variants(whole, COUNT, seeded(1))) {
  const row = (table[variant.how] ??= { refused: 0, 'set aside': 0, whole: 0, wrong: 0 });
  try {
    const { outcome, wrong: said } = tried(variant);
    row[outcome] += 1;
    if (said === null) continue;
    row.wrong += 1;
    wrong.push(`${variant.how}: ${said}`);
  } catch (cause) {
    row.wrong += 1;
    wrong.push(`${variant.how}: threw ${(cause as Error).message}`);
  }
}
console.log(
  `broken files: ${COUNT} variants, ${wrong.length} went wrong, ${((Date.now() - started) / 1000).toFixed(0)} s`,
);
console.table(table);
for (const one of wrong.slice(0, 10)) console.log(one);
