'use client';

import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Link from 'next/link';
import { useRef, useState } from 'react';
import { readShortCode, shortCode } from '@/core/exchange';
import { useCards, useSwatches } from '@/data';
import { askedByLink } from '@/data/packedText';
import { useSay } from '@/parts/workspace';
import styles from '../Workroom.module.css';
import { TAKE_TEXT as TEXT } from './text';
import { hasCamera, useCamera } from './useCamera';

interface Props {
  /** A code that a link asks for. */
  asked: string;
  /** Hears a scanned link that holds something itself. */
  onLink: (link: string) => void;
}

/** Finds a card or a swatch by the short code on its label, typed or scanned. */
export function FindByCode({ asked, onLink }: Props) {
  const [typed, setTyped] = useState(asked);
  const [wanted, setWanted] = useState<string | null>(readShortCode(asked));
  const [problem, setProblem] = useState('');
  const say = useSay();
  const look = (text: string) => {
    const code = readShortCode(text);
    setWanted(code);
    setProblem(code === null ? TEXT.codeWrong : '');
  };
  const [scanning, setScanning] = useState(false);
  const scanned = (text: string) => {
    const found = askedByLink(text);
    if (!found) return void say(TEXT.otherCode);
    setScanning(false);
    if ('take' in found) return onLink(text);
    setTyped(found.code);
    look(found.code);
  };
  const refused = () => {
    setScanning(false);
    say(TEXT.noCamera);
  };
  return (
    <section aria-labelledby="find-by-code" className={styles.files}>
      <h2 id="find-by-code">{TEXT.findTitle}</h2>
      <form
        noValidate
        className={styles.find}
        onSubmit={(event) => {
          event.preventDefault();
          look(typed);
        }}
      >
        <TextField
          label={TEXT.code}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          error={problem !== ''}
          helperText={problem || ' '}
          autoComplete="off"
        />
        <Button type="submit" variant="outlined">
          {TEXT.find}
        </Button>
        {hasCamera() && <Button onClick={() => setScanning(!scanning)}>{scanning ? TEXT.stopScan : TEXT.scan}</Button>}
      </form>
      {scanning && <Scanner onText={scanned} onRefused={refused} />}
      {wanted !== null && <Found code={wanted} />}
    </section>
  );
}

/** What the camera sees, while codes are looked for in it. */
function Scanner({ onText, onRefused }: { onText: (text: string) => void; onRefused: () => void }) {
  const video = useRef<HTMLVideoElement>(null);
  useCamera(video, onText, onRefused);
  return (
    <>
      <p>{TEXT.scanning}</p>
      <video ref={video} muted playsInline className={styles.camera} aria-label={TEXT.scanning} />
    </>
  );
}

function Found({ code }: { code: string }) {
  const cards = useCards();
  const swatches = useSwatches();
  if (!cards || !swatches) return null;
  const found = [
    ...cards.map(({ id, name }) => ({ id, name, href: `/log?id=${id}` })),
    ...swatches.map(({ id, name }) => ({ id, name, href: `/test?id=${id}` })),
  ].filter(({ id }) => shortCode(id) === code);
  if (found.length === 0) return <p role="status">{TEXT.notFound(code)}</p>;
  return (
    <ul role="status">
      {found.map(({ id, name, href }) => (
        <li key={id}>
          <Link href={href}>{name}</Link>
        </li>
      ))}
    </ul>
  );
}
