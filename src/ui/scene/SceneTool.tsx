import type { Foot } from '@/core/kit';
import type { ToolAt } from '@/core/procedure';
import { HaloText } from '../Dimension';
import type { Fit } from './fitScene';

/** The foot on the machine, as far as it shows in a drawing. */
export interface ShownFoot {
  foot: Foot;
  footSide?: 'left' | 'right';
}

/** Feet from above, sewing downwards, the needle at 0,0. */
const TWO_TOES = 'M-15 -20 H15 V18 H5 V-4 H-5 V18 H-15 Z';
const CLOSED = 'M-15 -20 H15 V18 H-15 Z';
const ONE_BAR = { left: 'M-17 -20 H-3 V18 H-17 Z', right: 'M3 -20 H17 V18 H3 Z' };
const CLOSED_FEET: readonly Foot[] = ['concealed-zip', 'straight', 'quarter-inch', 'rolled-hem', 'binding'];

function footShape({ foot, footSide = 'left' }: ShownFoot): string {
  if (foot === 'zip') return ONE_BAR[footSide];
  return CLOSED_FEET.includes(foot) ? CLOSED : TWO_TOES;
}

/** What "you are here" takes beside the foot. */
const LABEL_ROOM = 130;

const IRON = 'M0 -30 C15 -16 20 4 20 24 H-20 C-20 4 -15 -16 0 -30 Z';
const SCISSORS = 'M0 -26 L9 8 M0 -26 L-9 8 M9 8 a6 6 0 1 1 -0.1 0.1 M-9 8 a6 6 0 1 0 0.1 0.1';

/** Needle and foot, iron or scissors where they are used in the step in hand. */
export function SceneTool({ tool, fit, foot }: { tool: ToolAt; fit: Fit; foot: ShownFoot }) {
  const [x, y] = fit.to(tool.at);
  // Lengths are written on the right of a narrow drawing: the hand is told of on its other side.
  const left = x < fit.middle + 24 && x > LABEL_ROOM;
  const turned = (tool.headingRad * 180) / Math.PI - 90;
  if (tool.tool === 'needle')
    return (
      <g transform={`translate(${x} ${y - 4})`}>
        <path d="M-3 -46 H3 V-14 L0 0 L-3 -14 Z" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.6" />
      </g>
    );
  if (tool.tool === 'iron')
    return (
      <g transform={`translate(${x} ${y})`} opacity="0.92">
        <path d={IRON} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
        <path d="M-7 16 V-4 M7 16 V-4 M-7 -4 A7 7 0 0 1 7 -4" fill="none" stroke="var(--ink)" strokeWidth="2" />
      </g>
    );
  if (tool.tool === 'blade')
    return (
      <g transform={`translate(${x} ${y}) rotate(${turned + 180}) translate(0 26)`}>
        <path d={SCISSORS} fill="none" stroke="var(--sheet)" strokeWidth="6" strokeLinejoin="round" />
        <path d={SCISSORS} fill="none" stroke="var(--ink)" strokeWidth="2.2" strokeLinejoin="round" />
      </g>
    );
  return (
    <>
      <g transform={`translate(${x} ${y}) rotate(${turned})`}>
        <path d={footShape(foot)} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" strokeLinejoin="round" />
        <circle r="3.6" fill="var(--ink)" />
      </g>
      <HaloText
        on="drawing"
        x={left ? x - 26 : x + 26}
        y={y - 14}
        anchor={left ? 'end' : 'start'}
        size={15}
        colour="var(--green)"
      >
        you are here
      </HaloText>
    </>
  );
}
