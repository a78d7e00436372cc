export { LazySewStation as SewStation } from './LazySewStation';
