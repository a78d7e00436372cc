'use client';

import type { Progress } from '@/data/progress';
import { fileName } from '@/parts/things';
import { saveFile, useSay } from '@/parts/workspace';
import type { LongWork } from '@/ui';
import type { PaperPage } from './marks';
import type { Pdf } from './pagesPdf';
import { PAPER_TEXT as TEXT } from './text';
import type { TypeFiles } from './typeFiles';

/** Makes a file of pages and hands it out; what hindered it, and letters it had no type for, are said. */
export function useSavePdf(name: string, making: LongWork): (pages: readonly PaperPage[]) => Promise<void> {
  const save = usePdfFile(making);
  return (pages) => save(name, async (type, told) => (await import('./pagesPdf')).pagesPdf(pages, name, type, told));
}

/** The same for a file that is written without pages on the screen. */
export function usePdfFile(
  making: LongWork,
): (name: string, make: (type: TypeFiles, told: Progress) => Promise<Pdf | null>) => Promise<void> {
  const say = useSay();
  return async (name, make) => {
    try {
      const made = await making.run(async (onShare, signal) => {
        const { typeFiles } = await import('./typeFiles');
        return make(await typeFiles(), { onShare, signal });
      });
      if (!made) return void say(TEXT.stopped);
      saveFile(`bobbet-${fileName(name)}.pdf`, made.bytes, 'application/pdf');
      if (made.lost) say(TEXT.lost(made.lost));
    } catch (cause) {
      say(TEXT.failed((cause as Error).message));
    }
  };
}
