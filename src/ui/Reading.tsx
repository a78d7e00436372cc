import type { ReactNode } from 'react';
import { Pressable } from './Pressable';
import styles from './Reading.module.css';
import { READING_TEXT } from './text';

interface Props {
  label: string;
  value: string;
  unit?: string;
  note?: ReactNode;
  /** Stands in for the value where it can be chosen in place. */
  control?: ReactNode;
  /** Turning it by hand: the value is a button then. */
  onPress?: () => void;
  pressed?: boolean;
  /** `dial` is what a hand turns: the largest thing on the screen. */
  size?: 'dial' | 'part';
}

/** One reading of a setting: what it is, the number or word to set, and a plain second line. */
export function Reading({ label, value, unit, note, control, onPress, pressed, size = 'dial' }: Props) {
  // Long words step down a size instead of breaking out of their column.
  const long = value.length > 12 ? styles.longer : value.length > 8 ? styles.long : '';
  return (
    <div className={`${styles.reading} ${styles[size]}`}>
      <dt>{label}</dt>
      <dd>
        <span className={`${styles.value} ${long}`}>
          {control ?? (onPress ? <Turn {...{ label, value, unit, onPress, pressed }} /> : value)}
        </span>
        {unit && <span className={styles.unit}> {unit}</span>}
        {note && <div className={styles.note}>{note}</div>}
      </dd>
    </div>
  );
}

function Turn({
  label,
  value,
  unit,
  onPress,
  pressed,
}: Pick<Props, 'label' | 'value' | 'unit' | 'onPress' | 'pressed'>) {
  return (
    <Pressable
      className={styles.turn}
      aria-expanded={pressed}
      aria-label={READING_TEXT.turnByHand(label, value, unit ? ` ${unit}` : '')}
      onClick={onPress}
    >
      {value}
    </Pressable>
  );
}
