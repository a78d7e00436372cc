'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { CAUSE, changeText, type DiagnoseInput, type DiagnoseOutput, type NextStep } from '@/core/diagnose';
import { formatNumber } from '@/core/units';
import { CautionAlert, More } from '@/ui';
import { outdated, timed, useFromWorker } from '../asking';
import { useUnits } from '../workspace';
import styles from './Diagnosis.module.css';
import { DIAGNOSIS_TEXT as TEXT } from './text';

interface Props {
  input: DiagnoseInput;
  /** What taking a step does, in words for its button. */
  takeText: string;
  onTake: (step: NextStep) => void;
  onAnswer: (question: string, answer: string) => void;
}

/** Causes shown by name; the rest together are the others. */
const NAMED = 3;
/** Steps that ask for no line of their own. */
const ENDS: readonly string[] = ['technician', 'nothing'];

/** What is behind the signs, and the one thing to change next: why, how long it takes, one press away. */
export function Diagnosis({ input, takeText, onTake, onAnswer }: Props) {
  const { say } = useUnits();
  const { value: said, isCurrent } = useFromWorker(JSON.stringify(input), (worker) =>
    timed('diagnose', () => worker.diagnose(input)),
  );
  if (!said) return null;
  const { next, then, stop } = said;
  const question = next.kind === 'question';
  const ends = ENDS.includes(next.change);
  return (
    <section className={styles.diagnosis} aria-labelledby="diagnosis" {...outdated(isCurrent)}>
      <Typography variant="h3" id="diagnosis">
        {question ? TEXT.question : next.change === 'nothing' ? TEXT.nothing : TEXT.change}
      </Typography>
      <p className={styles.next} aria-live="polite">
        {say(next.text)}
      </p>
      <p>
        {next.because} {ends || question ? '' : TEXT.takes(formatNumber(next.minutes, 1))}
      </p>
      {stop && <CautionAlert>{stop}</CautionAlert>}
      {question && (
        <div className={styles.answers}>
          {next.answers?.map(({ id, text }) => (
            <Button key={id} variant="outlined" disabled={!isCurrent} onClick={() => onAnswer(next.change, id)}>
              {text}
            </Button>
          ))}
        </div>
      )}
      {!ends && !question && (
        <Button variant="contained" disabled={!isCurrent} onClick={() => onTake(next)}>
          {takeText}
        </Button>
      )}
      <Causes said={said} />
      <Tried history={input.history} />
      {then.length > 0 && (
        <More summary={question ? TEXT.orChange : TEXT.ifNot}>
          <ol>
            {then.map((step) => (
              <li key={step.change}>
                {say(step.text)}{' '}
                <Button size="small" disabled={!isCurrent} onClick={() => onTake(step)}>
                  {TEXT.instead}
                </Button>
              </li>
            ))}
          </ol>
        </More>
      )}
    </section>
  );
}

/** The likeliest causes with how likely each is at work, and two at once where that explains it better. */
function Causes({ said: { causes, pairs } }: { said: DiagnoseOutput }) {
  const named = causes.filter(({ cause }) => cause !== 'nothing').slice(0, NAMED);
  return (
    <>
      <ul className={styles.causes} aria-label={TEXT.causes}>
        {named.map(({ cause, probability }) => (
          <li key={cause}>
            <span>{CAUSE[cause].text}</span>
            <svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden>
              <rect width="100" height="8" fill="var(--rule)" />
              <rect width={100 * probability} height="8" fill="var(--ink)" />
            </svg>
            <strong>{Math.round(100 * probability)}%</strong>
          </li>
        ))}
      </ul>
      {pairs && <p>{TEXT.two(CAUSE[pairs[0].causes[0]].text, CAUSE[pairs[0].causes[1]].text)}</p>}
    </>
  );
}

/** What was tried, and how it went. */
function Tried({ history }: { history: DiagnoseInput['history'] }) {
  const { say } = useUnits();
  if (history.length === 0) return null;
  return (
    <div>
      <Typography sx={{ fontWeight: 650 }}>{TEXT.tried}</Typography>
      <ol>
        {history.map(({ change, result }, i) => (
          <li key={i}>
            {say(changeText(change) ?? change)} <em>{TEXT.went[result]}</em>
          </li>
        ))}
      </ol>
    </div>
  );
}
