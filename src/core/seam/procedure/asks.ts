import type { Ask } from './types';

/** Questions that many operations share. */
export const SEAM_LENGTH: Ask = {
  key: 'seam',
  label: 'How long is the seam',
  unit: 'mm',
  usual: 600,
  least: 10,
  most: 20000,
};

/** The allowance the pattern was cut with. */
export const allowance = (usual: number, help?: string): Ask => ({
  key: 'allowance',
  label: 'Seam allowance of the pattern',
  unit: 'mm',
  usual,
  least: 3,
  most: 60,
  help,
});

export const HEM_LENGTH: Ask = {
  key: 'round',
  label: 'Along the hem',
  unit: 'mm',
  usual: 1000,
  least: 20,
  most: 20000,
};
