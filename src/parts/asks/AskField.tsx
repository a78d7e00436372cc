import { type Ask, problemWith } from '@/core/procedure';
import { askUnit, fieldText, lengthAsk, numberAsk, type QuantityAsk, stitchAsk, type UnitSystem } from '@/core/units';
import { useUnits } from '../workspace';
import { Field, quantity, Select } from '@/ui';

/** How an operation's question is asked: lengths in the person's units, stitches in mm. */
function asked({ unit, usual, least, most }: Ask, value: number, system: UnitSystem): QuantityAsk {
  const bounds = { least, most, signed: least < 0, usual: typeof usual === 'number' ? usual : value };
  if (unit === 'mm') return lengthAsk(system, bounds.usual, bounds);
  if (unit === 'stitch-mm') return stitchAsk(system, bounds);
  return numberAsk(unit, system, bounds);
}

/** One question and its answer: typed, or picked where only a few make sense. */
export function AskField({ ask, value, onValue }: { ask: Ask; value: number; onValue: (value: number) => void }) {
  const { system, say } = useUnits();
  const { options } = ask;
  const label = say(ask.label);
  const help = ask.help && say(ask.help);
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
  const wanted = asked(ask, value, system);
  const read = quantity(wanted);
  return (
    <Field
      label={label}
      unit={askUnit(wanted)}
      text={fieldText(value, wanted)}
      read={(text) => {
        const typed = read(text);
        const problem = typed.ok ? problemWith(ask, typed.value) : null;
        return problem === null ? typed : { ok: false, expected: say(problem) };
      }}
      onValue={onValue}
      help={help}
    />
  );
}
