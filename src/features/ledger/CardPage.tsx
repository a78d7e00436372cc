'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type Card, growthText, lineFacts } from '@/core/card';
import { clothProfile } from '@/core/cloth';
import { shortCode } from '@/core/exchange';
import { sameThread, threadName } from '@/core/kit';
import { provenName } from '@/core/procedure';
import { layersOf, operationTitle, settingReadings } from '@/core/setup';
import { formatNumber, formatPercent } from '@/core/units';
import { cards, edit, useCloths, useMachines, writePreference } from '@/data';
import { useStale } from '@/parts/staleness';
import { CardLines, PASS_ON_TEXT, PassOn, SaveThing } from '@/parts/things';
import { askAbout, sayWhen, useAct, useSay, useUnits } from '@/parts/workspace';
import { ClothSwatch, More, Reading } from '@/ui';
import { Keepsakes } from './Keepsakes';
import styles from './Ledger.module.css';
import { NewKnowledge } from './NewKnowledge';
import { Since } from './Since';
import { Staleness } from './Staleness';
import { THREAD_TEXT } from './text';
import { WithPicked } from './WithPicked';

/** One card: the setting in large readings, and what it was proven on. */
export function CardPage({ card }: { card: Card }) {
  const stale = useStale();
  const reasons = stale?.(card) ?? [];
  const cloth = useCloths()?.find((c) => c.id === card.clothId);
  return (
    <div className={styles.page}>
      <p className={styles.quiet}>
        <Link href="/log?place=cards">{THREAD_TEXT.allCards}</Link>
      </p>
      <div className={styles.head}>
        <ClothSwatch look={{ ...card.cloth, colour: cloth?.colour ?? '#b9c0b0' }} className={styles.big} />
        <div>
          <h1>{card.name}</h1>
          <p>
            <strong className={reasons.length > 0 ? styles.stale : styles.proven}>
              {card.simulated
                ? THREAD_TEXT.passedOnASimulated
                : reasons.length > 0
                  ? THREAD_TEXT.outOfDateProven
                  : THREAD_TEXT.proven}{' '}
              {THREAD_TEXT.onScrap(sayWhen(card.passedAt))}
            </strong>
            {THREAD_TEXT.on} {card.machine.name}. {PASS_ON_TEXT.code(shortCode(card.id))}
          </p>
          <Actions card={card} />
        </div>
      </div>
      <Staleness card={card} reasons={reasons} />
      <Readings card={card} />
      <Proof card={card} />
      <NewKnowledge card={card} />
      <Since card={card} reasons={reasons} />
      <Keepsakes card={card} />
      <section aria-labelledby="pass-on">
        <h2 id="pass-on">{PASS_ON_TEXT.title}</h2>
        <div className={styles.actions}>
          <PassOn card={card} />
          <SaveThing thing="card" id={card.id} name={card.name} />
        </div>
        <More summary={PASS_ON_TEXT.lines}>
          <CardLines card={card} />
        </More>
      </section>
      <section aria-labelledby="paper">
        <h2 id="paper">{THREAD_TEXT.onPaper}</h2>
        <WithPicked cards={[card]} />
      </section>
    </div>
  );
}

/** The setting in large readings; of two threads both. */
function Readings({ card }: { card: Card }) {
  const shown = settingReadings(card.machine, card.setup);
  const { thread, bobbin = thread } = card.setup;
  const below = sameThread(thread, bobbin) ? undefined : bobbin;
  const [tension, ...of] = shown.tension.split(' ');
  const [pressure, ...ofPressure] = shown.pressure.split(' ');
  return (
    <dl className={styles.readings}>
      <Reading label={THREAD_TEXT.stitch} value={shown.stitch} />
      <Reading label={THREAD_TEXT.length} value={shown.length.replace(' mm', '')} unit="mm" />
      <Reading
        label={THREAD_TEXT.width}
        value={shown.width.replace(' mm', '')}
        unit={card.setup.widthMm > 0 ? 'mm' : undefined}
      />
      <Reading label={THREAD_TEXT.tension} value={tension} unit={of.join(' ')} />
      <Reading label={THREAD_TEXT.pressure} value={pressure} unit={ofPressure.join(' ')} />
      <Reading size="part" label={THREAD_TEXT.needle} value={shown.needle} />
      <Reading
        size="part"
        label={below ? THREAD_TEXT.above : THREAD_TEXT.both}
        value={threadName(card.setup.thread)}
        note={below && THREAD_TEXT.bobbin(threadName(below))}
      />
      <Reading size="part" label={THREAD_TEXT.foot} value={shown.foot} />
      <Reading size="part" label={THREAD_TEXT.plate} value={shown.plate} />
    </dl>
  );
}

