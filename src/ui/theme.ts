'use client';

import { createTheme } from '@mui/material/styles';
import { DARK, LIGHT, TYPE } from './tokens';
import type {} from '@mui/x-date-pickers/themeAugmentation';

const scheme = (c: typeof LIGHT) => ({
  palette: {
    primary: { main: c.red, contrastText: c['on-red'] },
    secondary: { main: c.green, contrastText: c['on-red'] },
    error: { main: c.red, contrastText: c['on-red'] },
    success: { main: c.green, contrastText: c['on-red'] },
    text: { primary: c.ink, secondary: c['ink-2'] },
    background: { default: c.paper, paper: c.sheet },
    divider: c.rule,
  },
});

const DISPLAY = 'var(--display)';

const HEADING = { fontFamily: DISPLAY, fontWeight: 650, letterSpacing: '-0.012em', lineHeight: 1.2 };

/** What holds in a list, and what the arrow keys stand on. */
const CHOSEN = { backgroundColor: 'var(--green-pale) !important', fontWeight: 650 };
const FOCUSED = { outline: '3px solid var(--green)', outlineOffset: -3, backgroundColor: 'transparent' };

/** Bobbet's own hand on MUI: ruled paper, flat plates, no shadows, no capitals, no ripples. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data' },
  colorSchemes: {
    light: scheme(LIGHT),
    dark: scheme(DARK),
  },
  shape: { borderRadius: 4 },
  shadows: Array(25).fill('none') as never,
  typography: {
    fontFamily: 'var(--text)',
    fontSize: TYPE.text,
    // Headings look alike whether a page writes them plainly or as a part of MUI's.
    h1: { ...HEADING, fontSize: TYPE.title },
    h2: { ...HEADING, fontSize: TYPE.heading },
    h3: { ...HEADING, fontSize: TYPE.press },
    button: { fontFamily: DISPLAY, fontWeight: 650, textTransform: 'none', fontSize: TYPE.press, letterSpacing: 0 },
  },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: {
          minHeight: 44,
          paddingInline: 18,
          // What can be pressed says so at once: half-faded ink is read as neither.
          transition: 'none',
          '&.Mui-focusVisible': { outline: '3px solid var(--green)', outlineOffset: 2 },
        },
        outlined: {
          border: '2px solid currentColor',
          color: 'var(--ink)',
          '&:hover': { border: '2px solid currentColor' },
        },
        text: {
          color: 'var(--ink)',
          textDecoration: 'underline',
          textUnderlineOffset: 4,
          textDecorationColor: 'var(--green)',
        },
      },
    },
    // A line that opens, on the page itself: no plate round it.
    MuiAccordion: {
      defaultProps: { elevation: 0, square: true },
      styleOverrides: { root: { background: 'none', '&::before': { display: 'none' } } },
    },
    MuiAccordionSummary: {
      styleOverrides: {
        root: {
          minHeight: 44,
          paddingInline: 0,
          flexDirection: 'row-reverse',
          justifyContent: 'flex-end',
          gap: 4,
          fontFamily: DISPLAY,
          fontWeight: 650,
          '&.Mui-focusVisible': { background: 'none', outline: '3px solid var(--green)', outlineOffset: 2 },
        },
        content: { marginBlock: 8 },
        expandIconWrapper: { color: 'var(--ink)' },
      },
    },
    MuiAccordionDetails: { styleOverrides: { root: { padding: '0 0 8px' } } },
    // Plain words on the line of the page; the open one carries a line of ink.
    MuiTabs: {
      styleOverrides: {
        root: { minHeight: 44, borderBottom: '2px solid var(--ink)' },
        indicator: { height: 5, backgroundColor: 'var(--red)', transition: 'none' },
      },
    },
    MuiTab: {
      styleOverrides: {
        root: {
          minHeight: 44,
          minWidth: 0,
          maxWidth: 'none',
          padding: '6px 0',
          marginRight: 28,
          textTransform: 'none',
          textAlign: 'left',
          fontFamily: DISPLAY,
          fontSize: TYPE.row,
          fontWeight: 600,
          letterSpacing: 0,
          color: 'var(--ink-2)',
          '@media (max-width: 640px)': { marginRight: 14, fontSize: TYPE.press },
          '&:hover, &.Mui-selected': { color: 'var(--ink)' },
          '& small': {
            marginLeft: 7,
            color: 'var(--ink-2)',
            fontFamily: 'var(--text)',
            fontSize: TYPE.small,
            fontWeight: 450,
          },
          '&.Mui-focusVisible': { outlineOffset: -3 },
        },
      },
    },
    MuiToggleButtonGroup: { styleOverrides: { root: { flexWrap: 'wrap' } } },
    // Chosen is ink on paper turned round, not a shade.
    MuiToggleButton: {
      styleOverrides: {
        root: {
          minHeight: 44,
          paddingBlock: 4,
          textTransform: 'none',
          fontSize: TYPE.text,
          fontWeight: 450,
          letterSpacing: 0,
          lineHeight: 1.3,
          color: 'var(--ink)',
          borderColor: 'var(--ink-2)',
          '&.Mui-selected, &.Mui-selected:hover': {
            background: 'var(--ink)',
            color: 'var(--paper)',
            fontWeight: 650,
          },
        },
      },
    },
    MuiAlert: {
      styleOverrides: {
        root: { background: 'var(--sheet)', color: 'var(--ink)', border: '2px solid var(--red)' },
        icon: { color: 'var(--red)' },
      },
    },
    MuiAlertTitle: { styleOverrides: { root: { ...HEADING, fontSize: TYPE.press } } },
    // Ruled lines, figures to the right, no plate.
    MuiTableCell: {
      styleOverrides: {
        root: {
          paddingBlock: 9,
          paddingInline: 10,
          '&:first-of-type': { paddingLeft: 0 },
          '&:last-of-type': { paddingRight: 0 },
          borderColor: 'var(--rule)',
          fontSize: 'inherit',
          lineHeight: 'inherit',
        },
        head: { color: 'var(--ink-2)', fontSize: TYPE.note, fontWeight: 450 },
      },
    },
    MuiTextField: { defaultProps: { size: 'small' } },
    MuiCheckbox: { defaultProps: { color: 'secondary' } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiPopover: { styleOverrides: { paper: { border: '2px solid var(--ink)', background: 'var(--sheet)' } } },
    MuiDialog: { styleOverrides: { paper: { border: '2px solid var(--ink)', background: 'var(--sheet)' } } },
    // What scrolls is reached by the keyboard too.
    MuiDialogContent: { defaultProps: { tabIndex: 0 } },
    MuiTableSortLabel: {
      styleOverrides: { root: { minHeight: 36, '@media (max-width: 700px)': { minHeight: 44 } } },
    },
    MuiDialogTitle: { styleOverrides: { root: { ...HEADING, fontSize: TYPE.heading } } },
    MuiMenuItem: {
      styleOverrides: {
        root: { minHeight: 44, whiteSpace: 'normal', '&.Mui-selected, &.Mui-selected:hover': CHOSEN },
      },
    },
    MuiAutocomplete: {
      styleOverrides: {
        paper: { border: '2px solid var(--ink)', background: 'var(--sheet)' },
        popupIndicator: { width: 44, height: 44, marginRight: -8 },
        option: { minHeight: '44px !important', '&[aria-selected="true"]': CHOSEN, '&.Mui-focused': FOCUSED },
      },
    },
    MuiOutlinedInput: {
      styleOverrides: {
        root: {
          background: 'var(--sheet)',
          minHeight: 44,
          '&.Mui-focused .MuiOutlinedInput-notchedOutline': { borderColor: 'var(--green)', borderWidth: 3 },
        },
        notchedOutline: { borderColor: 'var(--ink-2)' },
        input: { paddingBlock: 10, '&:focus-visible': { outline: 'none' } },
      },
    },
    // Its own part in MUI, the same field to the eye.
    MuiPickersOutlinedInput: {
      styleOverrides: {
        root: {
          background: 'var(--sheet)',
          minHeight: 44,
          '&.Mui-focused .MuiPickersOutlinedInput-notchedOutline': {
            borderColor: 'var(--green) !important',
            borderWidth: '3px !important',
          },
        },
        notchedOutline: { borderColor: 'var(--ink-2)' },
      },
    },
    MuiInputLabel: { styleOverrides: { root: { '&.Mui-focused:not(.Mui-error)': { color: 'var(--ink)' } } } },
    MuiSlider: {
      styleOverrides: {
        root: { color: 'var(--ink)', height: 6, paddingBlock: 19 },
        thumb: {
          width: 26,
          height: 26,
          background: 'var(--sheet)',
          border: '3px solid var(--ink)',
          boxShadow: 'none',
        },
        rail: { background: 'var(--rule)', opacity: 1 },
      },
    },
  },
});
