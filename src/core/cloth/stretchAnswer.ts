import { atLeast, atMost } from '../numbers';
import { formatInches, formatNumber, formatPercent, MM_PER_INCH, parseLengthMm, parseQuantity } from '../units';

/** A length that may have been meant, in words for a button. */
export interface Suggestion {
  mm: number;
  text: string;
}

/** What was typed for "10 cm stretches to": understood, or what to say beside the field. */
export type StretchAnswer =
  { kind: 'empty' } | { kind: 'length'; mm: number } | { kind: 'unclear'; text: string; meant: Suggestion[] };

/** Nothing stretches to more than this many times its length. */
const MOST = 5;

const PERCENT = ['%', 'percent', 'per cent', 'pct'];

/** The ruler the person pulls along: what it starts from, and the unit of a number without one. */
export interface StretchRuler {
  restMm: number;
  bare: 'cm' | 'in';
}

/**
 * Reads how far a marked length reaches when it is pulled, the way people write it.
 *
 * A length with its unit, a fraction of an inch, or a stretch in percent is understood. A bare number that cannot be the length
 * asked for is never dropped: what it may have meant is offered.
 *
 * @param typed - what stands in the field
 * @param ruler - the length at rest, mm, and the unit meant by a bare number
 * @returns the length reached, mm; or what to ask
 * @example
 * readStretchAnswer('14.5 cm', { restMm: 100, bare: 'cm' }) // => { kind: 'length', mm: 145 }
 * readStretchAnswer('50 %', { restMm: 100, bare: 'cm' }) // => { kind: 'length', mm: 150 }
 * readStretchAnswer('', { restMm: 100, bare: 'cm' }) // => { kind: 'empty' }
 */
export function readStretchAnswer(typed: string, ruler: StretchRuler): StretchAnswer {
  const text = typed.trim();
  if (text === '') return { kind: 'empty' };
  const read = parseQuantity(text);
  if (!read)
    return unclear(
      `“${text}” is not a length. Type how far it reaches, such as ${say(1.5 * ruler.restMm, ruler)}, or a stretch such as 50%.`,
    );
  const { value, fraction, unit } = read;
  if (PERCENT.includes(unit)) return byPercent(value, ruler);
  if (unit === '') return bareNumber(value, fraction, ruler);
  const mm = parseLengthMm(text);
  if (mm === null) return unclear(`“${unit}” is not a unit of length. Use cm, mm or inches, or a stretch such as 50%.`);
  return fit(mm, ruler) ?? outside(mm, ruler);
}

const unclear = (text: string, meant: Suggestion[] = []): StretchAnswer => ({ kind: 'unclear', text, meant });

/** A length the marked piece can reach. */
function fit(mm: number, { restMm }: StretchRuler): StretchAnswer | null {
  return atLeast(mm, restMm) && atMost(mm, restMm * MOST) ? { kind: 'length', mm: Number(mm.toFixed(3)) } : null;
}

function byPercent(percent: number, ruler: StretchRuler): StretchAnswer {
  const mm = ruler.restMm * (1 + percent / 100);
  return (
    fit(mm, ruler) ??
    unclear(
      `No fabric stretches ${formatPercent(percent)}. 50% means that ${say(ruler.restMm, ruler)} reaches ${say(1.5 * ruler.restMm, ruler)}.`,
    )
  );
}

/** A number without a unit: as asked for if it can be that, else every reading of it that can. */
function bareNumber(value: number, fraction: boolean, ruler: StretchRuler): StretchAnswer {
  const asked = value * (fraction || ruler.bare === 'in' ? MM_PER_INCH : 10);
  const understood = fit(asked, ruler);
  if (understood) return understood;
  const readings: readonly (readonly [mm: number, as: string])[] = [
    [value, 'mm'],
    [value * (ruler.bare === 'cm' ? MM_PER_INCH : 10), ruler.bare === 'cm' ? 'inches' : 'cm'],
    [ruler.restMm * (1 + value / 100), 'percent'],
    [ruler.restMm + asked, `${ruler.bare} more`],
  ];
  const meant = readings
    .filter(([mm]) => fit(mm, ruler))
    .slice(0, 2)
    .map(([mm, as]): Suggestion => ({
      mm: Number(mm.toFixed(3)),
      text: `${formatNumber(value)}${as === 'percent' ? '%' : ` ${as}`}: it reaches ${say(mm, ruler)}`,
    }));
  const why =
    asked < ruler.restMm
      ? `${say(asked, ruler)} is shorter than the ${say(ruler.restMm, ruler)} you started with.`
      : `${say(asked, ruler)} is more than any fabric stretches to.`;
  return unclear(
    meant.length > 0 ? `${why} Did you mean this?` : `${why} Type how far it reaches when you stretch it.`,
    meant,
  );
}

function outside(mm: number, ruler: StretchRuler): StretchAnswer {
  if (mm >= ruler.restMm)
    return unclear(
      `${say(mm, ruler)} is more than any fabric stretches to. Measure again from the ${say(ruler.restMm, ruler)} mark.`,
    );
  const more = ruler.restMm + mm;
  return unclear(
    `${say(mm, ruler)} is shorter than the ${say(ruler.restMm, ruler)} you started with. Did you mean this?`,
    [{ mm: Number(more.toFixed(3)), text: `${say(mm, ruler)} more: it reaches ${say(more, ruler)}` }],
  );
}

/** A length as the person's ruler says it. */
const say = (mm: number, { bare }: StretchRuler): string =>
  bare === 'in' ? formatInches(mm, 8) : `${formatNumber(mm / 10, 1)} cm`;
