import type { Metadata } from 'next';
import { Suspense } from 'react';
import { SwatchStation } from '@/features/swatch';

export const metadata: Metadata = { title: 'Test' };

export default function Page() {
  return (
    <Suspense>
      <SwatchStation />
    </Suspense>
  );
}
