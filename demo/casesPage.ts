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
    return `**Blocked.** ${blocked.map((b) => b.text).join(' ')}${way}`;
  }
  const size = setup.widthMm > 0 ? `${machineReads!.length} × ${machineReads!.width} mm` : `${machineReads!.length} mm`;
  const parts = [
    `${STITCH[setup.stitch].name} ${size}`,
    needleName(setup.needle),
    threadsName(setup.thread, setup.bobbin),
    `${FOOT[setup.foot].name.toLowerCase()} foot${setup.footSide ? `, ${setup.footSide}` : ''}`,
    `${PLATE[setup.plate].name.toLowerCase()} plate`,
    `tension ${machineReads!.tension}, pressure ${machineReads!.pressure}`,
    ...(give.required > 0 ? [`gives ${Math.floor(give.estimate[0])} of ${give.required} %`] : []),
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
    return row([String(CASES.length + i + 1), refusal.ask, `${text} (\`${refusal.code}\`)`, refusal.why]);
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
`;
}
