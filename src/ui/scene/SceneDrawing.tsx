import { mean } from '@/core/numbers';
import { useId } from 'react';
import {
  type LineState,
  type LineStitch,
  type ScenePoint,
  type Scene,
  type SceneCloth,
  type SceneLine,
  stitchAlong,
  type ToolAt,
} from '@/core/procedure';
import { HaloText } from '../Dimension';
import { DRAWING, type Fit, fitScene } from './fitScene';
import type { ShownFoot } from './footShape';
import { boxOf, dimLabel, hereLabel, type Label, LETTERS, textLabels } from './labels';
import { SceneDim } from './SceneDim';
import { SceneTool } from './SceneTool';

interface Props {
  scene: Scene;
  /** How each of its lines stands; without this, as a drawing of what is planned. */
  states?: readonly LineState[];
  length: (mm: number) => string;
  /** Where the hand is in the step, and the foot it works with. */
  tool?: ToolAt | null;
  foot?: ShownFoot;
  /** What the current lines are sewn with: they are drawn by it where that can be seen. */
  sewn?: LineStitch;
  /** Units to the mm at most, beside another drawing. */
  mostScale?: number;
}

const PLAIN_FOOT: ShownFoot = { foot: 'standard' };

/** A drawing computed from numbers: cloth with its right or wrong side, lines by what they are, dimensions with their lengths. */
export function SceneDrawing({ scene, states = [], length, tool, foot = PLAIN_FOOT, sewn, mostScale }: Props) {
  const id = useId();
  const fit = fitScene(scene, mostScale);
  const { to, scale, height } = fit;
  const dims = scene.dims.map((dim) => dimLabel(dim, fit, length(dim.mm)));
  const texts = textLabels(scene, fit, length);
  const taken = [
    ...dims.map((label) => boxOf(label, LETTERS.phone)),
    ...texts.map((label) => boxOf(label, LETTERS.phone)),
  ];
  return (
    <svg
      viewBox={`0 0 ${DRAWING.width} ${height}`}
      className="draft"
      role="img"
      aria-label={scene.label}
      style={{ display: 'block', width: '100%', height: 'auto' }}
    >
      <defs>
        <pattern id={id} width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" fill="var(--cloth-right)" />
          <path d="M-1 10 L10 -1" stroke="var(--cloth-hatch)" strokeWidth="1.2" />
        </pattern>
      </defs>
      {scene.cloths.map((cloth, i) => (
        <Cloth key={i} cloth={cloth} to={to} scale={scale} hatch={`url(#${id})`} />
      ))}
      {scene.lines.map((line, i) => {
        const state = states[i] ?? (line.id === undefined ? 'plain' : 'later');
        if (state === 'hidden') return null;
        return (
          <Line
            key={i}
            line={line}
            to={to}
            state={state}
            tool={tool?.line?.index === i ? tool.line : undefined}
            sewn={scene.view === 'above' && state === 'now' && !endsWhereItBegins(line) ? sewn : undefined}
            scale={scale}
          />
        );
      })}
      {fit.brokenAt !== null && <Break scene={scene} fit={fit} at={fit.brokenAt} />}
      {scene.dims.map((dim, i) => (
        <SceneDim key={i} dim={dim} fit={fit} label={dims[i]} />
      ))}
      <Texts labels={texts} />
      {tool && (
        <SceneTool tool={tool} fit={fit} foot={foot} here={tool.tool === 'foot' ? hereLabel(tool, fit, taken) : null} />
      )}
    </svg>
  );
}

/** Where a long piece is drawn shorter than it is: two torn edges across it, as on a draft. */
function Break({ scene, fit: { to }, at }: { scene: Scene; fit: Fit; at: number }) {
  const xs = [...scene.cloths, ...scene.lines].flatMap(({ points }) => points.map((point) => to(point)[0]));
  const [from, till] = [Math.min(...xs) - 8, Math.max(...xs) + 8];
  const waves = Math.max(2, Math.round((till - from) / 26));
  const wide = (till - from) / waves;
  const edge = Array.from(
    { length: waves },
    (_, i) => `q${wide / 4} ${i % 2 ? 7 : -7} ${wide / 2} 0 t${wide / 2} 0`,
  ).join(' ');
  const back = Array.from({ length: waves }, () => `h${-wide}`).join(' ');
  return (
    <g strokeLinejoin="round">
      <path d={`M${from} ${at - 6} ${edge} V${at + 6} ${back} Z`} fill="var(--paper)" stroke="none" />
      {[-6, 6].map((off) => (
        <path key={off} d={`M${from} ${at + off} ${edge}`} fill="none" stroke="var(--ink-2)" strokeWidth="1.4" />
      ))}
    </g>
  );
}

function Texts({ labels }: { labels: readonly Label[] }) {
  return labels.map(({ lines, x, y, anchor }, i) => (
    <HaloText
      on="drawing"
      key={i}
      x={x}
      y={y + 5}
      anchor={anchor}
      size={LETTERS.text}
      weight={anchor === 'start' ? 450 : 650}
    >
      {lines[0]}
    </HaloText>
  ));
}

