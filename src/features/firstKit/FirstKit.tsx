'use client';

import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { ComponentProps, ReactNode } from 'react';
import { type Control, useController, type UseFormReturn, useWatch } from 'react-hook-form';
import { FOOT, MACHINE_KIND, type MachineKind, PACK_OF } from '@/core/kit';
import { countOf } from '@/core/units';
import { firstKit } from '@/core/workroom';
import { changeKit, edit, machines as machineStore, needles, threads, useMachines } from '@/data';
import { KindChoice } from '@/parts/machineKinds';
import { askAbout, newId, nowText, useSay } from '@/parts/workspace';
import { FootPicture, PictureToggles } from '@/ui';
import styles from './FirstKit.module.css';
import { FEET_OPTIONS, PACK_OPTIONS, SPOOL_OPTIONS } from './offered';
import { FIRST_KIT_TEXT as TEXT } from './text';
import { type Picked, usePicked } from './usePicked';

/** Which machine, which feet, which needles and threads: three questions to an honest kit. */
export function FirstKit() {
  const form = usePicked();
  const { control } = form;
  const [feet, packs, spools] = useWatch({ control, name: ['feet', 'packs', 'spools'] });
  const save = useSave(form.forget);
  return (
    <form className={styles.page} noValidate onSubmit={(event) => void form.handleSubmit(save)(event)}>
      <h1>{TEXT.title}</h1>
      <p>{TEXT.about}</p>
      <WhichMachine form={form} />
      <Question title={TEXT.feet} said={feet.length === 0 ? TEXT.feetSkipped : null}>
        <Picks control={control} name="feet" label={TEXT.feet} options={FEET} />
      </Question>
      <Question
        title={TEXT.kit}
        said={packs.length === 0 ? TEXT.needlesSkipped : TEXT.packs(PACK_OF, countOf(packs.length * PACK_OF, 'needle'))}
      >
        <Typography variant="h3">{TEXT.needles}</Typography>
        <Picks control={control} name="packs" label={TEXT.needles} options={PACK_OPTIONS} />
      </Question>
      <Question title={null} said={spools.length === 0 ? TEXT.threadsSkipped : TEXT.spools}>
        <Typography variant="h3">{TEXT.threads}</Typography>
        <Picks control={control} name="spools" label={TEXT.threads} options={SPOOL_OPTIONS} />
      </Question>
      <div className={styles.presses}>
        <Button type="submit" variant="contained" size="large">
          {TEXT.save}
        </Button>
        <Link href="/match">{TEXT.skip}</Link>
      </div>
    </form>
  );
}

function WhichMachine({ form: { control, register, setValue, getValues } }: { form: UseFormReturn<Picked> }) {
  const kind = useWatch({ control, name: 'kind' });
  const pick = (now: MachineKind | null) => {
    setValue('kind', now);
    // What such a machine comes with is ticked for the person, as long as nothing is.
    if (now && getValues('feet').length === 0)
      setValue(
        'feet',
        MACHINE_KIND[now].feet.filter((foot) => !FOOT[foot].builtIn),
      );
  };
  return (
    <Question title={TEXT.machine} said={kind ? TEXT.machineAssumed : TEXT.machineSkipped}>
      <KindChoice kind={kind} onPick={pick} />
      {kind && (
        <TextField
          {...register('name')}
          size="small"
          label={TEXT.called}
          helperText={TEXT.calledHelp}
          sx={{ maxWidth: 360 }}
        />
      )}
    </Question>
  );
}

interface PicksProps<Name extends 'feet' | 'packs' | 'spools'> {
  control: Control<Picked>;
  name: Name;
  label: string;
  options: ComponentProps<typeof PictureToggles<Picked[Name][number]>>['options'];
}

function Picks<Name extends 'feet' | 'packs' | 'spools'>({ control, name, label, options }: PicksProps<Name>) {
  const { field } = useController({ control, name });
  const picked = field.value as Picked[Name][number][];
  return <PictureToggles label={label} leastPx={150} options={options} picked={picked} onPick={field.onChange} />;
}

const FEET = FEET_OPTIONS.map((option) => ({ ...option, picture: <FootPicture foot={option.id} /> }));

/** One question: its heading, what is picked, and what is assumed while nothing is. */
function Question({ title, said, children }: { title: string | null; said: string | null; children: ReactNode }) {
  return (
    <section className={styles.question}>
      {title && <Typography variant="h2">{title}</Typography>}
      {children}
      {said && (
        <p className={styles.quiet} role="status">
          {said}
        </p>
      )}
    </section>
  );
}

/** Stores everything that was picked as one edit, and goes on to the first setting. */
function useSave(forget: () => void) {
  const router = useRouter();
  const say = useSay();
  const machines = useMachines() ?? [];
  return async ({ kind, name, feet, packs, spools }: Picked) => {
    const made = firstKit(
      {
        ...{ kind, name },
        feet: feet.length > 0 ? feet : null,
        packs: PACK_OPTIONS.flatMap(({ id, needle }) => (packs.includes(id) ? [needle] : [])),
        spools: SPOOL_OPTIONS.flatMap(({ id, spool }) => (spools.includes(id) ? [spool] : [])),
      },
      machines,
      { newId, at: nowText() },
    );
    await edit(TEXT.saved, async () => {
      if (made.machine) {
        await machineStore.put(made.machine);
        await askAbout({ machineId: made.machine.id });
      }
      await changeKit(() => made.kit);
      for (const needle of made.needles) await needles.put(needle);
      for (const thread of made.threads) await threads.put(thread);
    });
    forget();
    say(TEXT.saved);
    router.push('/match');
  };
}
