import { familiesThat, FAMILY, FINE_BELOW_GSM, structuresThat } from '../../cloth';
import { OPERATION_KINDS, OPERATION } from '../../setup';

/** Groups of cloth and of operations that several rules speak of, each derived from what stands in the tables. */
export const KNIT = { structure: ['knit'] } as const;
export const FOAM = { structure: ['foam'] } as const;
export const SKINS = { structure: structuresThat('skin') };
/** Cloth in which every hole stays. */
export const HOLED = { structure: structuresThat('holesStay') };
/** Fine cloth that slides, by what it does and not by its name. */
export const FINE = { fine: true } as const;
/** The same by its weight, for sizes that glide out of it. */
export const FINE_BY_MASS = { structure: ['woven'], traits: ['slippery'], massBelow: FINE_BELOW_GSM } as const;
export const COATING = { family: ['wool'], massFrom: FAMILY.wool.coatFromGsm } as const;
export const SILKY = { family: familiesThat(({ silky }) => silky === true) };
export const STABLE_KNIT = { family: familiesThat(({ knit }) => knit === 'stable') };
export const LIMP_KNIT = { family: familiesThat(({ knit }) => knit === 'limp') };
export const STRONG = { family: familiesThat(({ strong }) => strong === true) };
export const PILE = { family: familiesThat(({ pile }) => pile === true) };

export const ZIPS = OPERATION_KINDS.filter((kind) => OPERATION[kind].group === 'Zips');
/** Sewn as one straight line whatever the cloth: nothing here has to give. */
export const LINES = OPERATION_KINDS.filter((kind) => OPERATION[kind].line === 'straight');
/** Seams that join and must follow the cloth. */
export const SEAMS = OPERATION_KINDS.filter((kind) => OPERATION[kind].line === 'seam');
/** Lines that show, or lie beside a seam, and follow the cloth. */
export const SHOWN = OPERATION_KINDS.filter((kind) => OPERATION[kind].line === 'shown');
export const HEMS = OPERATION_KINDS.filter((kind) => OPERATION[kind].hem);
