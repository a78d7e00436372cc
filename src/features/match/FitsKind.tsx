'use client';

import Box from '@mui/material/Box';
import Link from 'next/link';
import { clothOf, clothProfile } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { procedureName, suitsKind } from '@/core/procedure';
import type { OperationKind } from '@/core/setup';
import { useUnits } from '@/parts/workspace';
import { CautionAlert } from '@/ui';
import { FITS_TEXT } from './text';

/** Whether what is asked for is right for the fabric at all. */
export function FitsKind({ kind, cloth }: { kind: OperationKind; cloth: ClothRecord }) {
  const { say } = useUnits();
  const { verdict, why, instead } = suitsKind(kind, { fabric: clothProfile(clothOf(cloth)) });
  if (verdict === 'fine' || !why) return null;
  return (
    <Box sx={{ mt: 1 }}>
      <CautionAlert>
        <strong>{verdict === 'not-this' ? FITS_TEXT.notForIt(cloth.cloth.name) : FITS_TEXT.takeCare}</strong> {say(why)}{' '}
        {instead && <Link href="/sew">{FITS_TEXT.instead(procedureName(instead))}</Link>}
      </CautionAlert>
    </Box>
  );
}
