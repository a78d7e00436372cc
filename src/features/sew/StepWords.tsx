import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { StepText } from '@/core/procedure';
import { CautionAlert } from '@/ui';
import styles from './Sew.module.css';
import { TEXT } from './text';

interface Props {
  text: StepText;
  fill: (text: string) => string;
  /** What the machine is set to, where the step is sewn. */
  setTo: string | null;
}

/** What to do, what can hurt, what to look at, and how the row is begun and ended. */
export function StepWords({ text, fill, setTo }: Props) {
  const how = [
    [TEXT.how.press, text.pressing],
    [TEXT.how.begin, text.begin.length > 0 ? text.begin.join(' ') : null],
    [TEXT.how.sew, text.pace],
    [TEXT.how.end, text.end],
  ] as const;
  const said = how.flatMap(([name, words]) => (words === null ? [] : [{ name, words: fill(words) }]));
  return (
    <>
      <h2 data-work aria-live="polite">
        {fill(text.does)}
      </h2>
      {text.cautions.length > 0 && (
        <CautionAlert>
          {text.cautions.map((caution) => (
            <p key={caution}>{fill(caution)}</p>
          ))}
        </CautionAlert>
      )}
      <p className={styles.check}>
        {TEXT.check} {fill(text.check)}
      </p>
      {setTo && <Typography>{setTo}</Typography>}
      {said.length > 0 && (
        <Box
          component="dl"
          sx={{ display: 'grid', gridTemplateColumns: '5.5rem 1fr', columnGap: 1.5, rowGap: 0.75, m: 0 }}
        >
          {said.map(({ name, words }) => (
            <Box key={name} sx={{ display: 'contents' }}>
              <Typography component="dt" color="text.secondary">
                {name}
              </Typography>
              <Typography component="dd" sx={{ m: 0 }}>
                {words}
              </Typography>
            </Box>
          ))}
        </Box>
      )}
    </>
  );
}
