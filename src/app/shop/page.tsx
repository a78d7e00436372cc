import type { Metadata } from 'next';
import { Shop } from '@/features/match';

export const metadata: Metadata = { title: 'In the shop' };

export default function Page() {
  return <Shop />;
}
