import Link from 'next/link';
import { suspectsOf } from '@/core/diagnose';
import { SIGN_TEXT, SIGNS } from '@/core/stitch';
import { sentence, SignPicture } from '@/ui';
import styles from './Swatch.module.css';

/** Every sign with its drawing, and what is suspected first. */
export function SignsPage() {
  return (
    <div className={styles.signsPage}>
      <h1>What a line can show</h1>
      <p className={styles.quiet}>
        Above the line the front, below it, hatched, the back. Beside each, what people suspect first: on your own scrap
        the cloth, the setting and the needle decide, and Bobbet names the one thing to change.{' '}
        <Link href="/swatch">All scraps</Link>
      </p>
      <ul>
        {SIGNS.map((sign) => (
          <li key={sign}>
            <SignPicture sign={sign} />
            <span>
              <strong>{SIGN_TEXT[sign]}</strong>
              {sentence(suspectsOf(sign).join('; '))}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
