import { type Ask, problemWith } from '@/core/procedure';
import {
  askUnit,
  fieldText,
  lengthAsk,
  massAsk,
  numberAsk,
  type QuantityAsk,
  stitchAsk,
  type UnitSystem,
} from '@/core/units';
import { useUnits } from '../workspace';
import { Field, optionalQuantity, Select, type Typed } from '@/ui';
import { ASK_FIELD_TEXT } from './text';

interface Props {
  ask: Ask;
  value: number | undefined;
  onValue: (value: number) => void;
  /** Said of the answer, before what the question itself says. */
  note?: string;
  /** It may be left empty. */
  onEmpty?: () => void;
  /** What was typed is no answer. */
  onInvalid?: () => void;
}

/** How an operation's question is asked: lengths in the person's units, stitches in mm. */
function asked({ unit, usual, least, most }: Ask, value: number | undefined, system: UnitSystem): QuantityAsk {
  const bounds = { least, most, signed: least < 0, usual: typeof usual === 'number' ? usual : value };
  if (unit === 'mm') return lengthAsk(system, bounds.usual ?? least, bounds);
  if (unit === 'stitch-mm') return stitchAsk(system, bounds);
  if (unit === 'gsm') return massAsk(system, bounds);
  return numberAsk(unit, system, bounds);
}

/** One question and its answer: typed, or picked where only a few make sense. */
export function AskField({ ask, note, value, onValue, onEmpty, onInvalid }: Props) {
  const { system, say } = useUnits();
  const { options } = ask;
  const label = say(ask.label);
  const help = [note, ask.help && say(ask.help)].filter(Boolean).join('. ') || undefined;
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
  const reads = optionalQuantity(wanted);
  const read = (text: string): Typed<number | undefined> => {
    const typed = reads(text);
    if (!typed.ok) return typed;
    if (typed.value === undefined) return onEmpty ? typed : { ok: false, expected: ASK_FIELD_TEXT.typeANumber };
    const problem = problemWith(ask, typed.value);
    return problem === null ? typed : { ok: false, expected: say(problem) };
  };
  return (
    <Field<number | undefined>
      label={label}
      unit={askUnit(wanted)}
      text={value === undefined ? '' : fieldText(value, wanted)}
      read={read}
      onValue={(now) => (now === undefined ? onEmpty?.() : onValue(now))}
      onInvalid={onInvalid}
      help={help}
    />
  );
}
