import type { RuleOrigin } from './ruleTypes';

/** What sewists choose is common practice; how much one choice is worth against another is ours. */
export const WEIGHED: RuleOrigin = {
  provenance: 'common-practice',
  source: 'The choice of home sewists and their teachers; what each choice costs in the search is set by us.',
  figures: 'model',
};
/** A usual size is common practice; how far it may move is ours. */
export const RANGED: RuleOrigin = {
  provenance: 'common-practice',
  source: 'The usual setting of home sewists and their teachers; how far it may move is set by us.',
  figures: 'model',
};
export const PRACTICE: RuleOrigin = {
  provenance: 'common-practice',
  source: 'What home sewists and their teachers do.',
  figures: 'none',
};
export const PRESSED: RuleOrigin = {
  provenance: 'common-practice',
  source: 'What home sewists do, in the steps of the care label (ISO 3758:2012).',
  figures: 'standard',
};
/** The standard says how hot each dot is; it gives no fibre its dots. */
export const CARE_LABEL: RuleOrigin = {
  provenance: 'common-practice',
  source: 'Which dots a fibre takes: care practice. How hot a dot is, 110, 150 or 200 °C: ISO 3758:2012.',
  figures: 'standard',
};
/** The person chose this school, by its weight in the search. */
export const CHOSEN: RuleOrigin = {
  provenance: 'common-practice',
  source: 'A choice between good practices, made by the person; its weight in the search is set by us.',
  figures: 'model',
};
export const CHOSEN_WAY: RuleOrigin = {
  provenance: 'common-practice',
  source: 'A choice between good practices, made by the person.',
  figures: 'none',
};
/** Where nobody says anything, somewhere has to be started from. */
export const OURS: RuleOrigin = {
  provenance: 'model',
  source: 'Our starting point, where practice has none.',
  figures: 'model',
};
export const OUR_WAY: RuleOrigin = { ...OURS, figures: 'none' };
