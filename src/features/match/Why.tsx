'use client';

import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useMemo } from 'react';
import { MEASURABLE_TEXT } from '@/core/cloth';
import { stitchAndSize } from '@/core/kit';
import type { MatchInput } from '@/core/match';
import { giveOfSetup, type Risk, seamContext } from '@/core/physics';
import { PROVENANCE_TEXT } from '@/core/result';
import type { Reason } from '@/core/match';
import type { Setup } from '@/core/setup';
import { SIGN_TEXT } from '@/core/stitch';
import { formatNumber } from '@/core/units';
import { outdated } from '@/parts/asking';
import { More, Origin } from '@/ui';
import { Evidence } from './Evidence';
import styles from './Match.module.css';
import { PART_NAMES, WHY_TEXT as TEXT } from './text';
import type { Answered } from './useMatch';

/** Which reasons are said at once; the others stay one step away. */
const FIRST = ['tested', 'needle.point', 'stitch', 'foot', 'pressure', 'widthMm'];

interface Props {
  clothId: string;
  answered: Answered;
  input: MatchInput;
  setup: Setup;
  reasons: Reason[];
  risks: Risk[];
  isCurrent: boolean;
  onPick: (setup: Setup) => void;
}

/** Reasons, other ways, what to measure and what was ruled out. */
export function Why({ clothId, answered, input, setup, reasons, risks, isCurrent, onPick }: Props) {
  const { answer } = answered;
  const first = reasons.filter((r) => FIRST.includes(r.parameter));
  const rest = reasons.filter((r) => !FIRST.includes(r.parameter));
  return (
    <aside className={styles.why} aria-label={TEXT.label} {...outdated(isCurrent)}>
      <section>
        <Typography variant="h2">{TEXT.why}</Typography>
        <Reasons reasons={first} />
        <More summary={TEXT.more(rest.length)}>
          <Reasons reasons={rest} />
        </More>
      </section>
      <Evidence input={input} />
      <Remains risks={risks} />
      <OtherWays answered={answered} input={input} setup={setup} onPick={onPick} />
      <Next answered={answered} clothId={clothId} />
      <section>
        <Typography variant="h2">
          {TEXT.sure} <Estimated />
        </Typography>
        <p>
          <strong>{TEXT.of100(formatNumber(answer.confidence * 100, 0))}</strong>: {answer.confidenceDrivers.join('; ')}
          .
        </p>
      </section>
      <More summary={TEXT.ruledOut(answer.rejected.length)}>
        <dl className={styles.reasons}>
          {answer.rejected.map(({ what, code, text }) => (
            <div key={what + code}>
              <dt>{what}</dt>
              <dd>{text}</dd>
            </div>
          ))}
        </dl>
      </More>
    </aside>
  );
}

/** Where the numbers of a part come from. */
const Estimated = () => <Origin of="model" />;

/** From this level a risk is worth a line. */
const TOLD_FROM = 0.1;

/** What could still go wrong with the setting on screen. */
function Remains({ risks }: { risks: Risk[] }) {
  const told = risks.filter(({ level }) => level >= TOLD_FROM).slice(0, 4);
  return (
    <section>
      <Typography variant="h2">
        {TEXT.remains} <Estimated />
      </Typography>
      {told.length === 0 ? (
        <p>{TEXT.allLow}</p>
      ) : (
        <ul className={styles.risks}>
          {told.map(({ sign, level, why }) => (
            <li key={sign}>
              <strong>{SIGN_TEXT[sign]}</strong>
              <meter min={0} max={1} low={0.3} high={0.6} optimum={0} value={level} aria-label={TEXT.level(level)} />
              <b>{TEXT.levels[level < 0.3 ? 'slight' : level < 0.6 ? 'plain' : 'likely']}</b>
              <small>{why}</small>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Reasons({ reasons }: { reasons: Reason[] }) {
  return (
    <dl className={styles.reasons}>
      {[...new Set(reasons.map(({ parameter }) => parameter))].map((parameter) => (
        <div key={parameter}>
          <dt>{PART_NAMES[parameter] ?? parameter}</dt>
          {reasons
            .filter((reason) => reason.parameter === parameter)
            .map(({ text, provenance }) => (
              <dd key={text}>
                {text} <small>{PROVENANCE_TEXT[provenance]}</small>
              </dd>
            ))}
        </div>
      ))}
    </dl>
  );
}

function OtherWays({ answered, input, setup, onPick }: Pick<Props, 'answered' | 'input' | 'setup' | 'onPick'>) {
  const seam = useMemo(() => seamContext(input.cloth, input.operation), [input]);
  const { alternatives } = answered.answer;
  if (alternatives.length === 0) return null;
  const required = seam.required.percent;
  return (
    <section>
      <Typography variant="h2">
        {TEXT.otherWays} <Estimated />
      </Typography>
      <ul className={styles.ways}>
        {alternatives.slice(0, 6).map(({ setup: other, why, loses }) => {
          const low = Math.floor(giveOfSetup(seam, other)[0]);
          const newStitch = other.stitch !== answered.answer.setup?.stitch;
          const name = newStitch ? stitchAndSize(input.machine, other) : why.split(':')[0];
          return (
            <li key={JSON.stringify(other)}>
              <ButtonBase onClick={() => onPick(other)} aria-pressed={other === setup}>
                <span>{name}</span>
                {required > 0 && <b>{TEXT.gives(low)}</b>}
                <small>{loses}</small>
              </ButtonBase>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function Next({ answered: { sharpening }, clothId }: { answered: Answered; clothId: string }) {
  if (!sharpening) return null;
  const [measure, ...others] = sharpening.measureNext;
  return (
    <>
      {measure && (
        <section>
          <Typography variant="h2">{TEXT.measureNext}</Typography>
          <p>
            <strong>{MEASURABLE_TEXT[measure.measure]}.</strong> {measure.why}{' '}
            <Link href={`/fabric?id=${clothId}`}>{TEXT.measureIt}</Link>
            {others.length > 0 && (
              <small> {TEXT.then(others.map((m) => MEASURABLE_TEXT[m.measure].toLowerCase()))}</small>
            )}
          </p>
        </section>
      )}
      {sharpening.missing.length > 0 && (
        <section>
          <Typography variant="h2">{TEXT.oneMore}</Typography>
          <ul className={styles.plain}>
            {sharpening.missing.slice(0, 3).map(({ what, gains }) => (
              <li key={what}>
                <strong>{what}</strong> {gains}.
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
