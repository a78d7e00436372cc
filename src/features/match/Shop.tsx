'use client';

import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { READING_TEXT, type Reading, settingReadings } from '@/core/setup';
import { cloths, edit } from '@/data';
import { outdated } from '@/parts/asking';
import { NameField, nameProblem, NAMING_TEXT } from '@/parts/naming';
import { askAbout, newId, nowText } from '@/parts/workspace';
import { StopAlert } from '@/ui';
import styles from './Match.module.css';
import { SHOP_TEXT as TEXT, START_TEXT } from './text';
import { useShop } from './useShop';

/** In the shop, with the phone: can my machine sew this, with what I own, and what else to buy. */
export function Shop() {
  const shop = useShop();
  const { form, heard, record, fit, problems, system } = shop;
  const router = useRouter();
  const keep = form.handleSubmit(async ({ name }) => {
    if (!record) return form.setError('name', { message: NAMING_TEXT.pick });
    const [id, at] = [newId(), nowText()];
    const readings = record.readings.map((reading) => ({ ...reading, id: newId(), at }));
    await edit(START_TEXT.added(name.trim()), async () => {
      await cloths.put({ ...record, id, addedAt: at, readings });
      await askAbout({ clothId: id });
    });
    router.push('/match');
  });
  return (
    <form className={styles.start} noValidate onSubmit={(event) => void keep(event)}>
      <h1>{TEXT.title}</h1>
      <p>{TEXT.about}</p>
      <NameField
        label={TEXT.name}
        field={form.register('name', { validate: nameProblem })}
        heard={heard}
        problem={form.formState.errors.name?.message}
        help={TEXT.nameHelp}
        autoFocus
      />
      {FIELDS.map((field) => (
        <TextField
          key={field}
          {...form.register(field)}
          label={TEXT.field[field](system)}
          size="small"
          autoComplete="off"
          error={problems[field] !== undefined}
          helperText={problems[field] ?? TEXT.help[field]}
        />
      ))}
      {fit && (
        <p role="status">
          <strong>{TEXT.pattern}</strong> {fit.text}
        </p>
      )}
      {record && <Verdict shop={shop} />}
      <Button type="submit" variant="contained">
        {TEXT.keep}
      </Button>
    </form>
  );
}

const FIELDS = ['reach', 'weight', 'demand'] as const;
/** What has to be owned to sew it. */
const PARTS: readonly Reading[] = ['needle', 'thread', 'foot', 'stitch'];

function Verdict({ shop: { match, machine, hasKit } }: { shop: ReturnType<typeof useShop> }) {
  const { answered, isCurrent } = match;
  if (!answered || !machine) return null;
  const { setup, blocked } = answered.answer;
  const missing = answered.sharpening?.missing ?? [];
  return (
    <section aria-label={TEXT.verdict} aria-live="polite" {...outdated(isCurrent)}>
      {setup ? (
        <>
          <Typography variant="h2">{TEXT.yes(machine.machine.name)}</Typography>
          <p className={styles.quiet}>{hasKit ? TEXT.owned : TEXT.anyKit}</p>
          <dl className={styles.shop}>
            {PARTS.map((reading) => (
              <div key={reading}>
                <dt>{READING_TEXT[reading]}</dt>
                <dd>{settingReadings(machine.machine, setup)[reading]}</dd>
              </div>
            ))}
          </dl>
        </>
      ) : (
        <StopAlert title={TEXT.no(machine.machine.name)}>
          {blocked.map(({ code, text }) => (
            <p key={code}>{text}</p>
          ))}
        </StopAlert>
      )}
      {missing.length > 0 && (
        <>
          <Typography variant="h3">{TEXT.buy}</Typography>
          <ul>
            {missing.map(({ what, gains }) => (
              <li key={what}>
                <strong>{what}</strong>: {gains}.
              </li>
            ))}
          </ul>
        </>
      )}
      <p className={styles.quiet}>{TEXT.howMuch}</p>
    </section>
  );
}
