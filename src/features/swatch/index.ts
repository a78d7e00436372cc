export { SwatchStation } from './SwatchStation';
