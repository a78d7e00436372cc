import { formatNumber } from '@/core/units';
import styles from './GiveBar.module.css';
import { GIVE_BAR_TEXT } from './text';

interface Props {
  required: number;
  low: number;
  high: number;
  /** A measured value, once a swatch has one. */
  measured?: number;
  pulled: number;
}

/** How far the seam can stretch: what it needs, what it will surely give, and what it may give. */
export function GiveBar({ required, low, high, measured, pulled }: Props) {
  const top = Math.max(10, required, high, measured ?? 0, pulled) * 1.25;
  const at = (value: number) => `${(100 * value) / top}%`;
  const meets = low >= required;
  const text =
    measured === undefined
      ? GIVE_BAR_TEXT.estimateNotYetTested(formatNumber(low, 0), formatNumber(high, 0))
      : GIVE_BAR_TEXT.measured(formatNumber(measured, 0));
  return (
    <div className={styles.bar} role="img" aria-label={GIVE_BAR_TEXT.mustGivePercent(formatNumber(required, 0), text)}>
      <div className={styles.rail}>
        <div className={styles.sure} style={{ width: at(low) }} />
        <div className={meets ? styles.may : styles.short} style={{ left: at(low), width: at(high - low) }} />
        {pulled > 0 && <div className={styles.pulled} style={{ left: at(pulled) }} />}
        <div className={styles.need} style={{ left: at(required) }} />
      </div>
      <div className={styles.words}>
        <span className={styles.needs} style={{ marginLeft: `min(${at(required)}, 55%)` }}>
          {GIVE_BAR_TEXT.needs(formatNumber(required, 0))}
        </span>
        <span className={meets ? styles.meets : styles.lacks}>{text}</span>
      </div>
    </div>
  );
}
