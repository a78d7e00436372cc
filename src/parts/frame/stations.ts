import { TAPE_TEXT } from './text';

/** The stations in the order of the work. */
export const STATIONS = [
  { href: '/today', name: TAPE_TEXT.today },
  { href: '/fabric', name: TAPE_TEXT.cloth },
  { href: '/match', name: TAPE_TEXT.match },
  { href: '/test', name: TAPE_TEXT.swatch },
  { href: '/sew', name: TAPE_TEXT.sew },
  { href: '/log', name: TAPE_TEXT.ledger },
  { href: '/projects', name: TAPE_TEXT.jobs },
  { href: '/calculator', name: TAPE_TEXT.calculator, end: true },
  { href: '/workroom', name: TAPE_TEXT.workroom },
] as const;
