import type { ThreadRecord } from '@/core/file';

/** What a thread is for, in words. */
export const PURPOSE_TEXT: Record<ThreadRecord['purpose'], string> = {
  'all-purpose': 'all-purpose',
  seams: 'seams',
  topstitching: 'topstitching',
  hand: 'hand sewing',
  overlocker: 'overlocker',
  basting: 'basting',
};
