import type { Metadata } from 'next';
import { Suspense } from 'react';
import { JobsStation } from '@/features/jobs';

export const metadata: Metadata = { title: 'Projects' };

export default function Page() {
  return (
    <Suspense>
      <JobsStation />
    </Suspense>
  );
}
