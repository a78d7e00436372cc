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
import { IDENTITY_TEXT } from './text';

const STRUCTURE_NAMES: Record<(typeof STRUCTURES)[number], string> = {
  woven: IDENTITY_TEXT.wovenTwoSetsOf,
  knit: IDENTITY_TEXT.knitLoopsGives,
  foam: IDENTITY_TEXT.foamBetweenKnitFaces,
  hide: IDENTITY_TEXT.hideRealLeatherSuede,
  coated: IDENTITY_TEXT.coatedOrPlastic,
  layered: IDENTITY_TEXT.layersSewnOrStuck,
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
      <h2 id="identity">{IDENTITY_TEXT.whatItIs}</h2>
      <Field
        label={IDENTITY_TEXT.name}
        text={cloth.name}
        read={wordsBy(clothRecordSchema.shape.cloth.shape.name)}
        onValue={(name) => set({ name })}
      />
      <TextField
        select
        size="small"
        fullWidth
        label={IDENTITY_TEXT.mostLike}
        value={cloth.family}
        onChange={(e) => pickFamily(e.target.value as (typeof FAMILIES)[number])}
      >
        {FAMILIES.map((family) => (
          <MenuItem key={family} value={family}>
            {family === 'other' ? IDENTITY_TEXT.noneOfThese : FAMILY[family].name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        size="small"
        fullWidth
        label={IDENTITY_TEXT.madeAs}
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
        label={IDENTITY_TEXT.fibres}
        text={fibreText(cloth.fibres)}
        read={checkedBy<ClothRecord['cloth']['fibres']>(readFibres, shape.fibres)}
        onValue={(fibres) => set({ fibres })}
        help={IDENTITY_TEXT.suchAsCottonElastane}
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
  return (
    <ColourPicker label={IDENTITY_TEXT.colour} value={record.colour} onValue={(colour) => onSave(() => ({ colour }))} />
  );
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
      <p className={styles.quiet}>{IDENTITY_TEXT.whatALabelOr}</p>
      <div className={styles.pair}>
        <OptionalQuantityField
          label={IDENTITY_TEXT.weight}
          ask={massAsk(system, { least: 5, most: 3000 })}
          schema={shape.massGsm}
          value={cloth.massGsm}
          onValue={(massGsm) => set({ massGsm })}
          help={IDENTITY_TEXT.gMOzOr}
        />
        <OptionalQuantityField
          label={IDENTITY_TEXT.thicknessOfOneLayer}
          ask={lengthAsk(system, 0.8, { least: 0.02, most: 30 })}
          schema={shape.thicknessMm}
          value={cloth.thicknessMm}
          onValue={(thicknessMm) => set({ thicknessMm })}
        />
        {percent('stretchAcross', IDENTITY_TEXT.stretchesAcross)}
        {percent('stretchAlong', IDENTITY_TEXT.stretchesAlong)}
        {percent('recovery', IDENTITY_TEXT.comesBack)}
        <Select
          label={IDENTITY_TEXT.iron}
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
  ['fibres', IDENTITY_TEXT.byItsFibres],
  ['0', 'none'],
  ['110', IDENTITY_TEXT.oneDotC],
  ['150', IDENTITY_TEXT.twoDotsC],
  ['200', IDENTITY_TEXT.threeDotsC],
] as const;

const TRAIT_NAMES: Record<Trait, string> = {
  slippery: 'slides',
  sheer: 'sheer',
  napped: IDENTITY_TEXT.hasAPileOr,
  frays: 'frays',
  curls: IDENTITY_TEXT.edgesCurl,
  'holes-stay': IDENTITY_TEXT.pinHolesStay,
  'heat-sensitive': IDENTITY_TEXT.meltsOrShines,
  'water-marks': IDENTITY_TEXT.waterMarksIt,
  loose: IDENTITY_TEXT.looseWeaveOrKnit,
  stiff: 'stiff',
};

/** What the family brings can be taken off, what a gauge found is changed at the gauge. */
function Traits({ record, onSave }: Props) {
  const { cloth } = record;
  const { traits } = clothProfile(clothOf(record));
  const found = measuredTraits(record.readings, clothOf(record).massGsm);
  const name = (id: Trait) => `${TRAIT_NAMES[id]}${id in found ? IDENTITY_TEXT.measured : ''}`;
  const ofFamily = FAMILY[cloth.family].structure === cloth.structure ? FAMILY[cloth.family].traits : [];
  return (
    <Ticks
      legend={IDENTITY_TEXT.itAlso}
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
        label={IDENTITY_TEXT.whereItIsKept}
        text={record.where}
        read={wordsBy(where)}
        onValue={(value) => onSave(() => ({ where: value }))}
      />
      <Field
        label={IDENTITY_TEXT.notes}
        text={record.notes}
        read={wordsBy(notes)}
        onValue={(value) => onSave(() => ({ notes: value }))}
        textFieldProps={{ multiline: true, minRows: 2 }}
      />
    </>
  );
}
