import type { Metadata } from 'next';
import { Suspense } from 'react';
import { LedgerStation } from '@/features/ledger';

export const metadata: Metadata = { title: 'Ledger' };

export default function Page() {
  return (
    <Suspense>
      <LedgerStation />
    </Suspense>
  );
}
