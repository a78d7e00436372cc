import type { Answer } from './answer';
import { formatNumber } from './format';
import { parseQuantity } from './quantity';
import { parseThreadTex, texFrom } from './threadNumber';

/** One way a number on a spool can be meant. */
export interface SpoolNumber {
  tex: number;
  /** In words: "No. 120". Typed again it means just this. */
  as: string;
}

/** What a number on a spool was taken as, and what else it could be. */
export interface SpoolLabel extends SpoolNumber {
  /** The system was not written: this is only the likeliest. */
  guessed: boolean;
  others: SpoolNumber[];
}

/** Thread for sewing by machine lies between these, Tex; what a guess would take beyond them is not offered. */
const SEWN = { least: 8, most: 150 };
/** No thread is thicker than this, Tex. */
const THICKEST = 400;

/** From this number on a bare one is a ticket number: a weight or a Tex so high is not sold for machines (common practice). */
const TICKET_FROM = 90;
/** Two numbers with a stroke are a cotton count up to here, a metric count above (common practice). */
const COTTON_COUNT_TO = 60;

/** `120/2`, `Nm 80/3`, `Ne 50/2`: a count and its plies. */
const PLIED = /^(?<system>ne|nec|nm)?\.?\s*(?<count>\d+)\s*\/\s*(?<plies>[1-6])(?:\s*(?<after>ne|nec|nm))?$/i;
/** `No. 120`, `Nr. 120`, `# 120`, `N° 120`. */
const NUMBERED = /^(?:no|nr|n°|nº|#)\.?\s*(?<number>\d+(?:[.,]\d+)?)$/i;

const ticket = (value: number): SpoolNumber => ({ tex: texFrom('ticket', value), as: `Tkt ${formatNumber(value)}` });
const weight = (value: number): SpoolNumber => ({ tex: texFrom('weight', value), as: `${formatNumber(value)} wt` });
const tex = (value: number): SpoolNumber => ({ tex: value, as: `Tex ${formatNumber(value)}` });
const cottonCount = (count: number, plies: number): SpoolNumber => ({
  tex: texFrom('cottonCount', count) * plies,
  as: `Ne ${count}/${plies}`,
});
const metricCount = (count: number, plies: number): SpoolNumber => ({
  tex: texFrom('metricCount', count) * plies,
  as: `Nm ${count}/${plies}`,
});

const isSewn = (one: SpoolNumber) => one.tex >= SEWN.least && one.tex <= SEWN.most;

/** The likeliest of some readings, with the others that could be meant. */
function guess(readings: readonly SpoolNumber[]): SpoolLabel | null {
  const [likeliest, ...others] = readings.filter(isSewn);
  return likeliest ? { ...likeliest, guessed: true, others } : null;
}

/**
 * Reads the number of a thread as it is printed on spools.
 *
 * A system that is written counts. A bare number is taken as the system it is likeliest in, said so, with the others
 * beside it: `120` is an ordinary ticket number, never Tex 120; `50` on a spool of cotton is a weight.
 *
 * @param text - what stands on the spool
 * @param cotton - whether the thread is cotton, which is numbered by weight
 * @returns Tex and how it was taken; null where it is no thread number
 * @example
 * readSpoolLabel('120', false).as // => 'Tkt 120'
 * readSpoolLabel('No. 100', false).tex // => 30
 * readSpoolLabel('50', true).as // => '50 wt'
 * readSpoolLabel('80/2', false).tex // => 25
 */
export function readSpoolLabel(text: string, cotton: boolean): SpoolLabel | null {
  const typed = text.trim();
  const plied = PLIED.exec(typed)?.groups;
  if (plied) return withPlies(plied, cotton);
  const numbered = NUMBERED.exec(typed)?.groups;
  if (numbered) {
    const value = Number(numbered.number.replace(',', '.'));
    return value > 0 ? guess(cotton ? [weight(value), ticket(value)] : [ticket(value), weight(value)]) : null;
  }
  const read = parseQuantity(typed);
  if (!read || read.fraction || !(read.value > 0)) return null;
  if (read.unit === '') return guess(bare(read.value, cotton));
  const said = parseThreadTex(typed);
  return said === null || said > THICKEST ? null : { tex: said, as: typed, guessed: false, others: [] };
}

function bare(value: number, cotton: boolean): SpoolNumber[] {
  if (value >= TICKET_FROM) return [ticket(value), weight(value), tex(value)];
  return cotton ? [weight(value), tex(value), ticket(value)] : [tex(value), ticket(value), weight(value)];
}

function withPlies({ system, after, count, plies }: Record<string, string>, cotton: boolean): SpoolLabel | null {
  const [n, p] = [Number(count), Number(plies)];
  if (n === 0) return null;
  const said = (system ?? after)?.toLowerCase();
  const [metric, english] = [metricCount(n, p), cottonCount(n, p)];
  if (said) return { ...(said === 'nm' ? metric : english), guessed: false, others: [] };
  return guess(cotton || n <= COTTON_COUNT_TO ? [english, metric] : [metric, english]);
}

/**
 * A thread number typed where only its Tex is asked for.
 *
 * @param text - what stands on the spool
 * @param cotton - whether the thread is cotton
 * @returns Tex, or what to say; the likeliest where the system was not written
 */
export function spoolAnswer(text: string, cotton: boolean): Answer {
  if (text.trim() === '') return { kind: 'empty' };
  const read = readSpoolLabel(text, cotton);
  if (read) return { kind: 'value', value: read.tex };
  return {
    kind: 'unclear',
    text: `“${text.trim()}” is not a thread number. Type it as printed, such as No. 120 or Tex 27.`,
    meant: [],
  };
}
