'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { emptyJob, jobFromTemplate, jobSchema, TEMPLATES } from '@/core/job';
import { edit, jobs, writePreference } from '@/data';
import { type AskedNow, type Draft, newId, nowText, useDraft, useQuestion } from '@/parts/workspace';
import { Field, Pick, Select, wordsBy } from '@/ui';
import { ColourField } from './ColourField';
import { ImportJob } from './ImportJob';
import styles from './Jobs.module.css';
import { TemplateFits } from './TemplateFits';
import { NEW_JOB_TEXT } from './text';

const NAME = wordsBy(jobSchema.shape.name);
const NOTHING = 'nothing';

/** A new job: from a template of a common thing, or from nothing. */
export function NewJob() {
  const asked = useQuestion();
  const draft = useDraft('new-job');
  const [problem, setProblem] = useState<string | null>(null);
  const begin = useBegin(asked, draft, setProblem);
  if (!asked) return null;
  const { texts, setText } = draft;
  const template = templateOf(texts);
  return (
    <section aria-labelledby="new-job" className={styles.form}>
      <h2 id="new-job">{NEW_JOB_TEXT.beginAJob}</h2>
      <Select
        label={NEW_JOB_TEXT.whatIsMade}
        value={template?.id ?? NOTHING}
        options={[
          ...TEMPLATES.map((t) => [t.id, t.name] as const),
          [NOTHING, NEW_JOB_TEXT.somethingElseFromNothing] as const,
        ]}
        onPick={(id) => setText('template', id)}
      />
      <Field
        label={NEW_JOB_TEXT.name}
        text={texts.name ?? ''}
        read={(text) => ({ ok: true, value: text })}
        onValue={(text) => setText('name', text)}
        help={problem ?? (template ? NEW_JOB_TEXT.leftEmpty(template.name) : NEW_JOB_TEXT.whatYouCallIt)}
        onEnter={() => void begin()}
      />
      <Materials asked={asked} draft={draft} second={template?.second} />
      <TemplateFits
        template={template}
        clothId={clothIn(texts, asked)}
        secondClothId={texts.second || null}
        asked={asked}
      />
      <div className={styles.actions}>
        <Button variant="contained" onClick={() => void begin()}>
          {NEW_JOB_TEXT.begin}
        </Button>
        <ImportJob />
      </div>
    </section>
  );
}

const templateOf = (texts: Draft['texts']) => TEMPLATES.find((t) => t.id === (texts.template ?? TEMPLATES[0].id));
const clothIn = (texts: Draft['texts'], asked: AskedNow) => texts.cloth ?? asked.cloth?.id ?? '';

/** Cloths, machine and colour of a new job. */
function Materials({ asked, draft, second }: { asked: AskedNow; draft: Draft; second: string | undefined }) {
  const { texts, setText } = draft;
  const drawer = [['', NEW_JOB_TEXT.chooseLater] as const, ...asked.cloths.map((c) => [c.id, c.cloth.name] as const)];
  return (
    <>
      <Pick
        label={NEW_JOB_TEXT.cloth}
        value={clothIn(texts, asked)}
        options={drawer}
        onPick={(id) => setText('cloth', id)}
        help={asked.cloths.length === 0 ? NEW_JOB_TEXT.noneIsInThe : undefined}
      />
      {second && (
        <Pick
          label={NEW_JOB_TEXT.secondClothFor(second)}
          value={texts.second ?? ''}
          options={drawer}
          onPick={(id) => setText('second', id)}
        />
      )}
      <Pick
        label={NEW_JOB_TEXT.machine}
        value={texts.machine ?? asked.machine?.id ?? ''}
        options={asked.machines.map((m) => [m.id, m.machine.name] as const)}
        onPick={(id) => setText('machine', id)}
      />
      <ColourField
        label={NEW_JOB_TEXT.threadColour}
        text={texts.colour ?? ''}
        onValue={(colour) => setText('colour', colour)}
        help={NEW_JOB_TEXT.asItIsCalled}
      />
    </>
  );
}

/** Puts the job in, and goes to it. */
function useBegin(asked: AskedNow | undefined, { texts, clear }: Draft, refuse: (why: string) => void) {
  const router = useRouter();
  return async () => {
    if (!asked) return;
    const template = templateOf(texts);
    const read = NAME(texts.name?.trim() || template?.name || '');
    if (!read.ok) return refuse(read.expected);
    const choice = {
      name: read.value,
      machineId: texts.machine ?? asked.machine?.id ?? null,
      clothId: clothIn(texts, asked) || null,
      secondClothId: texts.second || null,
      colour: texts.colour ?? '',
    };
    const made = { id: newId(), newId, at: nowText() };
    const job = template ? jobFromTemplate(template, choice, made) : emptyJob(choice, made);
    await edit(NEW_JOB_TEXT.added(job.name), async () => {
      await jobs.put(job);
      await writePreference('jobId', made.id);
    });
    clear();
    router.push(`/jobs?id=${made.id}`);
  };
}
