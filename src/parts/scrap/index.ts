export { useStartScrap } from './useStartScrap';
