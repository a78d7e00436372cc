'use client';

import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useState } from 'react';
import { CAUSE, causePage, CAUSES_SHOWN, signPage } from '@/core/diagnose';
import { SIGN_TEXT, SIGNS } from '@/core/stitch';
import { standsIn, upperFirst } from '@/core/units';
import { RescueWays } from '@/parts/diagnosis';
import { useUnits } from '@/parts/workspace';
import { More, SignPicture } from '@/ui';
import styles from './Swatch.module.css';
import { SIGNS_TEXT as TEXT } from './text';

/** Every sign with its drawing, why it happens and what to try; every cause with how it shows. */
export function SignsPage() {
  const [find, setFind] = useState('');
  const has = (...texts: string[]) => texts.some((text) => standsIn(text, find));
  const signs = SIGNS.map(signPage).filter(({ sign, why }) => has(SIGN_TEXT[sign], ...why.map((c) => CAUSE[c].text)));
  const causes = CAUSES_SHOWN.map(causePage).filter(({ cause }) => has(CAUSE[cause].text));
  return (
    <div className={styles.signsPage}>
      <h1>{TEXT.title}</h1>
      <p className={styles.quiet}>
        {TEXT.about} <Link href="/test">{TEXT.all}</Link>
      </p>
      <TextField label={TEXT.find} value={find} onChange={(event) => setFind(event.target.value)} sx={{ my: 1.5 }} />
      {signs.length + causes.length === 0 && <p>{TEXT.none}</p>}
      <ul>
        {signs.map(({ sign, why, tries }) => (
          <li key={sign} id={sign}>
            <SignPicture sign={sign} />
            <Box component="span" sx={{ minWidth: 0 }}>
              <strong>{SIGN_TEXT[sign]}</strong>
              <More summary={upperFirst(CAUSE[why[0]].text)}>
                <Listed title={TEXT.why} lines={why.map((cause) => `${upperFirst(CAUSE[cause].text)}.`)} />
                <Listed title={TEXT.tries} lines={tries} />
                <RescueWays sign={sign} cloth={null} />
              </More>
            </Box>
          </li>
        ))}
      </ul>
      <Typography variant="h2" sx={{ mt: 3 }}>
        {TEXT.causes}
      </Typography>
      <Box sx={{ maxWidth: 820 }}>
        {causes.map(({ cause, showsAs, tries }) => (
          <More key={cause} id={cause} summary={upperFirst(CAUSE[cause].text)}>
            <Listed title={TEXT.showsAs} lines={showsAs.map((sign) => `${SIGN_TEXT[sign]}.`)} />
            <Listed title={TEXT.tries} lines={tries} />
          </More>
        ))}
      </Box>
    </div>
  );
}

function Listed({ title, lines }: { title: string; lines: readonly string[] }) {
  const { say } = useUnits();
  return (
    <>
      <Typography sx={{ fontWeight: 650, mt: 1 }}>{title}</Typography>
      <Box component="ol" sx={{ pl: 3, my: 0.5 }}>
        {lines.map((line) => (
          <li key={line}>{say(line)}</li>
        ))}
      </Box>
    </>
  );
}
