import type { Metadata } from 'next';
import { WordsPage } from '@/features/words';

export const metadata: Metadata = { title: 'Words' };

export default function Page() {
  return <WordsPage />;
}
