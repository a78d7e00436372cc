import type { ClothRecord } from '@/core/file';
import type { SaveCloth } from '../saveCloth';

/** What every gauge works on. */
export interface GaugeProps {
  record: ClothRecord;
  onSave: SaveCloth;
}
