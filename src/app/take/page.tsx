import type { Metadata } from 'next';
import { Suspense } from 'react';
import { TakeStation } from '@/features/workroom';

export const metadata: Metadata = { title: 'Bring something in' };

export default function Page() {
  return (
    <Suspense>
      <TakeStation />
    </Suspense>
  );
}
