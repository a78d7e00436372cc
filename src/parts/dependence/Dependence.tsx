'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import type { Dependants } from '@/data';
import styles from './Dependence.module.css';
import { countOf } from '@/core/units';
import { DEPENDENCE_TEXT } from './text';

interface Props {
  /** What is to go, by its name. */
  what: string;
  hangs: Dependants;
  archiveText: string;
  archiveMeans: string;
  removeMeans: string;
  onArchive: () => void;
  onRemove: () => void;
  onClose: () => void;
}

/** Things as they are counted up in a sentence. */
const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });
const count = (n: number, one: string, many: string) => (n === 0 ? [] : [countOf(n, one, many)]);

/** Before something goes on which other things hang: what they are, and a gentler way. */
export function Dependence(props: Props) {
  const { what, hangs, archiveText, archiveMeans, removeMeans, onArchive, onRemove, onClose } = props;
  const things = [
    ...count(hangs.cards, 'card', 'cards'),
    ...count(hangs.scraps, 'swatch', 'swatches'),
    ...count(hangs.jobs, 'project', 'projects'),
    ...(hangs.onMachine ? [DEPENDENCE_TEXT.whatIsOnA] : []),
  ];
  return (
    <Dialog open onClose={onClose} aria-labelledby="dependence">
      <div className={styles.dependence}>
        <h2 id="dependence">
          {DEPENDENCE_TEXT.use(
            LIST.format(things),
            things.length > 1 || hangs.cards + hangs.scraps + hangs.jobs > 1,
            what,
          )}
        </h2>
        <p>
          <strong>{archiveText}:</strong> {archiveMeans}
        </p>
        <p>
          <strong>{DEPENDENCE_TEXT.deleteForGood}</strong> {removeMeans}
        </p>
        <div className={styles.actions}>
          <Button variant="contained" autoFocus onClick={onArchive}>
            {archiveText}
          </Button>
          <Button variant="outlined" onClick={onClose}>
            {DEPENDENCE_TEXT.leaveIt}
          </Button>
          <Button onClick={onRemove}>{DEPENDENCE_TEXT.deleteForGood2}</Button>
        </div>
      </div>
    </Dialog>
  );
}
