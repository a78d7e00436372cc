import type { Workroom } from '../src/core/file';
import { KNOWLEDGE } from '../src/core/result';
import type { OperationKind } from '../src/core/setup';

type Run = Workroom['runs'][number];
type MachineId = 'green' | 'black';
type Known = Pick<Run, 'clothName' | 'machineName' | 'setup'>;

const day = (date: string, time: string) => `2026-${date}T${time}:00Z`;

/** One operation as a run: what is not said is as it is when everything went as usual. */
const usual: Omit<Run, 'id' | 'procedureId' | 'clothId' | 'machineId' | 'clothName' | 'machineName' | 'startedAt'> = {
  answers: {},
  tried: [],
  status: 'done',
  step: 0,
  counted: 0,
  pieces: 1,
  piece: 1,
  needleMinutes: 0,
  atItSeconds: 0,
  knowledge: KNOWLEDGE,
  notes: '',
};

/** What was sewn on board, and what lies half done under the needle. Made up. */
export function sewnOnBoard(known: (clothId: string, kind: OperationKind, machine: MachineId) => Known): Run[] {
  const sewing = (
    id: string,
    procedureId: string,
    clothId: string,
    kind: OperationKind,
    more: Partial<Run> & Pick<Run, 'startedAt'>,
    machineId: MachineId = 'green',
  ): Run => ({ ...usual, id, procedureId, clothId, machineId, ...known(clothId, kind, machineId), ...more });
  return [
    sewing('apron-felled', 'flat-felled', 'denim', 'join', {
      answers: { seam: 640 },
      jobId: 'apron',
      seamId: 'apron-7',
      status: 'sewing',
      step: 3,
      counted: 3,
      pieces: 2,
      needleMinutes: 0.7,
      atItSeconds: 1140,
      startedAt: day('11-21', '15:10'),
    }),
    sewing('cushion-zip', 'zip-centred', 'deck', 'zip-centred', {
      answers: { zip: 400, top: 40, opening: 440, row: 8 },
      jobId: 'cushion',
      seamId: 'cushion-7',
      step: 10,
      counted: 11,
      needleMinutes: 4.6,
      atItSeconds: 2460,
      startedAt: day('11-16', '14:00'),
      doneAt: day('11-16', '14:48'),
      outcome: 'good',
      notes: 'Second row from the bottom up next time.',
    }),
    sewing(
      'curtain-rolled',
      'hem-rolled',
      'lawn',
      'rolled-hem',
      {
        answers: { round: 1400 },
        step: 4,
        counted: 5,
        needleMinutes: 6.2,
        atItSeconds: 3300,
        startedAt: day('11-18', '10:20'),
        doneAt: day('11-18', '11:20'),
        outcome: 'will-do',
        notes: 'Corner three is thick.',
      },
      'black',
    ),
  ];
}
