import type { ProcedureId } from '../procedure';
import type { Job, JobPiece, JobSeam } from './job';
import { suggestedOrder } from './suggest';
import { costsSchema } from './order';
import type { Stage } from './stages';
import { usualStage } from './usualStage';

/** A piece of a template: a name, a size in mm, which of the cloths it is cut from. */
type PieceRow = readonly [name: string, widthMm: number, lengthMm: number, count?: number, cloth?: 'second'];

/** A seam of a template. `on`: names of its pieces. */
interface SeamRow {
  name: string;
  does: ProcedureId;
  on: readonly string[];
  answers?: Readonly<Record<string, number>>;
  count?: number;
  stage?: Stage;
  /** Where two cloths meet, or only the second is sewn. */
  cloth?: 'pair' | 'second';
  /** What comes before it beyond what the rules know, and why. */
  after?: readonly (readonly [name: string, why: string])[];
}

/** A common thing, ready to be made from one's own cloth. */
export interface Template {
  id: string;
  name: string;
  /** What the second cloth is for; without this there is one. */
  second?: string;
  pieces: readonly PieceRow[];
  seams: readonly SeamRow[];
}

/** Common things, with the sizes of one example; every size can be changed. */
// prettier-ignore
export const TEMPLATES: readonly Template[] = [
  { id: 'knit-top', name: 'Knit top with a neckband', pieces: [['front', 520, 680], ['back', 520, 690], ['sleeve', 430, 600, 2], ['neckband', 52, 500]], seams: [
    { name: 'Lay and cut', does: 'lay-and-cut', on: ['front', 'back', 'sleeve', 'neckband'], answers: { pieces: 4, pairs: 1 } },
    { name: 'Stay the shoulders', does: 'stay-stitch', on: ['back'], answers: { seam: 130 }, count: 2 },
    { name: 'Shoulders', does: 'plain-finished', on: ['front', 'back'], answers: { seam: 130 }, count: 2, stage: 'flat' },
    { name: 'Neckband', does: 'neck-band', on: ['neckband'], answers: { opening: 600, width: 20 }, after: [['Shoulders', 'the neckline is whole once the shoulders are closed']] },
    { name: 'Set the sleeves in flat', does: 'sleeve-flat', on: ['front', 'back', 'sleeve'], answers: { cap: 490, armhole: 480 }, count: 2, stage: 'flat', after: [['Shoulders', 'the sleeve head runs over the shoulder seam']] },
    { name: 'Side and sleeve in one', does: 'plain-finished', on: ['front', 'back', 'sleeve'], answers: { seam: 980 }, count: 2 },
    { name: 'Sleeve hems', does: 'hem-twin', on: ['sleeve'], answers: { round: 220 }, count: 2 },
    { name: 'Bottom hem', does: 'hem-twin', on: ['front', 'back'], answers: { round: 1000 } },
  ] },
  { id: 'cushion-zip', name: 'Piped cushion cover with a centred zip', second: 'the piping', pieces: [['front', 480, 480], ['back, upper', 480, 255], ['back, lower', 480, 255], ['bias strip', 43, 2000, 1, 'second']], seams: [
    { name: 'Lay and cut', does: 'lay-and-cut', on: ['front', 'back, upper', 'back, lower', 'bias strip'], answers: { pieces: 4, pairs: 0 } },
    { name: 'Piping round the front', does: 'piping', on: ['front', 'bias strip'], answers: { seam: 1800, corners: 4 }, cloth: 'pair' },
    { name: 'Zip between the back pieces', does: 'zip-centred', on: ['back, upper', 'back, lower'], answers: { zip: 400, top: 40, opening: 440 } },
    { name: 'Front to back, all round', does: 'enclosed', on: ['front', 'back, upper', 'back, lower'] },
    { name: 'Corners reinforced', does: 'reinforce', on: ['front'], answers: { count: 4 } },
  ] },
  { id: 'apron', name: 'Work apron with felled seams', pieces: [['middle', 520, 860], ['side', 220, 640, 2], ['pocket', 260, 200], ['strap', 80, 900, 2]], seams: [
    { name: 'Lay and cut', does: 'lay-and-cut', on: ['middle', 'side', 'pocket', 'strap'], answers: { pieces: 4, pairs: 2 } },
    { name: 'Pocket', does: 'patch-pocket', on: ['middle', 'pocket'], answers: { wide: 230, high: 170 } },
    { name: 'Sides to the middle', does: 'flat-felled', on: ['middle', 'side'], answers: { seam: 640 }, count: 2 },
    { name: 'Straps', does: 'enclosed', on: ['strap'], count: 2, stage: 'attach' },
    { name: 'Topstitch the bib', does: 'topstitch-edge', on: ['middle'], answers: { edge: 280, edges: 3 } },
    { name: 'Hem', does: 'hem-double', on: ['middle', 'side'], answers: { round: 940, hem: 20 } },
    { name: 'Bar tacks at pocket and straps', does: 'bar-tack', on: ['middle', 'pocket', 'strap'], answers: { count: 6 } },
  ] },
  { id: 'curtain', name: 'Unlined curtain', pieces: [['drop', 1400, 1600]], seams: [
    { name: 'Lay and cut', does: 'lay-and-cut', on: ['drop'], answers: { pieces: 1, pairs: 0 } },
    { name: 'Join the widths', does: 'french', on: ['drop'], answers: { seam: 1600 }, stage: 'flat' },
    { name: 'Side hems', does: 'hem-double', on: ['drop'], answers: { round: 1600, hem: 30, corners: 2 }, count: 2, stage: 'band' },
    { name: 'Casing at the top', does: 'elastic-casing', on: ['drop'], answers: { round: 1400, girth: 1200 } },
    { name: 'Bottom hem', does: 'hem-double', on: ['drop'], answers: { round: 1400, hem: 75, turn: 25, corners: 2 } },
  ] },
  { id: 'lined-bag', name: 'Lined bag with boxed corners', second: 'the lining', pieces: [['outer', 320, 400, 2], ['lining', 320, 400, 2, 'second']], seams: [
    { name: 'Lay and cut', does: 'lay-and-cut', on: ['outer', 'lining'], answers: { pieces: 2, pairs: 2 } },
    { name: 'Pocket on the lining', does: 'patch-pocket', on: ['lining'], cloth: 'second' },
    { name: 'Outer: sides and bottom', does: 'plain-open', on: ['outer'], answers: { seam: 1100 } },
    { name: 'Lining: sides and bottom', does: 'plain-open', on: ['lining'], answers: { seam: 1100 }, cloth: 'second' },
    { name: 'Boxed corners', does: 'plain-open', on: ['outer', 'lining'], answers: { seam: 120 }, count: 4, stage: 'band' },
    { name: 'Outer to lining round the top', does: 'plain-open', on: ['outer', 'lining'], answers: { seam: 620 }, stage: 'band', cloth: 'pair' },
    { name: 'Close the gap in the lining', does: 'close-gap', on: ['lining'], cloth: 'second' },
    { name: 'Topstitch the rim', does: 'topstitch-edge', on: ['outer'], answers: { edge: 620, edges: 1 }, stage: 'finish' },
  ] },
  { id: 'skirt', name: 'Skirt with a concealed zip and darts', pieces: [['front', 520, 620], ['back', 270, 620, 2]], seams: [
    { name: 'Lay and cut', does: 'lay-and-cut', on: ['front', 'back'], answers: { pieces: 2, pairs: 1 } },
    { name: 'Darts', does: 'dart', on: ['front', 'back'], count: 4 },
    { name: 'Zip in the middle back', does: 'zip-concealed', on: ['back'], answers: { zip: 250, opening: 220 } },
    { name: 'Side seams', does: 'plain-finished', on: ['front', 'back'], answers: { seam: 600 }, count: 2 },
    { name: 'Bind the waist', does: 'bind-edge', on: ['front', 'back'], answers: { edge: 740, corners: 0 } },
    { name: 'Hem', does: 'hem-blind', on: ['front', 'back'], answers: { round: 1040 } },
  ] },
];

