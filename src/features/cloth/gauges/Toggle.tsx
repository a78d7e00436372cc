import styles from './Gauges.module.css';

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly { id: T; name: string }[];
  onPick: (id: T) => void;
}

/** One of two, as a switch with both names on it. */
export function Toggle<T extends string>({ label, value, options, onPick }: Props<T>) {
  return (
    <div role="group" aria-label={label} className={styles.toggle}>
      {options.map(({ id, name }) => (
        <button key={id} type="button" aria-pressed={id === value} onClick={() => onPick(id)}>
          {name}
        </button>
      ))}
    </div>
  );
}

/** Across or along the cloth. */
export const WAYS = [
  { id: 'across', name: 'Across' },
  { id: 'along', name: 'Along' },
] as const;
