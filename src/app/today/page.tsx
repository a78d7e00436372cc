import type { Metadata } from 'next';
import { TodayStation } from '@/features/today';

export const metadata: Metadata = { title: 'Today' };

export default function Page() {
  return <TodayStation />;
}
