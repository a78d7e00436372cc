export { readBobbetAddress } from './address';
