'use client';

import Button from '@mui/material/Button';
import { STITCH } from '@/core/stitch';
import { stitchLines } from '@/core/workroom';
import { edit, lines as lineStore, useCloths } from '@/data';
import { useMatchInput } from '@/parts/learned';
import { newId, nowText, useSay } from '@/parts/workspace';
import { matchWorker } from '@/workers/matchClient';
import { STITCHES_TEXT } from './text';
import type { Scrap } from './useScrap';

/** How many stitches are compared. */
const STITCHES = 3;

/** Plans a line with each of the stitches that serve this seam best, so that they lie side by side. */
export function ThreeStitches({ scrap: { swatch, cloth, machine, lines } }: { scrap: Scrap }) {
  const say = useSay();
  const cloths = useCloths();
  const input = useMatchInput(cloth, machine, swatch.operation, {}, swatch.secondId);
  if (!input || !cloths) return null;
  const plan = async () => {
    const setups = await matchWorker()
      .bestStitches(input, STITCHES)
      .catch((cause: Error) => void say(STITCHES_TEXT.failed(cause.message)));
    if (!setups) return;
    const added = stitchLines(swatch, lines, setups, { newId, at: nowText() });
    const names = added.map(({ setup }) => STITCH[setup.stitch].name.toLowerCase());
    if (added.length === 0) return say(STITCHES_TEXT.none);
    await edit(STITCHES_TEXT.added(names), () => lineStore.putAll(added));
    say(STITCHES_TEXT.added(names));
  };
  return (
    <Button variant="outlined" onClick={() => void plan()}>
      {STITCHES_TEXT.offer}
    </Button>
  );
}
