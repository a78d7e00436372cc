import { needleName, PLAIN_MACHINE, PLATE, threadsName, FOOT } from '../src/core/kit';
import {
  answer,
  checkInputSchema,
  checkSetup,
  type MatchAnswer,
  type MatchInput,
  matchInputSchema,
  sharpen,
} from '../src/core/match';
import { STITCH } from '../src/core/stitch';
import { IN_MM, withLengths } from '../src/core/units';
import { CASES, REFUSALS } from './cases';
import type { Refusal } from './caseTypes';
import { wrongAnswer } from './wrongAnswers';

/** A refusal as the check command takes it: an ordinary setting with the one thing wrong. */
export function refusalInput({ setup, machine, layers }: Refusal) {
  return {
    cloth: { structure: 'woven', family: 'poplin', ...(layers && { thicknessMm: 1.2 }) },
    operation: { kind: 'join', layers },
    machine: { ...PLAIN_MACHINE, ...machine },
    setup: {
      needle: { point: 'universal', nm: 80 },
      thread: { fibre: 'polyester', tex: 27 },
      foot: 'standard',
      plate: 'standard',
      stitch: 'straight',
      lengthMm: 2.5,
      widthMm: 0,
      ...setup,
    },
  };
}

function answerText(input: MatchInput): string {
  const { setup, machineReads, give, plan, blocked } = answer(input);
  if (!setup) {
    const { missing } = sharpen(input);
    const way = missing[0] ? ` Way out: ${missing[0].what}, which ${missing[0].gains}.` : '';
    return withLengths(`**Blocked.** ${blocked.map((b) => b.text).join(' ')}${way}`, IN_MM);
  }
  const size = setup.widthMm > 0 ? `${machineReads!.length} × ${machineReads!.width} mm` : `${machineReads!.length} mm`;
  const parts = [
    `${STITCH[setup.stitch].name} ${size}`,
    needleName(setup.needle),
    threadsName(setup.thread, setup.bobbin),
    `${FOOT[setup.foot].name.toLowerCase()} foot${setup.footSide ? `, ${setup.footSide}` : ''}`,
    `${PLATE[setup.plate].name.toLowerCase()} plate`,
    `tension ${machineReads!.tension}, pressure ${machineReads!.pressure}`,
    ...(give.required > 0 ? [`gives ${Math.floor(give.estimate[0])} of ${give.required}%`] : []),
    plan.secure.replaceAll('-', ' '),
    ironText(plan.press),
  ];
  return parts.join('; ');
}

function ironText({ maxSolePlateC, pressCloth, steam }: MatchAnswer['plan']['press']): string {
  if (maxSolePlateC === 0) return 'no iron';
  const how = steam === 'no' ? 'dry' : steam === 'little' ? 'little steam' : 'steam';
  return `iron ${maxSolePlateC} °C${pressCloth ? ' through a cloth' : ''}, ${how}`;
}

/** The end of docs/cases.md: each jump that the sweep prints, and why it may be there. */
const JUMPS = `## Where an answer jumps

\`npx tsx bench/sweep.ts\` moves one property at a time from the middle of each family and prints every jump: another stitch, more than
one needle size, more than 0.3 mm of length, more than half a step of tension. What it prints is one of these.

| jump | why it may |
|---|---|
| hem or topstitching of a knit: two rows → narrow zigzag → three steps, as the stretch asked for or the fabric's own grows; thickness, layers and a curve's radius move the places | two rows give what they give; past that the line has to swing. It goes one way only. The length drops towards the change, and starts again after it |
| a zigzag's length, 0.4 mm, as the stretch grows | it shortens until the next half millimetre of width gives more |
| topstitching of thick stable knits: stretch twin 75 ↔ ballpoint 90, near 300 g/m², five layers, or a stretch that one line just gives | one line gives enough there, and the twin is sold in 75 only |
| slinky and swim fabric: stretch 75 → 90, near 250 g/m² and at 12 layers | stretch needles are sold in 65, 75 and 90 |
| stable knits: zigzag → triple straight, at 320 g/m² | from there on the seam is pressed open |
| wool: a hem folded twice → turned once and caught blind, at 350 g/m²; its tension drops with the layer | coat-weight wool is not folded twice |
| neoprene: another needle, stitch and tension, at 1.5 mm | thinner, it is a scuba knit and no foam |
| one more layer: a whole step of tension, in fabric of about 0.7 mm and more | that much more thickness holds the threads down |
| so many layers: nothing | over the lift of the foot, from six layers on even hammered flat |
`;

/** docs/cases.md: every case, what the answer is now, and why that is right. */
export function casesPage(): string {
  const row = (cells: string[]) => `| ${cells.map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`;
  const cases = CASES.map(({ ask, request, why, refutes }, i) =>
    row([
      String(i + 1),
      ask,
      answerText(matchInputSchema.parse(request)),
      why,
      refutes ?? `${wrongAnswer(request.cloth.family ?? 'other', request.operation.kind)}.`,
    ]),
  );
  const refusals = REFUSALS.map((refusal, i) => {
    const { blocked } = checkSetup(checkInputSchema.parse(refusalInput(refusal)));
    const text = blocked.find((b) => b.code === refusal.code)?.text ?? 'not refused';
    return row([
      String(CASES.length + i + 1),
      refusal.ask,
      `${withLengths(text, IN_MM)} (\`${refusal.code}\`)`,
      refusal.why,
    ]);
  });
  return `# Cases

Cloth × operation × machine, invented, each read line by line: what Bobbet answers, and why a teacher would sign it. The
answers are written by \`npm run cases\`; a test compares them with what is answered now and with what is acceptable
(\`demo/teacher.ts\`, for every part of an answer, and \`demo/cases.ts\`, \`demo/edgeCases.ts\` for each row). Where nothing is said of the machine it is a plain domestic one; where nothing is said of the kit,
everything on sale may be chosen.

| | asked | answer | it rests on | it would refute |
|---|---|---|---|---|
${cases.join('\n')}

## Refused

| | asked | answer | why it is right |
|---|---|---|---|
${refusals.join('\n')}

${JUMPS}`;
}
