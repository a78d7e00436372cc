'use client';

import Button from '@mui/material/Button';
import { useEffect, useMemo, useState } from 'react';
import { stitchAndSize } from '@/core/kit';
import { giveOfSetup, type SeamContext, seamContext } from '@/core/physics';
import type { Dial, Setup } from '@/core/setup';
import { writePreference } from '@/data';
import type { AskedNow } from '@/parts/workspace';
import { CautionAlert } from '@/ui';
import { Compare } from './Compare';
import { Contrast } from './Contrast';
import { GiveChart } from './GiveChart';
import { Impossible } from './Impossible';
import styles from './Match.module.css';
import { Picture } from './Picture';
import { Readings } from './Readings';
import { Refusal } from './Refusal';
import { Schools } from './Schools';
import { SewLikeThis } from './SewLikeThis';
import { TurnDial } from './TurnDial';
import { type ByHand, useByHand } from './useByHand';
import { EyeStop, outdated, useFromWorker } from '@/parts/asking';
import { type Keeping, useKeeping } from './useKeeping';
import type { Answered } from './useMatch';
import { useTestOnScrap } from './useTestOnScrap';
import { Why } from './Why';
import { ANSWER_TEXT } from './text';

interface AnswerProps {
  asked: AskedNow;
  answered: Answered;
  /** False while this is the answer to an earlier question. */
  isCurrent: boolean;
}

/** The answer: large readings that can be moved by hand, the stitch drawn, how to sew it, and why. */
export function Answer({ asked, answered, isCurrent }: AnswerProps) {
  const { answer, input } = answered;
  const { machine } = asked.machine!;
  const seam = useMemo(() => seamContext(input.cloth, input.operation), [input]);
  const hand = useByHand(answer, seam, machine);
  const keeping = useKeeping();
  const { setup } = hand;
  useTarget(asked, setup, isCurrent);
  const moved = setup !== null && setup !== answer.setup;
  const { value: look, isCurrent: looked } = useFromWorker(moved ? JSON.stringify([input, setup]) : null, (worker) =>
    worker.lookOver(input, setup!),
  );
  if (!setup) return <Impossible answered={answered} />;
  const now = moved && look ? look : answer;
  return (
    <div className={styles.columns}>
      <div className={styles.main} {...outdated(isCurrent)}>
        <EyeStop setup={setup} />
        <Bench asked={asked} answered={answered} seam={seam} hand={hand} setup={setup} keeping={keeping} />
        <Chosen
          asked={asked}
          answered={answered}
          setup={setup}
          seam={seam}
          measured={now.give.measured}
          isCurrent={isCurrent}
          onKeep={keeping.canKeep(setup) ? () => keeping.keep(setup, stitchAndSize(machine, setup)) : undefined}
        />
        <Schools input={input} machine={machine} onTake={hand.take} />
        {now.cautions.length > 0 && (
          <div className={styles.cautions}>
            <CautionAlert>
              <ul>
                {now.cautions.map((text) => (
                  <li key={text}>{text}</li>
                ))}
              </ul>
            </CautionAlert>
          </div>
        )}
      </div>
      <Why
        clothId={asked.cloth!.id}
        answered={answered}
        input={input}
        setup={setup}
        reasons={now.reasons}
        risks={now.risks}
        isCurrent={isCurrent && (looked || !moved)}
        onPick={hand.take}
      />
    </div>
  );
}

interface BenchProps {
  asked: AskedNow;
  answered: Answered;
  seam: SeamContext;
  hand: ByHand;
  setup: Setup;
  keeping: Keeping;
}

/** The readings, what is under the hand, what was refused, and what is kept to compare. */
function Bench({ asked, answered: { answer, input }, seam, hand, setup, keeping }: BenchProps) {
  const [turning, setTurning] = useState<Dial | null>(null);
  const { machine } = asked.machine!;
  const columns = keeping.beside(setup);
  return (
    <>
      <Readings
        setup={setup}
        seam={seam}
        machine={machine}
        kit={asked.kit}
        turning={turning}
        onTurn={setTurning}
        onTake={hand.take}
      />
      {hand.refused && <Refusal refused={hand.refused} machine={machine} onClose={hand.understood} />}
      {turning && (
        <TurnDial
          dial={turning}
          setup={setup}
          seam={seam}
          input={input}
          machine={machine}
          onTake={hand.take}
          onDone={() => setTurning(null)}
        />
      )}
      {answer.setup && setup !== answer.setup && (
        <>
          <p className={styles.otherWay}>
            {ANSWER_TEXT.movedByHandNot} <Button onClick={hand.back}>{ANSWER_TEXT.backToTheBest}</Button>
          </p>
          <Contrast input={input} best={answer.setup} setup={setup} />
        </>
      )}
      {columns.length > 1 && (
        <Compare
          label={ANSWER_TEXT.settingsSideBySide}
          columns={columns}
          input={input}
          machine={machine}
          onTake={hand.take}
        />
      )}
    </>
  );
}

interface ChosenProps {
  asked: AskedNow;
  answered: Answered;
  setup: Setup;
  seam: SeamContext;
  measured: number | undefined;
  isCurrent: boolean;
  onKeep?: () => void;
}

function Chosen({ asked, answered, setup, seam, measured, isCurrent, onKeep }: ChosenProps) {
  const { answer, input } = answered;
  const [low, high] = giveOfSetup(seam, setup);
  const test = useTestOnScrap(asked, answered.input);
  const { required } = answer.give;
  return (
    <div className={styles.picture}>
      <div>
        <Picture
          key={JSON.stringify([setup.stitch, setup.lengthMm, setup.widthMm])}
          cloth={asked.cloth!}
          seam={seam}
          setup={setup}
          low={low}
          high={high}
          measured={measured}
          required={required}
        />
        {required > 0 && <GiveChart input={input} setup={setup} required={required} />}
      </div>
      <SewLikeThis plan={answer.plan} onTest={isCurrent ? () => void test(setup) : undefined} onKeep={onKeep} />
    </div>
  );
}

/** The machine bar leads to the setting on screen, once it is the answer to what is asked now. */
function useTarget(asked: AskedNow, setup: Setup | null, isCurrent: boolean) {
  const clothId = asked.cloth!.id;
  const machineId = asked.machine!.id;
  const key = setup ? JSON.stringify(setup) : null;
  useEffect(() => {
    if (!isCurrent) return;
    void writePreference('target', key === null ? null : { setup: JSON.parse(key) as Setup, machineId, clothId });
  }, [key, machineId, clothId, isCurrent]);
}
