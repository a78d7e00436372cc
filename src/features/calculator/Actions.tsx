'use client';

import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type Answers, type Calculation, sewnWith } from '@/core/calculator';
import { type Numbers, procedureName, type Run } from '@/core/procedure';
import { runs as store } from '@/data';
import { useBeginRun } from '@/parts/sewing';
import { useAct, useQuestion } from '@/parts/workspace';
import { TEXT } from './text';

interface Props {
  calculation: Calculation;
  answers: Answers;
  /** The operation the way led from. */
  run: Run | undefined;
  runs: readonly Run[];
}

/** The numbers go back to the operation they were asked for, or begin one. */
export function Actions({ calculation, answers, run, runs }: Props) {
  const asked = useQuestion();
  const begin = useBeginRun(asked, runs);
  const putBack = usePutBack();
  const uses = sewnWith(calculation, answers);
  const back = run && uses.find(({ procedure }) => procedure === run.procedureId);
  if (run && back)
    return (
      <Stack direction="row" spacing={2} useFlexGap sx={{ flexWrap: 'wrap' }}>
        <Button variant="contained" onClick={() => void putBack(run, back.answers)}>
          {TEXT.putBack(procedureName(run.procedureId))}
        </Button>
        <Button component={Link} href={`/sew?run=${run.id}`}>
          {TEXT.backTo}
        </Button>
      </Stack>
    );
  if (uses.length === 0) return null;
  if (asked && !asked.cloth)
    return (
      <Typography color="text.secondary">
        {TEXT.needsFabric} <Link href="/match">{TEXT.toMatch}</Link>
      </Typography>
    );
  return (
    <Stack direction="row" spacing={2} useFlexGap sx={{ flexWrap: 'wrap' }}>
      {uses.map(({ procedure, answers: known }) => (
        <Button key={procedure} variant="outlined" onClick={() => void begin(procedure, known)}>
          {TEXT.sewIt(procedureName(procedure))}
        </Button>
      ))}
    </Stack>
  );
}

function usePutBack() {
  const act = useAct();
  const router = useRouter();
  return async (run: Run, answers: Numbers) => {
    await act(TEXT.taken, () =>
      store.change(run.id, (now) => now && { ...now, answers: { ...now.answers, ...answers } }),
    );
    router.push(`/sew?run=${run.id}`);
  };
}
