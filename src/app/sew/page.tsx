import type { Metadata } from 'next';
import { Suspense } from 'react';
import { SewStation } from '@/features/sew';

export const metadata: Metadata = { title: 'Sew' };

export default function Page() {
  return (
    <Suspense>
      <SewStation />
    </Suspense>
  );
}
