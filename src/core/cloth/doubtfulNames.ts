import type { NamedCloth } from './names';

/** One meaning of a name, in the words of an answer. */
export interface Meaning extends NamedCloth {
  answer: string;
}

/** A name that is used for different cloths, and the one question that settles it. */
export interface DoubtfulName {
  names: readonly string[];
  asks: string;
  meanings: readonly [Meaning, Meaning, ...Meaning[]];
}

const KNIT_OR_WOVEN = 'Is it a knit or a woven?';

/** Names that mean two things: nobody guesses which (common practice in the UK and the US). */
// prettier-ignore
export const DOUBTFUL_NAMES: readonly DoubtfulName[] = [
  { names: ['muslin'], asks: 'Which muslin?', meanings: [
    { answer: 'Soft open gauze, as for baby wraps', family: 'double-gauze', massGsm: 110, fibres: { cotton: 100 } },
    { answer: 'Plain unbleached cotton, as for test garments', family: 'poplin', massGsm: 130, fibres: { cotton: 100 } },
  ] },
  { names: ['calico'], asks: 'Which calico?', meanings: [
    { answer: 'Plain unbleached cotton, as for test garments', family: 'poplin', massGsm: 140, fibres: { cotton: 100 } },
    { answer: 'Small-print cotton, as for quilts', family: 'poplin', massGsm: 125, fibres: { cotton: 100 } },
  ] },
  { names: ['flannel', 'flannelette', 'brushed cotton'], asks: 'Which flannel?', meanings: [
    { answer: 'Brushed cotton, as for pyjamas', family: 'poplin', massGsm: 170, fibres: { cotton: 100 }, traits: ['napped'] },
    { answer: 'Wool flannel, as for trousers', family: 'wool', massGsm: 260, fibres: { wool: 100 } },
  ] },
  { names: ['cotton spandex', 'cotton elastane', 'stretch cotton', 'cotton stretch'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit: T-shirt fabric', family: 'jersey', fibres: { cotton: 95, elastane: 5 } },
    { answer: 'A woven with a little stretch', family: 'poplin', massGsm: 150, fibres: { cotton: 97, elastane: 3 } },
  ] },
  { names: ['pique', 'birdseye', 'jacquard knit'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit, as for polo shirts', family: 'jersey', massGsm: 210 },
    { answer: 'A woven with small ribs', family: 'poplin', massGsm: 170 },
  ] },
  { names: ['stretch satin', 'stretch crepe', 'stretch twill', 'stretch sateen', 'bengaline'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A woven with a little stretch', family: 'poplin', massGsm: 180, fibres: { elastane: 3 } },
    { answer: 'A knit', family: 'double-knit', massGsm: 240 },
  ] },
  { names: ['crinkle', 'cloque', 'stretch'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit', family: 'jersey' },
    { answer: 'A woven', family: 'other' },
  ] },
  { names: ['duvetyn', 'suiting stretch', 'stretch suiting'], asks: 'Is it wool or a wool look?', meanings: [
    { answer: 'Wool', family: 'wool', massGsm: 280, fibres: { wool: 100 } },
    { answer: 'Polyester and viscose', family: 'canvas', massGsm: 240, fibres: { polyester: 100 } },
  ] },
  { names: ['lame', 'metallic', 'foil'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit with a shiny coat', family: 'swim', massGsm: 200 },
    { answer: 'A thin woven with metal threads', family: 'satin', massGsm: 80 },
  ] },
  { names: ['cashmere', 'alpaca', 'mohair', 'angora'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit, as for sweaters', family: 'sweater-knit', fibres: { wool: 100 } },
    { answer: 'A woven, as for coats', family: 'wool', massGsm: 380, fibres: { wool: 100 } },
  ] },
  { names: ['nylon', 'polyester', 'acrylic'], asks: 'What is it used for?', meanings: [
    { answer: 'Shirts, dresses, linings', family: 'other', massGsm: 90 },
    { answer: 'Bags, tents, jackets', family: 'ripstop', massGsm: 90 },
    { answer: 'Swimwear, leggings', family: 'swim' },
    { answer: 'Sweaters', family: 'sweater-knit' },
  ] },
];
