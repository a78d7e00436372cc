import type { Metadata } from 'next';
import { Suspense } from 'react';
import { ClothStation } from '@/features/cloth';

export const metadata: Metadata = { title: 'Fabric' };

export default function Page() {
  return (
    <Suspense>
      <ClothStation />
    </Suspense>
  );
}