type State = Exclude<LineState, 'hidden'>;
type To = Fit['to'];

const path = (points: readonly ScenePoint[], to: To) =>
  points
    .map(
      (point, i) =>
        `${i === 0 ? 'M' : 'L'}${to(point)
          .map((v) => v.toFixed(1))
          .join(' ')}`,
    )
    .join(' ');

function Cloth({ cloth, to, scale, hatch }: { cloth: SceneCloth; to: To; scale: number; hatch: string }) {
  const { points, side, thickMm } = cloth;
  if (thickMm === undefined)
    return (
      <path
        d={`${path(points, to)} Z`}
        fill={side === 'right' ? hatch : 'var(--cloth-wrong)'}
        stroke="var(--ink-2)"
        strokeWidth="1.3"
      />
    );
  const thick = Math.max(5, thickMm * scale * DRAWN_SHARE);
  const d = path(points, to);
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={d} stroke="var(--ink-2)" strokeWidth={thick + 2.6} />
      <path d={d} stroke={side === 'right' ? 'var(--cloth-right)' : 'var(--cloth-wrong)'} strokeWidth={thick} />
      <path d={d} stroke="var(--cloth-hatch)" strokeWidth={thick * 0.5} strokeDasharray="1.2 7" />
    </g>
  );
}

/** Layers in section leave a little air between them, so that a fold does not look like a lump. */
const DRAWN_SHARE = 0.82;

const STROKE: Readonly<Record<SceneLine['role'], { width: number; dash?: string }>> = {
  stitch: { width: 3.2, dash: '11 5' },
  baste: { width: 2, dash: '16 10' },
  fold: { width: 2.4 },
  raw: { width: 2.4, dash: '3 2' },
  mark: { width: 1.6, dash: '2 6' },
  cut: { width: 2.4, dash: '7 4' },
  zip: { width: 9, dash: '4 3' },
  tape: { width: 1.6, dash: '5 4' },
  stop: { width: 7 },
  stripe: { width: 2 },
};
const COLOUR: Readonly<Record<State, string>> = {
  now: 'var(--red)',
  done: 'var(--green)',
  later: 'var(--ink-2)',
  plain: 'var(--ink)',
};
/** A line that turns more than this at its points, on average, is a zigzag and drawn through: dashes would break it. */
const ZIGZAG = { points: 8, rad: 0.35 };

function isZigzag(points: readonly ScenePoint[]): boolean {
  if (points.length <= ZIGZAG.points) return false;
  const way = (i: number) => Math.atan2(points[i + 1][1] - points[i][1], points[i + 1][0] - points[i][0]);
  const turns = Array.from({ length: points.length - 2 }, (_, i) => Math.abs(Math.sin((way(i + 1) - way(i)) / 2)) * 2);
  return mean(turns) > ZIGZAG.rad;
}

/** A line round about, as a buttonhole's, draws itself: it is not a line with a swing. */
const endsWhereItBegins = ({ points }: SceneLine) =>
  points[0][0] === points[points.length - 1][0] && points[0][1] === points[points.length - 1][1];

interface LineProps {
  line: SceneLine;
  to: To;
  state: State;
  scale: number;
  /** Where the foot is on it: what is behind is sewn. */
  tool?: ToolAt['line'];
  sewn?: LineStitch;
}

/** A swing, or a stitch, drawn smaller than this could not be seen, in drawing units. */
const LEAST_SEEN = { swing: 5, stitch: 6 };
/** How much of a stitch shows on top; the rest is the hole. */
const SHOWS = 0.7;

function Line({ line, to, state, scale, tool, sewn }: LineProps) {
  if (tool)
    return (
      <>
        <Line line={{ ...line, points: tool.ahead }} to={to} state={state} scale={scale} sewn={sewn} />
        <Line line={{ ...line, points: tool.behind }} to={to} state="done" scale={scale} sewn={sewn} />
      </>
    );
  const drawn = line.role === 'stitch' && !isZigzag(line.points) ? sewn : undefined;
  const points = drawn && drawn.widthMm * scale >= LEAST_SEEN.swing ? stitchAlong(line.points, drawn) : line.points;
  const { width, dash: usual } = STROKE[line.role];
  const stitch = drawn ? drawn.lengthMm * scale : 0;
  const dash = stitch >= LEAST_SEEN.stitch ? `${SHOWS * stitch} ${(1 - SHOWS) * stitch}` : usual;
  const d = path(points, to);
  // What is done is drawn through, what is current stands out, what comes later is faint: never colour alone.
  const through = line.role === 'stitch' && (state === 'done' || isZigzag(points));
  return (
    <g fill="none" strokeLinejoin="round" opacity={state === 'later' ? 0.6 : 1}>
      {line.role === 'stitch' && <path d={d} stroke="var(--sheet)" strokeWidth={width + 4} strokeOpacity="0.7" />}
      <path
        d={d}
        stroke={COLOUR[state]}
        strokeWidth={state === 'now' ? width + 1.4 : width}
        strokeDasharray={through ? undefined : dash}
      />
    </g>
  );
}
