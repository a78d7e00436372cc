export { PhotoButtons } from './PhotoButtons';
export { useTakePhoto } from './useTakePhoto';
