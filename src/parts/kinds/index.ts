export { KindChoice } from './KindChoice';
