'use client';

import Button from '@mui/material/Button';
import type { Thing } from '@/core/file';
import { saveFile, useSay } from '../workspace';
import { THING_TEXT as TEXT } from './text';

interface Props {
  thing: Thing;
  id: string;
  /** What it is called, for the name of the file and the notice. */
  name: string;
}

/** Saves one thing as a file of its own, with everything it points at. */
export function SaveThing({ thing, id, name }: Props) {
  const say = useSay();
  const save = async () => {
    const { exportThing } = await import('@/data/thingFile');
    const text = await exportThing(thing, id, new Date());
    if (text === null) return void say(TEXT.gone(name));
    saveFile(`bobbet-${thing}-${fileName(name)}.json`, text, 'application/json');
    say(TEXT.saved(name));
  };
  return <Button onClick={() => void save()}>{TEXT.save}</Button>;
}

/** A name that every file system takes. */
export const fileName = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60) || 'without-a-name';
