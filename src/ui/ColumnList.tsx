import styles from './ColumnList.module.css';

interface Props {
  /** Each heading of a table with what stands under it. */
  columns: readonly { heading: string; means: string }[];
  summary: string;
  /** Opened for the first time, where the columns are fetched only then. */
  onOpen?: () => void;
}

/** The columns a table may have, folded away. */
export function ColumnList({ columns, summary, onOpen }: Props) {
  return (
    <details className={styles.list} onToggle={({ currentTarget }) => currentTarget.open && onOpen?.()}>
      <summary>{summary}</summary>
      <dl>
        {columns.map(({ heading, means }) => (
          <div key={heading}>
            <dt>{heading}</dt>
            <dd>{means}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
