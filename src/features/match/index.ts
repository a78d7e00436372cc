export { MatchStation } from './MatchStation';
