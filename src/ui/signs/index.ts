export { SignPicture } from './SignPicture';
