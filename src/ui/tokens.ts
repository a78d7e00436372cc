/** Colours by daylight: ruled paper, ink, a measuring tape, the machine bar. */
const DAYLIGHT = {
  paper: '#f4eee3',
  sheet: '#fffcf6',
  ink: '#231f2c',
  'ink-2': '#5d5666',
  rule: '#dad0be',
  red: '#b4233c',
  'red-pale': '#f8e3e1',
  green: '#17706a',
  'green-pale': '#ddeeea',
  tape: '#efd98f',
  'tape-edge': '#c9ae52',
  'tape-print': '#4a3f14',
  caution: '#f6dfa4',
  'caution-2': '#f2d68d',
  'caution-ink': '#231f2c',
  strip: '#231f2c',
  'strip-ink': '#f7f1e4',
  'strip-ink-2': '#b9afc2',
  'strip-red': '#ff9a88',
  'strip-rule': '#4b4556',
  'strip-lit': '#38313f',
  'on-red': '#fffcf6',
  'cloth-right': '#e4dac6',
  'cloth-wrong': '#f3ecdc',
  'cloth-hatch': '#c9bda4',
} as const;

/** The same in the evening; what is not named stays. */
const EVENING = {
  paper: '#17151c',
  sheet: '#211e28',
  ink: '#f3ecdf',
  'ink-2': '#b9afc2',
  rule: '#3b3644',
  red: '#ff9a88',
  'red-pale': '#43262a',
  green: '#6cc7bd',
  'green-pale': '#1c3835',
  tape: '#3a3220',
  'tape-edge': '#6b5b2c',
  'tape-print': '#efd98f',
  caution: '#4a3d1d',
  'caution-2': '#423618',
  'caution-ink': '#f8ecd0',
  strip: '#0d0c11',
  'on-red': '#231f2c',
  'cloth-right': '#3a3442',
  'cloth-wrong': '#2b2733',
  'cloth-hatch': '#564d60',
} as const;

/** Type sizes, px: from what stands under a figure to the figure that is read at arm's length. */
export const TYPE = {
  tiny: 12.5,
  small: 13,
  note: 14,
  text: 15,
  press: 16,
  row: 17,
  lead: 18,
  heading: 20,
  figure: 22,
  title: 25,
  large: 29,
  larger: 34,
  dial: 43,
} as const;

/** Steps between things and round them, px: each is named by its half, so that `--space-6` is 12 px. A hairline of 1 px is none. */
export const SPACES = [2, 4, 6, 8, 10, 12, 14, 16, 18, 20, 22, 24, 28, 32, 36, 40] as const;

export const FONT = {
  display: "'Bricolage Grotesque Variable', 'Trebuchet MS', sans-serif",
  text: "'Atkinson Hyperlegible Next Variable', Verdana, sans-serif",
} as const;

export const LIGHT: Readonly<Record<keyof typeof DAYLIGHT, string>> = DAYLIGHT;
export const DARK: Readonly<Record<keyof typeof DAYLIGHT, string>> = { ...DAYLIGHT, ...EVENING };

const named = (prefix: string, values: Readonly<Record<string, string | number>>, unit = '') =>
  Object.fromEntries(Object.entries(values).map(([name, value]) => [`--${prefix}${name}`, `${value}${unit}`]));

const SPACE = Object.fromEntries(SPACES.map((px) => [px / 2, px]));

/** All of them as the style sheets and the drawings name them. */
export const TOKEN_STYLES = {
  ':root': {
    ...named('', LIGHT),
    ...named('', FONT),
    ...named('type-', TYPE, 'px'),
    ...named('space-', SPACE, 'px'),
    colorScheme: 'light',
  },
  '[data-dark]': { ...named('', DARK), colorScheme: 'dark' },
};
