import type { ClothProfile } from '../../cloth';
import { FOOT, isTwin } from '../../kit';
import { secureRisk } from '../../physics';
import { OPERATION, type Setup } from '../../setup';
import { stitchFacts } from '../../stitch';
import type { Question } from '../question';

/** A caution and when it is given. The machine's manual has the last word in every one. */
interface Caution {
  when: (question: Question, setup: Setup) => boolean;
  text: string;
}

/** Whether something is true of any cloth in the seam. */
const any =
  (is: (one: ClothProfile) => boolean) =>
  ({ seam }: Question) =>
    [seam, ...seam.each].some(({ profile }) => is(profile));

const CAUTIONS: readonly Caution[] = [
  { when: () => true, text: 'Switch the machine off before changing needle, foot or plate.' },
  {
    when: ({ aims }) => aims.plan.hold.some((way) => way.includes('pins')),
    text: 'Take every pin out before the needle reaches it: a needle that hits one can break into the eyes.',
  },
  {
    when: (question) => question.seam.thicknessMm > 3 || any(({ massGsm }) => massGsm.value >= 450)(question),
    text: 'Thick cloth can break a needle: wear glasses, sew slowly, turn the wheel by hand over the thickest places.',
  },
  {
    when: any(({ family, massGsm }) => family === 'denim' && massGsm.value >= 475),
    text: 'Denim of 14 oz and more is work for an industrial machine and can damage a domestic one: ask the manual or a technician first.',
  },
  {
    when: any(({ structure, thicknessMm }) => structure === 'foam' && thicknessMm.value >= 4),
    text: 'Foam of {4 mm} and more wants a heavy-duty machine.',
  },
  {
    when: (_, setup) => FOOT[setup.foot].dislikesReverse === true && stitchFacts(setup.stitch).feedsBackwards,
    text: 'Many walking feet are not made for stitches that feed backwards: see what its manual says.',
  },
  {
    when: (_, setup) => setup.foot === 'walking',
    text: 'Tighten the walking foot’s screw and the needle clamp: it can shake a needle loose.',
  },
  {
    when: (_, setup) => setup.plate === 'straight',
    text: 'With the straight-stitch plate on, straight stitch only: any swing strikes the plate.',
  },
  {
    when: (_, setup) => isTwin(setup.needle.point),
    text: 'Turn one whole stitch by hand first: two needles must clear plate and foot.',
  },
  {
    when: (question, { needle }) =>
      needle.point === 'leather' && any(({ structure }) => structure === 'knit')(question),
    text: 'A cutting point next to knitted loops: every stitch that strikes a loop cuts it. Try it on a scrap of both, and keep the knit out of the way of the line where you can.',
  },
  {
    when: ({ seam, machine }) => seam.crossing && seam.thicknessMm > machine.footLiftMm,
    text: 'So many layers are more than the foot can be lifted over: hammer the crossing flat, trim the inner layers back in steps, level the foot with a folded scrap, and walk over it with the hand-wheel. If the foot does not climb it, stop: this machine will not sew it.',
  },
  {
    when: ({ aims }) => /rotary/i.test(aims.plan.cut.tool),
    text: 'Rotary blade: cut away from you, on a mat, and close the guard each time you put it down.',
  },
  {
    when: ({ aims }) => aims.plan.hold.includes('glue'),
    text: 'Glue: open a window and follow the label; spray adhesive is flammable.',
  },
  {
    when: ({ seam }) => OPERATION[seam.operation.id].group === 'Zips',
    text: 'Metal stops and teeth break needles: feel for them, mark them with a pin beside the line, and turn the wheel by hand past them.',
  },
  {
    when: any(({ family }) => family === 'sequins'),
    text: 'Sequins split under the needle and fly: wear glasses, and take them out of the seam line first.',
  },
  {
    when: ({ seam }) => seam.operation.id === 'buttonhole',
    text: 'Cut the opening from both ends towards the middle, with a pin across each end, away from your fingers.',
  },
  {
    when: ({ seam }) => ['casing', 'elastic', 'piping'].includes(seam.operation.id),
    text: 'In children’s garments cords, ties and small parts follow local rules.',
  },
  {
    when: any(({ family }) => ['fleece', 'terry', 'lawn'].includes(family)),
    text: 'For children’s nightwear look up the local rules on flammable cloth.',
  },
  {
    when: (question) =>
      any(({ traits }) => traits.includes('heat-sensitive'))(question) && question.aims.plan.press.maxSolePlateC > 0,
    text: 'It melts on a hot iron and burns skin when it does: begin low on a scrap, through a cloth, and never leave the iron.',
  },
  {
    when: (question) => any((one) => secureRisk(one, question.aims.plan.secure).level > 0.3)(question),
    text: 'The way of securing you chose is rough on this cloth: try it on the scrap, or leave tails and knot them.',
  },
  {
    when: ({ machine }, setup) => setup.foot === 'dual-feed' && machine.shank !== 'built-in',
    text: 'A dual feed is part of a machine: only if this one has it, and as its manual says.',
  },
  {
    when: any(({ family }) => ['waterproof', 'ripstop'].includes(family)),
    text: 'Every hole in waterproof cloth leaks until it is sealed.',
  },
];

/**
 * What can hurt a person or the machine with this setting.
 *
 * @param question - opened question
 * @param setup - the setting, or null when nothing is possible
 * @returns cautions in plain words, none when there is nothing to sew
 */
export function cautionsFor(question: Question, setup: Setup | null): string[] {
  if (!setup) return [];
  return CAUTIONS.filter(({ when }) => when(question, setup)).map(({ text }) => text);
}
