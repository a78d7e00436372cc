import { countOf } from '@/core/units';

/** What is printed, as it will lie on paper. */
export const PAPER_TEXT = {
  paper: 'Paper',
  print: 'Print',
  save: 'Save as PDF',
  close: 'Close',
  laying: 'Laying out the pages.',
  pages: (pages: number) => countOf(pages, 'page'),
  page: (page: number, of: number) => `Page ${page} of ${of}`,
  trueScale: 'Print at 100%, not “fit to page”, then measure the bar.',
  making: 'Making the file',
  stopped: 'Stopped. No file was made.',
  failed: (message: string) => `The file could not be made: ${message}. Print instead, or try again.`,
  lost: (letters: string) =>
    `The file’s typeface has no letter for these, so they show as “?”: ${letters}. Printing keeps them.`,
} as const;
