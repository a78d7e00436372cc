import ExpandMore from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import { type ReactNode, useId } from 'react';

interface Props {
  summary: ReactNode;
  children: ReactNode;
  /** Open from the start. */
  open?: boolean;
  /** Where a link may lead. */
  id?: string;
  onToggle?: (open: boolean) => void;
}

/** What is read only by who wants to know: one line, and the rest below it once it is pressed. What is closed is not drawn. */
export function More({ summary, children, open, id, onToggle }: Props) {
  const own = useId();
  return (
    <Accordion
      id={id}
      disableGutters
      defaultExpanded={open}
      onChange={(_, now) => onToggle?.(now)}
      slotProps={{ transition: { unmountOnExit: true, timeout: 0 }, heading: { component: 'div' } }}
    >
      <AccordionSummary id={`${own}-line`} aria-controls={`${own}-rest`} expandIcon={<ExpandMore />}>
        {summary}
      </AccordionSummary>
      <AccordionDetails>{children}</AccordionDetails>
    </Accordion>
  );
}
