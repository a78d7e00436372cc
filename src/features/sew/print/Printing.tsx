'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { PAPERS } from '@/core/geometry';
import type { Numbers } from '@/core/procedure';
import { usePreference, writePreference } from '@/data';
import { Paper } from '@/parts/paper';
import { Select } from '@/ui';
import styles from '../Sew.module.css';
import type { RunNow } from '../useRunNow';
import { StepSheet } from './StepSheet';
import { TemplateSheets } from './TemplateSheets';
import { PRINTING_TEXT } from '../text';

type What = 'steps' | 'template';

/** The steps with their drawings on paper, and the line at true scale where there is one. */
export function Printing({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const [what, setWhat] = useState<What | null>(null);
  const chosen = usePreference('paper');
  const paper = PAPERS.find(({ id }) => id === chosen) ?? PAPERS[0];
  return (
    <div className={styles.printing}>
      <Select
        label={PRINTING_TEXT.paper}
        value={paper.id}
        options={PAPERS.map(({ id, name }) => [id, name] as const)}
        onPick={(id) => void writePreference('paper', id)}
      />
      <Button variant="outlined" onClick={() => setWhat('steps')}>
        {PRINTING_TEXT.printTheSteps}
      </Button>
      {now.procedure.along && (
        <Button variant="outlined" onClick={() => setWhat('template')}>
          {PRINTING_TEXT.printTheTemplate}
        </Button>
      )}
      {what && (
        <Paper marginMm={what === 'template' ? 0 : 12} onAway={() => setWhat(null)}>
          {what === 'steps' ? (
            <StepSheet now={now} numbers={numbers} />
          ) : (
            <TemplateSheets now={now} numbers={numbers} paper={paper} />
          )}
        </Paper>
      )}
    </div>
  );
}
