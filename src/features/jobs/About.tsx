'use client';

import Button from '@mui/material/Button';
import { type JobPiece, jobPieceSchema, jobSchema, withoutPiece, withSize } from '@/core/job';
import { lengthAsk, numberAsk } from '@/core/units';
import { jobs } from '@/data';
import type { JobNow } from '@/parts/jobs';
import { newId, useAct, useQuestion, useUnits } from '@/parts/workspace';
import { Field, OptionalQuantityField, Pick, QuantityField, wordsBy } from '@/ui';
import { ColourField } from './ColourField';
import { JobCloths } from './JobCloths';
import styles from './Jobs.module.css';
import { ABOUT_TEXT } from './text';

const NAME = wordsBy(jobSchema.shape.name);
const NOTES = wordsBy(jobSchema.shape.notes);
const PIECE = wordsBy(jobPieceSchema.shape.name);

/** What is made, on which machine, in which colour; its pieces; notes. */
export function About({ now }: { now: JobNow }) {
  const { job } = now;
  const asked = useQuestion();
  const edit = (change: Partial<typeof job>) => jobs.change(job.id, (j) => j && { ...j, ...change });
  const add = () =>
    edit({
      pieces: [...job.pieces, { id: newId(), name: ABOUT_TEXT.piece(job.pieces.length + 1), clothId: null, count: 1 }],
    });
  return (
    <div className={styles.two}>
      <section aria-labelledby="pieces" className={styles.main}>
        <h2 id="pieces">{ABOUT_TEXT.pieces}</h2>
        {job.pieces.length === 0 && <p className={styles.quiet}>{ABOUT_TEXT.namesAndSizesOf}</p>}
        <ul className={styles.pieces}>
          {job.pieces.map((piece) => (
            <PieceRow key={piece.id} now={now} piece={piece} />
          ))}
        </ul>
        <div className={styles.actions}>
          <Button variant="outlined" onClick={() => void add()}>
            {ABOUT_TEXT.addAPiece}
          </Button>
        </div>
      </section>
      <aside className={styles.side}>
        <section aria-labelledby="what" className={styles.form}>
          <h2 id="what">{ABOUT_TEXT.theJob}</h2>
          <Field label={ABOUT_TEXT.name} text={job.name} read={NAME} onValue={(name) => void edit({ name })} />
          <Pick
            label={ABOUT_TEXT.machine}
            value={job.machineId ?? ''}
            options={[
              ['', ABOUT_TEXT.chooseLater] as const,
              ...(asked?.machines ?? []).map((m) => [m.id, m.machine.name] as const),
            ]}
            onPick={(id) => void edit({ machineId: id || null })}
          />
          <ColourField
            label={ABOUT_TEXT.threadColour}
            text={job.colour}
            onValue={(colour) => void edit({ colour })}
            help={ABOUT_TEXT.whereASeamSays}
          />
          <Field
            label={ABOUT_TEXT.notes}
            text={job.notes}
            read={NOTES}
            onValue={(notes) => void edit({ notes })}
            textFieldProps={{ multiline: true, minRows: 3 }}
          />
        </section>
        <JobCloths now={now} />
      </aside>
    </div>
  );
}

function PieceRow({ now: { job, cloths }, piece }: { now: JobNow; piece: JobPiece }) {
  const act = useAct();
  const edit = (change: Partial<JobPiece>) =>
    jobs.change(
      job.id,
      (j) => j && { ...j, pieces: j.pieces.map((p) => (p.id === piece.id ? { ...p, ...change } : p)) },
    );
  const remove = () =>
    act(ABOUT_TEXT.pieceDeleted(piece.name), () => jobs.change(job.id, (j) => j && withoutPiece(j, piece.id)));
  const size = (change: Parameters<typeof withSize>[1]) =>
    jobs.change(
      job.id,
      (j) => j && { ...j, pieces: j.pieces.map((p) => (p.id === piece.id ? withSize(p, change) : p)) },
    );
  const example = (key: 'widthMm' | 'lengthMm') => (piece.examples?.includes(key) ? ABOUT_TEXT.example : undefined);
  const { system } = useUnits();
  const sizeAsk = lengthAsk(system, 500, { least: 1, most: 20_000 });
  return (
    <li className={styles.piece}>
      <Field label={ABOUT_TEXT.piece2} text={piece.name} read={PIECE} onValue={(name) => void edit({ name })} />
      <OptionalQuantityField
        label={ABOUT_TEXT.wide}
        ask={sizeAsk}
        schema={jobPieceSchema.shape.widthMm}
        value={piece.widthMm}
        onValue={(widthMm) => void size({ widthMm })}
        help={example('widthMm')}
      />
      <OptionalQuantityField
        label={ABOUT_TEXT.long}
        ask={sizeAsk}
        schema={jobPieceSchema.shape.lengthMm}
        value={piece.lengthMm}
        onValue={(lengthMm) => void size({ lengthMm })}
        help={example('lengthMm')}
      />
      <QuantityField
        label={ABOUT_TEXT.count}
        ask={numberAsk('count', system, { least: 1, most: 999, whole: true, usual: 2 })}
        schema={jobPieceSchema.shape.count.unwrap()}
        value={piece.count}
        onValue={(count) => void edit({ count })}
      />
      <Pick
        label={ABOUT_TEXT.cloth}
        value={piece.clothId ?? ''}
        options={[['', ABOUT_TEXT.chooseLater] as const, ...cloths.map((c) => [c.id, c.cloth.name] as const)]}
        onPick={(id) => void edit({ clothId: id || null })}
      />
      <Button onClick={() => void remove()} aria-label={ABOUT_TEXT.delete(piece.name)}>
        {ABOUT_TEXT.delete2}
      </Button>
    </li>
  );
}
