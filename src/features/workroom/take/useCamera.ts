'use client';

import { type RefObject, useEffect, useRef } from 'react';
import { startScanner } from '@/workers/scanClient';

/** Pictures looked at a second: a hand holds a label still for longer. */
const EVERY_MS = 250;
/** Longest side of what is looked at, pixels: a code of a label at arm's length is found in it. */
const LONGEST_PX = 720;

export const hasCamera = (): boolean => typeof navigator.mediaDevices?.getUserMedia === 'function';

/**
 * Looks for codes in what the camera sees, for as long as the part is there. The pictures stay in this page.
 *
 * @param video - where the person sees what the camera sees
 * @param onText - hears each code that was read
 * @param onRefused - hears that there is no camera to be had
 */
export function useCamera(
  video: RefObject<HTMLVideoElement | null>,
  onText: (text: string) => void,
  onRefused: () => void,
): void {
  const heard = useRef({ onText, onRefused });
  useEffect(() => {
    heard.current = { onText, onRefused };
  });
  useEffect(() => {
    let ended = false;
    let stream: MediaStream | null = null;
    const scanner = startScanner();
    const look = async () => {
      const picture = pictureOf(video);
      const text = picture && (await scanner.read(picture).catch(() => null));
      if (ended) return;
      if (text) heard.current.onText(text);
      setTimeout(() => void (ended || look()), EVERY_MS);
    };
    navigator.mediaDevices
      .getUserMedia({ video: { facingMode: 'environment' } })
      .then(async (found) => {
        stream = found;
        if (ended || !video.current) return stopStream(found);
        video.current.srcObject = found;
        await video.current.play();
        await look();
      })
      .catch(() => {
        // Refused, or in use elsewhere: the code can be typed.
        if (!ended) heard.current.onRefused();
      });
    return () => {
      ended = true;
      scanner.stop();
      if (stream) stopStream(stream);
    };
  }, [video]);
}

const stopStream = (stream: MediaStream) => stream.getTracks().forEach((track) => track.stop());

function pictureOf({ current }: RefObject<HTMLVideoElement | null>): ImageData | null {
  if (!current || current.videoWidth === 0) return null;
  const scale = Math.min(1, LONGEST_PX / Math.max(current.videoWidth, current.videoHeight));
  const width = Math.round(current.videoWidth * scale);
  const height = Math.round(current.videoHeight * scale);
  const pen = new OffscreenCanvas(width, height).getContext('2d');
  if (!pen) return null;
  pen.drawImage(current, 0, 0, width, height);
  return pen.getImageData(0, 0, width, height);
}
