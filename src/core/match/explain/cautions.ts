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
    text: 'Thick fabric can break a needle: wear glasses, sew slowly, and turn the handwheel over the thickest places.',
  },
  {
    when: any(({ family, massGsm }) => family === 'denim' && massGsm.value >= 475),
    text: 'Denim of 14 oz or more needs an industrial machine and can damage a domestic one. Check the manual or ask a technician first.',
  },
  {
    when: any(({ structure, thicknessMm }) => structure === 'foam' && thicknessMm.value >= 4),
    text: 'Foam of {4 mm} or more needs a heavy-duty machine.',
  },
  {
    when: (_, setup) => FOOT[setup.foot].dislikesReverse === true && stitchFacts(setup.stitch).feedsBackwards,
    text: 'Many walking feet are not made for stitches that feed backwards: check the foot’s manual.',
  },
  {
    when: (_, setup) => setup.foot === 'walking',
    text: 'Tighten the walking foot’s screw and the needle clamp: this foot can shake a needle loose.',
  },
  {
    when: (_, setup) => setup.plate === 'straight',
    text: 'With the straight-stitch plate on, sew straight stitch only: any width hits the plate.',
  },
  {
    when: (_, setup) => isTwin(setup.needle.point),
    text: 'Turn the handwheel through one whole stitch first: both needles must clear plate and foot.',
  },
  {
    when: (question, { needle }) =>
      needle.point === 'leather' && any(({ structure }) => structure === 'knit')(question),
    text: 'A cutting point next to knitted loops cuts every loop it hits. Test on a scrap of both, and keep the knit out of the needle’s way where you can.',
  },
  {
    when: ({ seam, machine }) => seam.crossing && seam.thicknessMm > machine.footLiftMm,
    text: 'These layers are higher than the foot can lift. Hammer the crossing flat, trim the inner layers in steps, level the foot with a folded scrap, and cross it with the handwheel. If the foot does not climb it, stop: this machine cannot sew it.',
  },
  {
    when: ({ aims }) => /rotary/i.test(aims.plan.cut.tool),
    text: 'Rotary cutter: cut away from yourself, on a mat, and close the guard every time you put it down.',
  },
  {
    when: ({ aims }) => aims.plan.hold.includes('glue'),
    text: 'Glue: open a window and follow the label. Spray adhesive is flammable.',
  },
  {
    when: ({ seam }) => OPERATION[seam.operation.id].group === 'Zips',
    text: 'Metal stops and teeth break needles. Feel for them, mark them with a pin beside the line, and turn the handwheel past them.',
  },
  {
    when: any(({ family }) => family === 'sequins'),
    text: 'Sequins split under the needle and fly: wear glasses, and remove them from the seam line first.',
  },
  {
    when: ({ seam }) => seam.operation.id === 'buttonhole',
    text: 'Cut the opening from both ends towards the middle, away from your fingers, with a pin across each end.',
  },
  {
    when: ({ seam }) => ['casing', 'elastic', 'piping'].includes(seam.operation.id),
    text: 'On children’s clothes, cords, ties and small parts must follow your local rules.',
  },
  {
    when: any(({ family }) => ['fleece', 'terry', 'lawn'].includes(family)),
    text: 'For children’s nightwear, check your local rules on flammable fabric.',
  },
  {
    when: (question) =>
      any(({ traits }) => traits.includes('heat-sensitive'))(question) && question.aims.plan.press.maxSolePlateC > 0,
    text: 'It melts on a hot iron, and molten fabric burns skin. Start low on a scrap, through a press cloth, and never leave the iron.',
  },
  {
    when: (question) => any((one) => secureRisk(one, question.aims.plan.secure).level > 0.3)(question),
    text: 'Your way of securing ends is rough on this fabric: try it on a scrap, or leave tails and knot them.',
  },
  {
    when: ({ machine }, setup) => setup.foot === 'dual-feed' && machine.shank !== 'built-in',
    text: 'Dual feed is built into a machine: use it only if yours has it, and follow its manual.',
  },
  {
    when: any(({ family }) => ['waterproof', 'ripstop'].includes(family)),
    text: 'Every needle hole in waterproof fabric leaks until you seal it.',
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
