'use client';

import { useState } from 'react';
import { MOST_UNPACKED } from '@/data/packedText';
import { StoppedError } from '@/data/progress';
import { FileTooLargeError, readTextFile } from '@/data/readFile';
import { useSay } from '@/parts/workspace';
import { useLongWork } from '@/ui';
import type { Previewed } from '../files/ImportPreview';
import { lookInto } from './lookInto';
import { TAKE_TEXT as TEXT } from './text';

/** Looks into what comes from elsewhere; a file is read piece by piece and can be stopped. */
export function useLookInto() {
  const [preview, setPreview] = useState<Previewed | null>(null);
  const work = useLongWork();
  const say = useSay();
  const show = async (found: string, name: string) => setPreview(await lookInto(found, name, new Date()));
  const text = async (found: string, name: string) => {
    if (found.length > MOST_UNPACKED) say(TEXT.tooLong);
    else await show(found, name);
  };
  /** @returns whether there is something to be shown; why not has been said */
  const file = async (found: File): Promise<boolean> => {
    try {
      const read = await work.run((onShare, signal) => readTextFile(found, { onShare, signal }));
      await show(read, found.name);
      return true;
    } catch (cause) {
      if (cause instanceof FileTooLargeError) say(TEXT.tooLarge(found.name));
      else if (cause instanceof StoppedError) say(TEXT.stopped);
      else throw cause;
      return false;
    }
  };
  return { preview, close: () => setPreview(null), work, text, file };
}
