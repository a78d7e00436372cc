import type { Metadata } from 'next';
import { Suspense } from 'react';
import { CalculatorStation } from '@/features/calculator';

export const metadata: Metadata = { title: 'Calculator' };

export default function Page() {
  return (
    <Suspense>
      <CalculatorStation />
    </Suspense>
  );
}
