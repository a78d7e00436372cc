'use client';

import Button from '@mui/material/Button';
import type { Card } from '@/core/card';
import { cardAsText } from '@/core/exchange';
import { usePreference } from '@/data';
import { useSay } from '../workspace';
import { PASS_ON_TEXT as TEXT } from './text';

/** A card for somebody else: as plain lines to copy, to another app, as a link to one's own address. */
export function PassOn({ card }: { card: Card }) {
  const say = useSay();
  const address = usePreference('bobbetAddress');
  const text = cardAsText(card);
  const copy = async (what: string, done: string) => {
    try {
      await navigator.clipboard.writeText(what);
      say(done);
    } catch {
      // By plain http there is no clipboard, and some people refuse it: the lines are shown to be copied by hand.
      say(TEXT.byHand);
    }
  };
  const link = async () => {
    const { takeLink } = await import('@/data/packedText');
    return takeLink(address ?? '', text);
  };
  const share = async () => {
    try {
      await navigator.share({ title: card.name, text, ...(address && { url: await link() }) });
    } catch (cause) {
      if (!(cause instanceof DOMException && cause.name === 'AbortError')) say(TEXT.notShared);
    }
  };
  return (
    <>
      <Button onClick={() => void copy(text, TEXT.copied)}>{TEXT.copy}</Button>
      {typeof navigator.share === 'function' && <Button onClick={() => void share()}>{TEXT.share}</Button>}
      {address && <Button onClick={() => void link().then((to) => copy(to, TEXT.linkCopied))}>{TEXT.link}</Button>}
    </>
  );
}

/** The lines themselves, to be read and copied by hand. */
export function CardLines({ card }: { card: Card }) {
  return <pre>{cardAsText(card)}</pre>;
}
