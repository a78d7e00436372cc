import type { ThreadRecord } from '@/core/file';

/** What a thread is for, in words. */
export const PURPOSE_TEXT: Record<ThreadRecord['purpose'], string> = {
  'all-purpose': 'all-purpose',
  seams: 'seams',
  topstitching: 'topstitching',
  hand: 'hand sewing',
  overlocker: 'overlocker',
  basting: 'tacking',
};

/** How good a thread is, in words. */
export const QUALITY_TEXT: Record<ThreadRecord['quality'], string> = {
  good: 'good',
  unknown: 'not known',
  cheap: 'cheap, fuzzy',
};
