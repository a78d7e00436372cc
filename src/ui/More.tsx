import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import SvgIcon from '@mui/material/SvgIcon';
import type { ReactNode } from 'react';

interface Props {
  summary: ReactNode;
  children: ReactNode;
  /** Open from the start. */
  open?: boolean;
}

/** Points down; turned over where the part is open. */
const Opens = () => (
  <SvgIcon fontSize="small">
    <path d="M6 9l6 6 6-6" fill="none" stroke="currentColor" strokeWidth={2.5} />
  </SvgIcon>
);

/** What is read only by who wants to know: one line, and the rest below it once it is pressed. What is closed is not drawn. */
export function More({ summary, children, open }: Props) {
  return (
    <Accordion disableGutters defaultExpanded={open} slotProps={{ transition: { unmountOnExit: true, timeout: 0 } }}>
      <AccordionSummary expandIcon={<Opens />}>{summary}</AccordionSummary>
      <AccordionDetails>{children}</AccordionDetails>
    </Accordion>
  );
}
