'use client';

import { clothOf, clothProfile, clothToBuy, shrinkFinding, shoppingSchema, usualShrinkage } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { firstFieldError } from '@/core/result';
import { parseLengthMm } from '@/core/units';
import { useDraft, useUnits } from '@/parts/workspace';
import { plainNumber } from '@/ui';

/** The fields of the sum: how each is typed, and where it goes. */
export const BUYING_FIELDS = [
  { key: 'needed', path: 'neededMm', label: 'The pattern asks for', unit: 'length' },
  { key: 'atWidth', path: 'atWidthMm', label: 'at a width of', unit: 'width' },
  { key: 'width', path: 'widthMm', label: 'This cloth is wide', unit: 'width' },
  { key: 'widest', path: 'widestPieceMm', label: 'Widest piece', unit: 'width' },
  { key: 'repeat', path: 'repeatMm', label: 'Repeat to match', unit: 'width' },
  { key: 'matched', path: 'matchedPieces', label: 'Pieces to match', unit: 'count' },
] as const;

const METRIC = { length: 'm', width: 'cm', count: '' } as const;
const INCH = { length: 'yd', width: 'in', count: '' } as const;

/** The sum of one cloth: what was typed, what is wrong with it, and how much to buy. */
export function useBuying(record: ClothRecord) {
  const { system } = useUnits();
  const { texts, setText } = useDraft(`cloth:${record.id}:buying`);
  const cloth = clothOf(record);
  const found = shrinkFinding(record.readings);
  const shrink = found ?? usualShrinkage(cloth);
  const napped = clothProfile(cloth).traits.includes('napped');
  const units = system === 'inch' ? INCH : METRIC;
  const values: Record<string, number | undefined> = {};
  const problems: Record<string, string> = {};
  for (const { key, unit } of BUYING_FIELDS) {
    const text = (texts[key] ?? '').trim();
    const value = text === '' ? null : unit === 'count' ? plainNumber(text) : readLength(text, units[unit]);
    values[key] = value ?? undefined;
    if (text !== '' && value === null) {
      problems[key] = unit === 'count' ? 'Expected a number.' : `Expected a length in ${units[unit]}.`;
    }
  }
  const input = {
    ...Object.fromEntries(
      BUYING_FIELDS.flatMap(({ key, path }) => (values[key] === undefined ? [] : [[path, values[key]]])),
    ),
    shrinkAlong: shrink.alongPercent,
    shrinkAcross: shrink.acrossPercent,
    oneWay: texts.oneWay ? texts.oneWay === 'yes' : napped,
    singleLayer: texts.single === 'yes',
  };
  const ready = values.needed !== undefined && values.atWidth !== undefined && values.width !== undefined;
  const checked = ready ? shoppingSchema.safeParse(input) : null;
  if (checked?.success === false) {
    const { path, message } = firstFieldError(checked.error, input);
    const field = BUYING_FIELDS.find((one) => one.path === path);
    problems[field?.key ?? ''] ??= `${message[0].toUpperCase()}${message.slice(1)}.`;
  }
  return {
    texts,
    setText,
    units,
    problems,
    napped,
    oneWay: input.oneWay,
    single: input.singleLayer,
    shrink: { ...shrink, from: found ? 'measured' : `assumed for ${usualShrinkage(cloth).from}` },
    answer: checked?.success ? clothToBuy(checked.data) : null,
  };
}

function readLength(text: string, unit: 'm' | 'yd' | 'cm' | 'in'): number | null {
  if (unit === 'cm' || unit === 'in') return parseLengthMm(text, unit);
  const bare = plainNumber(text.replace(/\s*(m|metres?|yd|yards?)$/i, ''));
  if (bare !== null) return bare * (unit === 'm' ? 1000 : 914.4);
  return parseLengthMm(text, unit === 'm' ? 'cm' : 'in');
}
