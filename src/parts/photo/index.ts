export { PhotoButtons } from './PhotoButtons';
