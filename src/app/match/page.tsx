import type { Metadata } from 'next';
import { Suspense } from 'react';
import { MatchStation } from '@/features/match';

export const metadata: Metadata = { title: 'Match' };

export default function Page() {
  return (
    <Suspense>
      <MatchStation />
    </Suspense>
  );
}
