import type { Setup } from '../../setup';
import { formatNumber, mm } from '../../units';
import { type ChosenBy, giveReasons, stitchReason } from './choiceReasons';
import type { Question } from '../question';
import type { Sized } from '../rules/aimTypes';
import { fromRule, type Reason, workedOut } from './reason';

/** A size this far from the usual one was moved, mm. */
const MOVED_MM = 0.15;

/** Why a length or a width is not the usual one; nothing where it is. */
function movedReasons(
  parameter: 'lengthMm' | 'widthMm',
  { sized, value, asked, radiusMm, chosen }: MovedFrom,
  words: { moved: string; curve: string },
): Reason[] {
  const { ideal } = sized.aim;
  if (Math.abs(value - ideal) > MOVED_MM)
    return [
      chosen === 'best'
        ? workedOut(parameter, 'size.moved', `Changed from ${formatNumber(ideal)} mm ${words.moved}.`)
        : workedOut(parameter, 'size.by-hand', `You set this; ${formatNumber(ideal)} mm is usual here.`),
    ];
  if (sized.moved === 'curve')
    return [workedOut(parameter, 'size.curve', `${words.curve} for a curve of ${mm(radiusMm ?? 0)}.`)];
  return sized.moved === 'dial'
    ? [workedOut(parameter, 'size.dial', `The nearest mark on this dial to ${formatNumber(asked)} mm.`)]
    : [];
}

/** A length or a width, what is usual, and what was asked of the dial. */
interface MovedFrom {
  sized: Sized;
  value: number;
  asked: number;
  radiusMm?: number;
  chosen: ChosenBy;
}

/** Why this stitch, this long and this wide: practice and what was worked out, each a reason of its own. */
export function stitchReasons(question: Question, setup: Setup, chosen: ChosenBy): Reason[] {
  const { seam, aims, wanted } = question;
  const { stitch, lengthMm, widthMm } = setup;
  const { radiusMm } = seam.asked;
  const length = { sized: aims.length[stitch], value: lengthMm, asked: wanted.length[stitch].aim.ideal };
  const width = { sized: aims.width[stitch], value: widthMm, asked: wanted.width[stitch].aim.ideal };
  return [
    stitchReason(question, setup, chosen),
    ...giveReasons(question, setup),
    fromRule('lengthMm', length.sized.rule),
    ...movedReasons(
      'lengthMm',
      { ...length, radiusMm, chosen },
      { moved: 'to suit stretch and density', curve: 'Shortened so that you can steer it along the line,' },
    ),
    ...(widthMm === 0
      ? [workedOut('widthMm', 'width.none', 'Width 0: on some machines any other width moves the needle to the side.')]
      : [
          fromRule('widthMm', width.sized.rule),
          ...movedReasons(
            'widthMm',
            { ...width, radiusMm, chosen },
            { moved: 'so that it stretches enough', curve: 'Narrowed to half the radius' },
          ),
        ]),
  ];
}
