import type { Metadata } from 'next';
import { SignsPage } from '@/features/swatch';

export const metadata: Metadata = { title: 'What a line can show' };

export default function Page() {
  return <SignsPage />;
}
