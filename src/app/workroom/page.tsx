import type { Metadata } from 'next';
import { Suspense } from 'react';
import { WorkroomStation } from '@/features/workroom';

export const metadata: Metadata = { title: 'Workroom' };

export default function Page() {
  return (
    <Suspense>
      <WorkroomStation />
    </Suspense>
  );
}
