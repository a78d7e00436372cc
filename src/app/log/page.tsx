import type { Metadata } from 'next';
import { Suspense } from 'react';
import { LedgerStation } from '@/features/ledger';

export const metadata: Metadata = { title: 'Log' };

export default function Page() {
  return (
    <Suspense>
      <LedgerStation />
    </Suspense>
  );
}
