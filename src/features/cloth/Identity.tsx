'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import {
  clothOf,
  clothProfile,
  FAMILIES,
  FAMILY,
  fibreText,
  knownClothSchema,
  measuredTraits,
  STRUCTURES,
  type Trait,
  TRAITS,
} from '@/core/cloth';
import { type ClothRecord, clothRecordSchema } from '@/core/file';
import { lengthAsk, massAsk, numberAsk } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { ColourPicker, Field, OptionalQuantityField, Select, Ticks, checkedBy, withTick, wordsBy } from '@/ui';
import styles from './Cloth.module.css';
import type { SaveCloth } from './saveCloth';
import { readFibres } from './fibres';

const STRUCTURE_NAMES: Record<(typeof STRUCTURES)[number], string> = {
  woven: 'woven: two sets of threads, frays',
  knit: 'knit: loops, gives',
  foam: 'foam between knit faces',
  hide: 'hide: real leather, suede',
  coated: 'coated or plastic',
  layered: 'layers sewn or stuck together',
};

interface Props {
  record: ClothRecord;
  onSave: SaveCloth;
}

/** What the person can say about the cloth without a gauge. A family is a start, never a cage. */
export function Identity({ record, onSave }: Props) {
  const { cloth } = record;
  const shape = knownClothSchema.shape;
  const set = (change: Partial<typeof cloth>) => onSave((now) => ({ cloth: { ...now.cloth, ...change } }));
  return (
    <section aria-labelledby="identity" className={styles.identity}>
      <h2 id="identity">What it is</h2>
      <Field
        label="Name"
        text={cloth.name}
        read={wordsBy(clothRecordSchema.shape.cloth.shape.name)}
        onValue={(name) => set({ name })}
      />
      <TextField
        select
        size="small"
        fullWidth
        label="Most like"
        value={cloth.family}
        onChange={(e) => pickFamily(e.target.value as (typeof FAMILIES)[number])}
      >
        {FAMILIES.map((family) => (
          <MenuItem key={family} value={family}>
            {family === 'other' ? 'none of these' : FAMILY[family].name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        size="small"
        fullWidth
        label="Made as"
        value={cloth.structure}
        onChange={(e) => set({ structure: e.target.value as (typeof STRUCTURES)[number] })}
      >
        {STRUCTURES.map((structure) => (
          <MenuItem key={structure} value={structure}>
            {STRUCTURE_NAMES[structure]}
          </MenuItem>
        ))}
      </TextField>
      <MeasureFields record={record} onSave={onSave} />
      <Field
        label="Fibres"
        text={fibreText(cloth.fibres)}
        read={checkedBy<ClothRecord['cloth']['fibres']>(readFibres, shape.fibres)}
        onValue={(fibres) => set({ fibres })}
        help="such as cotton 95, elastane 5"
      />
      <Traits record={record} onSave={onSave} />
      <Colour record={record} onSave={onSave} />
      <Kept record={record} onSave={onSave} />
    </section>
  );

  function pickFamily(family: (typeof FAMILIES)[number]) {
    set({ family, structure: FAMILY[family].structure });
  }
}

function Colour({ record, onSave }: Props) {
  return <ColourPicker label="Colour" value={record.colour} onValue={(colour) => onSave(() => ({ colour }))} />;
}

function MeasureFields({ record, onSave }: Props) {
  const { system, say } = useUnits();
  const { cloth } = record;
  const shape = knownClothSchema.shape;
  const set = (change: Partial<typeof cloth>) => onSave((now) => ({ cloth: { ...now.cloth, ...change } }));
  const percent = (key: 'stretchAcross' | 'stretchAlong' | 'recovery', label: string) => (
    <OptionalQuantityField
      label={label}
      ask={numberAsk('percent', system, { least: 0, most: key === 'recovery' ? 100 : 400, usual: 35 })}
      schema={shape[key]}
      value={cloth[key]}
      onValue={(value) => set({ [key]: value })}
    />
  );
  return (
    <>
      <p className={styles.quiet}>
        What a label or a shop says can be typed here. What the instruments measure comes before it; a reading set aside
        gives it back.
      </p>
      <div className={styles.pair}>
        <OptionalQuantityField
          label="Weight"
          ask={massAsk(system, { least: 5, most: 3000 })}
          schema={shape.massGsm}
          value={cloth.massGsm}
          onValue={(massGsm) => set({ massGsm })}
          help="g/m², oz or momme"
        />
        <OptionalQuantityField
          label="Thickness of one layer"
          ask={lengthAsk(system, 0.8, { least: 0.02, most: 30 })}
          schema={shape.thicknessMm}
          value={cloth.thicknessMm}
          onValue={(thicknessMm) => set({ thicknessMm })}
        />
        {percent('stretchAcross', 'Stretches across')}
        {percent('stretchAlong', 'Stretches along')}
        {percent('recovery', 'Comes back')}
        <Select
          label="Iron"
          value={String(cloth.ceilingC ?? 'fibres')}
          options={IRON.map(([id, name]) => [id, say(name)] as const)}
          onPick={(id) => set({ ceilingC: id === 'fibres' ? undefined : Number(id) })}
        />
      </div>
    </>
  );
}

/** As the dots of a care label say it; `fibres` leaves it to what the cloth is made of. */
const IRON = [
  ['fibres', 'by its fibres'],
  ['0', 'none'],
  ['110', 'one dot, 110 °C'],
  ['150', 'two dots, 150 °C'],
  ['200', 'three dots, 200 °C'],
] as const;

const TRAIT_NAMES: Record<Trait, string> = {
  slippery: 'slides',
  sheer: 'sheer',
  napped: 'has a pile or nap',
  frays: 'frays',
  curls: 'edges curl',
  'holes-stay': 'pin holes stay',
  'heat-sensitive': 'melts or shines',
  'water-marks': 'water marks it',
  loose: 'loose weave or knit',
  stiff: 'stiff',
};

/** What the family brings can be taken off, what a gauge found is changed at the gauge. */
function Traits({ record, onSave }: Props) {
  const { cloth } = record;
  const { traits } = clothProfile(clothOf(record));
  const found = measuredTraits(record.readings, clothOf(record).massGsm);
  const name = (id: Trait) => `${TRAIT_NAMES[id]}${id in found ? ' (measured)' : ''}`;
  const ofFamily = FAMILY[cloth.family].structure === cloth.structure ? FAMILY[cloth.family].traits : [];
  return (
    <Ticks
      legend="It also…"
      options={TRAITS.map((id) => ({ id, name: name(id), disabled: id in found }))}
      on={traits}
      onToggle={(id, on) =>
        onSave((now) => ({
          cloth: {
            ...now.cloth,
            traits: withTick(now.cloth.traits, id, on && !ofFamily.includes(id)),
            without: withTick(now.cloth.without ?? [], id, !on && ofFamily.includes(id)),
          },
        }))
      }
    />
  );
}

function Kept({ record, onSave }: Props) {
  const { where, notes } = clothRecordSchema.shape;
  return (
    <>
      <Field
        label="Where it is kept"
        text={record.where}
        read={wordsBy(where)}
        onValue={(value) => onSave(() => ({ where: value }))}
      />
      <Field
        label="Notes"
        text={record.notes}
        read={wordsBy(notes)}
        onValue={(value) => onSave(() => ({ notes: value }))}
        textFieldProps={{ multiline: true, minRows: 2 }}
      />
    </>
  );
}
