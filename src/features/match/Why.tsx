'use client';

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
import { Evidence } from './Evidence';
import styles from './Match.module.css';
import type { Answered } from './useMatch';

/** Which reasons are said at once; the others stay one step away. */
const FIRST = ['tested', 'needle.point', 'stitch', 'foot', 'pressure', 'widthMm'];

const NAMES: Record<string, string> = {
  tested: 'Your own proof',
  'needle.point': 'Point',
  'needle.nm': 'Needle size',
  'needle.gapMm': 'Needle gap',
  'thread.fibre': 'Thread',
  'thread.tex': 'Thread size',
  bobbin: 'Bobbin',
  foot: 'Foot',
  plate: 'Plate',
  stitch: 'Stitch',
  lengthMm: 'Length',
  widthMm: 'Width',
  needlePositionMm: 'Needle position',
  tensionSteps: 'Tension',
  pressure: 'Pressure',
  'plan.seam': 'Seam',
  'plan.start': 'Start',
  'plan.secure': 'Ends',
  'plan.hold': 'Holding',
  'plan.pins': 'Pins',
  'plan.leader': 'Leader scrap',
  'plan.tissue': 'Tissue',
  'plan.cut': 'Cutting',
  'plan.mark': 'Marking',
  'plan.press': 'Pressing',
  'plan.speed': 'Speed',
  'plan.notes': 'First of all',
};

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
    <aside className={styles.why} aria-label="Why, and other ways" {...outdated(isCurrent)}>
      <section>
        <h2>Why</h2>
        <Reasons reasons={first} />
        <details>
          <summary>Every other reason ({rest.length})</summary>
          <Reasons reasons={rest} />
        </details>
      </section>
      <Evidence input={input} />
      <Remains risks={risks} />
      <OtherWays answered={answered} input={input} setup={setup} onPick={onPick} />
      <Next answered={answered} clothId={clothId} />
      <section>
        <h2>
          How sure <Estimated />
        </h2>
        <p>
          <strong>{formatNumber(answer.confidence * 100, 0)} of 100</strong>: {answer.confidenceDrivers.join('; ')}.
        </p>
      </section>
      <details>
        <summary>Ruled out, and why ({answer.rejected.length})</summary>
        <dl className={styles.reasons}>
          {answer.rejected.map(({ what, code, text }) => (
            <div key={what + code}>
              <dt>{what}</dt>
              <dd>{text}</dd>
            </div>
          ))}
        </dl>
      </details>
    </aside>
  );
}

/** Where the numbers of a part come from. */
const Estimated = () => <small>{PROVENANCE_TEXT.model}</small>;

/** From this level a risk is worth a line. */
const TOLD_FROM = 0.1;

/** What could still go wrong with the setting on screen. */
function Remains({ risks }: { risks: Risk[] }) {
  const told = risks.filter(({ level }) => level >= TOLD_FROM).slice(0, 4);
  return (
    <section>
      <h2>
        What remains <Estimated />
      </h2>
      {told.length === 0 ? (
        <p>No risk above slight, by the estimate.</p>
      ) : (
        <ul className={styles.risks}>
          {told.map(({ sign, level, why }) => (
            <li key={sign}>
              <strong>{SIGN_TEXT[sign]}</strong>
              <meter
                min={0}
                max={1}
                low={0.3}
                high={0.6}
                optimum={0}
                value={level}
                aria-label={`${Math.round(100 * level)} of 100`}
              />
              <b>{level < 0.3 ? 'slight' : level < 0.6 ? 'plain' : 'likely'}</b>
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
          <dt>{NAMES[parameter] ?? parameter}</dt>
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
      <h2>
        Other ways <Estimated />
      </h2>
      <ul className={styles.ways}>
        {alternatives.slice(0, 6).map(({ setup: other, why, loses }) => {
          const low = Math.floor(giveOfSetup(seam, other)[0]);
          const newStitch = other.stitch !== answered.answer.setup?.stitch;
          const name = newStitch ? stitchAndSize(input.machine, other) : why.split(':')[0];
          return (
            <li key={JSON.stringify(other)}>
              <button type="button" onClick={() => onPick(other)} aria-pressed={other === setup}>
                <span>{name}</span>
                {required > 0 && <b>gives {low} %</b>}
                <small>{loses}</small>
              </button>
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
          <h2>Measure next</h2>
          <p>
            <strong>{MEASURABLE_TEXT[measure.measure]}.</strong> {measure.why}{' '}
            <Link href={`/cloth?id=${clothId}`}>Measure it</Link>
            {others.length > 0 && (
              <small> Then: {others.map((m) => MEASURABLE_TEXT[m.measure].toLowerCase()).join(', ')}.</small>
            )}
          </p>
        </section>
      )}
      {sharpening.missing.length > 0 && (
        <section>
          <h2>One thing more</h2>
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
