import { useMemo } from 'react';
import { clothOf, clothProfile } from '@/core/cloth';
import {
  givenOf,
  type Procedure,
  type ProcedureId,
  procedureName,
  PROCEDURES,
  type Run,
  type Suits,
  suits,
  usualSteps,
} from '@/core/procedure';
import { OPERATION } from '@/core/setup';
import type { AskedNow } from '@/parts/workspace';
import { GROUP_TEXT, TEXT } from './text';

/** An operation as the list offers it. */
export interface Offer {
  procedure: Procedure<ProcedureId>;
  /** It is not for the fabric in question. */
  refused: boolean;
  /** What stands beside its name: how many steps, or that it takes care, or what is sewn instead. */
  says: string;
}

/** Every operation, what was sewn last first and what does not suit the fabric last. */
export function useOffers(asked: AskedNow | undefined, runs: readonly Run[]): readonly Offer[] {
  const { cloth, machine } = asked ?? {};
  return useMemo(() => {
    const known = cloth && clothOf(cloth);
    const fabric = known && clothProfile(known);
    const newest = (id: string) => runs.findIndex(({ procedureId }) => procedureId === id);
    const used = (id: string) => (newest(id) < 0 ? Infinity : newest(id));
    return PROCEDURES.map((procedure): Offer => {
      const found: Suits = fabric ? suits(procedure.id, { fabric }) : { verdict: 'fine' };
      const steps = known
        ? usualSteps(procedure, givenOf(known, procedure, machine?.machine ?? null, null).given)
        : procedure.steps.length;
      return { procedure, refused: found.verdict === 'not-this', says: fitText(found) ?? TEXT.steps(steps) };
    }).sort((a, b) => Number(a.refused) - Number(b.refused) || used(a.procedure.id) - used(b.procedure.id) || 0);
  }, [cloth, machine, runs]);
}

const fitText = ({ verdict, instead }: Suits): string | null =>
  verdict === 'fine' ? null : verdict === 'with-care' ? TEXT.withCare : TEXT.notThis(instead && procedureName(instead));

/** What an operation answers to in a search: its own name, its group, and what Match calls it. */
export const searchedBy = ({ procedure }: Offer): string =>
  [procedure.name, GROUP_TEXT[procedure.group], OPERATION[procedure.kind].name].join(' ');
