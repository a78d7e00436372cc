import type { Metadata } from 'next';
import { CheckUp } from '@/features/checkUp';

export const metadata: Metadata = { title: 'Check-up' };

export default function Page() {
  return <CheckUp />;
}
