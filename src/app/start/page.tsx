import type { Metadata } from 'next';
import { FirstKit } from '@/features/firstKit';

export const metadata: Metadata = { title: 'What do you sew with?' };

export default function Page() {
  return <FirstKit />;
}
