'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Card } from '@/core/card';
import { type Criterion, type TestLine, passes, isPlanned } from '@/core/swatch';
import { lines as lineStore, useCards, usePreference } from '@/data';
import { useStale } from '@/parts/staleness';
import { useAct, useSay } from '@/parts/workspace';
import { AfterPass } from './AfterPass';
import { anotherLine, failed, giveUp, makeCard, takeUp } from './lineActions';
import styles from './Swatch.module.css';
import { SIMULATED_TEXT } from './text';
import type { Scrap } from './useScrap';

interface Props {
  scrap: Scrap;
  line: TestLine;
  card: Card | undefined;
  criteria: Criterion[];
  onPick: (id: string) => void;
}

/** What can be done with the current test. */
export function LineActions({ scrap, line, card, criteria, onPick }: Props) {
  const act = useAct();
  const [passed, setPassed] = useState(false);
  const remove = async () => {
    await act(SIMULATED_TEXT.testLine(line.number, isPlanned(line) ? SIMULATED_TEXT.leftOut : 'deleted'), () =>
      lineStore.remove(line.id),
    );
  };
  const toCome = scrap.lines.filter((l) => isPlanned(l) && l.id !== line.id).length;
  const again = async () => onPick(await anotherLine(scrap, line));
  return (
    <>
      <div className={styles.actions}>
        {isPlanned(line) ? (
          <Button variant="contained" onClick={() => void takeUp(line)}>
            {SIMULATED_TEXT.sewThisLineNow}
          </Button>
        ) : card ? (
          <AfterPass scrap={scrap} card={card} fresh={passed} />
        ) : (
          <Pass scrap={scrap} line={line} criteria={criteria} onPassed={() => setPassed(true)} />
        )}
        {line.status === 'sewing' && (
          <Button variant="outlined" onClick={() => void failed(scrap, line).then(onPick)}>
            {SIMULATED_TEXT.failedNextLine}
          </Button>
        )}
        {line.status === 'abandoned' && (
          <Button variant="outlined" onClick={() => void takeUp(line)}>
            {SIMULATED_TEXT.takeItUpAgain}
          </Button>
        )}
        {line.status !== 'sewing' && !isPlanned(line) && (
          <Button variant="outlined" onClick={() => void again()}>
            {SIMULATED_TEXT.sewItOnceMore}
          </Button>
        )}
        {line.status === 'sewing' && <Button onClick={() => void giveUp(line)}>{SIMULATED_TEXT.skipThisLine}</Button>}
        {!card && (
          <Button onClick={() => void remove()}>
            {isPlanned(line) ? SIMULATED_TEXT.leaveItOut : SIMULATED_TEXT.deleteThisLine}
          </Button>
        )}
      </div>
      {toCome > 0 && <p className={styles.quiet}>{SIMULATED_TEXT.toCome(toCome)}</p>}
    </>
  );
}

/** A line that meets everything becomes a card; a simulated one only where everything is made up. */
function Pass({
  scrap,
  line,
  criteria,
  onPassed,
}: Pick<Props, 'scrap' | 'line' | 'criteria'> & { onPassed: () => void }) {
  const workroom = usePreference('workroom');
  const say = useSay();
  const cards = useCards();
  const stale = useStale();
  const shut = line.simulated !== undefined && workroom !== 'demo';
  const pass = async () => {
    onPassed();
    const before = cards?.find((c) => c.id === line.provesCardId);
    await makeCard(scrap, line, before && stale ? stale(before).map((r) => r.text) : []);
    say(line.simulated ? SIMULATED_TEXT.passed : SIMULATED_TEXT.passedTheCardIs);
  };
  return (
    <>
      <Button
        variant="contained"
        color={passes(criteria) ? 'secondary' : 'primary'}
        disabled={!passes(criteria) || shut}
        onClick={() => void pass()}
      >
        {line.provesCardId ? SIMULATED_TEXT.passTheCardIs : SIMULATED_TEXT.passKeepItAs}
      </Button>
      {shut && passes(criteria) && <p className={styles.quiet}>{SIMULATED_TEXT.passedHere}</p>}
    </>
  );
}
