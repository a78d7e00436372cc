import type { ProcedureId } from '../procedure';

/** What an operation uses up beside cloth and thread: which of its numbers says how much. */
export interface NotionNeed {
  procedureId: ProcedureId;
  name: string;
  /** `each`: one for every seam, as long as the number says. */
  unit: 'mm' | 'count' | 'each';
  number: string;
}

/** What operations use up (from the operations' own steps). */
export const NOTION_NEEDS: readonly NotionNeed[] = [
  { procedureId: 'zip-centred', name: 'zip', unit: 'each', number: 'zip' },
  { procedureId: 'zip-concealed', name: 'concealed zip', unit: 'each', number: 'zip' },
  { procedureId: 'zip-exposed', name: 'zip', unit: 'each', number: 'zip' },
  { procedureId: 'zip-lapped', name: 'zip', unit: 'each', number: 'zip' },
  { procedureId: 'zip-between-folds', name: 'zip', unit: 'each', number: 'zip' },
  { procedureId: 'waistband-folded', name: 'interfacing strip', unit: 'mm', number: 'cutLong' },
  { procedureId: 'elastic-casing', name: 'elastic', unit: 'mm', number: 'cut' },
  { procedureId: 'elastic-sewn-on', name: 'elastic that can be sewn through', unit: 'mm', number: 'cut' },
  { procedureId: 'bind-edge', name: 'bias strip', unit: 'mm', number: 'strip' },
  { procedureId: 'bound-seam', name: 'bias strip', unit: 'mm', number: 'strip' },
  { procedureId: 'piping', name: 'bias strip', unit: 'mm', number: 'strip' },
  { procedureId: 'piping', name: 'piping cord', unit: 'mm', number: 'cordLong' },
  { procedureId: 'hem-twin', name: 'stretch tape for the hem', unit: 'mm', number: 'round' },
  { procedureId: 'neck-band', name: 'band fabric, cut length', unit: 'mm', number: 'cut' },
  { procedureId: 'cuff', name: 'rib, cut length', unit: 'mm', number: 'cut' },
  { procedureId: 'waist-rib', name: 'rib, cut length', unit: 'mm', number: 'cut' },
  { procedureId: 'buttonholes', name: 'buttons', unit: 'count', number: 'count' },
  { procedureId: 'buttonholes', name: 'interfacing strip', unit: 'mm', number: 'long' },
];
