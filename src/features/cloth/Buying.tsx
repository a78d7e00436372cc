'use client';

import { clothOf, clothProfile, clothToBuy, shrinkFinding, shoppingSchema, usualShrinkage } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { firstFieldError } from '@/core/result';
import { formatNumber, parseLengthMm } from '@/core/units';
import { useDraft, useUnits } from '@/parts/workspace';
import { MeasureField, plainNumber, StopPlate, Tick } from '@/ui';
import styles from './Cloth.module.css';

/** The fields of the sum: how each is typed, in which unit, and what stands for an empty one. */
const FIELDS = [
  { key: 'needed', path: 'neededMm', label: 'The pattern asks for', unit: 'length' },
  { key: 'atWidth', path: 'atWidthMm', label: 'at a width of', unit: 'width' },
  { key: 'width', path: 'widthMm', label: 'This cloth is wide', unit: 'width' },
  { key: 'widest', path: 'widestPieceMm', label: 'Widest piece, opened out', unit: 'width', optional: true },
  { key: 'repeat', path: 'repeatMm', label: 'Repeat to match', unit: 'width', optional: true },
  { key: 'matched', path: 'matchedPieces', label: 'Pieces that must match', unit: 'count', optional: true },
] as const;

/** How much to buy: the pattern's length on this cloth's width, with the wash, the nap, the repeat and the lay in it. */
export function Buying({ record }: { record: ClothRecord }) {
  const { system, metres } = useUnits();
  const { texts, setText } = useDraft(`cloth:${record.id}:buying`);
  const cloth = clothOf(record);
  const found = shrinkFinding(record.readings);
  const shrink = found ?? usualShrinkage(cloth);
  const napped = clothProfile(cloth).traits.includes('napped');
  const oneWay = texts.oneWay ? texts.oneWay === 'yes' : napped;
  const single = texts.single === 'yes';
  const units = system === 'inch' ? { length: 'yd', width: 'in', count: '' } : { length: 'm', width: 'cm', count: '' };
  const values: Record<string, number | null | undefined> = {};
  for (const { key, unit } of FIELDS) {
    const text = (texts[key] ?? '').trim();
    values[key] = text === '' ? undefined : unit === 'count' ? plainNumber(text) : readLength(text, units[unit]);
  }
  const ready = values.needed && values.atWidth && values.width;
  const input = {
    ...Object.fromEntries(FIELDS.flatMap(({ key, path }) => (values[key] == null ? [] : [[path, values[key]]]))),
    shrinkAlong: shrink.alongPercent,
    shrinkAcross: shrink.acrossPercent,
    oneWay,
    singleLayer: single,
  };
  const checked = ready ? shoppingSchema.safeParse(input) : null;
  const problem = checked?.success === false ? firstFieldError(checked.error, input) : null;
  const answer = checked?.success ? clothToBuy(checked.data) : null;
  return (
    <section aria-labelledby="buying" className={styles.follows}>
      <h2 id="buying">How much to buy</h2>
      <div className={styles.threes}>
        {FIELDS.map(({ key, path, label, unit }) => (
          <MeasureField
            key={key}
            label={label}
            unit={units[unit] || undefined}
            text={texts[key] ?? ''}
            onText={(text) => setText(key, text)}
            problem={
              values[key] === null
                ? unit === 'count'
                  ? 'Expected a number.'
                  : `Expected a length in ${units[unit]}.`
                : problem?.path === path
                  ? `${problem.message[0].toUpperCase()}${problem.message.slice(1)}.`
                  : null
            }
          />
        ))}
      </div>
      <div className={styles.ticks}>
        <Tick
          name={`All pieces one way${napped ? ', for its pile' : ''}: 15 % more`}
          checked={oneWay}
          onToggle={(on) => setText('oneWay', on ? 'yes' : 'no')}
        />
        <Tick
          name="Cut in a single layer, not on the fold"
          checked={single}
          onToggle={(on) => setText('single', on ? 'yes' : 'no')}
        />
      </div>
      <p className={styles.quiet}>
        The wash takes {formatNumber(shrink.alongPercent, 1)} % of the length and{' '}
        {formatNumber(shrink.acrossPercent, 1)} % of the width,{' '}
        {found ? 'measured' : `assumed for ${usualShrinkage(cloth).from}`}.
      </p>
      {answer && 'blocked' in answer && (
        <StopPlate title="It does not fit">
          <p>
            {answer.blocked[0].text} Usable width {formatNumber((answer.blocked[0].limit ?? 0) / 10, 1)} cm, piece{' '}
            {formatNumber((answer.blocked[0].actual ?? 0) / 10, 1)} cm.
          </p>
        </StopPlate>
      )}
      {answer && 'buyMm' in answer && (
        <div aria-live="polite">
          <p className={styles.buy}>
            Ask for <strong>{metres(answer.askForMm)}</strong>
          </p>
          <table className={styles.sum}>
            <tbody>
              {answer.steps.map(({ what, mm }, i) => (
                <tr key={what}>
                  <td>{what}</td>
                  <td>
                    {i === 0 ? '' : mm > 0 ? '+ ' : '− '}
                    {metres(Math.abs(mm))}
                  </td>
                </tr>
              ))}
              <tr>
                <td>all in all, on {formatNumber(answer.usableWidthMm / 10, 0)} cm of usable width</td>
                <td>
                  <strong>{metres(answer.buyMm)}</strong>
                </td>
              </tr>
            </tbody>
          </table>
          <p className={styles.quiet}>
            Widths are exchanged by area. Lay the pieces out once before you buy much less than the pattern says: long
            pieces do not get shorter on a wide cloth.
          </p>
        </div>
      )}
    </section>
  );
}

function readLength(text: string, unit: string): number | null {
  if (unit === 'cm' || unit === 'in') return parseLengthMm(text, unit);
  const bare = plainNumber(text.replace(/\s*(m|metres?|yd|yards?)$/i, ''));
  if (bare !== null) return bare * (unit === 'm' ? 1000 : 914.4);
  return parseLengthMm(text, unit === 'm' ? 'cm' : 'in');
}
