'use client';

import { type Sign, SIGN_TEXT } from '@/core/stitch';
import type { Finding, Line } from '@/core/swatch';
import { DRAWN_SIGNS, SignPicture } from '@/ui';
import styles from './Swatch.module.css';
import type { SaveLine } from './useScrap';

const SEVERITY = ['not seen', 'slight', 'plain', 'bad'] as const;

/** What is seen, picked from drawings. Pressing again makes it worse, then takes it away. */
export function Signs({ line, onSave }: { line: Line; onSave: SaveLine }) {
  const severity = (sign: Sign) => line.findings.find((f) => f.sign === sign)?.severity ?? 0;
  const nothing = line.looked && line.findings.length === 0;
  const press = (sign: Sign) => {
    onSave((now) => {
      const next = ((now.findings.find((f) => f.sign === sign)?.severity ?? 0) + 1) % SEVERITY.length;
      const others = now.findings.filter((f) => f.sign !== sign);
      const findings: Finding[] = next === 0 ? others : [...others, { sign, severity: next }];
      return { findings, looked: true };
    });
  };
  return (
    <fieldset className={styles.signs}>
      <legend>What do you see? Press again for worse.</legend>
      <button type="button" aria-pressed={nothing} onClick={() => onSave(() => ({ findings: [], looked: !nothing }))}>
        <SignPicture sign="none" />
        Nothing wrong
        <small>{nothing ? '✓ looked' : ' '}</small>
      </button>
      {DRAWN_SIGNS.map((sign) => {
        const level = severity(sign);
        return (
          <button
            key={sign}
            type="button"
            aria-pressed={level > 0}
            onClick={() => press(sign)}
            aria-label={`${SIGN_TEXT[sign]}: ${SEVERITY[level]}`}
          >
            <SignPicture sign={sign} />
            {SIGN_TEXT[sign]}
            <small>{level > 0 ? `${'●'.repeat(level)} ${SEVERITY[level]}` : ' '}</small>
          </button>
        );
      })}
    </fieldset>
  );
}
