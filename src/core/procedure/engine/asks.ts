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

/** Where a zip begins: rows and marks are measured from the raw top edge. */
export const ZIP_TOP: Ask = {
  key: 'top',
  label: 'Raw top edge to the top stop',
  unit: 'mm',
  usual: 20,
  least: 0,
  most: 300,
  help: 'the allowance at the top and a little more; 0 if the zip starts at the edge',
};

/** The strip that goes round a raw edge. */
export const BINDING_CLOTH: Ask = {
  key: 'binding',
  label: 'Thickness of the binding fabric',
  unit: 'mm',
  usual: 0.2,
  least: 0.05,
  most: 1.5,
};

/** What an elastic has to hold on, and to be. */
export const BODY: Ask = {
  key: 'girth',
  label: 'Round the body, where it sits',
  unit: 'mm',
  usual: 760,
  least: 60,
  most: 2000,
};
export const garmentEdge = (usual: number): Ask => ({
  key: 'round',
  label: 'Garment edge, all round',
  unit: 'mm',
  usual,
  least: 60,
  most: 3000,
});
export const ELASTIC_WIDTH: Ask = {
  key: 'elastic',
  label: 'Width of the elastic',
  unit: 'mm',
  usual: 20,
  least: 3,
  most: 80,
};
export const ELASTIC_SHARE: Ask = {
  key: 'share',
  label: 'Elastic to body',
  unit: 'percent',
  usual: 90,
  least: 60,
  most: 100,
  help: 'try it round you: 90 is the usual start',
};

/** One row of topstitching or two, and where. */
export const TOPSTITCH_ROWS: readonly Ask[] = [
  { key: 'from', label: 'First row from the edge', unit: 'mm', usual: 2, least: 1, most: 30 },
  {
    key: 'rows',
    label: 'Rows',
    unit: 'count',
    usual: 2,
    least: 1,
    most: 2,
    options: [
      [1, 'one'],
      [2, 'two'],
    ],
  },
  { key: 'gap', label: 'Between the rows', unit: 'mm', usual: 6, least: 2, most: 20 },
];
