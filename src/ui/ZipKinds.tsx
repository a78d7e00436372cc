import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { ZIP_KINDS_TEXT } from './text';

/** The teeth or coil of a closed zip, from y to y. */
const teeth = (from: number, to: number) =>
  Array.from({ length: Math.floor((to - from) / 5) }, (_, i) => `M28 ${from + i * 5} h12`).join(' ');

/** One side of a zip, as paths in a field of 68 by 150. */
interface Side {
  name: string;
  ink: string;
  /** The slider, and the pull where it hangs on this side. */
  slider: string;
}

interface Kind {
  name: string;
  said: string;
  sides: readonly [Side, Side];
}

const BODY = 'M26 22 H42 L39 40 H29 Z';

const KINDS: readonly Kind[] = [
  {
    name: ZIP_KINDS_TEXT.anOrdinaryZip,
    said: ZIP_KINDS_TEXT.teethOrCoilOn,
    sides: [
      { name: 'front', ink: teeth(42, 132), slider: `${BODY} M31 36 h6 v26 h-6 Z` },
      { name: 'back', ink: teeth(42, 132), slider: BODY },
    ],
  },
  {
    name: ZIP_KINDS_TEXT.aConcealedZip,
    said: ZIP_KINDS_TEXT.noTeethOnThe,
    sides: [
      { name: 'front', ink: 'M34 30 V134', slider: 'M34 20 c6 12 8 22 0 26 c-8 -4 -6 -14 0 -26 Z' },
      { name: 'back', ink: `${teeth(42, 132)} M24 8 V142 M44 8 V142`, slider: BODY },
    ],
  },
];

/** How to tell an ordinary zip from a concealed one: both from the front and from the back. */
export function ZipKinds() {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3 }}>
      {KINDS.map(({ name, said, sides }) => (
        <Box key={name} sx={{ flex: '1 1 200px', maxWidth: 260 }}>
          <Typography sx={{ fontWeight: 650 }}>{name}</Typography>
          <svg viewBox="0 0 200 172" className="draft" role="img" aria-label={`${name}. ${said}`} width="100%">
            {sides.map((side, i) => (
              <g key={side.name} transform={`translate(${8 + 104 * i} 2)`}>
                <path d="M10 2 H58 V146 H10 Z" fill="var(--tape)" fillOpacity="0.5" stroke="var(--ink)" />
                <path d={side.ink} fill="none" stroke="var(--ink)" strokeWidth="2.2" />
                <path d={side.slider} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
                <text x="34" y="166" textAnchor="middle" fontSize="15" fill="var(--ink)">
                  {side.name}
                </text>
              </g>
            ))}
          </svg>
          <Typography sx={{ fontSize: 'var(--type-note)' }}>{said}</Typography>
        </Box>
      ))}
    </Box>
  );
}
