/**
 * The version of the tables that answers come from: needles, stitches, feet, cloth families, rules, faults, operations.
 *
 * To be changed by hand with every change of one of them, so that a card or a run can say what it was worked out with;
 * no check does it yet.
 */
export const KNOWLEDGE = '2026-11-28';
