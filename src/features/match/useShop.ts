'use client';

import { useForm, useWatch } from 'react-hook-form';
import { clothOf, type HeardName, patternFit, readStretchAnswer } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import type { Operation } from '@/core/setup';
import { readAnswer } from '@/core/units';
import { useFirstColour, useHeardName } from '@/parts/naming';
import { useQuestion, useUnits } from '@/parts/workspace';
import { newCloth, restMm } from './newCloth';
import { useMatch } from './useMatch';

/** What is typed in the shop; only the name is needed. */
interface Facts {
  name: string;
  reach: string;
  weight: string;
  demand: string;
}

const EMPTY: Facts = { name: '', reach: '', weight: '', demand: '' };

/** Three facts of a fabric in the shop and what the pattern asks, and whether this machine sews it with what is owned. */
export function useShop() {
  const { system } = useUnits();
  const asked = useQuestion();
  const form = useForm<Facts>({ defaultValues: EMPTY });
  const { name, reach, weight, demand } = { ...EMPTY, ...useWatch({ control: form.control }) };
  const heard = useHeardName(name);
  const { colour } = useFirstColour(name, heard.cloth);
  const rest = restMm(system);
  const { cloth } = heard;
  const ruler = { restMm: rest, bare: system === 'inch' ? ('in' as const) : ('cm' as const) };
  const [stretched, wanted] = [reach, demand].map((text) => readStretchAnswer(text, ruler));
  const heavy = readAnswer(weight, { kind: 'arealMass', system });
  const stretchedMm = stretched.kind === 'length' ? stretched.mm : null;
  const gsm = heavy.kind === 'value' ? heavy.value : null;
  const record =
    cloth && inShop(name, cloth, colour, gsm, stretchedMm === null ? null : { rest, stretched: stretchedMm });
  const needed = wanted.kind === 'length' ? (wanted.mm / rest - 1) * 100 : null;
  const operation: Operation = {
    kind: 'join',
    ...(needed !== null && { requiredGive: Math.round(needed) }),
  };
  const match = useMatch(asked && { ...asked, cloth: record, operation });
  return {
    ...{ form, heard, record, match, machine: asked?.machine ?? null, hasKit: Boolean(asked?.kit), system },
    fit: record && wanted.kind === 'length' ? patternFit(clothOf(record), { restMm: rest, reachMm: wanted.mm }) : null,
    problems: {
      reach: stretched.kind === 'unclear' ? stretched.text : undefined,
      demand: wanted.kind === 'unclear' ? wanted.text : undefined,
      weight: heavy.kind === 'unclear' ? heavy.text : undefined,
    },
  };
}

/** The fabric as it lies in the shop: it has no key of its own until it is bought. */
function inShop(
  name: string,
  cloth: NonNullable<HeardName['cloth']>,
  colour: string,
  massGsm: number | null,
  marks: { rest: number; stretched: number } | null,
): ClothRecord {
  const made = newCloth(name.trim(), cloth, colour, marks, { newId: () => 'in-the-shop', at: '1970-01-01T00:00:00Z' });
  return massGsm === null ? made : { ...made, cloth: { ...made.cloth, massGsm } };
}
