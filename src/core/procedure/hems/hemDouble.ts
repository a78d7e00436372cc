import { mm } from '../../units';
import { cannot } from '../../seam';
import { HEM_LENGTH } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { line, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';
import { hemSection } from './hemSection';

/** The row lies so far from the inner fold (common practice). */
const FROM_FOLD_MM = 2;
/** What is left beyond the diagonal of a mitre, mm (common practice). */
const MITRE_LEFT_MM = 6;
/** A beginning is sewn over by so much, mm. */
const OVERLAP_MM = 15;

const section = ({ hem, turn, fromFold }: Numbers, { thicknessMm }: Given): Scene =>
  hemSection({
    label: 'In section: folded twice, the raw edge inside',
    hem,
    turn,
    thicknessMm,
    row: { mm: hem - fromFold, id: 'row' },
  });

/** A corner, wrong side up: both hems creased, the diagonal that is folded or cut. */
function corner({ hem, turn, mitre }: Numbers): Scene {
  const cut = hem + turn;
  const side = 2.4 * cut;
  return {
    label: 'A corner, wrong side up, opened out after creasing',
    view: 'above',
    cloths: [
      {
        points: [
          [0, 0],
          [side, 0],
          [side, side],
          [0, side],
        ],
        side: 'wrong',
      },
    ],
    lines: [
      line('raw', [0, 0], [side, 0]),
      line('raw', [0, 0], [0, side]),
      line('fold', [0, cut], [side, cut]),
      line('fold', [cut, 0], [cut, side]),
      line('mark', [0, turn], [side, turn]),
      line('mark', [turn, 0], [turn, side]),
      ...(mitre > 0
        ? [
            line('fold', [2 * cut, 0], [0, 2 * cut], 'diagonal'),
            line('cut', [2 * cut - 1.41 * MITRE_LEFT_MM, 0], [0, 2 * cut - 1.41 * MITRE_LEFT_MM], 'corner'),
          ]
        : []),
    ],
    dims: [
      { from: [side + 6, 0], to: [side + 6, cut], mm: cut, name: 'cut for the hem' },
      { from: [0, side + 6], to: [turn, side + 6], mm: turn, name: 'turned in' },
    ],
  };
}

/** The usual hem of woven cloth: its raw edge is folded in and gone. */
export const HEM_DOUBLE = procedure('hem-double', {
  ...SEWN_SO,
  name: 'Hem folded twice',
  group: 'hem',
  kind: 'hem',
  main: { layers: 3 },
  asks: [
    HEM_LENGTH,
    { key: 'hem', label: 'Finished hem', unit: 'mm', usual: 25, least: 6, most: 150 },
    {
      key: 'turn',
      label: 'Turned in first',
      unit: 'mm',
      usual: ({ thicknessMm }) => (thicknessMm < 0.35 ? 6 : 10),
      least: 4,
      most: 150,
    },
    {
      key: 'corners',
      label: 'Corners',
      unit: 'count',
      usual: 0,
      least: 0,
      most: 2,
      options: [
        [0, 'none: it goes round, or ends in seams'],
        [1, 'mitred: a diagonal at each corner'],
        [2, 'square: one hem over the other'],
      ],
    },
  ],
  work: ({ round, hem, turn, corners }, { thicknessMm }) => {
    const fold = 2 * thicknessMm;
    if (turn > hem)
      return cannot(
        'seam.hem-narrow',
        `${mm(turn)} turned in does not fit into a hem of ${mm(hem)}: turn in ${mm(hem)} at most.`,
        hem,
        turn,
      );
    if (hem < FROM_FOLD_MM + fold)
      return cannot(
        'seam.hem-narrow',
        `A hem of ${mm(hem)} is too narrow to fold this fabric twice: make it at least ${mm(FROM_FOLD_MM + fold)} deep.`,
        FROM_FOLD_MM + fold,
        hem,
      );
    return {
      round,
      hem,
      turn,
      cut: hem + turn,
      fromFold: FROM_FOLD_MM,
      left: MITRE_LEFT_MM,
      mitre: corners === 1 ? 1 : 0,
      square: corners === 2 ? 1 : 0,
      plain: corners === 0 ? 1 : 0,
      overlap: OVERLAP_MM,
      sewn: round + OVERLAP_MM,
    };
  },
  views: { section, corner },
  ready: ['[pins]', '[iron]', 'card or a hem gauge, marked at both folds'],
  steps: [
    {
      do: 'Cut the hem allowance to {cut}. Turn in {turn} along the edge and [press] it, then turn up {hem} and [press] again.',
      check: 'It measures {hem} all along, and the raw edge is in the fold.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'At each corner open both hems out. Fold the corner in on the diagonal through the point where the two hem creases cross, and cut it off {left} outside that fold.',
      check: 'The diagonal goes through the point where the creases cross.',
      caution: BLADE,
      with: 'blade',
      view: 'corner',
      now: ['diagonal', 'corner'],
      when: 'mitre',
    },
    {
      do: 'Fold both hems back: their edges meet on the diagonal. Close any opening with a ladder stitch.',
      check: 'The corner is square, and no raw edge shows.',
      view: 'corner',
      when: 'mitre',
    },
    {
      do: 'Fold and sew the long sides first. Fold the short ones over them and slipstitch the open ends.',
      check: 'The corner is square and its end is closed.',
      view: 'corner',
      when: 'square',
    },
    {
      do: 'Where a seam crosses, trim the allowance inside the hem to half. [hold]',
      check: 'The fold runs straight across the seam.',
      view: 'section',
    },
    {
      do: 'Wrong side up, start at a seam and sew {fromFold} from the inner fold, {round} along, and {overlap} over the start.',
      check: 'The fold is caught everywhere.',
      view: 'section',
      now: ['row'],
      sews: 'sewn',
      when: 'plain',
    },
    {
      do: 'Wrong side up, sew {fromFold} from the inner fold, {round} along. At each corner stop with the needle down, lift the foot and turn.',
      check: 'The fold is caught everywhere, and the row turns on the diagonal.',
      view: 'section',
      now: ['row'],
      sews: 'round',
      when: '!plain',
    },
    {
      do: '[Press] it from the wrong side.',
      check: 'The hem hangs straight and does not twist.',
      with: 'iron',
      view: 'section',
    },
  ],
  adds: [[['turn', 'hem'], 'cut']],
  faults: ['hump-stall', 'pucker-line', 'wandering', 'uneven-layers'],
});
