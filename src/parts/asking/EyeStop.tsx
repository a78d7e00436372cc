import { type EyeTrouble, eyeTrouble, needleName, threadName } from '@/core/kit';
import type { Setup } from '@/core/setup';
import { CautionAlert, StopAlert } from '@/ui';
import { EYE_TEXT } from './text';

/** A thread that does not go through the eye of the needle is said where the setting is read, with both ways out. */
export function EyeStop({ setup: { thread, needle } }: { setup: Pick<Setup, 'thread' | 'needle'> }) {
  const trouble = eyeTrouble(thread, needle);
  if (!trouble) return null;
  const text = <p>{EYE_TEXT.whatToDo(wayOut(trouble), trouble.mostTex)}</p>;
  return trouble.kind === 'too-thick' ? (
    <StopAlert title={EYE_TEXT.tooThick(threadName(thread), needleName(needle))}>{text}</StopAlert>
  ) : (
    <CautionAlert>
      <strong>{EYE_TEXT.shreds(threadName(thread), needleName(needle))}</strong>
      {text}
    </CautionAlert>
  );
}

const wayOut = ({ needle }: EyeTrouble): string | null => needle && needleName(needle);
