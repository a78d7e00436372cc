export { Printing } from './Printing';
