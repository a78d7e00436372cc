'use client';

import Button from '@mui/material/Button';
import { type FormEvent, useState } from 'react';
import { type ClothRecord } from '@/core/file';
import { familyFromName, FAMILY, stretchMarksSchema } from '@/core/cloth';
import { cloths, edit } from '@/data';
import { type AskedNow, newId, nowText, useUnits } from '@/parts/workspace';
import { Field, fieldProblem, lengthIn, optionalBy } from '@/ui';
import styles from './Match.module.css';

const REST_MM = 100;

/** The first question of an empty workroom: two facts are enough for a setting. */
export function StartForm({ asked }: { asked: AskedNow }) {
  const { system } = useUnits();
  const [name, setName] = useState('');
  const [stretchedMm, setStretchedMm] = useState<number | undefined>();
  const [problem, setProblem] = useState<string | null>(null);
  const family = familyFromName(name);
  const bare = system === 'inch' ? 'in' : 'cm';
  const read = optionalBy(lengthIn(bare), `a length in ${bare}`);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (name.trim() === '') return setProblem('Expected a name, such as "cotton jersey".');
    await begin(newCloth(name.trim(), restMm(system), stretchedMm), asked);
  };
  return (
    <form className={styles.start} onSubmit={(event) => void submit(event)} noValidate>
      <h1>What cloth is it?</h1>
      <p>Two facts are enough for a first setting. Measure more later and it gets surer.</p>
      <Field
        label="What it is called"
        text={name}
        read={(text) =>
          text.length > 200 ? { ok: false, expected: 'Expected at most 200 letters.' } : { ok: true, value: text }
        }
        onValue={(text) => {
          setName(text);
          setProblem(null);
        }}
        help={
          problem ??
          (name === ''
            ? 'such as cotton jersey, 12 oz denim, light silk, neoprene'
            : family
              ? `Treated as ${FAMILY[family].name}.`
              : 'Not a name I know: it is treated as a plain woven until you say more.')
        }
        autoFocus
        textFieldProps={problem ? { error: true } : undefined}
      />
      <Field
        label={`${system === 'inch' ? '4 inches' : '10 cm'} pulled: how far does it reach`}
        unit={bare}
        text=""
        read={(text) => {
          const typed = read(text);
          if (!typed.ok || typed.value === undefined) return typed;
          const marks = { rest: restMm(system), stretched: typed.value };
          const checked = stretchMarksSchema.safeParse(marks);
          return checked.success ? typed : { ok: false, expected: fieldProblem(checked.error, marks).text };
        }}
        onValue={setStretchedMm}
        help="Mark it along a fold and pull until it resists. Leave it empty if the cloth does not stretch."
      />
      <Button type="submit" variant="contained">
        Find my setting
      </Button>
    </form>
  );
}

/** Keeps the fabric and asks about it, as one change. */
async function begin(record: ClothRecord, asked: AskedNow): Promise<void> {
  await edit(`Fabric “${record.cloth.name}” added`, async () => {
    await cloths.put(record);
    await asked.ask({ clothId: record.id });
  });
}

const restMm = (system: 'metric' | 'inch') => (system === 'inch' ? 4 * 25.4 : REST_MM);

/** Colours for cloth whose colour nobody has said yet. */
const COLOURS = ['#a9bfc8', '#c9b79c', '#b8c2a8', '#c7a8a4', '#a9a6c4', '#d3c38f'];

function newCloth(name: string, rest: number, stretchedMm: number | undefined): ClothRecord {
  const family = familyFromName(name) ?? 'other';
  const at = nowText();
  const letters = [...name].reduce((sum, letter) => sum + letter.charCodeAt(0), 0);
  return {
    id: newId(),
    cloth: { name, family, structure: FAMILY[family].structure, traits: [] },
    colour: COLOURS[letters % COLOURS.length],
    readings:
      stretchedMm === undefined
        ? []
        : [{ id: newId(), gauge: 'stretch', direction: 'across', at, marks: { rest, stretched: stretchedMm } }],
    where: '',
    notes: '',
    addedAt: at,
  };
}
