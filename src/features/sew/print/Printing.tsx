'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Numbers } from '@/core/procedure';
import { PaperDialog } from '@/parts/paper';
import styles from '../Sew.module.css';
import type { RunNow } from '../useRunNow';
import { StepSheet } from './StepSheet';
import { TemplateSheets } from './TemplateSheets';
import { PRINTING_TEXT } from '../text';

type What = 'steps' | 'template';

/** The steps with their drawings on paper, and the line at true scale where there is one. */
export function Printing({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const [what, setWhat] = useState<What | null>(null);
  return (
    <div className={styles.printing}>
      <Button variant="outlined" onClick={() => setWhat('steps')}>
        {PRINTING_TEXT.printTheSteps}
      </Button>
      {now.procedure.along && (
        <Button variant="outlined" onClick={() => setWhat('template')}>
          {PRINTING_TEXT.printTheTemplate}
        </Button>
      )}
      {what && (
        <PaperDialog
          name={PRINTING_TEXT.sheet[what](now.procedure.name)}
          marginMm={what === 'template' ? 0 : 12}
          trueScale={what === 'template'}
          onClose={() => setWhat(null)}
        >
          {(paper) =>
            what === 'steps' ? (
              <StepSheet now={now} numbers={numbers} />
            ) : (
              <TemplateSheets now={now} numbers={numbers} paper={paper} />
            )
          }
        </PaperDialog>
      )}
    </div>
  );
}
