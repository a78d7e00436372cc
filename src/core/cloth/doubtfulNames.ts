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
    { answer: 'Soft open gauze, as for babies', family: 'double-gauze', massGsm: 110, fibre: 'cotton' },
    { answer: 'Plain unbleached cotton, as for test garments', family: 'poplin', massGsm: 130, fibre: 'cotton' },
  ] },
  { names: ['calico'], asks: 'Which calico?', meanings: [
    { answer: 'Plain unbleached cotton, as for test garments', family: 'poplin', massGsm: 140, fibre: 'cotton' },
    { answer: 'Small-print cotton, as for quilts', family: 'poplin', massGsm: 125, fibre: 'cotton' },
  ] },
  { names: ['flannel', 'flannelette', 'brushed cotton'], asks: 'Which flannel?', meanings: [
    { answer: 'Brushed cotton, as for pyjamas', family: 'poplin', massGsm: 170, fibre: 'cotton', traits: ['napped'] },
    { answer: 'Wool flannel, as for trousers', family: 'wool', massGsm: 260, fibre: 'wool' },
  ] },
  { names: ['cotton spandex', 'cotton elastane', 'stretch cotton', 'cotton stretch'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit: T-shirt fabric', family: 'jersey', fibre: 'cotton' },
    { answer: 'A woven that gives a little', family: 'poplin', massGsm: 150, fibre: 'cotton' },
  ] },
  { names: ['pique', 'birdseye', 'jacquard knit'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit, as for polo shirts', family: 'jersey', massGsm: 210 },
    { answer: 'A woven with small ribs', family: 'poplin', massGsm: 170 },
  ] },
  { names: ['stretch satin', 'stretch crepe', 'stretch twill', 'stretch sateen', 'bengaline'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A woven that gives a little', family: 'poplin', massGsm: 180 },
    { answer: 'A knit', family: 'double-knit', massGsm: 240 },
  ] },
  { names: ['crinkle', 'cloque', 'stretch'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit', family: 'jersey' },
    { answer: 'A woven', family: 'other' },
  ] },
  { names: ['duvetyn', 'suiting stretch', 'stretch suiting'], asks: 'Is it wool, or does it only look like it?', meanings: [
    { answer: 'Wool', family: 'wool', massGsm: 280, fibre: 'wool' },
    { answer: 'Polyester and viscose', family: 'canvas', massGsm: 240, fibre: 'polyester' },
  ] },
  { names: ['lame', 'metallic', 'foil'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit with a shiny coat', family: 'swim', massGsm: 200 },
    { answer: 'A thin woven with metal threads', family: 'satin', massGsm: 80 },
  ] },
  { names: ['cashmere', 'alpaca', 'mohair', 'angora'], asks: KNIT_OR_WOVEN, meanings: [
    { answer: 'A knit, as for sweaters', family: 'sweater-knit', fibre: 'wool' },
    { answer: 'A woven, as for coats', family: 'wool', massGsm: 380, fibre: 'wool' },
  ] },
  { names: ['nylon', 'polyester', 'acrylic'], asks: 'What is it used for?', meanings: [
    { answer: 'Shirts, dresses, linings', family: 'other', massGsm: 90 },
    { answer: 'Bags, tents, jackets', family: 'ripstop', massGsm: 90 },
    { answer: 'Swimwear, leggings', family: 'swim' },
    { answer: 'Warm sweaters', family: 'fleece' },
  ] },
];
