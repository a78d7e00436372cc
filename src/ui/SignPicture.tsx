import type { Sign } from '@/core/stitch';

const LINE = 'M4 30 H12 M16 30 H24 M28 30 H36 M40 30 H48 M52 30 H60 M64 30 H72 M76 30 H84';

/** What each sign looks like on the cloth, as strokes: ink for stitches and cloth, red for what is wrong. */
const PICTURES: Partial<Record<Sign | 'none', { ink: string; wrong?: string; ok?: string; band?: string }>> = {
  none: { ink: LINE, ok: 'M36 42 L43 49 L57 36' },
  skipped: { ink: 'M4 30 H12 M16 30 H24 M64 30 H72 M76 30 H84', wrong: 'M28 30 H60' },
  'pucker-line': {
    ink: LINE,
    wrong: 'M14 20 Q18 30 14 40 M30 18 Q35 30 30 42 M46 18 Q51 30 46 42 M62 18 Q67 30 62 42 M76 20 Q80 30 76 40',
  },
  'pucker-away': {
    ink: LINE,
    wrong: 'M14 30 L6 8 M32 30 L26 6 M50 30 L44 8 M68 30 L62 6 M22 30 L30 54 M40 30 L47 56 M58 30 L66 54',
  },
  wavy: {
    ink: 'M4 30 Q12 14 20 30 T36 30 T52 30 T68 30 T84 30',
    band: 'M4 38 Q12 22 20 38 T36 38 T52 38 T68 38 T84 38',
  },
  'uneven-layers': { ink: `M4 30 H70 M4 16 H84 V22 H4`, wrong: 'M70 40 V48 M70 44 H84 M84 40 V48' },
  popped: {
    ink: 'M4 30 H12 M16 30 H24 M28 30 H34 M58 30 H64 M68 30 H76 M80 30 H86',
    wrong: 'M35 30 L39 20 M57 30 L53 41',
  },
  grinning: { ink: 'M4 18 H84 M4 42 H84', wrong: 'M14 18 V42 M30 18 V42 M46 18 V42 M62 18 V42 M78 18 V42' },
  tunnel: {
    ink: 'M4 18 H12 M16 18 H24 M28 18 H36 M40 18 H48 M52 18 H60 M64 18 H72 M76 18 H84 M4 42 H12 M16 42 H24 M28 42 H36 M40 42 H48 M52 42 H60 M64 42 H72 M76 42 H84',
    band: 'M4 30 H84',
  },
  chewed: {
    ink: 'M36 30 H44 M48 30 H56 M60 30 H68 M72 30 H80',
    wrong: 'M4 12 L22 26 L8 30 L22 34 L4 48 M22 26 L30 30 L22 34',
  },
  nest: {
    ink: 'M4 20 H84',
    wrong: 'M30 30 Q20 44 34 46 Q50 50 46 36 Q42 28 34 38 Q30 50 50 50 Q62 44 52 32 Q44 28 40 40',
  },
  'loops-below': {
    ink: 'M4 24 H84',
    wrong: 'M12 24 Q8 40 16 40 Q24 40 20 24 M34 24 Q30 40 38 40 Q46 40 42 24 M56 24 Q52 40 60 40 Q68 40 64 24',
  },
  'loops-above': {
    ink: 'M4 38 H84',
    wrong: 'M12 38 Q8 22 16 22 Q24 22 20 38 M34 38 Q30 22 38 22 Q46 22 42 38 M56 38 Q52 22 60 22 Q68 22 64 38',
  },
  holes: {
    ink: LINE,
    wrong:
      'M14 30 m-4 0 a4 4 0 1 0 8 0 a4 4 0 1 0 -8 0 M38 30 m-5 0 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0 M62 30 m-4 0 a4 4 0 1 0 8 0 a4 4 0 1 0 -8 0',
  },
  perforated: {
    ink: 'M4 14 H84',
    wrong:
      'M4 34 L8 30 L12 34 L16 30 L20 34 L24 30 L28 34 L32 30 L36 34 L40 30 M46 44 L50 40 L54 44 L58 40 L62 44 L66 40 L70 44 L74 40 L78 44',
  },
  'uneven-length': {
    ink: 'M4 30 H8 M12 30 H26 M30 30 H33 M37 30 H40 M44 30 H62',
    wrong: 'M66 30 H68 M71 30 H73 M76 30 H84',
  },
  shreds: {
    ink: 'M4 30 H30',
    wrong: 'M30 30 Q40 26 48 20 M30 30 Q42 30 52 30 M30 30 Q40 36 48 42 M44 25 L52 27',
  },
  marks: {
    ink: LINE,
    wrong:
      'M6 18 H14 M22 18 H30 M38 18 H46 M54 18 H62 M70 18 H78 M6 44 H14 M22 44 H30 M38 44 H46 M54 44 H62 M70 44 H78',
  },
};

/** The signs that have a picture so far, in the order a person would look. */
export const DRAWN_SIGNS = Object.keys(PICTURES).filter((sign) => sign !== 'none') as Sign[];

/** A fault as it looks on the cloth; `none` for a line with nothing wrong. */
export function SignPicture({ sign }: { sign: Sign | 'none' }) {
  const picture = PICTURES[sign] ?? { ink: LINE };
  return (
    <svg
      viewBox="0 0 88 60"
      width="88"
      height="60"
      aria-hidden
      style={{ display: 'block', width: '100%', height: 'auto', background: 'var(--paper)' }}
    >
      <rect x="0.5" y="0.5" width="87" height="59" fill="none" stroke="var(--rule)" />
      <g fill="none" strokeWidth="2.4" strokeLinecap="round">
        {picture.band && <path d={picture.band} stroke="var(--ink-2)" strokeWidth="9" strokeOpacity="0.4" />}
        <path d={picture.ink} stroke="var(--ink)" />
        {picture.wrong && <path d={picture.wrong} stroke="var(--red)" />}
        {picture.ok && <path d={picture.ok} stroke="var(--green)" strokeWidth="4" />}
      </g>
    </svg>
  );
}
