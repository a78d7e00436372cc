'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import type { FormEvent } from 'react';
import { useWatch } from 'react-hook-form';
import { emptyJob, jobFromTemplate, jobSchema, TEMPLATES } from '@/core/job';
import { edit, jobs, writePreference } from '@/data';
import { type DraftForm, ErrorSummary, FormSelect, FormText, type ReadTexts, useReadForm } from '@/parts/forms';
import { type AskedNow, newId, nowText, useQuestion } from '@/parts/workspace';
import { Pick, wordsBy } from '@/ui';
import { ColourField } from './ColourField';
import { ImportJob } from './ImportJob';
import styles from './Jobs.module.css';
import { TemplateFits } from './TemplateFits';
import { NEW_JOB_TEXT } from './text';

const NAME = wordsBy(jobSchema.shape.name);
const NOTHING = 'nothing';

/** What is typed for a new job. */
interface JobTexts extends Record<string, string> {
  template: string;
  name: string;
  cloth: string;
  second: string;
  machine: string;
  colour: string;
}

/** Stands for the fabric or machine that is worked with now, until another is picked. */
const AS_NOW = 'as-now';
const EMPTY: JobTexts = {
  template: TEMPLATES[0].id,
  name: '',
  cloth: AS_NOW,
  second: '',
  machine: AS_NOW,
  colour: '',
};

const templateOf = (id: string) => TEMPLATES.find((t) => t.id === id);

/** The name a job gets: what was typed, else that of its template. */
function readName({ name, template }: JobTexts): ReadTexts<{ name: string }> {
  const read = NAME(name.trim() || templateOf(template)?.name || '');
  return read.ok ? { value: { name: read.value }, problems: {} } : { value: null, problems: { name: read.expected } };
}

/** A new job: from a template of a common thing, or from nothing. */
export function NewJob() {
  const asked = useQuestion();
  const form = useReadForm('new-job', readName, EMPTY);
  const texts = { ...EMPTY, ...useWatch({ control: form.control }) } as JobTexts;
  const begin = useBegin(asked, form, texts);
  if (!asked) return null;
  const template = templateOf(texts.template);
  return (
    <form aria-labelledby="new-job" className={styles.form} onSubmit={begin} noValidate>
      <h2 id="new-job">{NEW_JOB_TEXT.beginAJob}</h2>
      <ErrorSummary form={form} labels={{ name: NEW_JOB_TEXT.name }} />
      <FormSelect
        control={form.control}
        name="template"
        label={NEW_JOB_TEXT.whatIsMade}
        options={[
          ...TEMPLATES.map((t) => [t.id, t.name] as const),
          [NOTHING, NEW_JOB_TEXT.somethingElseFromNothing] as const,
        ]}
      />
      <FormText
        control={form.control}
        name="name"
        label={NEW_JOB_TEXT.name}
        help={template ? NEW_JOB_TEXT.leftEmpty(template.name) : NEW_JOB_TEXT.whatYouCallIt}
      />
      <Materials asked={asked} texts={texts} form={form} second={template?.second} />
      <TemplateFits
        template={template}
        clothId={clothIn(texts, asked)}
        secondClothId={texts.second || null}
        asked={asked}
      />
      <div className={styles.actions}>
        <Button type="submit" variant="contained">
          {NEW_JOB_TEXT.begin}
        </Button>
        <ImportJob />
      </div>
    </form>
  );
}

const clothIn = ({ cloth }: JobTexts, asked: AskedNow) => (cloth === AS_NOW ? (asked.cloth?.id ?? '') : cloth);
const machineIn = ({ machine }: JobTexts, asked: AskedNow) =>
  machine === AS_NOW ? (asked.machine?.id ?? '') : machine;

interface MaterialsProps {
  asked: AskedNow;
  texts: JobTexts;
  form: DraftForm<JobTexts, { name: string }>;
  second: string | undefined;
}

/** Fabrics, machine and colour of a new job. */
function Materials({ asked, texts, form: { setValue }, second }: MaterialsProps) {
  const drawer = [['', NEW_JOB_TEXT.chooseLater] as const, ...asked.cloths.map((c) => [c.id, c.cloth.name] as const)];
  return (
    <>
      <Pick
        label={NEW_JOB_TEXT.cloth}
        value={clothIn(texts, asked)}
        options={drawer}
        onPick={(id) => setValue('cloth', id)}
        help={asked.cloths.length === 0 ? NEW_JOB_TEXT.noneIsInThe : undefined}
      />
      {second && (
        <Pick
          label={NEW_JOB_TEXT.secondClothFor(second)}
          value={texts.second}
          options={drawer}
          onPick={(id) => setValue('second', id)}
        />
      )}
      <Pick
        label={NEW_JOB_TEXT.machine}
        value={machineIn(texts, asked)}
        options={asked.machines.map((m) => [m.id, m.machine.name] as const)}
        onPick={(id) => setValue('machine', id)}
      />
      <ColourField
        label={NEW_JOB_TEXT.threadColour}
        text={texts.colour}
        onValue={(colour) => setValue('colour', colour)}
        help={NEW_JOB_TEXT.asItIsCalled}
      />
    </>
  );
}

/** Puts the job in, and goes to it. */
function useBegin(asked: AskedNow | undefined, form: DraftForm<JobTexts, { name: string }>, texts: JobTexts) {
  const router = useRouter();
  const begin = form.handleSubmit(async ({ name }) => {
    if (!asked) return;
    const template = templateOf(texts.template);
    const choice = {
      name,
      machineId: machineIn(texts, asked) || null,
      clothId: clothIn(texts, asked) || null,
      secondClothId: texts.second || null,
      colour: texts.colour,
    };
    const made = { id: newId(), newId, at: nowText() };
    const job = template ? jobFromTemplate(template, choice, made) : emptyJob(choice, made);
    await edit(NEW_JOB_TEXT.added(job.name), async () => {
      await jobs.put(job);
      await writePreference('jobId', made.id);
    });
    form.clear();
    router.push(`/projects?id=${made.id}`);
  });
  return (event: FormEvent) => void begin(event);
}
