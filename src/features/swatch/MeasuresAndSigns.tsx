'use client';

import useMediaQuery from '@mui/material/useMediaQuery';
import { useState } from 'react';
import type { TestLine } from '@/core/swatch';
import { PHONE, Tabs } from '@/ui';
import { Measures } from './Measures';
import { Signs } from './Signs';
import styles from './Swatch.module.css';
import { LINE_PANEL_TEXT } from './text';
import type { SaveLine, Scrap } from './useScrap';

interface Props {
  scrap: Scrap;
  line: TestLine;
  onSave: SaveLine;
}

/**
 * What was measured on a line and what was seen: one below the other, on a phone each under the drawing it belongs to. What a simulated
 * machine measured and showed is not changed by hand: it would be neither one nor the other.
 */
export function MeasuresAndSigns(props: Props) {
  const phone = useMediaQuery(PHONE, { noSsr: true });
  const [shown, setShown] = useState<'measures' | 'signs'>('measures');
  const measures = <Measures {...props} />;
  const signs = <Signs {...props} />;
  return (
    <fieldset className={styles.plainSet} disabled={props.line.simulated !== undefined}>
      {phone ? (
        <Tabs
          label={LINE_PANEL_TEXT.whatThisTestShows}
          value={shown}
          options={[
            { id: 'measures', name: LINE_PANEL_TEXT.measure },
            { id: 'signs', name: LINE_PANEL_TEXT.look },
          ]}
          onPick={setShown}
        >
          {shown === 'measures' ? measures : signs}
        </Tabs>
      ) : (
        <>
          {measures}
          {signs}
        </>
      )}
    </fieldset>
  );
}