/** What a job made from a template is to be. */
export interface TemplateChoice {
  name: string;
  machineId: string | null;
  clothId: string | null;
  secondClothId: string | null;
  colour: string;
}

/**
 * A new job from a template, its constraints as the operations suggest them.
 *
 * @param template - which thing
 * @param choice - name, machine, cloths, colour of the thread
 * @param made - key for the job, a maker of keys for its parts, and the moment
 * @returns the job
 */
export function jobFromTemplate(
  template: Template,
  choice: TemplateChoice,
  made: { id: string; newId: () => string; at: string },
): Job {
  const { clothId, secondClothId } = choice;
  const pieces = template.pieces.map(([name, widthMm, lengthMm, count = 1, cloth]): JobPiece => {
    return {
      id: made.newId(),
      ...{ name, widthMm, lengthMm, count },
      clothId: cloth ? secondClothId : clothId,
      examples: ['widthMm', 'lengthMm'],
    };
  });
  const seams = template.seams.map((row): JobSeam => {
    const on = row.on.map((name) => pieces.find((piece) => piece.name === name)!.id);
    return {
      id: made.newId(),
      name: row.name,
      procedureId: row.does,
      clothId: row.cloth === 'second' ? secondClothId : clothId,
      secondClothId: row.cloth === 'pair' ? secondClothId : null,
      bandClothId: null,
      pieces: on,
      count: row.count ?? 1,
      answers: { ...row.answers },
      ...(row.answers && { examples: Object.keys(row.answers) }),
      stage: row.stage ?? usualStage(row.does),
      needleColour: '',
      bobbinColour: '',
      after: [],
      notes: '',
    };
  });
  const known = seams.map((seam, i) => ({
    ...seam,
    after: (template.seams[i].after ?? []).map(([name, why]) => ({
      seamId: seams.find((other) => other.name === name)!.id,
      why,
    })),
  }));
  return emptyJob(choice, made, { pieces, seams: withSuggested(known) });
}

