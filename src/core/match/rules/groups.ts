import type { Family, Structure } from '../../cloth';
import type { OperationKind } from '../../setup';

/** Groups of cloth and of operations that several rules speak of. */
export const KNIT = { structure: ['knit'] as readonly Structure[] };
export const SKINS = { structure: ['hide', 'coated'] as readonly Structure[] };
export const FOAM = { structure: ['foam'] as readonly Structure[] };
/** Cloth in which every hole stays. */
export const HOLED = { structure: ['hide', 'coated', 'foam'] as readonly Structure[] };
export const SILKY = { family: ['silk', 'satin', 'chiffon'] as readonly Family[] };
export const STABLE_KNIT = { family: ['double-knit', 'scuba', 'fleece'] as readonly Family[] };
export const LIMP_KNIT = { family: ['slinky-jersey', 'sweater-knit', 'rib'] as readonly Family[] };
export const STRONG = { family: ['denim', 'canvas'] as readonly Family[] };
export const PILE = { family: ['velvet', 'corduroy'] as readonly Family[] };

export const ZIPS: readonly OperationKind[] = ['zip-centred', 'zip-concealed', 'zip-exposed', 'zip-lapped'];
/** Sewn as one straight line whatever the cloth: nothing here has to give. */
export const LINES: readonly OperationKind[] = [
  ...ZIPS,
  'strip-join',
  'piping',
  'baste',
  'stay',
  'gather',
  'quilt-lines',
  'reinforce',
];
/** Seams that join and must follow the cloth. */
export const SEAMS: readonly OperationKind[] = ['join', 'band'];
/** Lines that show, or lie beside a seam, and follow the cloth. */
export const SHOWN: readonly OperationKind[] = ['hem', 'topstitch', 'casing', 'understitch', 'ditch'];
export const HEMS: readonly OperationKind[] = ['hem', 'rolled-hem', 'blind-hem'];
