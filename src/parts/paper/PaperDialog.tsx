'use client';

import PictureAsPdfOutlined from '@mui/icons-material/PictureAsPdfOutlined';
import PrintOutlined from '@mui/icons-material/PrintOutlined';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { type ReactNode, useId, useState } from 'react';
import { createPortal } from 'react-dom';
import { type Paper, PAPERS } from '@/core/geometry';
import { usePreference, writePreference } from '@/data';
import { Select, useLongWork, Working } from '@/ui';
import type { PaperPage } from './marks';
import { PagePicture } from './PagePicture';
import styles from './Paper.module.css';
import print from './Print.module.css';
import { printNow } from './printNow';
import { PAPER_TEXT as TEXT } from './text';
import { useSavePdf } from './useSavePdf';
import { useSheet } from './useSheet';

interface Props {
  /** What is printed: the title of the window, and the name of its file. */
  name: string;
  /** Margin of every page, mm. */
  marginMm: number;
  /** Whether lengths on it are measured with a ruler. */
  trueScale?: boolean;
  onClose: () => void;
  children: (paper: Paper) => ReactNode;
}

/** What is printed, page by page as it will lie on paper; from here it goes to the printer or into a file. */
export function PaperDialog({ name, marginMm, trueScale, onClose, children }: Props) {
  const chosen = usePreference('paper');
  const paper = PAPERS.find(({ id }) => id === chosen) ?? PAPERS[0];
  const [sheet, setSheet] = useState<HTMLElement | null>(null);
  const pages = useSheet(sheet, { widthMm: paper.widthMm, heightMm: paper.heightMm, marginMm });
  const title = useId();
  const making = useLongWork();
  const save = useSavePdf(name, making);
  const idle = pages !== null && making.share === null;
  return (
    <Dialog open onClose={onClose} aria-labelledby={title} maxWidth="md" fullWidth>
      <DialogTitle id={title} component="h2">
        {name}
      </DialogTitle>
      <DialogContent className={styles.content}>
        <div className={styles.head}>
          <Select
            label={TEXT.paper}
            value={paper.id}
            options={PAPERS.map((one) => [one.id, one.name] as const)}
            onPick={(id) => void writePreference('paper', id)}
          />
          <Typography aria-live="polite">
            {pages ? TEXT.pages(pages.length) : TEXT.laying}
            {trueScale && `. ${TEXT.trueScale}`}
          </Typography>
        </div>
        {pages && <Pages pages={pages} />}
      </DialogContent>
      <DialogActions className={styles.actions}>
        <Working work={making} label={TEXT.making} />
        <Button onClick={onClose}>{TEXT.close}</Button>
        <Button
          variant="outlined"
          startIcon={<PictureAsPdfOutlined />}
          disabled={!idle}
          onClick={() => pages && void save(pages)}
        >
          {TEXT.save}
        </Button>
        <Button variant="contained" startIcon={<PrintOutlined />} disabled={!idle} onClick={() => printNow(onClose)}>
          {TEXT.print}
        </Button>
      </DialogActions>
      {createPortal(
        <div data-sheet className={print.sheet} aria-hidden inert>
          <style>{`@page { size: ${paper.widthMm}mm ${paper.heightMm}mm; margin: ${marginMm}mm; }`}</style>
          <div ref={setSheet} style={{ width: `${paper.widthMm - 2 * marginMm}mm` }}>
            {children(paper)}
          </div>
        </div>,
        document.body,
      )}
    </Dialog>
  );
}

function Pages({ pages }: { pages: readonly PaperPage[] }) {
  return (
    <div className={styles.pages} data-several={pages.length > 1 || undefined} tabIndex={0} role="group">
      {pages.map((page, i) => (
        <PagePicture key={i} page={page} label={TEXT.page(i + 1, pages.length)} />
      ))}
    </div>
  );
}
