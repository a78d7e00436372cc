'use client';

import Button from '@mui/material/Button';
import List from '@mui/material/List';
import ListItem from '@mui/material/ListItem';
import ListItemText from '@mui/material/ListItemText';
import type { ReactNode } from 'react';
import { useSyncExternalStore } from 'react';
import { recordName } from '@/core/workroom';
import { followDamage, sayDamage, setTrouble, type StoredSetAside, useSetAside, type Damage, damageNow } from '@/data';
import { deleteSetAside, putAside, putBack, repair, type Repaired } from '@/data/damage';
import { rawText } from '@/data/rawRecord';
import { nowText, saveFile, useUndoing } from '@/parts/workspace';
import styles from '../Workroom.module.css';
import { ATTENTION_TEXT as TEXT } from './text';

const NONE: readonly Damage[] = [];

/** What in the workroom cannot be used as it is, and what was set aside: repaired, kept, saved or deleted. */
export function Attention() {
  const wrong = useSyncExternalStore(followDamage, damageNow, () => NONE);
  const aside = useSetAside() ?? [];
  if (wrong.length + aside.length === 0) return null;
  return (
    <section aria-labelledby="attention" className={styles.files}>
      <h2 id="attention">{TEXT.title}</h2>
      {wrong.length > 0 && (
        <>
          <p>{TEXT.wrong}</p>
          <List dense disablePadding>
            {wrong.map((one) => (
              <DamagedRow key={`${one.table} ${one.id}`} wrong={one} />
            ))}
          </List>
        </>
      )}
      {aside.length > 0 && (
        <>
          <h3>{TEXT.asideTitle}</h3>
          <p>{TEXT.asideWhy}</p>
          <List dense disablePadding>
            {aside.map((one) => (
              <AsideRow key={one.key} entry={one} />
            ))}
          </List>
        </>
      )}
    </section>
  );
}

function DamagedRow({ wrong }: { wrong: Damage }) {
  const { offer } = useUndoing();
  const { name } = wrong;
  const mend = async () => told(await repair(wrong, nowText()), (text) => TEXT.repaired(name, text), offer);
  const save = async () =>
    saveFile(`bobbet-${wrong.table}.json`, await rawText(wrong.table, wrong.id), 'application/json');
  return (
    <Row name={name} problem={sayDamage(wrong)}>
      <Verb text={TEXT.repair} name={name} onPress={() => void mend()} variant="outlined" />
      <Verb
        text={TEXT.aside}
        name={name}
        onPress={() => void putAside(wrong).then((entry) => offer(TEXT.setAside(name), entry))}
      />
      <Verb text={TEXT.save} name={name} onPress={() => void save()} />
    </Row>
  );
}

function AsideRow({ entry }: { entry: StoredSetAside }) {
  const { offer } = useUndoing();
  const { key, list, path, problem, cleared, record } = entry;
  const name = recordName(list, record);
  const back = async () => told(await putBack(key), TEXT.putBack, offer);
  const save = () => saveFile(`bobbet-${list}.json`, `${JSON.stringify(record, null, 1)}\n`, 'application/json');
  return (
    <Row name={name} problem={`${path}: ${problem}.${cleared ? ` ${TEXT.cleared}` : ''}`}>
      <Verb text={TEXT.back} name={name} onPress={() => void back()} variant="outlined" />
      <Verb text={TEXT.save} name={name} onPress={save} />
      <Verb
        text={TEXT.remove}
        name={name}
        onPress={() => void deleteSetAside(key).then((done) => offer(TEXT.deleted, done))}
      />
    </Row>
  );
}

function told(
  result: Repaired,
  text: (told: string) => string,
  offer: (text: string, entry: number | null) => unknown,
): void {
  if (result.ok) offer(text(result.told), result.entry);
  else setTrouble({ kind: 'wrong', text: result.why });
}

function Row({ name, problem, children }: { name: string; problem: string; children: ReactNode }) {
  return (
    <ListItem divider disableGutters sx={{ flexWrap: 'wrap', columnGap: 2 }}>
      <ListItemText
        primary={TEXT.named(name)}
        secondary={problem}
        sx={{ flex: '1 1 240px', overflowWrap: 'anywhere' }}
      />
      <div className={styles.actions}>{children}</div>
    </ListItem>
  );
}

interface VerbProps {
  text: string;
  name: string;
  onPress: () => void;
  variant?: 'outlined';
}

function Verb({ text, name, onPress, variant }: VerbProps) {
  return (
    <Button variant={variant} onClick={onPress} aria-label={TEXT.label(text, name)}>
      {text}
    </Button>
  );
}
