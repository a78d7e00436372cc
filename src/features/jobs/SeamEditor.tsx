'use client';

import Button from '@mui/material/Button';
import {
  allBefore,
  type JobSeam,
  jobSeamSchema,
  seamName,
  type SeamNow,
  STAGE_TEXT,
  STAGES,
  usualStage,
  withoutSeam,
  minutesAtPace,
  threadInAllMm,
  withAnswer,
} from '@/core/job';
import { givenOf, PROCEDURE_GROUPS, PROCEDURES, usualOf, procedureOf } from '@/core/procedure';
import { clothOf, UNKNOWN_CLOTH } from '@/core/cloth';
import { numberAsk, sayEstimate } from '@/core/units';
import { jobs, usePreference } from '@/data';
import { type JobNow, useWorkActions } from '@/parts/jobs';
import { AskField } from '@/parts/asks';
import { FitsFabric } from '@/parts/sewing';
import { useAct, useUnits } from '@/parts/workspace';
import { Field, More, Pick, QuantityField, Select, Tick, wordsBy } from '@/ui';
import { ColourField } from './ColourField';
import styles from './Jobs.module.css';
import { ABOUT_TEXT, SEAM_EDITOR_TEXT } from './text';

const NAME = wordsBy(jobSeamSchema.shape.name);

/** Operations by group, as a list to pick from. */
const OPERATIONS = PROCEDURE_GROUPS.flatMap((group) =>
  PROCEDURES.filter((p) => p.group === group).map((p) => [p.id, p.name] as const),
);

interface Props {
  now: JobNow;
  seam: JobSeam;
  state: SeamNow;
}

/** Everything about one seam, changed in place. */
export function SeamEditor({ now, seam, state }: Props) {
  const { job, cloths } = now;
  const edit = (change: Partial<JobSeam>) =>
    jobs.change(job.id, (j) => j && { ...j, seams: j.seams.map((s) => (s.id === seam.id ? { ...s, ...change } : s)) });
  const sewAs = (id: string) => edit({ procedureId: id, stage: usualStage(id), answers: {}, examples: undefined });
  const procedure = procedureOf(seam.procedureId);
  const cloth = cloths.find((c) => c.id === seam.clothId);
  const drawer = [['', SEAM_EDITOR_TEXT.chooseLater] as const, ...cloths.map((c) => [c.id, c.cloth.name] as const)];
  return (
    <div className={styles.editor}>
      <Field label={SEAM_EDITOR_TEXT.name} text={seam.name} read={NAME} onValue={(name) => void edit({ name })} />
      <Pick
        label={SEAM_EDITOR_TEXT.operation}
        value={seam.procedureId}
        options={OPERATIONS}
        onPick={(id) => void sewAs(id)}
      />
      <Pick
        label={SEAM_EDITOR_TEXT.cloth}
        value={seam.clothId ?? ''}
        options={drawer}
        onPick={(id) => void edit({ clothId: id || null })}
      />
      <Pick
        label={SEAM_EDITOR_TEXT.secondCloth}
        value={seam.secondClothId ?? ''}
        options={[['', 'none'] as const, ...drawer.slice(1)]}
        onPick={(id) => void edit({ secondClothId: id || null })}
      />
      {procedure && cloth && (
        <div className={styles.wide}>
          <FitsFabric procedure={procedure} cloth={cloth} onInstead={(id) => void sewAs(id)} />
        </div>
      )}
      <QuantityField
        label={SEAM_EDITOR_TEXT.howManyAlike}
        ask={numberAsk('count', 'metric', { least: 1, most: 99, whole: true, usual: 2 })}
        schema={jobSeamSchema.shape.count.unwrap()}
        value={seam.count}
        onValue={(count) => void edit({ count })}
      />
      <Select
        label={SEAM_EDITOR_TEXT.whereInTheWork}
        value={seam.stage}
        options={STAGES.map((stage) => [stage, STAGE_TEXT[stage]] as const)}
        onPick={(stage) => void edit({ stage })}
      />
      <Colours now={now} seam={seam} edit={edit} />
      <Asks now={now} seam={seam} state={state} />
      <PiecesOf now={now} seam={seam} edit={edit} />
      <Before now={now} seam={seam} edit={edit} />
      <Ends now={now} seam={seam} state={state} />
    </div>
  );
}

interface PartProps {
  now: JobNow;
  seam: JobSeam;
  edit: (change: Partial<JobSeam>) => Promise<void>;
}

function Colours({ now: { job }, seam, edit }: PartProps) {
  return (
    <>
      <ColourField
        label={SEAM_EDITOR_TEXT.colourOnTop}
        text={seam.needleColour}
        onValue={(needleColour) => void edit({ needleColour })}
        help={job.colour ? SEAM_EDITOR_TEXT.leftEmptyAsThe(job.colour) : SEAM_EDITOR_TEXT.notDecided}
      />
      <ColourField
        label={SEAM_EDITOR_TEXT.colourInTheBobbin}
        text={seam.bobbinColour}
        onValue={(bobbinColour) => void edit({ bobbinColour })}
        help={SEAM_EDITOR_TEXT.leftEmptyAsOn}
      />
    </>
  );
}

