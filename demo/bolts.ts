/** The cloths of the demo workroom, with what was measured on them. Everything in it is made up. */
import type { ClothReading, Family } from '../src/core/cloth';

export interface Bolt {
  id: string;
  name: string;
  colour: string;
  family?: Family;
  gsm?: number;
  mm?: number;
  fibres?: Record<string, number>;
  /** Pulls of 100 mm: pulled to, let go. */
  across?: [number, number?][];
  along?: [number, number?][];
  /** Readings of the other gauges. */
  more?: Unread[];
  added: string;
  where?: string;
  notes?: string;
}

type Unread = ClothReading extends infer R ? (R extends ClothReading ? Omit<R, 'at'> : never) : never;

// prettier-ignore
export const BOLTS: Bolt[] = [
  { id: 'merino', name: 'Merino jersey', colour: '#b7c6d0', gsm: 160, fibres: { wool: 95, elastane: 5 }, across: [[154, 103], [150, 102], [152, 103]], along: [[128, 101]], more: [{ gauge: 'weight', piece: { widthMm: 100, lengthMm: 150 }, grams: 2.4 }, { gauge: 'thickness', layers: 8, stackMm: 4.6 }, { gauge: 'shrink', wash: 1, beforeMm: 250, acrossMm: 244, alongMm: 238 }, { gauge: 'pin-hole', stays: false }], where: 'blue crate, top', added: '11-02', notes: 'Base layer for the winter run.' },
  { id: 'deck', name: 'Deck canvas', colour: '#c8b48a', gsm: 380, mm: 0.7, fibres: { cotton: 100 }, added: '10-11', notes: 'Cushion covers, piped.' },
  { id: 'denim', name: 'Apron denim', colour: '#6f86a6', gsm: 370, fibres: { cotton: 100 }, more: [{ gauge: 'shrink', wash: 1, beforeMm: 500, acrossMm: 492, alongMm: 472 }, { gauge: 'shrink', wash: 2, beforeMm: 500, acrossMm: 491, alongMm: 469 }, { gauge: 'bleed', rinse: 2, shows: 'a little' }, { gauge: 'stiffness', direction: 'along', overhangMm: 62 }], where: 'under the bunk', added: '10-18' },
  { id: 'habotai', name: 'Silk habotai bunting', colour: '#e0b7a6', gsm: 36, more: [{ gauge: 'heat', soleC: 110, seen: 'nothing' }, { gauge: 'heat', soleC: 150, seen: 'water-mark' }, { gauge: 'fray', looseMm: 3 }], fibres: { silk: 100 }, added: '10-20' },
  { id: 'neoprene', name: 'Neoprene for the tiller grip', colour: '#8f9aa8', mm: 2.5, more: [{ gauge: 'pin-hole', stays: true }], added: '10-25' },
  { id: 'fleece', name: 'Polar fleece hat', colour: '#a8b89a', gsm: 240, fibres: { polyester: 100 }, across: [[136, 103]], added: '10-27' },
  { id: 'sateen', name: 'Cotton sateen headscarf', colour: '#c59fb2', family: 'poplin', gsm: 120, fibres: { cotton: 100 }, added: '11-01' },
  { id: 'lawn', name: 'Lawn for the curtains', colour: '#dcd6b4', gsm: 80, fibres: { cotton: 100 }, added: '11-04' },
  { id: 'velvet', name: 'Velvet cushion', colour: '#8c6b86', gsm: 260, added: '11-08' },
  { id: 'vinyl', name: 'Vinyl log-bag base', colour: '#a58b74', gsm: 600, mm: 0.8, added: '11-12' },
];
