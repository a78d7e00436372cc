'use client';

import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { createPortal } from 'react-dom';
import { PAPERS } from '@/core/geometry';
import type { Numbers } from '@/core/seam';
import { usePreference, writePreference } from '@/data';
import { Pick } from '@/ui';
import styles from '../Sew.module.css';
import type { RunNow } from '../useRunNow';
import { StepSheet } from './StepSheet';
import { TemplateSheets } from './TemplateSheets';

type What = 'steps' | 'template';

/** The steps with their drawings on paper, and the line at true scale where there is one. */
export function Printing({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const [what, setWhat] = useState<What | null>(null);
  const chosen = usePreference('paper');
  const paper = PAPERS.find(({ id }) => id === chosen) ?? PAPERS[0];
  useSheet(what, () => setWhat(null));
  return (
    <div className={styles.printing}>
      <Pick
        label="Paper"
        value={paper.id}
        options={PAPERS.map(({ id, name }) => [id, name] as const)}
        onPick={(id) => void writePreference('paper', id)}
      />
      <Button variant="outlined" onClick={() => setWhat('steps')}>
        Print the steps
      </Button>
      {now.procedure.along && (
        <Button variant="outlined" onClick={() => setWhat('template')}>
          Print the template
        </Button>
      )}
      {what &&
        createPortal(
          <div data-sheet>
            <style>{`@page { size: ${paper.widthMm}mm ${paper.heightMm}mm; margin: ${what === 'template' ? 0 : 12}mm; }`}</style>
            {what === 'steps' ? (
              <StepSheet now={now} numbers={numbers} />
            ) : (
              <TemplateSheets now={now} numbers={numbers} paper={paper} />
            )}
          </div>,
          document.body,
        )}
    </div>
  );
}

/** Prints as soon as the sheet is there, and puts it away when the printer has it. */
function useSheet(what: What | null, away: () => void) {
  useEffect(() => {
    if (!what) return;
    document.body.dataset.printing = what;
    window.addEventListener('afterprint', away);
    window.print();
    return () => {
      delete document.body.dataset.printing;
      window.removeEventListener('afterprint', away);
    };
    // `away` only puts the sheet away: a new one of it is no reason to print again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [what]);
}