function Actions({ card }: { card: Card }) {
  const router = useRouter();
  const act = useAct();
  const say = useSay();
  const machines = useMachines();
  const cloths = useCloths();
  const clothGone = cloths !== undefined && !cloths.some((c) => c.id === card.clothId);
  const gone = machines !== undefined && !machines.some((m) => m.id === card.machineId);
  const remove = async () => {
    await act(THREAD_TEXT.cardDeleted(card.name), () => cards.remove(card.id));
    router.push('/log?place=cards');
  };
  const set = async () => {
    await edit(THREAD_TEXT.cardChosen(card.name), async () => {
      await askAbout({ machineId: card.machineId });
      await writePreference('target', {
        setup: card.setup,
        machineId: card.machineId,
        clothId: card.clothId,
      });
    });
    say(THREAD_TEXT.theMachineBarBelow);
  };
  const sew = async () => {
    await askAbout({ clothId: card.clothId, machineId: card.machineId });
    router.push(`/sew?kind=${card.operation.kind}`);
  };
  return (
    <div className={styles.actions}>
      <Button variant="contained" onClick={() => void set()} disabled={gone}>
        {THREAD_TEXT.setTheMachineTo}
      </Button>
      <Button variant="outlined" onClick={() => void sew()} disabled={gone || clothGone}>
        {THREAD_TEXT.sewWithIt}
      </Button>
      <Button onClick={() => void remove()}>{THREAD_TEXT.deleteThisCard}</Button>
    </div>
  );
}

function Proof({ card }: { card: Card }) {
  const { lengthMm, growthPercent, give } = lineFacts(card.measures);
  const profile = clothProfile(card.cloth);
  const { mass, length } = useUnits();
  const rows: [string, string][] = [
    [THREAD_TEXT.testedFor, card.proves ? provenName(card.proves) : THREAD_TEXT.theStitchAlone],
    [THREAD_TEXT.seam, THREAD_TEXT.layers(operationTitle(card.operation.kind), layersOf(profile, card.operation))],
    [
      THREAD_TEXT.fabric,
      `${card.cloth.name}, ${profile.structure}, ${mass(profile.massGsm.value)}${profile.massGsm.source === 'inferred' ? THREAD_TEXT.assumed : ''}`,
    ],
    [
      THREAD_TEXT.stretchAcross,
      `${formatPercent(profile.stretchAcross.value, 0)}${profile.stretchAcross.source === 'inferred' ? THREAD_TEXT.assumed : ''}`,
    ],
  ];
  if (give) rows.push([give.popped ? THREAD_TEXT.poppedAt : THREAD_TEXT.heldTo, formatPercent(give.percent, 0)]);
  if (growthPercent !== undefined) rows.push([THREAD_TEXT.lengthAfterSewing, growthText(growthPercent)]);
  if (lengthMm !== undefined)
    rows.push([
      THREAD_TEXT.trueStitchLength,
      THREAD_TEXT.mmCountedOver(formatNumber(lengthMm, 2), length(card.measures.markedMm)),
    ]);
  for (const { at, because } of card.provenAgain)
    rows.push([
      THREAD_TEXT.provenAgain,
      `${sayWhen(at)}${because.length > 0 ? THREAD_TEXT.after(because.join(' ')) : ''}`,
    ]);
  if (card.notes) rows.push(['Notes', card.notes]);
  return (
    <section aria-labelledby="proof">
      <h2 id="proof">{THREAD_TEXT.whatItWasProven}</h2>
      <dl className={styles.proofs}>
        {rows.map(([name, value]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
