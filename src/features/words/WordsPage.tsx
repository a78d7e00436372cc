'use client';

import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { standsIn } from '@/core/units';
import { wordId, WORDS } from '@/core/words';
import styles from './Words.module.css';
import { WORDS_TEXT as TEXT } from './text';

/** Every special word with what it means, found in either English. */
export function WordsPage() {
  const [find, setFind] = useState('');
  const groups = WORDS.map(({ group, words }) => ({
    group,
    words: words.filter(({ word, means, also = '' }) => standsIn([word, means, also].join(' '), find)),
  })).filter(({ words }) => words.length > 0);
  return (
    <div className={styles.page}>
      <h1>{TEXT.title}</h1>
      <TextField
        size="small"
        type="search"
        label={TEXT.find}
        value={find}
        onChange={(event) => setFind(event.target.value)}
        autoComplete="off"
        className={styles.find}
      />
      {groups.length === 0 && <p role="status">{TEXT.none}</p>}
      {groups.map(({ group, words }) => (
        <section key={group} aria-label={group}>
          <h2>{group}</h2>
          <dl>
            {words.map(({ word, means, also }) => (
              <div key={word} id={wordId(word)}>
                <dt>{word}</dt>
                <dd>
                  {means} {also && <small>{TEXT.also(also)}</small>}
                </dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}
