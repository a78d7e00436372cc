'use client';

import Redo from '@mui/icons-material/Redo';
import Undo from '@mui/icons-material/Undo';
import Button from '@mui/material/Button';
import List from '@mui/material/List';
import ListItem from '@mui/material/ListItem';
import ListItemButton from '@mui/material/ListItemButton';
import ListItemText from '@mui/material/ListItemText';
import { useSyncExternalStore } from 'react';
import { type Entry, followHistory, type History, historyNow } from '@/data';
import { sayTime, useUndoing } from '../workspace';
import styles from './History.module.css';
import { HISTORY_TEXT as TEXT } from './text';

const EMPTY: History = { done: [], undone: [] };
/** Rows that are shown; older ones can still be undone by key. */
const SHOWN = 40;

/** The list itself, fetched when it is first opened. */
export function HistoryList() {
  const { done, undone } = useSyncExternalStore(followHistory, historyNow, () => EMPTY);
  const { undo, redo, undoTo, redoTo } = useUndoing();
  // One list, so that a row that is pressed stays the same row and keeps the focus.
  const rows = [
    ...undone.map((entry) => ({ entry, state: 'undone' as const, go: redoTo })),
    ...[...done]
      .reverse()
      .slice(0, SHOWN)
      .map((entry) => ({ entry, state: 'done' as const, go: undoTo })),
  ];
  const mac = /mac|iphone|ipad/i.test(navigator.platform);
  return (
    <div className={styles.history}>
      <h2>{TEXT.title}</h2>
      <div className={styles.actions}>
        <Button
          variant="contained"
          startIcon={<Undo />}
          disabled={done.length === 0}
          onClick={() => void undo()}
          autoFocus
        >
          {TEXT.undo}
        </Button>
        <Button variant="outlined" startIcon={<Redo />} disabled={undone.length === 0} onClick={() => void redo()}>
          {TEXT.redo}
        </Button>
      </div>
      {rows.length === 0 ? (
        <p>{TEXT.empty}</p>
      ) : (
        <List dense disablePadding className={styles.list}>
          {rows.map(({ entry, state, go }) => (
            <Row key={entry.id} entry={entry} state={state} onPress={() => void go(entry.id)} />
          ))}
        </List>
      )}
      <p className={styles.keys}>{mac ? TEXT.keysMac : TEXT.keys}</p>
    </div>
  );
}

function Row({ entry, state, onPress }: { entry: Entry; state: 'done' | 'undone'; onPress: () => void }) {
  const { text, at, stuck } = entry;
  const says = state === 'done' ? TEXT.undoTo(text) : TEXT.redoTo(text);
  const time = sayTime(at);
  const when = state === 'undone' ? `${time}, ${TEXT.undone}` : time;
  return (
    <ListItem disablePadding divider>
      <ListItemButton onClick={onPress} aria-label={says} sx={{ minHeight: 48, px: 0.5 }}>
        <ListItemText
          primary={state === 'undone' ? <s>{text}</s> : text}
          secondary={stuck ? `${when}. ${TEXT.stuck}: ${stuck}` : when}
        />
      </ListItemButton>
    </ListItem>
  );
}
