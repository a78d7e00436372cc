import type { Family, Structure } from '@/core/cloth';
import { tileFor } from './texture';

/** What a drawing needs to know of a cloth. */
export interface Look {
  structure: Structure;
  family: Family;
  colour: string;
}

/** An SVG pattern of drawn cloth; use it as `fill={`url(#${id})`}`. `stretch` pulls its loops apart along x. */
export function ClothFill({
  id,
  look,
  scale = 1,
  stretch = 0,
}: {
  id: string;
  look: Look;
  scale?: number;
  stretch?: number;
}) {
  const tile = tileFor(look.structure, look.family);
  const x = scale * (1 + stretch);
  const y = scale / (1 + stretch * 0.5);
  return (
    <pattern
      id={id}
      width={tile.width}
      height={tile.height}
      patternUnits="userSpaceOnUse"
      patternTransform={`scale(${x} ${y})`}
    >
      <rect width={tile.width} height={tile.height} fill={look.colour} />
      <path
        d={tile.light}
        fill="none"
        stroke={`color-mix(in srgb, ${look.colour}, white 22%)`}
        strokeWidth={tile.stroke}
      />
      <path
        d={tile.dark}
        fill="none"
        stroke={`color-mix(in srgb, ${look.colour}, black 16%)`}
        strokeWidth={tile.stroke}
      />
    </pattern>
  );
}
