'use client';

import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useState } from 'react';
import { PROCEDURE_GROUPS, type Run, sewnByMachine } from '@/core/procedure';
import { useFound } from '@/parts/longList';
import { useBeginRun } from '@/parts/sewing';
import { type AskedNow, useQuestion } from '@/parts/workspace';
import { Operations } from './Operations';
import { Runs } from './Runs';
import styles from './Sew.module.css';
import { GROUP_TEXT, OUTCOME_TEXT, TEXT } from './text';
import { searchedBy, useOffers } from './useOffers';

interface Props {
  runs: Run[];
  /** A run was asked for that is not here. */
  lost: boolean;
  /** What a card proved its setting for, when the way led from there. */
  kind: string | null;
}

/** The newest of the log. */
const LOGGED = 12;

/** What can be sewn, by group or by what is typed; what was begun comes first, then what a card is for. */
export function OperationList({ runs, lost, kind }: Props) {
  const asked = useQuestion();
  const begin = useBeginRun(asked, runs);
  const [text, setText] = useState('');
  const offers = useOffers(asked, runs);
  const found = useFound(offers, searchedBy, text);
  const shared = { able: Boolean(asked?.cloth), onBegin: ({ id }: { id: string }) => void begin(id) };
  const proven = offers.filter(({ procedure: p }) => p.kind === kind && sewnByMachine(p));
  // What is known of the fabric decides what stands where: it is waited for, so that nothing moves.
  if (!asked) return null;
  return (
    <div className={styles.list}>
      <h1>{TEXT.title}</h1>
      {lost && <p role="status">{TEXT.lost}</p>}
      <Runs id="begun" title={TEXT.goOn} runs={runs.filter((run) => run.status !== 'done')} say={standing} />
      <OnWhat asked={asked} />
      <TextField
        label={TEXT.find}
        value={text}
        size="small"
        autoComplete="off"
        onChange={(event) => setText(event.target.value)}
        sx={{ maxWidth: 420 }}
      />
      {proven.length > 0 && (
        <section aria-labelledby="proven">
          <h2 id="proven">{TEXT.provenFor}</h2>
          <Operations of={proven} {...shared} />
        </section>
      )}
      <div className={styles.groups}>
        {PROCEDURE_GROUPS.map((group) => {
          const of = found.filter(({ procedure }) => procedure.group === group);
          if (of.length === 0) return null;
          return (
            <section key={group} aria-labelledby={`group-${group}`}>
              <h2 id={`group-${group}`}>{GROUP_TEXT[group]}</h2>
              <Operations of={of} {...shared} />
            </section>
          );
        })}
      </div>
      {found.length === 0 && <Typography role="status">{TEXT.foundNothing}</Typography>}
      <Runs
        id="done"
        title={TEXT.sewn}
        runs={runs.filter((run) => run.status === 'done').slice(0, LOGGED)}
        say={(run) => (run.outcome ? OUTCOME_TEXT[run.outcome] : TEXT.notJudged)}
      />
    </div>
  );
}

function OnWhat({ asked }: { asked: AskedNow | undefined }) {
  if (asked && !asked.cloth)
    return (
      <p className={styles.quiet}>
        {TEXT.chooseFabric} <Link href="/match">{TEXT.matchFabric}</Link>
      </p>
    );
  return (
    <p className={styles.quiet}>
      {TEXT.on(asked?.cloth?.cloth.name ?? '…', asked?.machine?.machine.name ?? '…')}{' '}
      <Link href="/match">{TEXT.another}</Link>
    </p>
  );
}

const standing = ({ status, step, piece, pieces }: Run) =>
  status === 'asking' ? TEXT.notBegun : TEXT.atStep(step + 1, pieces > 1 ? { piece, pieces } : null);
