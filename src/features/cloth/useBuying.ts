'use client';

import {
  clothOf,
  clothProfile,
  clothToBuy,
  shrinkFinding,
  shoppingSchema,
  STRUCTURE,
  usualShrinkage,
} from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { useDraft, useUnits } from '@/parts/workspace';
import { lengthAsk, numberAsk, type UnitSystem } from '@/core/units';
import { fieldProblem, typedNumbers } from '@/ui';
import { BUYING_TEXT } from './text';

/** The fields of the sum, by where they go in it, and how each is typed. */
export const BUYING_FIELDS = [
  { key: 'neededMm', label: BUYING_TEXT.thePatternAsksFor, unit: 'length' },
  { key: 'atWidthMm', label: BUYING_TEXT.atAWidthOf, unit: 'width' },
  { key: 'widthMm', label: BUYING_TEXT.widthOfThisFabric, unit: 'width' },
  { key: 'widestPieceMm', label: BUYING_TEXT.widestPiece, unit: 'width', optional: true },
  { key: 'repeatMm', label: BUYING_TEXT.repeatToMatch, unit: 'width', optional: true },
  { key: 'matchedPieces', label: BUYING_TEXT.piecesToMatch, unit: 'count', optional: true },
] as const;

/** What else is asked of foam and leather, whose pieces are cut without allowances. */
export const OFF_FIELDS = [
  { key: 'takenOffMm', label: BUYING_TEXT.allowanceTakenOffEach, unit: 'small', optional: true },
  { key: 'endToEnd', label: BUYING_TEXT.piecesEndToEnd, unit: 'count', optional: true },
] as const;

/** Fabric is bought by the metre or the yard, and measured across in cm or inches. */
const asksIn = (system: UnitSystem) => ({
  length: { ...lengthAsk(system, 2000, { least: 10, most: 100_000 }), bare: system === 'inch' ? 'yd' : 'm' },
  width: lengthAsk(system, 1400, { least: 0, most: 5000 }),
  small: lengthAsk(system, 15, { least: 0, most: 100 }),
  count: numberAsk('count', system, { least: 0, most: 500, whole: true, usual: 4 }),
});

/** The sum of one cloth: what was typed, what is wrong with it, and how much to buy. */
export function useBuying(record: ClothRecord) {
  const { system } = useUnits();
  const { texts, setText } = useDraft(`cloth:${record.id}:buying`);
  const cloth = clothOf(record);
  const found = shrinkFinding(record.readings);
  const shrink = found ?? usualShrinkage(cloth);
  const napped = clothProfile(cloth).traits.includes('napped');
  const asks = asksIn(system);
  const holesStay = STRUCTURE[cloth.structure].holesStay !== undefined;
  const fields = holesStay ? [...BUYING_FIELDS, ...OFF_FIELDS] : BUYING_FIELDS;
  const { value, problems, meant } = typedNumbers(
    texts,
    fields.map((field) => ({ ...field, ask: asks[field.unit] })),
  );
  const oneWay = texts.oneWay ? texts.oneWay === 'yes' : napped;
  const input = value && {
    ...value,
    shrinkAlong: shrink.alongPercent,
    shrinkAcross: shrink.acrossPercent,
    oneWay,
  };
  const checked = input && shoppingSchema.safeParse(input);
  if (checked?.success === false) {
    const { path, text } = fieldProblem(checked.error, input);
    problems[path] ??= text;
  }
  return {
    draft: { texts, setText, problems, meant },
    fields,
    asks,
    napped,
    oneWay,
    shrink: { ...shrink, from: found ? 'measured' : BUYING_TEXT.assumedFor(usualShrinkage(cloth).from) },
    answer: checked?.success ? clothToBuy(checked.data) : null,
  };
}
