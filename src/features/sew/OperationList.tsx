'use client';

import Link from 'next/link';
import { clothOf, clothProfile } from '@/core/cloth';
import {
  givenOf,
  type Procedure,
  PROCEDURE_GROUPS,
  PROCEDURES,
  type Run,
  sewnByMachine,
  usualSteps,
  type ProcedureId,
  procedureName,
  type Suits,
  suits,
} from '@/core/procedure';
import { useBeginRun } from '@/parts/sewing';
import { type AskedNow, sayWhen, useQuestion } from '@/parts/workspace';
import styles from './Sew.module.css';
import { TEXT } from './text';

const GROUP_TEXT: Readonly<Record<Procedure['group'], string>> = {
  seam: 'Seams',
  zip: 'Zips',
  hem: 'Hems',
  band: 'Bands',
  'curve and corner': 'Curves and corners',
  topstitch: 'Topstitching',
  strips: 'Strips',
  'by hand': 'By hand',
};

interface Props {
  runs: Run[];
  /** A run was asked for that is not here. */
  lost: boolean;
  /** What a card proved its setting for, when the way led from there. */
  kind: string | null;
}

/** What can be sewn, by group; what was begun comes first, then what a card is for. */
export function OperationList({ runs, lost, kind }: Props) {
  const asked = useQuestion();
  const begin = useBeginRun(asked, runs);
  const able = Boolean(asked?.cloth);
  const stepsIn = stepsOn(asked);
  const fits = fitsOn(asked);
  const proven = PROCEDURES.filter((p) => p.kind === kind && sewnByMachine(p));
  return (
    <div className={styles.list}>
      <h1>Sew</h1>
      {lost && <p role="status">That is not here any more.</p>}
      <Runs id="begun" title="Go on" runs={runs.filter((run) => run.status !== 'done')} say={standing} />
      {asked && !asked.cloth ? (
        <p className={styles.quiet}>
          Choose a cloth first, so that the numbers can be worked out. <Link href="/match">Match a cloth</Link>
        </p>
      ) : (
        <p className={styles.quiet}>
          On {asked?.cloth?.cloth.name ?? '…'}, with {asked?.machine?.machine.name ?? '…'}.{' '}
          <Link href="/match">Another cloth or machine</Link>
        </p>
      )}
      {proven.length > 0 && (
        <section aria-labelledby="proven">
          <h2 id="proven">What this card was proven for</h2>
          <Operations of={proven} able={able} stepsIn={stepsIn} fits={fits} onBegin={begin} />
        </section>
      )}
      <div className={styles.groups}>
        {PROCEDURE_GROUPS.map((group) => (
          <section key={group} aria-labelledby={`group-${group}`}>
            <h2 id={`group-${group}`}>{GROUP_TEXT[group]}</h2>
            <Operations
              of={suitableFirst(
                PROCEDURES.filter((p) => p.group === group),
                fits,
              )}
              able={able}
              stepsIn={stepsIn}
              fits={fits}
              onBegin={begin}
            />
          </section>
        ))}
      </div>
      <Runs
        id="done"
        title="Sewn"
        runs={runs.filter((run) => run.status === 'done').slice(0, LOGGED)}
        say={(run) => (run.outcome ? OUTCOME[run.outcome] : 'not judged')}
      />
    </div>
  );
}

interface OperationsProps {
  of: readonly Procedure<ProcedureId>[];
  able: boolean;
  stepsIn: (procedure: Procedure) => number;
  fits: Fits;
  onBegin: (procedureId: string) => Promise<void>;
}

function Operations({ of, able, stepsIn, fits, onBegin }: OperationsProps) {
  return (
    <ul className={styles.operations}>
      {of.map((p) => (
        <li key={p.id}>
          <button
            type="button"
            disabled={!able}
            data-unsuitable={fits(p).verdict === 'not-this' || undefined}
            onClick={() => void onBegin(p.id)}
          >
            {p.name}
            <small>{fitText(fits(p)) ?? TEXT.steps(stepsIn(p))}</small>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** How many steps an operation takes on the cloth and machine in question, usual answers taken. */
const stepsOn = (asked: AskedNow | undefined) => (procedure: Procedure) => {
  const { cloth, machine } = asked ?? {};
  if (!cloth) return procedure.steps.length;
  return usualSteps(procedure, givenOf(clothOf(cloth), procedure, machine?.machine ?? null, null).given);
};

type Fits = (procedure: Procedure<ProcedureId>) => Suits;

/** What suits the fabric in question; without one everything does. */
const fitsOn = (asked: AskedNow | undefined): Fits => {
  const fabric = asked?.cloth && clothProfile(clothOf(asked.cloth));
  return ({ id }) => (fabric ? suits(id, { fabric }) : { verdict: 'fine' });
};

/** What does not suit the fabric comes last, and is never hidden. */
const suitableFirst = (of: readonly Procedure<ProcedureId>[], fits: Fits) => [
  ...of.filter((p) => fits(p).verdict !== 'not-this'),
  ...of.filter((p) => fits(p).verdict === 'not-this'),
];

const fitText = ({ verdict, instead }: Suits): string | null =>
  verdict === 'fine' ? null : verdict === 'with-care' ? TEXT.withCare : TEXT.notThis(instead && procedureName(instead));

const nameOf = (run: Run) => procedureName(run.procedureId);

const OUTCOME = { good: '✓ good', 'will-do': '○ will do', unpick: '✗ unpicked' } as const;

/** The newest of the log. */
const LOGGED = 12;

const standing = ({ status, step, piece, pieces }: Run) =>
  status === 'asking' ? 'not begun' : `${pieces > 1 ? `${piece} of ${pieces}, ` : ''}step ${step + 1}`;

interface RunsProps {
  id: string;
  title: string;
  runs: Run[];
  say: (run: Run) => string;
}

function Runs({ id, title, runs, say }: RunsProps) {
  if (runs.length === 0) return null;
  return (
    <section aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      <ul className={styles.begun}>
        {runs.map((run) => (
          <li key={run.id}>
            <Link href={`/sew?run=${run.id}`}>
              <strong>{nameOf(run)}</strong>, {run.clothName}: {say(run)}, {sayWhen(run.startedAt)}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
