import { idsOf, type Origin, tableOf } from '../result';

/** How a cloth is built, and what follows from that alone. */
interface StructureRow {
  /** Share of its thickness that stays under a stitch (model). */
  squash: number;
  /** It has loops or cells that let it stretch. */
  stretches?: true;
  /**
   * Every hole of the needle stays. The line begins to tear from this many: holes per cm × blade Ø mm (model).
   */
  holesStay?: { tearsFrom: number };
  /** A skin or a coat on a base: it sticks to the foot. */
  skin?: true;
  /** Not washed before it is cut. */
  unwashed?: true;
}

const BUILD: Origin = {
  provenance: 'model',
  source: 'Flags: common practice; how far it is squashed and when it tears: set by us.',
};

/** The ways a cloth can be built, by their ids. Flags: common practice. */
export const STRUCTURE = tableOf<StructureRow>()({
  woven: { ...BUILD, squash: 0.9 },
  knit: { ...BUILD, squash: 0.7, stretches: true },
  foam: { ...BUILD, squash: 0.5, stretches: true, holesStay: { tearsFrom: 3.4 }, unwashed: true },
  hide: { ...BUILD, squash: 0.9, holesStay: { tearsFrom: 3.3 }, skin: true, unwashed: true },
  coated: { ...BUILD, squash: 0.9, holesStay: { tearsFrom: 2.9 }, skin: true, unwashed: true },
  layered: { ...BUILD, squash: 0.3 },
});
export type Structure = keyof typeof STRUCTURE;
export const STRUCTURES = idsOf(STRUCTURE);

/** What may be asked of a structure. */
type StructureFlag = 'stretches' | 'holesStay' | 'skin' | 'unwashed';

/**
 * The structures of which something is true.
 *
 * @example
 * structuresThat('skin') // => ['hide', 'coated']
 */
export const structuresThat = (flag: StructureFlag): readonly Structure[] =>
  STRUCTURES.filter((id) => STRUCTURE[id][flag] !== undefined);
