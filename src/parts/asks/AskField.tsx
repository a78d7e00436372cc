import { type Ask, ASK_UNIT, problemWith } from '@/core/procedure';
import { formatNumber } from '@/core/units';
import { Field, lengthIn, numberBy, Select, plainNumber } from '@/ui';

/** One question and its answer: typed, or picked where only a few make sense. */
export function AskField({ ask, value, onValue }: { ask: Ask; value: number; onValue: (value: number) => void }) {
  const { label, unit, options, help } = ask;
  if (options)
    return (
      <Select
        label={label}
        value={String(value)}
        options={options.map(([one, name]) => [String(one), name] as const)}
        onPick={(one) => onValue(Number(one))}
        help={help}
      />
    );
  const read =
    unit === 'mm' ? numberBy(lengthIn('mm'), 'a length, such as 15 or 5/8 in') : numberBy(plainNumber, 'a number');
  return (
    <Field
      label={label}
      unit={ASK_UNIT[unit] || undefined}
      text={formatNumber(value, 2)}
      read={(text) => {
        const typed = read(text);
        const problem = typed.ok ? problemWith(ask, typed.value) : null;
        return problem === null ? typed : { ok: false, expected: problem };
      }}
      onValue={onValue}
      help={help}
    />
  );
}