/** The questions of its operation: the first says how long it is, the others are there when they are wanted. */
function Asks({ now, seam, state }: Omit<PartProps, 'edit'> & { state: SeamNow }) {
  const { thread, system } = useUnits();
  const schools = usePreference('schools');
  const procedure = procedureOf(seam.procedureId);
  const cloth = now.cloths.find((c) => c.id === seam.clothId);
  if (!procedure || !schools || procedure.asks.length === 0) return null;
  const known = cloth ? clothOf(cloth) : UNKNOWN_CLOTH;
  const band = now.cloths.find((c) => c.id === seam.bandClothId);
  const machine = now.machine?.machine ?? null;
  const { given } = givenOf(known, procedure, machine, state.setups, { schools, system }, band ? clothOf(band) : null);
  const [first, ...others] = procedure.asks;
  const field = (ask: (typeof procedure.asks)[number]) => (
    <AskField
      key={ask.key}
      ask={ask}
      value={seam.answers[ask.key] ?? usualOf(ask, given)}
      note={seam.examples?.includes(ask.key) ? ABOUT_TEXT.example : undefined}
      onValue={(value) =>
        void jobs.change(
          now.job.id,
          (j) => j && { ...j, seams: j.seams.map((s) => (s.id === seam.id ? withAnswer(s, ask.key, value) : s)) },
        )
      }
    />
  );
  return (
    <>
      {field(first)}
      {others.length > 0 && (
        <div className={styles.wide}>
          <More summary={SEAM_EDITOR_TEXT.theOtherQuestionsOf(others.length)}>
            <div className={styles.editor}>{others.map(field)}</div>
          </More>
        </div>
      )}
      {state.work.problem && (
        <p role="alert" className={styles.wide}>
          {state.work.problem}
        </p>
      )}
      {!state.work.problem && (
        <p className={`${styles.quiet} ${styles.wide}`}>
          {SEAM_EDITOR_TEXT.atYourPaceOf(
            sayEstimate(minutesAtPace(state.work, now.pace)),
            thread(threadInAllMm(state.work)),
          )}
        </p>
      )}
    </>
  );
}

function PiecesOf({ now: { job }, seam, edit }: PartProps) {
  if (job.pieces.length === 0) return null;
  const toggle = (id: string) =>
    edit({ pieces: seam.pieces.includes(id) ? seam.pieces.filter((p) => p !== id) : [...seam.pieces, id] });
  return (
    <fieldset className={styles.checks}>
      <legend>{SEAM_EDITOR_TEXT.piecesItTouches}</legend>
      {job.pieces.map((piece) => (
        <Tick
          key={piece.id}
          name={piece.name}
          checked={seam.pieces.includes(piece.id)}
          onToggle={() => void toggle(piece.id)}
        />
      ))}
    </fieldset>
  );
}

/** What comes before it; what would close a ring is not offered. */
function Before({ now: { job }, seam, edit }: PartProps) {
  const before = allBefore(job.seams);
  const free = job.seams.filter(
    (s) => s.id !== seam.id && !seam.after.some((a) => a.seamId === s.id) && !before.get(s.id)!.has(seam.id),
  );
  const nameOf = (id: string) => seamName(job, id);
  return (
    <div className={styles.wide}>
      <h2 className={styles.small}>{SEAM_EDITOR_TEXT.sewnAfter}</h2>
      {seam.after.length === 0 && <p className={styles.quiet}>{SEAM_EDITOR_TEXT.itWaitsForNothing}</p>}
      <ul className={styles.before}>
        {seam.after.map(({ seamId, why }) => (
          <li key={seamId}>
            <span>
              <strong>{nameOf(seamId)}</strong>
              {why && <small>{why}</small>}
            </span>
            <Button
              onClick={() => void edit({ after: seam.after.filter((a) => a.seamId !== seamId) })}
              aria-label={SEAM_EDITOR_TEXT.itNeedNotWait(nameOf(seamId))}
            >
              {SEAM_EDITOR_TEXT.takeOut}
            </Button>
          </li>
        ))}
      </ul>
      {free.length > 0 && (
        <Pick
          label={SEAM_EDITOR_TEXT.itWaitsFor}
          value=""
          options={free.map((s) => [s.id, s.name] as const)}
          onPick={(seamId) => void edit({ after: [...seam.after, { seamId, why: '' }] })}
        />
      )}
    </div>
  );
}

function Ends({ now, seam, state }: Props) {
  const act = useAct();
  const { setDone, tick } = useWorkActions(now);
  const { job } = now;
  const remove = async () => {
    await act(SEAM_EDITOR_TEXT.seamDeleted(seam.name), () => jobs.change(job.id, (j) => j && withoutSeam(j, seam.id)));
  };
  return (
    <div className={`${styles.actions} ${styles.wide}`}>
      {seam.doneAt && <Button onClick={() => void setDone(seam.id, undefined)}>{SEAM_EDITOR_TEXT.itIsNotDone}</Button>}
      {state.state !== 'done' && <Button onClick={() => void tick(state)}>{SEAM_EDITOR_TEXT.itIsDone}</Button>}
      <Button onClick={() => void remove()}>{SEAM_EDITOR_TEXT.takeThisSeamOut}</Button>
    </div>
  );
}
