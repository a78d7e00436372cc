'use client';

import type { TestLine } from '@/core/swatch';
import { lineSchema } from '@/core/swatch';
import { Field, wordsBy } from '@/ui';
import styles from './Swatch.module.css';
import type { SaveLine } from './useScrap';
import { NOTES_TEXT } from './text';

const NOTES = wordsBy(lineSchema.shape.notes);

/** Anything else worth remembering of a line; kept with every letter. */
export function Notes({ line, onSave }: { line: TestLine; onSave: SaveLine }) {
  return (
    <div className={styles.notes}>
      <Field
        label={NOTES_TEXT.notes}
        text={line.notes}
        read={NOTES}
        onValue={(notes) => onSave(() => ({ notes }))}
        textFieldProps={{ multiline: true, minRows: 2 }}
      />
    </div>
  );
}
