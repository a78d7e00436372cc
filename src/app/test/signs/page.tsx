import type { Metadata } from 'next';
import { SignsPage } from '@/features/swatch';

export const metadata: Metadata = { title: 'Faults a test can show' };

export default function Page() {
  return <SignsPage />;
}
