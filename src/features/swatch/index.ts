export { SignsPage } from './SignsPage';
export { SwatchStation } from './SwatchStation';
