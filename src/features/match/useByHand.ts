'use client';

import { useState } from 'react';
import { checkInterlocks, type Closed } from '@/core/interlock';
import type { Machine } from '@/core/kit';
import type { MatchAnswer } from '@/core/match';
import type { SeamContext } from '@/core/physics';
import type { Setup } from '@/core/setup';

/** A setting that was asked for and refused, with the interlock that closed on it. */
export interface Refused {
  setup: Setup;
  closed: Closed;
}

/** A setting moved by hand away from the best, and the one that was refused last. */
export interface ByHand {
  setup: Setup | null;
  refused: Refused | null;
  /** Takes a setting, unless an interlock closes on it: then it stays as it was, and says why. */
  take: (next: Setup) => void;
  back: () => void;
  understood: () => void;
}

/** The setting on screen: the best, or what a hand made of it. A new answer begins at its best again. */
export function useByHand(answer: MatchAnswer, seam: SeamContext, machine: Machine): ByHand {
  const [hand, setHand] = useState<{ of: MatchAnswer; setup: Setup | null; refused: Refused | null } | null>(null);
  const mine = hand?.of === answer ? hand : null;
  return {
    setup: mine?.setup ?? answer.setup,
    refused: mine?.refused ?? null,
    take: (setup) => {
      const [closed] = checkInterlocks({ setup, machine, thicknessMm: seam.underFootMm });
      setHand(
        closed
          ? { of: answer, setup: mine?.setup ?? null, refused: { setup, closed } }
          : { of: answer, setup, refused: null },
      );
    },
    back: () => setHand(null),
    understood: () => mine && setHand({ ...mine, refused: null }),
  };
}