/**
 * A job with nothing in it yet.
 *
 * @param choice - name, machine and colour
 * @param made - its key and the moment
 * @param parts - pieces and seams, if there are any
 */
export function emptyJob(
  { name, machineId, colour }: Pick<TemplateChoice, 'name' | 'machineId' | 'colour'>,
  { id, at }: { id: string; at: string },
  parts: Pick<Job, 'pieces' | 'seams'> = { pieces: [], seams: [] },
): Job {
  return {
    id,
    name,
    machineId,
    colour,
    ...parts,
    costs: costsSchema.parse({}),
    order: [],
    notions: [],
    addedAt: at,
    notes: '',
  };
}

/** Seams with everything before them that the rules suggest. */
export function withSuggested(seams: readonly JobSeam[]): JobSeam[] {
  const suggested = suggestedOrder(seams);
  return seams.map((seam) => ({
    ...seam,
    after: [
      ...seam.after,
      ...suggested
        .filter((s) => s.seamId === seam.id && !seam.after.some(({ seamId }) => seamId === s.after))
        .map((s) => ({ seamId: s.after, why: s.why })),
    ],
  }));
}

/**
 * The same thing to be made once more: nothing of it is sewn.
 *
 * @param job - the job
 * @param made - new keys and the moment
 * @returns a copy with keys of its own
 */
export function duplicateJob(job: Job, made: { id: string; newId: () => string; at: string }): Job {
  const keys = new Map([...job.pieces, ...job.seams].map(({ id }) => [id, made.newId()]));
  const key = (id: string) => keys.get(id)!;
  const fresh: Job = {
    ...job,
    id: made.id,
    name: `${job.name}, again`.slice(0, 120),
    addedAt: made.at,
    order: [],
    pieces: job.pieces.map((piece) => ({ ...piece, id: key(piece.id) })),
    seams: job.seams.map((seam) => {
      const copy: JobSeam = {
        ...seam,
        id: key(seam.id),
        pieces: seam.pieces.map(key),
        after: seam.after.map(({ seamId, why }) => ({ seamId: key(seamId), why })),
      };
      delete copy.doneAt;
      return copy;
    }),
  };
  delete fresh.doneAt;
  return fresh;
}
