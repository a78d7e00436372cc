'use client';

import { clothOf, clothProfile, clothToBuy, shrinkFinding, shoppingSchema, usualShrinkage } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { useDraft, useUnits } from '@/parts/workspace';
import { fieldProblem, lengthIn, typedNumbers } from '@/ui';

/** The fields of the sum, by where they go in it, and how each is typed. */
export const BUYING_FIELDS = [
  { key: 'neededMm', label: 'The pattern asks for', unit: 'length' },
  { key: 'atWidthMm', label: 'at a width of', unit: 'width' },
  { key: 'widthMm', label: 'This cloth is wide', unit: 'width' },
  { key: 'widestPieceMm', label: 'Widest piece', unit: 'width', optional: true },
  { key: 'repeatMm', label: 'Repeat to match', unit: 'width', optional: true },
  { key: 'matchedPieces', label: 'Pieces to match', unit: 'count', optional: true },
] as const;

const METRIC = { length: 'm', width: 'cm' } as const;
const INCH = { length: 'yd', width: 'in' } as const;

/** The sum of one cloth: what was typed, what is wrong with it, and how much to buy. */
export function useBuying(record: ClothRecord) {
  const { system } = useUnits();
  const { texts, setText } = useDraft(`cloth:${record.id}:buying`);
  const cloth = clothOf(record);
  const found = shrinkFinding(record.readings);
  const shrink = found ?? usualShrinkage(cloth);
  const napped = clothProfile(cloth).traits.includes('napped');
  const units = system === 'inch' ? INCH : METRIC;
  const { value, problems } = typedNumbers(
    texts,
    BUYING_FIELDS.map((field) =>
      field.unit === 'count'
        ? { ...field, expected: 'a whole number of pieces' }
        : { ...field, parse: lengthIn(units[field.unit]), expected: `a length in ${units[field.unit]}` },
    ),
  );
  const oneWay = texts.oneWay ? texts.oneWay === 'yes' : napped;
  const singleLayer = texts.single === 'yes';
  const input = value && {
    ...value,
    shrinkAlong: shrink.alongPercent,
    shrinkAcross: shrink.acrossPercent,
    oneWay,
    singleLayer,
  };
  const checked = input && shoppingSchema.safeParse(input);
  if (checked?.success === false) {
    const { path, text } = fieldProblem(checked.error, input);
    problems[path] ??= text;
  }
  return {
    draft: { texts, setText, problems },
    units,
    napped,
    oneWay,
    single: singleLayer,
    shrink: { ...shrink, from: found ? 'measured' : `assumed for ${usualShrinkage(cloth).from}` },
    answer: checked?.success ? clothToBuy(checked.data) : null,
  };
}
