import { redirect } from 'next/navigation';

/** The work starts with a match until there is a day to show. */
export default function Home() {
  redirect('/match');
}
