'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useRouter, useSearchParams } from 'next/navigation';
import { CALCULATIONS, type Calculation, knownFrom } from '@/core/calculator';
import { useRuns } from '@/data';
import { Actions } from './Actions';
import { CalculationForm } from './CalculationForm';
import { CalculationList } from './CalculationList';
import { TEXT } from './text';

/** Every sum on its own: picked from a list, filled in, and carried to where it is sewn. */
export function CalculatorStation() {
  const asked = useSearchParams();
  const router = useRouter();
  const runs = useRuns();
  const run = runs?.find(({ id }) => id === asked.get('run'));
  const calculation = CALCULATIONS.find(({ id }) => id === asked.get('name')) ?? CALCULATIONS[0];
  const pick = (id: Calculation['id']) =>
    router.replace(`/calculator?name=${id}${run ? `&run=${run.id}` : ''}`, { scroll: false });
  if (!runs) return null;
  return (
    <Box
      sx={{
        display: 'grid',
        p: { xs: '18px 16px 40px', md: '22px 28px 40px' },
        gap: { xs: 2, md: 5 },
        gridTemplateColumns: { xs: '1fr', md: '15rem 1fr' },
      }}
    >
      <div>
        <Typography variant="h1">{TEXT.title}</Typography>
        <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5, mb: 1.5 }}>
          {TEXT.about}
        </Typography>
        <CalculationList picked={calculation.id} onPick={pick} />
      </div>
      <CalculationForm
        key={`${calculation.id} ${run?.id ?? ''}`}
        calculation={calculation}
        known={run ? knownFrom(calculation, run.procedureId, run.answers) : {}}
        actions={(answers) => <Actions calculation={calculation} answers={answers} run={run} runs={runs} />}
      />
    </Box>
  );
}
