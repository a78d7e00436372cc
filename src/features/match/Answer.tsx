'use client';

import Button from '@mui/material/Button';
import { useEffect, useMemo, useState } from 'react';
import { machineReads } from '@/core/kit';
import { giveOfSetup } from '@/core/match';
import { seamContext } from '@/core/physics';
import type { Setup } from '@/core/setup';
import { writePreference } from '@/data';
import type { AskedNow } from '@/parts/workspace';
import { CautionPlate, StopPlate } from '@/ui';
import styles from './Match.module.css';
import { Picture } from './Picture';
import { Readings } from './Readings';
import { SewLikeThis } from './SewLikeThis';
import { useTestOnScrap } from './useTestOnScrap';
import { Why } from './Why';
import type { Answered } from './useMatch';

/** The answer: large readings, the stitch drawn, how to sew it, and why. */
export function Answer({ asked, answered }: { asked: AskedNow; answered: Answered }) {
  const { answer, input } = answered;
  const [other, setOther] = useState<{ of: Answered['answer']; setup: Setup } | null>(null);
  // Another way is only of the answer it was offered with.
  const setup = other?.of === answer ? other.setup : answer.setup;
  useTarget(asked, setup);
  if (!setup) return <Impossible answered={answered} />;
  return (
    <div className={styles.columns}>
      <div className={styles.main}>
        <Readings setup={setup} reads={machineReads(asked.machine!.machine, setup)} machine={asked.machine!.machine} />
        {setup !== answer.setup && (
          <p className={styles.otherWay}>
            This is another way, not the best one. <Button onClick={() => setOther(null)}>Back to the best</Button>
          </p>
        )}
        <Chosen asked={asked} answered={answered} setup={setup} />
        {answer.cautions.length > 0 && (
          <div className={styles.cautions}>
            <CautionPlate>
              <ul>
                {answer.cautions.map((text) => (
                  <li key={text}>{text}</li>
                ))}
              </ul>
            </CautionPlate>
          </div>
        )}
      </div>
      <Why
        clothId={asked.cloth!.id}
        answered={answered}
        input={input}
        setup={setup}
        onPick={(picked) => setOther({ of: answer, setup: picked })}
      />
    </div>
  );
}

function Chosen({ asked, answered, setup }: { asked: AskedNow; answered: Answered; setup: Setup }) {
  const { answer, input } = answered;
  const seam = useMemo(() => seamContext(input.cloth, input.operation), [input]);
  const [low, high] = giveOfSetup(seam, setup);
  const test = useTestOnScrap(asked);
  return (
    <div className={styles.picture}>
      <Picture
        key={JSON.stringify([setup.stitch, setup.lengthMm, setup.widthMm])}
        cloth={asked.cloth!}
        seam={seam}
        setup={setup}
        low={low}
        high={high}
        required={answer.give.required}
      />
      <SewLikeThis plan={answer.plan} onTest={() => void test(setup)} />
    </div>
  );
}

/** The strip leads to the setting on screen. */
function useTarget(asked: AskedNow, setup: Setup | null) {
  const clothName = asked.cloth!.cloth.name;
  const machineId = asked.machine!.id;
  const key = setup ? JSON.stringify(setup) : null;
  useEffect(() => {
    void writePreference('target', key === null ? null : { setup: JSON.parse(key) as Setup, machineId, clothName });
  }, [key, machineId, clothName]);
}

function Impossible({ answered }: { answered: Answered }) {
  const { answer, sharpening } = answered;
  return (
    <div className={styles.impossible}>
      <StopPlate title="Not with this machine and kit">
        <ul>
          {answer.blocked.map(({ code, text }) => (
            <li key={code}>{text}</li>
          ))}
        </ul>
        {sharpening && sharpening.missing.length > 0 && (
          <>
            <h3>What would help</h3>
            <ul>
              {sharpening.missing.map(({ what, gains }) => (
                <li key={what}>
                  <strong>{what}</strong>: {gains}.
                </li>
              ))}
            </ul>
          </>
        )}
      </StopPlate>
    </div>
  );
}
