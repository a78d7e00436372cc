import { redirect } from 'next/navigation';

/** The day begins with what is next. */
export default function Home() {
  redirect('/today');
}
