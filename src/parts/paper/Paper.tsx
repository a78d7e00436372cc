'use client';

import { type ReactNode, useEffect } from 'react';
import { createPortal } from 'react-dom';
import { PAPERS } from '@/core/geometry';
import { usePreference } from '@/data';

interface Props {
  /** Margin of every sheet, mm. */
  marginMm: number;
  landscape?: boolean;
  /** Called when the printer has it. */
  onAway: () => void;
  children: ReactNode;
}

/** A sheet for paper only: it is printed as soon as it is drawn, and removed when the printer has it. */
export function Paper({ marginMm, landscape = false, onAway, children }: Props) {
  const chosen = usePreference('paper');
  const paper = PAPERS.find(({ id }) => id === chosen) ?? PAPERS[0];
  useEffect(() => {
    if (chosen === undefined) return;
    document.body.dataset.printing = 'sheet';
    window.addEventListener('afterprint', onAway);
    window.print();
    return () => {
      delete document.body.dataset.printing;
      window.removeEventListener('afterprint', onAway);
    };
    // Putting it away is all `onAway` does: a new one of it is no reason to print again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [chosen]);
  const [across, down] = landscape ? [paper.heightMm, paper.widthMm] : [paper.widthMm, paper.heightMm];
  return createPortal(
    <div data-sheet>
      <style>{`@page { size: ${across}mm ${down}mm; margin: ${marginMm}mm; }`}</style>
      {children}
    </div>,
    document.body,
  );
}
