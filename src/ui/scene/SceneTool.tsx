import type { ToolAt } from '@/core/procedure';
import { HaloText } from '../Dimension';
import type { Fit } from './fitScene';
import { footPaths, type ShownFoot } from './footShape';
import { type Label, LETTERS } from './labels';

const IRON = 'M0 -30 C15 -16 20 4 20 24 H-20 C-20 4 -15 -16 0 -30 Z';
const SCISSORS = 'M0 -26 L9 8 M0 -26 L-9 8 M9 8 a6 6 0 1 1 -0.1 0.1 M-9 8 a6 6 0 1 0 0.1 0.1';

interface Props {
  tool: ToolAt;
  fit: Fit;
  foot: ShownFoot;
  /** Where the foot's label goes; null for other tools. */
  here: Label | null;
}

/** Needle and foot, iron or scissors where they are used in the current step. */
export function SceneTool({ tool, fit, foot, here }: Props) {
  const [x, y] = fit.to(tool.at);
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
  const { outline, marks } = footPaths(foot);
  return (
    <>
      <g transform={`translate(${x} ${y}) rotate(${turned})`}>
        <path d={outline} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" strokeLinejoin="round" />
        {marks && <path d={marks} fill="none" stroke="var(--ink)" strokeWidth="1.4" />}
        <circle r="3.6" fill="var(--ink)" />
      </g>
      {here && (
        <HaloText on="drawing" x={here.x} y={here.y + 5} anchor={here.anchor} size={LETTERS.text} colour="var(--green)">
          {here.lines[0]}
        </HaloText>
      )}
    </>
  );
}
