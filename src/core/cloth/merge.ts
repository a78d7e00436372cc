import type { ClothProfile, Property } from './profile';
import type { Structure } from './structures';
import type { Trait } from './words';

/** Which of two cloths in one seam decides how it is sewn: what can be spoilt for ever before what can be pressed flat. */
const GOVERNS: readonly Structure[] = ['hide', 'coated', 'foam', 'knit', 'layered', 'woven'];

/** What makes one of two like cloths the easier to spoil. */
const TENDER: readonly Trait[] = ['napped', 'holes-stay', 'sheer', 'slippery', 'heat-sensitive', 'water-marks'];

/** The value both can live with: the smaller one, with the range of that cloth. */
const lesser = (a: Property, b: Property): Property => (b.value < a.value ? b : a);

function mean(a: Property, b: Property): Property {
  return {
    value: (a.value + b.value) / 2,
    low: (a.low + b.low) / 2,
    high: (a.high + b.high) / 2,
    source: a.source === 'measured' && b.source === 'measured' ? 'measured' : 'inferred',
  };
}

/**
 * Two cloths sewn together, as one cloth for choosing a setting.
 *
 * Model: the cloth that is easier to spoil gives structure and family; the seam stretches as little as the firmer one;
 * weight and thickness are the mean of both, as the needle goes through both; traits add up. Where each cloth counts for
 * itself (point, size, marks, holes, plan) both are asked, not this one.
 *
 * @param first - one cloth
 * @param second - the other
 * @returns a profile that a setting for both is chosen for
 */
export function mergeProfiles(first: ClothProfile, second: ClothProfile): ClothProfile {
  const rank = (p: ClothProfile) => GOVERNS.indexOf(p.structure);
  const tender = (p: ClothProfile) => TENDER.filter((trait) => p.traits.includes(trait)).length;
  const lighter = first.massGsm.value <= second.massGsm.value ? first : second;
  const tenderer = tender(first) === tender(second) ? lighter : tender(first) > tender(second) ? first : second;
  const governs = rank(first) === rank(second) ? tenderer : rank(first) < rank(second) ? first : second;
  const elastane = [first.elastane, second.elastane].filter((part) => part !== null);
  return {
    ...governs,
    name: `${first.name} with ${second.name}`,
    massGsm: mean(first.massGsm, second.massGsm),
    thicknessMm: mean(first.thicknessMm, second.thicknessMm),
    stretchAcross: lesser(first.stretchAcross, second.stretchAcross),
    stretchAlong: lesser(first.stretchAlong, second.stretchAlong),
    recovery: lesser(first.recovery, second.recovery),
    elastane: elastane.length === 0 ? null : Math.max(...elastane),
    allCotton: first.allCotton && second.allCotton,
    heat: second.heat.ceilingC < first.heat.ceilingC ? second.heat : first.heat,
    traits: [...new Set([...first.traits, ...second.traits])],
    wearShare: Math.min(first.wearShare, second.wearShare),
    notes: [...new Set([...first.notes, ...second.notes])],
  };
}
