export { SewStation } from './SewStation';
