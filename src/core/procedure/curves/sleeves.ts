import { mm } from '../../units';
import { cannot } from '../../seam';
import { BLADE, looseMm } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { rowSize } from '../engine/rowSize';
import type { Ask } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** So much longer than its armhole a sleeve cap may be, percent (common practice). */
const FLAT_MOST_PERCENT = 6;
const ROUND_MOST_PERCENT = 8;
/** A woven cap with less than this is eased by pins alone (common practice). */
const NO_ROW_PERCENT = 2;

const CAP: Ask = { key: 'cap', label: 'Round the sleeve’s cap', unit: 'mm', usual: 460, least: 100, most: 1200 };
const ARMHOLE: Ask = { key: 'armhole', label: 'Round the armhole', unit: 'mm', usual: 450, least: 100, most: 1200 };
const ALLOWANCE = (usual: number): Ask => ({
  key: 'allowance',
  label: 'Seam allowance',
  unit: 'mm',
  usual,
  least: 4,
  most: 30,
});

/** Why a cap does not go into an armhole; null where it does. */
function misfit(cap: number, armhole: number, most: number) {
  const percent = (100 * (cap - armhole)) / armhole;
  if (percent < 0) {
    const text = `The sleeve’s cap, ${mm(cap)}, is shorter than the armhole, ${mm(armhole)}, and would gather it. Measure both on the seam line, or change the pattern.`;
    return cannot('seam.ease-none', text, armhole, cap);
  }
  if (percent <= most) return null;
  const fits = Math.floor(armhole * (1 + most / 100));
  const text = `${Math.round(percent)}% is too much to ease in without pleats: bring the cap to ${mm(fits)}, or gather it.`;
  return cannot('seam.ease-too-much', text, fits, cap);
}

/** A knit sleeve, sewn in before side and underarm are closed. */
export const SLEEVE_FLAT = procedure('sleeve-flat', {
  ...SEWN_SO,
  name: 'Sleeve set in flat',
  group: 'curve and corner',
  kind: 'join',
  main: { name: 'The armhole seam' },
  asks: [CAP, ARMHOLE, ALLOWANCE(8)],
  work: ({ cap, armhole, allowance }) =>
    misfit(cap, armhole, FLAT_MOST_PERCENT) ?? {
      cap,
      armhole,
      allowance,
      more: cap - armhole,
      half: cap / 2,
    },
  views: {
    above: ({ allowance }) =>
      rowScene({
        label: 'From above: the body on top, the sleeve below on the feed',
        edge: 'raw',
        side: 'wrong',
        rows: [{ id: 'seam', mm: allowance }],
        text: 'body up, sleeve below',
      }),
  },
  ready: ['[pins]', '[iron]', 'shoulder seam sewn; side and underarm still open'],
  steps: [
    {
      do: 'Mark the middle of the cap. Right sides together: match the middle to the shoulder seam and both ends to the side edges. [hold]',
      check: 'The cap is {more} longer, shared equally between both halves.',
      view: 'above',
    },
    {
      do: 'Sleeve underneath, next to the feed, which eases in its extra length. Guide the body on top without stretching it. Sew {armhole} at {allowance}.',
      check: 'No pleat on either side, and the armhole has kept its length.',
      view: 'above',
      now: ['seam'],
      sews: 'armhole',
    },
    {
      do: '[steam back] Then [press] the allowances towards the sleeve.',
      check: 'The seam lies flat without waves.',
      with: 'iron',
      view: 'above',
    },
    {
      do: 'Sleeve and side come next, in one seam: match the armhole seams.',
      check: 'Pinched together, the armhole seams meet.',
      view: 'above',
    },
  ],
  faults: ['wavy', 'pucker-line', 'uneven-layers', 'popped'],
});

/** A woven sleeve, eased into a closed armhole. */
export const SLEEVE_ROUND = procedure('sleeve-round', {
  ...SEWN_SO,
  name: 'Sleeve eased in the round',
  group: 'curve and corner',
  kind: 'join',
  main: { name: 'The armhole seam' },
  rows: { ease: { kind: 'gather', name: 'The easing rows', layers: 1 } },
  asks: [
    { ...CAP, usual: 470 },
    ARMHOLE,
    ALLOWANCE(15),
    { key: 'eased', label: 'Eased part of the cap, notch to notch', unit: 'mm', usual: 300, least: 40, most: 800 },
  ],
  work: ({ cap, armhole, allowance, eased }, given) => {
    const wrong = misfit(cap, armhole, ROUND_MOST_PERCENT);
    if (wrong) return wrong;
    const percent = (100 * (cap - armhole)) / armhole;
    return {
      cap,
      armhole,
      allowance,
      eased,
      more: cap - armhole,
      rows: percent < NO_ROW_PERCENT ? 0 : 1,
      first: allowance - 3,
      second: allowance - 8,
      easing: 2 * eased,
      stitch: rowSize(given, 'ease', { stitch: 'straight', lengthMm: looseMm(given), widthMm: 0 }).lengthMm,
      underarm: armhole / 3,
      inner: allowance - 6,
      trim: Math.max(5, allowance - 7),
    };
  },
  views: {
    above: ({ allowance, first, second, inner }) =>
      rowScene({
        label: 'From above, sleeve side up: easing rows inside the allowance, the seam beside them',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: allowance },
          { id: 'inner', mm: inner },
          { id: 'ease', mm: first, role: 'baste' },
          { id: 'ease', mm: second, role: 'baste' },
        ],
      }),
  },
  ready: ['[pins], many', '[iron]', 'a pressing ham', 'side, shoulder and underarm seams sewn'],
  steps: [
    {
      do: 'On the cap alone, notch to notch: sew two rows of {stitch} stitches, {first} and {second} from the edge, and leave the tails long.',
      check: 'The rows lie inside the seam line and do not cross.',
      view: 'above',
      now: ['ease'],
      sews: 'easing',
      row: 'ease',
      atMm: 'stitch',
      when: 'rows',
    },
    {
      do: 'Pull the bobbin threads until the cap is {more} shorter, and spread the fullness: most beside the shoulder, none for {25 mm} at the top.',
      check: 'No pleat on the seam line.',
      view: 'above',
      when: 'rows',
    },
    {
      do: '[shrink]',
      check: 'The fullness makes a shape, without folds.',
      with: 'iron',
      view: 'above',
      when: 'rows',
    },
    {
      do: 'Right sides together, the sleeve inside the armhole: match notches, underarm and shoulder first, then between them. [hold]',
      check: 'Tried on, the sleeve hangs straight. Turn it now if it does not.',
      view: 'above',
    },
    {
      do: 'From the underarm, with the sleeve on top so that you see the fullness, sew {armhole} round at {allowance}.',
      check: 'No pleat is caught.',
      view: 'above',
      now: ['seam'],
      sews: 'armhole',
    },
    {
      do: 'Sew a second row under the arm, {inner} from the edge, {underarm} from notch to notch.',
      check: 'It is inside the first row.',
      view: 'above',
      now: ['inner'],
      sews: 'underarm',
    },
    {
      do: 'Trim the underarm between the notches to {trim}; leave the cap’s allowance. Take out the easing rows where they show.',
      check: 'No stitch is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      out: ['ease'],
    },
    {
      do: '[Press] the allowances only, from the sleeve side, over a ham; they lie towards the sleeve.',
      check: 'The cap is round, without a dimple.',
      with: 'iron',
      view: 'above',
    },
  ],
  faults: ['pucker-line', 'uneven-layers', 'slippage', 'wandering'],
});
