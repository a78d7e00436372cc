export { MatchStation } from './MatchStation';
export { Shop } from './Shop';
