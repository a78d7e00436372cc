'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import type { Card } from '@/core/card';
import { type Criterion, type TestLine, passes, isPlanned } from '@/core/swatch';
import { lines as lineStore, useCards, usePreference } from '@/data';
import { useStale } from '@/parts/staleness';
import { useAct, useSay } from '@/parts/workspace';
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

/** What can be done with the line in hand. */
export function LineActions({ scrap, line, card, criteria, onPick }: Props) {
  const act = useAct();
  const remove = async () => {
    await act(`Test line ${line.number} ${isPlanned(line) ? 'left out' : 'deleted'}`, () => lineStore.remove(line.id));
  };
  const toCome = scrap.lines.filter((l) => isPlanned(l) && l.id !== line.id).length;
  const again = async () => onPick(await anotherLine(scrap, line));
  return (
    <>
      <div className={styles.actions}>
        {isPlanned(line) ? (
          <Button variant="contained" onClick={() => void takeUp(line)}>
            Sew this line now
          </Button>
        ) : card ? (
          <Link href={`/ledger?id=${card.id}`}>This line is a card: see it in the Ledger</Link>
        ) : (
          <Pass scrap={scrap} line={line} criteria={criteria} />
        )}
        {line.status === 'sewing' && (
          <Button variant="outlined" onClick={() => void failed(scrap, line).then(onPick)}>
            Failed: next line
          </Button>
        )}
        {line.status === 'abandoned' && (
          <Button variant="outlined" onClick={() => void takeUp(line)}>
            Take it up again
          </Button>
        )}
        {line.status !== 'sewing' && !isPlanned(line) && (
          <Button variant="outlined" onClick={() => void again()}>
            Sew it once more
          </Button>
        )}
        {line.status === 'sewing' && <Button onClick={() => void giveUp(line)}>Skip this line</Button>}
        {!card && (
          <Button onClick={() => void remove()}>{isPlanned(line) ? 'Leave it out' : 'Delete this line'}</Button>
        )}
      </div>
      {toCome > 0 && (
        <p className={styles.quiet}>
          {toCome} {toCome === 1 ? 'line' : 'lines'} of the plan still to come.
        </p>
      )}
    </>
  );
}

/** A line that meets everything becomes a card; a simulated one only where everything is made up. */
function Pass({ scrap, line, criteria }: Pick<Props, 'scrap' | 'line' | 'criteria'>) {
  const workroom = usePreference('workroom');
  const say = useSay();
  const cards = useCards();
  const stale = useStale();
  const shut = line.simulated !== undefined && workroom !== 'demo';
  const pass = async () => {
    const before = cards?.find((c) => c.id === line.provesCardId);
    await makeCard(scrap, line, before && stale ? stale(before).map((r) => r.text) : []);
    say(line.simulated ? SIMULATED_TEXT.passed : 'Passed. The card is in the Ledger.');
  };
  return (
    <>
      <Button
        variant="contained"
        color={passes(criteria) ? 'secondary' : 'primary'}
        disabled={!passes(criteria) || shut}
        onClick={() => void pass()}
      >
        {line.provesCardId ? 'Pass: the card is proven again' : 'Pass: keep it as a card'}
      </Button>
      {shut && passes(criteria) && <p className={styles.quiet}>{SIMULATED_TEXT.passedHere}</p>}
    </>
  );
}
